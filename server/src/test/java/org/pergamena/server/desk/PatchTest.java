package org.pergamena.server.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.formats.picture.Drawing;

/** What is sent of a desk that has changed, and for how long states are remembered. */
class PatchTest {
  private static final UUID PERSON = new UUID(0, 1);

  private final Drawing drawing = new Drawing();
  private final DeskMemory memory = new DeskMemory();

  private DeskState state(TopicMap map) {
    DeskFacts facts =
        new DeskFacts(
            memory.stamp(),
            1,
            "",
            true,
            null,
            true,
            false,
            1,
            false,
            false,
            ArrangementView.of(Arrangement.of(LayoutKind.BRACES)),
            MapTheme.VELLUM,
            true,
            MapLook.Crossing.LINES,
            false,
            PaperView.of(Paper.NONE),
            StylesView.of(Styles.NONE),
            List.of(),
            List.of(),
            List.of());
    return new DeskState(
        new UUID(0, 2),
        facts,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        drawing.prepare(map, List.of(), Set.of()).scene(Set.of()),
        List.of(),
        List.of());
  }

  private static TopicMap added(TopicMap map, UUID parent, String label, Place place) {
    Branch branch = Branch.of(Topic.labelled(UUID.randomUUID(), label));
    return map.apply(new TreeChange.AddBranch(parent, place, branch)).map();
  }

  private static TopicMap wide(int branches) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(new UUID(0, 3), "Marsh"));
    List<UUID> mains = new ArrayList<>();
    for (int i = 0; i < branches; i++) {
      map = added(map, map.root().id(), "Branch " + i, new Place.Last());
      List<UUID> children = map.root().children();
      mains.add(children.get(children.size() - 1));
    }
    for (UUID main : mains) {
      map = added(map, main, "Mud", new Place.Last());
      map = added(map, main, "Birds", new Place.Last());
    }
    return map;
  }

  @Test
  void topics_that_only_move_are_sent_as_runs_and_what_is_drawn_otherwise_in_full() {
    TopicMap map = wide(40);
    UUID third = map.root().children().get(2);
    DeskState before = state(map);
    DeskState now = state(added(map, third, "Creeks", new Place.First()));
    Patch.ScenePatch patch = Patch.between(before, now).scene();
    assertThat(patch.gone()).isEmpty();
    assertThat(patch.moved()).hasSizeLessThan(20);
    assertThat(patch.moved().stream().mapToInt(Patch.Run::count).sum()).isGreaterThan(100);
    assertThat(patch.topics()).hasSizeLessThan(12);
    SceneView whole = now.whole().scene();
    for (Patch.Run run : patch.moved()) {
      UUID moved = before.scene().topics().get(run.from()).id();
      assertThat(whole.topics())
          .filteredOn(topic -> topic.id().equals(moved))
          .first()
          .satisfies(
              topic ->
                  assertThat(topic.y())
                      .isEqualTo(
                          SceneView.round(
                              SceneView.round(before.scene().topics().get(run.from()).y())
                                  + run.dy())));
    }
    assertThat(Patch.between(now, now).scene()).isNull();
  }

  @Test
  void the_latest_states_of_each_desk_are_found_again_however_many_came() {
    TopicMap map = wide(3);
    List<DeskState> states = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      DeskState state = state(map);
      states.add(state);
      memory.keep(PERSON, state);
      memory.keep(new UUID(9, i), state);
    }
    for (DeskState state : states.subList(32, 40)) {
      assertThat(memory.find(PERSON, state.id(), state.facts().stamp())).contains(state);
    }
    DeskState first = states.get(0);
    assertThat(memory.find(PERSON, first.id(), first.facts().stamp())).isEmpty();
    assertThat(memory.find(PERSON, first.id(), null)).isEmpty();
  }
}
