package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Passage;

class PlantingTest {
  private static final UUID SOURCE = id("source");
  private static final Tag MINE = new Tag("mine", "mine", "", "feather");

  private static Evidence passage(String name) {
    Passage passage = new Passage(SOURCE, 4, 8, "wall", "the ", " was");
    return new Evidence(id(name), passage, Stance.SUPPORTS, Origin.HAND_LINKED, 1);
  }

  /** The marsh with a passage, a tag of its own and a link within a branch. */
  private static TopicMap marsh() {
    TopicMap map = Maps.filled(Maps.marsh(), "age", List.of(passage("e")), List.of());
    return map.apply(
            new Together(
                List.of(
                    new LegendChange.Define(new Legend(List.of(MINE))),
                    new ContentChange.Mark(id("squeeze"), List.of("mine")),
                    new LinkChange.Connect(
                        CrossLink.of(id("l"), id("age"), id("squeeze"), "adds to")),
                    new LinkChange.Connect(
                        CrossLink.of(id("m"), id("age"), id("fish"), "drives off")))))
        .map();
  }

  private static List<Topic> chosen(TopicMap map, String... names) {
    List<UUID> ids = java.util.Arrays.stream(names).map(Maps::id).toList();
    return Planting.upmost(map, ids);
  }

  @Test
  void what_lies_below_another_of_a_choice_goes_with_it() {
    TopicMap map = marsh();
    assertThat(chosen(map, "fish", "age", "wall"))
        .extracting(Topic::id)
        .containsExactly(id("wall"), id("fish"));
    assertThat(Planting.sources(map, chosen(map, "wall"))).containsExactly(SOURCE);
    assertThat(Planting.sources(map, chosen(map, "creeks"))).isEmpty();
  }

  @Test
  void a_copy_has_all_that_the_branch_carries_and_identities_of_its_own() {
    TopicMap from = marsh();
    TopicMap to = Maps.root("other");
    UUID there = id("the same text there");
    Change change =
        Planting.planted(
            from,
            chosen(from, "wall"),
            to,
            id("other"),
            Place.LAST,
            Map.of(SOURCE, there)::get,
            UUID::randomUUID);
    Applied done = to.apply(change);
    TopicMap map = done.map();
    assertThat(map.preorder())
        .extracting(Topic::label)
        .containsExactly("other", "wall", "age", "squeeze");
    Topic age = map.preorder().get(2);
    assertThat(age.id()).isNotEqualTo(id("age"));
    assertThat(age.evidence().get(0).passage().source()).isEqualTo(there);
    assertThat(age.evidence().get(0).id()).isNotEqualTo(id("e"));
    // the link within the branch comes along, the one that leads out of it does not
    assertThat(map.links()).hasSize(1);
    assertThat(map.links().get(0).phrase()).isEqualTo("adds to");
    assertThat(map.legend().has("mine")).isTrue();
    assertThat(map.preorder().get(3).content().gloss().tags()).containsExactly("mine");
    assertThat(map.apply(done.inverse()).map()).isEqualTo(to);
  }

  @Test
  void several_branches_stand_in_their_order_where_they_are_put() {
    TopicMap map = marsh();
    Change change =
        Planting.planted(
            map,
            chosen(map, "fish", "squeeze"),
            map,
            id("root"),
            Place.after(id("wall")),
            source -> source,
            UUID::randomUUID);
    TopicMap after = map.apply(change).map();
    assertThat(after.children(after.root()))
        .extracting(Topic::label)
        .containsExactly("wall", "squeeze", "fish", "creeks");
  }
}
