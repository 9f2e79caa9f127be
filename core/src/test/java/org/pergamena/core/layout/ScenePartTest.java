package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Placed.Near;
import org.pergamena.core.layout.TextStyle.Face;

class ScenePartTest {
  private static final UUID A = new UUID(0, 1);
  private static final UUID B = new UUID(0, 2);
  private static final UUID C = new UUID(0, 3);

  private static Placed topic(UUID id, double x, double y) {
    Item words =
        new Item.Words(Item.Role.LABEL, "x", 0, 10, new TextStyle(Face.READING, 12), "#000000");
    return new Placed(
        id, 1, 0, x, y, 50, 20, List.of(words), null, false, Flow.RIGHT, Near.NONE, null);
  }

  private static Scene.Across link(UUID from, UUID to) {
    Item bar = new Item.Bar(new Box(100, 100, 2, 2), "#000000");
    return new Scene.Across(
        new UUID(1, 1), from, to, List.of(bar), false, "", "#000000", List.of(), false, true);
  }

  private static final Scene SCENE =
      new Scene(
          400,
          300,
          Backdrop.plain("#ffffff"),
          List.of(topic(A, 10, 10), topic(B, 200, 100), topic(C, 300, 200)),
          List.of(link(A, B), link(B, C)),
          List.of());

  @Test
  void a_part_has_its_topics_at_its_corner_and_the_links_between_them() {
    Scene part = SCENE.only(Set.of(B, C));
    assertThat(part.topics()).extracting(Placed::id).containsExactly(B, C);
    assertThat(part.topics().get(0).x()).isEqualTo(24);
    assertThat(part.topics().get(0).y()).isEqualTo(24);
    assertThat(part.topics().get(1).x()).isEqualTo(124);
    assertThat(part.width()).isEqualTo(150 + 48);
    assertThat(part.height()).isEqualTo(120 + 48);
    assertThat(part.links()).hasSize(1);
    Item.Bar bar = (Item.Bar) part.links().get(0).items().get(0);
    assertThat(bar.box()).isEqualTo(new Box(100 - 176, 100 - 76, 2, 2));
  }

  @Test
  void nothing_of_a_scene_is_an_empty_scene() {
    Scene none = SCENE.only(Set.of());
    assertThat(none.topics()).isEmpty();
    assertThat(none.width()).isZero();
  }
}
