package org.pergamena.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

class OutlineSyncTest {
  private TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
  private List<OutlineSync.Grown> grown = List.of();
  private List<String> kept = List.of();

  private void follow(String outline) {
    OutlineSync.Plan plan =
        OutlineSync.plan(map, grown, OutlineReader.read(outline), UUID::randomUUID);
    map = map.apply(plan.change()).map();
    grown = plan.grown();
    kept = plan.kept();
  }

  private List<String> tree() {
    List<String> tree = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      tree.add("-".repeat(map.level(topic)) + topic.label());
    }
    return tree.subList(1, tree.size());
  }

  private Topic named(String label) {
    return map.preorder().stream().filter(t -> t.label().equals(label)).findFirst().orElseThrow();
  }

  @Test
  void topics_come_go_move_and_are_renamed_with_their_lines() {
    follow("- Wall\n  - Breach\n  - Cost\n- Birds\n");
    assertThat(tree()).containsExactly("-Wall", "--Breach", "--Cost", "-Birds");
    UUID breach = named("Breach").id();
    follow("- Wall\n  - Costs\n- Birds\n  - Breach\n  - Waders\n");
    assertThat(tree()).containsExactly("-Wall", "--Costs", "-Birds", "--Breach", "--Waders");
    assertThat(named("Breach").id()).isEqualTo(breach);
    follow("- Birds\n- Wall\n");
    assertThat(tree()).containsExactly("-Birds", "-Wall");
    assertThat(kept).isEmpty();
  }

  @Test
  void what_was_done_by_hand_stays() {
    follow("- Wall\n  - Breach\n- Birds\n");
    map = map.apply(new ContentChange.Relabel(named("Birds").id(), "Waders and ducks")).map();
    map = map.apply(new TreeChange.RemoveBranch(named("Breach").id())).map();
    Topic mine = Topic.labelled(UUID.randomUUID(), "My own");
    map =
        map.apply(new TreeChange.AddBranch(named("Wall").id(), Place.FIRST, Branch.of(mine))).map();
    follow("- Wall\n  - Breach\n  - Cost\n- Birds!\n");
    assertThat(tree())
        .contains("--My own", "--Cost", "-Waders and ducks")
        .doesNotContain("--Breach");
    follow("- Something else\n");
    assertThat(tree()).contains("-Wall", "--My own", "-Waders and ducks", "-Something else");
    assertThat(kept).containsExactlyInAnyOrder("Wall", "Waders and ducks");
  }
}
