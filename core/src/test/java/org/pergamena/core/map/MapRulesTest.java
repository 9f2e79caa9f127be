package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class MapRulesTest {
  private static final Source SOURCE =
      new Source(Maps.id("s"), "Survey", SourceText.plain("The wall was opened in autumn."));

  @Test
  void removing_a_topic_keeps_its_branch_and_evidence_for_undo() {
    TopicMap map =
        Maps.filled(
            Maps.marsh(), "age", List.of(Maps.evidence("e", SOURCE, "wall was opened")), List.of());
    Applied removed = map.apply(new TreeChange.RemoveBranch(Maps.id("wall")));
    assertThat(removed.map().size()).isEqualTo(3);
    assertThat(removed.map().apply(removed.inverse()).map()).isEqualTo(map);
  }

  @Test
  void a_topic_rests_on_so_many_passages_and_no_more() {
    Evidence one = Maps.evidence("e", SOURCE, "wall was opened");
    List<Evidence> many =
        IntStream.range(0, Content.MOST_PASSAGES)
            .mapToObj(i -> one.copied(source -> source, UUID::randomUUID))
            .toList();
    TopicMap full = Maps.filled(Maps.marsh(), "age", many, List.of());
    Evidence more = Maps.evidence("m", SOURCE, "in autumn");
    refused(full, new EvidenceChange.Link(Maps.id("age"), Place.LAST, more), "at most 1000");
    Change fewer = new EvidenceChange.Unlink(Maps.id("age"), many.get(0).id());
    assertThat(full.apply(fewer).map().topic(Maps.id("age")).evidence()).hasSize(999);
  }

  @Test
  void the_root_is_neither_removed_nor_moved() {
    TopicMap map = Maps.marsh();
    refused(map, new TreeChange.RemoveBranch(Maps.id("root")), "stays");
    refused(map, new TreeChange.Move(Maps.id("root"), Maps.id("wall"), Place.FIRST), "stays");
  }

  @Test
  void a_topic_does_not_move_under_itself() {
    refused(
        Maps.marsh(),
        new TreeChange.Move(Maps.id("wall"), Maps.id("age"), Place.FIRST),
        "under itself");
  }

  @Test
  void a_move_goes_behind_a_sibling_or_stays_where_it_is() {
    TopicMap map = Maps.with(Maps.marsh(), "root", "birds");
    assertThat(moved(map, new Place.After(Maps.id("creeks"))))
        .containsExactly(Maps.id("creeks"), Maps.id("wall"), Maps.id("birds"));
    assertThat(moved(map, new Place.After(Maps.id("wall"))))
        .as("behind itself is where it is")
        .isEqualTo(map.root().children());
    assertThat(moved(map, new Place.After(Maps.id("gone"))))
        .as("behind one that is gone is at the end")
        .endsWith(Maps.id("wall"));
  }

  private static List<UUID> moved(TopicMap map, Place place) {
    Change move = new TreeChange.Move(Maps.id("wall"), Maps.id("root"), place);
    return map.apply(move).map().root().children();
  }

  @Test
  void adds_and_moves_of_two_people_to_different_places_both_hold() {
    TopicMap map = Maps.with(Maps.with(Maps.marsh(), "root", "birds"), "root", "boats");
    Change add =
        new TreeChange.AddBranch(
            Maps.id("root"), new Place.After(Maps.id("wall")), Branch.of(Maps.topic("gate")));
    Change move =
        new TreeChange.Move(Maps.id("boats"), Maps.id("root"), new Place.After(Maps.id("creeks")));
    TopicMap one = map.apply(add).map().apply(move).map();
    TopicMap other = map.apply(move).map().apply(add).map();
    assertThat(one).isEqualTo(other);
    assertThat(one.root().children())
        .extracting(id -> one.topic(id).label())
        .containsExactly("wall", "gate", "creeks", "boats", "birds");
  }

  @Test
  void what_a_change_touched_is_told_and_no_more() {
    TopicMap map = Maps.marsh();
    Touched added =
        map.apply(
                new TreeChange.AddBranch(
                    Maps.id("wall"), Place.FIRST, Branch.of(Maps.topic("gate"))))
            .touched();
    assertThat(added.subjects()).containsExactly(Maps.id("gate"));
    Touched moved =
        map.apply(new TreeChange.Move(Maps.id("age"), Maps.id("creeks"), Place.LAST)).touched();
    assertThat(moved.placed()).containsExactly(Maps.id("age"));
    assertThat(moved.topics()).isEmpty();
    Touched gone = map.apply(new TreeChange.RemoveBranch(Maps.id("wall"))).touched();
    assertThat(gone.topics())
        .containsExactlyInAnyOrder(Maps.id("wall"), Maps.id("age"), Maps.id("squeeze"));
  }

  @Test
  void a_label_is_one_line_and_not_blank() {
    TopicMap map = Maps.marsh();
    refused(map, new ContentChange.Relabel(Maps.id("wall"), "  "), "one line");
    refused(map, new ContentChange.Relabel(Maps.id("wall"), "two\nlines"), "one line");
    refused(map, new ContentChange.Relabel(Maps.id("wall"), "x".repeat(301)), "300");
  }

  @Test
  void the_same_words_are_linked_to_a_topic_once() {
    Evidence evidence = Maps.evidence("e", SOURCE, "autumn");
    Evidence again = Maps.evidence("other", SOURCE, "autumn");
    TopicMap map =
        Maps.marsh().apply(new EvidenceChange.Link(Maps.id("age"), Place.FIRST, evidence)).map();
    refused(map, new EvidenceChange.Link(Maps.id("age"), Place.LAST, again), "already");
    assertThat(
            map.apply(new EvidenceChange.Link(Maps.id("fish"), Place.FIRST, again))
                .map()
                .topic(Maps.id("fish")))
        .extracting(topic -> topic.evidence().size())
        .isEqualTo(1);
  }

  @Test
  void several_changes_hold_together_or_not_at_all() {
    TopicMap map = Maps.marsh();
    refused(
        map,
        new Together(
            List.of(
                new ContentChange.Relabel(Maps.id("wall"), "Old wall"),
                new TreeChange.RemoveBranch(Maps.id("root")))),
        "stays");
    assertThat(map.topic(Maps.id("wall")).label()).isEqualTo("wall");
  }

  @Test
  void a_map_is_one_tree() {
    Topic stray = Maps.topic("stray").withParent(Maps.id("nowhere"));
    assertThatThrownBy(() -> TopicMap.of(List.of(Maps.topic("root"), stray)))
        .isInstanceOf(MapRuleException.class);
    assertThatThrownBy(() -> TopicMap.of(List.of(Maps.topic("one"), Maps.topic("two"))))
        .hasMessageContaining("one root");
  }

  @Test
  void a_map_has_a_depth_that_it_keeps() {
    TopicMap map = Maps.root("0");
    for (int level = 1; level <= TopicMap.DEEPEST_LEVEL; level++) {
      map = Maps.with(map, "" + (level - 1), "" + level);
    }
    TopicMap deep = map;
    assertThatThrownBy(() -> Maps.with(deep, "60", "61")).hasMessageContaining("60 levels");
  }

  @Test
  void numbers_follow_the_places() {
    var numbers = Numbering.of(Maps.marsh());
    assertThat(numbers.get(Maps.id("root"))).isEmpty();
    assertThat(numbers.get(Maps.id("squeeze"))).isEqualTo("1.2");
    assertThat(numbers.get(Maps.id("fish"))).isEqualTo("2.1");
  }

  @Test
  void a_topic_set_aside_takes_all_below_it_along_and_comes_back() {
    TopicMap map = Maps.marsh();
    Applied aside = map.apply(new ContentChange.SetAside(map.root().children().get(0), true));
    var branches = Numbering.branches(aside.map());
    assertThat(branches.get(Maps.id("root"))).isEqualTo(Numbering.ROOT);
    assertThat(branches.get(Maps.id("squeeze"))).isEqualTo(Numbering.ASIDE);
    assertThat(branches.get(Maps.id("fish"))).isEqualTo(1);
    assertThat(aside.map().apply(aside.inverse()).map()).isEqualTo(map);
  }

  private static void refused(TopicMap map, Change change, String why) {
    assertThatThrownBy(() -> map.apply(change))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining(why);
  }
}
