package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;

class FocusTest {
  private static Scene scene(TopicMap map, String focus, Set<UUID> closed) {
    return MapLayout.lay(
        new Sheet(
            map,
            focus == null ? null : id(focus),
            closed,
            topic -> TopicLook.bare(topic.label(), List.of(), ""),
            new Typesetter(Papers.PALETTE, Papers.MEASURER)));
  }

  @Test
  void a_branch_is_laid_out_as_if_it_were_the_whole_in_its_own_colour() {
    Scene whole = scene(Maps.marsh(), null, Set.of());
    Scene scene = scene(Maps.marsh(), "wall", Set.of());
    assertThat(scene.topics())
        .extracting(Placed::id)
        .containsExactly(id("wall"), id("age"), id("squeeze"));
    assertThat(scene.topics()).extracting(Placed::level).containsExactly(0, 1, 1);
    assertThat(scene.topics()).extracting(Placed::branch).containsOnly(0);
    assertThat(scene.width()).isLessThan(whole.width());
    assertThat(scene.topics().get(0).near().left()).isNull();
  }

  @Test
  void it_is_open_though_it_is_closed_in_the_whole_and_stands_in_it_though_it_was_put_elsewhere() {
    Look put = Look.NONE.off(new Look.Spot(400, 400)).arranged(Arrangement.of(LayoutKind.DOWNWARD));
    TopicMap map = Maps.marsh().apply(new LookChange.Paint(id("wall"), put)).map();
    Scene scene = scene(map, "wall", Set.of(id("wall")));
    assertThat(scene.topics()).hasSize(3);
    assertThat(scene.topics().get(0).closed()).isFalse();
    assertThat(scene.topics().get(1).y()).isGreaterThan(scene.topics().get(0).y());
    assertThat(scene.topics().get(0).y()).isEqualTo(24);
  }

  @Test
  void links_that_lead_out_of_it_are_not_drawn() {
    TopicMap map =
        Maps.marsh()
            .apply(new LinkChange.Connect(CrossLink.of(id("1"), id("age"), id("fish"), "")))
            .map()
            .apply(new LinkChange.Connect(CrossLink.of(id("2"), id("age"), id("squeeze"), "")))
            .map();
    assertThat(scene(map, "wall", Set.of()).links())
        .extracting(Scene.Across::id)
        .containsExactly(id("2"));
  }

  @Test
  void one_that_is_not_there_any_more_is_the_whole() {
    assertThat(scene(Maps.marsh(), "gone", Set.of()).topics()).hasSize(6);
  }
}
