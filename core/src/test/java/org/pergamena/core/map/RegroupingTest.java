package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Regrouping.Order;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

class RegroupingTest {
  private static final UUID SOURCE = Maps.id("source");
  private static final UUID ROOT = Maps.id("root");
  private static final UUID WALL = Maps.id("wall");
  private static final UUID BANK = Maps.id("bank");
  private static final UUID BIRDS = Maps.id("birds");
  private static final UUID STONE = Maps.id("stone");

  private static Evidence passage(String name, int start) {
    Passage passage = new Passage(SOURCE, start, start + 5, "words", "before ", " after");
    return new Evidence(Maps.id(name), passage, Stance.SUPPORTS, Origin.DISTILLED, 0.5);
  }

  private static Topic topic(UUID id, UUID parent, String label, List<UUID> below, int... starts) {
    List<Evidence> evidence =
        Arrays.stream(starts).mapToObj(at -> passage(label + at, at)).toList();
    List<Extent> extent =
        evidence.stream()
            .map(e -> new Extent(SOURCE, new Span(e.passage().start(), e.passage().end())))
            .toList();
    Content content = Content.labelled(label).withGrounds("", evidence, extent);
    return new Topic(id, parent, below, content.withNote("On " + label));
  }

  /** The wall with a stone below it, the bank, and birds; the bank is linked to the birds. */
  private static TopicMap map() {
    return TopicMap.of(
        List.of(
            topic(ROOT, null, "Ferrow", List.of(WALL, BANK, BIRDS)),
            topic(WALL, ROOT, "Wall", List.of(STONE), 40, 60),
            topic(STONE, WALL, "Stone", List.of(), 80),
            topic(BANK, ROOT, "Bank", List.of(), 60, 20),
            topic(BIRDS, ROOT, "Birds", List.of(), 0, 100, 120, 140)),
        List.of(
            CrossLink.of(Maps.id("one"), BANK, BIRDS, "shelters"),
            CrossLink.of(Maps.id("two"), WALL, BANK, "backs")),
        MapLook.USUAL);
  }

  private static TopicMap after(Change change) {
    Applied applied = map().apply(change);
    assertThat(applied.map().apply(applied.inverse()).map()).isEqualTo(map());
    return applied.map();
  }

  @Test
  void merged_topics_bring_pictures_and_where_they_were_shown_again() {
    Picture wall = new Picture(Maps.id("p1"), "wall", "", Picture.Where.ABOVE, 80, 1);
    Picture bank = new Picture(Maps.id("p2"), "bank", "", Picture.Where.BEFORE, 90, 1);
    Picture twice = new Picture(Maps.id("p3"), "wall", "", Picture.Where.AFTER, 20, 1);
    TopicMap before =
        map()
            .apply(
                new Together(
                    List.of(
                        new ContentChange.Illustrate(WALL, List.of(wall)),
                        new ContentChange.Illustrate(BANK, List.of(bank, twice)),
                        new AlsoChange.Show(new Also(Maps.id("a1"), BANK, BIRDS)),
                        new AlsoChange.Show(new Also(Maps.id("a2"), STONE, BANK)),
                        new AlsoChange.Show(new Also(Maps.id("a3"), BIRDS, BANK)))))
            .map();
    Applied done = before.apply(new Regrouping(before).merge(WALL, List.of(BANK)));
    assertThat(done.map().topic(WALL).content().gloss().pictures()).containsExactly(wall, bank);
    assertThat(done.map().also())
        .as("the stone stands under the wall itself")
        .containsExactlyInAnyOrder(
            new Also(Maps.id("a1"), WALL, BIRDS), new Also(Maps.id("a3"), BIRDS, WALL));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(before);
  }

  @Test
  void children_stand_in_the_order_that_was_told_and_the_rest_behind() {
    TopicMap done = after(new Regrouping(map()).ordered(ROOT, List.of(BIRDS, STONE, WALL)));
    assertThat(done.root().children()).containsExactly(BIRDS, WALL, BANK);
  }

  @Test
  void merged_topics_bring_definitions_tags_and_remarks() {
    Comment remark =
        new Comment(Maps.id("remark"), BANK, Maps.id("me"), Instant.EPOCH, "How high?", false);
    TopicMap before =
        map()
            .apply(
                new Together(
                    List.of(
                        new ContentChange.DefineTopic(BANK, "Earth heaped up.", false),
                        new ContentChange.Mark(WALL, List.of("agreed")),
                        new ContentChange.Mark(BANK, List.of("open", "agreed")),
                        new CommentChange.Say(remark))))
            .map();
    Applied done = before.apply(new Regrouping(before).merge(WALL, List.of(BANK)));
    Content wall = done.map().topic(WALL).content();
    assertThat(wall.gloss().definition()).isEqualTo("Earth heaped up.");
    assertThat(wall.gloss().tags()).containsExactly("agreed", "open");
    assertThat(done.map().comments()).containsExactly(remark.on(WALL));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(before);
  }

  @Test
  void merged_topics_bring_passages_notes_children_and_links_and_go() {
    TopicMap map = after(new Regrouping(map()).merge(BANK, List.of(WALL, BANK)));
    Topic bank = map.topic(BANK);
    assertThat(map.has(WALL)).isFalse();
    assertThat(bank.children()).containsExactly(STONE);
    assertThat(bank.evidence()).extracting(e -> e.passage().start()).containsExactly(60, 20, 40);
    assertThat(bank.note()).isEqualTo("On Bank\n\nOn Wall");
    assertThat(bank.extent()).hasSize(4);
    assertThat(map.links()).extracting(CrossLink::phrase).containsExactly("shelters");
  }

  @Test
  void what_a_person_put_together_is_by_hand_so_that_it_stays() {
    TopicMap map = after(new Regrouping(map()).merge(BIRDS, List.of(BANK)));
    assertThat(map.topic(BIRDS).evidence())
        .filteredOn(e -> e.origin() == Origin.HAND_LINKED)
        .extracting(e -> e.passage().start())
        .containsExactly(60, 20);
    assertThat(map.links()).extracting(CrossLink::to).containsExactly(BIRDS);
  }

  @Test
  void a_topic_merges_with_those_below_it_and_never_into_one_of_them() {
    TopicMap map = after(new Regrouping(map()).merge(ROOT, List.of(WALL, STONE)));
    assertThat(map.root().children()).containsExactly(BANK, BIRDS);
    assertThat(map.has(STONE)).isFalse();
    assertThatThrownBy(() -> new Regrouping(map()).merge(STONE, List.of(WALL)))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining("\"Stone\" is below \"Wall\"");
  }

  @Test
  void a_topic_is_put_between_some_and_their_parent() {
    Topic added = Topic.labelled(UUID.randomUUID(), "Defences");
    TopicMap map = after(new Regrouping(map()).between(List.of(BANK, WALL), added));
    assertThat(map.root().children()).containsExactly(added.id(), BIRDS);
    assertThat(map.topic(added.id()).children()).containsExactly(WALL, BANK);
    assertThatThrownBy(() -> new Regrouping(map()).between(List.of(STONE, WALL), added))
        .hasMessage("Choose topics that stand under the same topic.");
    assertThatThrownBy(() -> new Regrouping(map()).between(List.of(ROOT), added))
        .hasMessageContaining("Nothing is above the root");
  }

  @Test
  void children_are_put_in_order_by_label_by_passages_and_by_their_place_in_the_sources() {
    assertThat(sorted(Order.LABEL)).containsExactly(BANK, BIRDS, WALL);
    assertThat(sorted(Order.PASSAGES)).containsExactly(BIRDS, WALL, BANK);
    assertThat(sorted(Order.SOURCES)).containsExactly(BIRDS, BANK, WALL);
  }

  private static List<UUID> sorted(Order order) {
    return after(new Regrouping(map()).sorted(ROOT, order)).root().children();
  }

  @Test
  void what_is_set_aside_stays_last_and_what_is_in_order_is_not_touched() {
    TopicMap aside = map().apply(new ContentChange.SetAside(BIRDS, true)).map();
    assertThat(aside.apply(new Regrouping(aside).sorted(ROOT, Order.PASSAGES)).map().root())
        .extracting(Topic::children)
        .isEqualTo(List.of(WALL, BANK, BIRDS));
    assertThat(new Regrouping(map()).sorted(STONE, Order.LABEL).parts()).isEmpty();
  }

  @Test
  void passages_move_to_another_topic_or_become_one() {
    List<UUID> two = List.of(Maps.id("Birds100"), Maps.id("Birds120"));
    TopicMap moved = after(new Regrouping(map()).passages(BIRDS, two, STONE));
    assertThat(moved.topic(STONE).evidence()).hasSize(3);
    assertThat(moved.topic(BIRDS).evidence()).hasSize(2);
    Topic added = Topic.labelled(UUID.randomUUID(), "Terns");
    TopicMap beside = after(new Regrouping(map()).split(BIRDS, two, added, false));
    assertThat(beside.root().children()).containsExactly(WALL, BANK, BIRDS, added.id());
    assertThat(beside.topic(added.id()).evidence()).extracting(Evidence::id).isEqualTo(two);
    TopicMap under = after(new Regrouping(map()).split(BIRDS, two, added, true));
    assertThat(under.topic(BIRDS).children()).containsExactly(added.id());
  }

  @Test
  void a_passage_that_is_not_there_or_there_twice_is_refused() {
    assertThatThrownBy(() -> after(new Regrouping(map()).passages(BIRDS, List.of(STONE), WALL)))
        .hasMessageContaining("no longer linked");
    assertThatThrownBy(
            () -> after(new Regrouping(map()).passages(WALL, List.of(Maps.id("Wall60")), BANK)))
        .hasMessageContaining("linked to \"Bank\" already");
  }
}
