package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
    Applied removed = map.apply(new Change.RemoveBranch(Maps.id("wall")));
    assertThat(removed.map().size()).isEqualTo(3);
    assertThat(removed.map().apply(removed.inverse()).map()).isEqualTo(map);
  }

  @Test
  void the_root_is_neither_removed_nor_moved() {
    TopicMap map = Maps.marsh();
    refused(map, new Change.RemoveBranch(Maps.id("root")), "stays");
    refused(map, new Change.Move(Maps.id("root"), Maps.id("wall"), 0), "stays");
  }

  @Test
  void a_topic_does_not_move_under_itself() {
    refused(Maps.marsh(), new Change.Move(Maps.id("wall"), Maps.id("age"), 0), "under itself");
  }

  @Test
  void a_move_counts_places_without_the_topic_itself() {
    TopicMap map = Maps.with(Maps.marsh(), "root", "birds");
    TopicMap moved = map.apply(new Change.Move(Maps.id("wall"), Maps.id("root"), 1)).map();
    assertThat(moved.root().children())
        .containsExactly(Maps.id("creeks"), Maps.id("wall"), Maps.id("birds"));
    refused(map, new Change.Move(Maps.id("wall"), Maps.id("root"), 3), "place number 4");
  }

  @Test
  void a_label_is_one_line_and_not_blank() {
    TopicMap map = Maps.marsh();
    refused(map, new Change.Relabel(Maps.id("wall"), "  "), "one line");
    refused(map, new Change.Relabel(Maps.id("wall"), "two\nlines"), "one line");
    refused(map, new Change.Relabel(Maps.id("wall"), "x".repeat(301)), "300");
  }

  @Test
  void the_same_words_are_linked_to_a_topic_once() {
    Evidence evidence = Maps.evidence("e", SOURCE, "autumn");
    Evidence again = Maps.evidence("other", SOURCE, "autumn");
    TopicMap map = Maps.marsh().apply(new Change.Link(Maps.id("age"), 0, evidence)).map();
    refused(map, new Change.Link(Maps.id("age"), 1, again), "already");
    assertThat(map.apply(new Change.Link(Maps.id("fish"), 0, again)).map().topic(Maps.id("fish")))
        .extracting(topic -> topic.evidence().size())
        .isEqualTo(1);
  }

  @Test
  void several_changes_hold_together_or_not_at_all() {
    TopicMap map = Maps.marsh();
    refused(
        map,
        new Change.Together(
            List.of(
                new Change.Relabel(Maps.id("wall"), "Old wall"),
                new Change.RemoveBranch(Maps.id("root")))),
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
    Applied aside = map.apply(new Change.SetAside(map.root().children().get(0), true));
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
