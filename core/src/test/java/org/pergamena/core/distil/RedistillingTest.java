package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;

class RedistillingTest {
  private static Topic topic(String name, String label, int start, int end) {
    return Topic.of(
        id(name),
        Content.labelled(label)
            .withGrounds("", List.of(), List.of(new Extent(id("s"), new Span(start, end)))));
  }

  private static TopicMap map(String root, Topic... mains) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(id(root), "Marsh"));
    for (Topic main : mains) {
      map = map.apply(new TreeChange.AddBranch(id(root), Place.LAST, Branch.of(main))).map();
    }
    return map;
  }

  private final TopicMap standing =
      map(
          "root",
          topic("wall", "Wall", 0, 100),
          topic("birds", "Birds", 100, 200),
          topic("boats", "Boats", 200, 300));

  private final TopicMap distilled =
      map(
          "new root",
          topic("n1", "Old wall", 0, 95),
          topic("n2", "Birds", 95, 200),
          topic("n3", "Oysters", 300, 400));

  private static List<String> labels(TopicMap map) {
    return map.preorder().stream().map(Topic::label).toList();
  }

  private static ByHand hand(TopicMap before, Change... changes) {
    TopicMap map = before;
    java.util.ArrayList<ByHand.Made> made = new java.util.ArrayList<>();
    for (Change change : changes) {
      var applied = map.apply(change);
      made.add(new ByHand.Made(change, applied.inverse()));
      map = applied.map();
    }
    return ByHand.of(made);
  }

  @Test
  void topics_that_mean_the_same_keep_their_identity() {
    Redistilling again = new Redistilling(standing, distilled, ByHand.NOTHING, true);
    TopicMap after = standing.apply(again.whole()).map();
    assertThat(labels(after)).containsExactly("Marsh", "Old wall", "Birds", "Oysters");
    assertThat(after.root().children()).containsExactly(id("wall"), id("birds"), id("n3"));
    Redistilling.Outcome outcome = again.outcome();
    assertThat(outcome.same()).isEqualTo(2);
    assertThat(outcome.renamed()).containsExactly(new Redistilling.Renamed("Wall", "Old wall"));
    assertThat(outcome.came()).containsExactly("Oysters");
    assertThat(outcome.gone()).containsExactly("Boats");
  }

  @Test
  void what_a_person_did_by_hand_stays() {
    Evidence own =
        new Evidence(
            id("e"),
            new Passage(id("s"), 210, 215, "boats", "", ""),
            Stance.SUPPORTS,
            Origin.HAND_LINKED,
            1);
    Change[] changes = {
      new ContentChange.Relabel(id("wall"), "My wall"),
      new ContentChange.Annotate(id("birds"), "Ask the ringers"),
      new EvidenceChange.Link(id("boats"), Place.FIRST, own),
      new TreeChange.AddBranch(
          id("birds"), Place.FIRST, Branch.of(Topic.labelled(id("mine"), "Mine"))),
    };
    TopicMap edited = standing;
    for (Change change : changes) {
      edited = edited.apply(change).map();
    }
    Redistilling again = new Redistilling(edited, distilled, hand(standing, changes), true);
    TopicMap after = edited.apply(again.whole()).map();
    assertThat(labels(after))
        .containsExactly("Marsh", "My wall", "Birds", "Mine", "Boats", "Oysters");
    assertThat(after.topic(id("birds")).note()).isEqualTo("Ask the ringers");
    assertThat(after.topic(id("boats")).evidence()).containsExactly(own);
    assertThat(again.outcome().kept()).containsExactly("Mine", "Boats");
  }

  @Test
  void a_place_given_by_hand_is_kept() {
    Change move = new TreeChange.Move(id("birds"), id("wall"), Place.FIRST);
    TopicMap edited = standing.apply(move).map();
    TopicMap after =
        edited.apply(new Redistilling(edited, distilled, hand(standing, move), true).whole()).map();
    assertThat(after.topic(id("birds")).parent()).isEqualTo(id("wall"));
  }

  @Test
  void what_was_taken_out_by_hand_stays_away() {
    Change removal = new TreeChange.RemoveBranch(id("birds"));
    TopicMap edited = standing.apply(removal).map();
    ByHand hand = hand(standing, removal);
    TopicMap after = edited.apply(new Redistilling(edited, distilled, hand, true).whole()).map();
    assertThat(labels(after)).containsExactly("Marsh", "Old wall", "Oysters");
    TopicMap more = edited.apply(new Redistilling(edited, distilled, hand, true).onlyNew()).map();
    assertThat(labels(more)).containsExactly("Marsh", "Wall", "Boats", "Oysters");
  }

  @Test
  void only_what_is_new_leaves_all_that_stands_as_it_is() {
    Redistilling again = new Redistilling(standing, distilled, ByHand.NOTHING, true);
    TopicMap after = standing.apply(again.onlyNew()).map();
    assertThat(labels(after)).containsExactly("Marsh", "Wall", "Birds", "Boats", "Oysters");
    assertThat(after.topic(id("wall"))).isEqualTo(standing.topic(id("wall")));
  }

  @Test
  void passages_that_were_unlinked_stay_unlinked() {
    Evidence found =
        new Evidence(
            id("f"),
            new Passage(id("s"), 5, 10, "stone", "", ""),
            Stance.SUPPORTS,
            Origin.DISTILLED,
            0.5);
    Topic quoted = topic("wall", "Wall", 0, 100).with(c -> c.withEvidence(List.of(found)));
    TopicMap before = map("root", quoted);
    Change unlink = new EvidenceChange.Unlink(id("wall"), id("f"));
    TopicMap edited = before.apply(unlink).map();
    TopicMap anew = map("new root", quoted.with(c -> c.withLabel("Stone wall")));
    TopicMap after =
        edited.apply(new Redistilling(edited, anew, hand(before, unlink), true).whole()).map();
    assertThat(after.topic(id("wall")).evidence()).isEmpty();
  }

  @Test
  void undoing_it_gives_the_map_back() {
    var done = standing.apply(new Redistilling(standing, distilled, ByHand.NOTHING, false).whole());
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(standing);
    assertThat(Set.copyOf(labels(done.map()))).hasSize(4);
  }
}
