package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.TopicMap;

class ApartTest {
  private static Placed placed(Scene scene, String name) {
    return scene.topics().stream().filter(t -> t.id().equals(id(name))).findFirst().orElseThrow();
  }

  private static TopicMap put(TopicMap map, String name, double x, double y) {
    Look look = map.topic(id(name)).content().look().off(new Look.Spot(x, y));
    return map.apply(new LookChange.Paint(id(name), look)).map();
  }

  private static Scene scene(TopicMap map) {
    return Papers.scene(map, Set.of(), LayoutKind.BRACES);
  }

  private static List<Item> lines(Placed topic) {
    return topic.items().stream().filter(Item.Line.class::isInstance).toList();
  }

  @ParameterizedTest
  @CsvSource({"400, 300", "-300, 260", "0, 400", "20, -300"})
  void a_topic_stands_as_far_from_its_parent_as_it_was_put_with_all_below_it(double x, double y) {
    Scene scene = scene(put(Maps.marsh(), "creeks", x, y));
    Placed root = placed(scene, "root");
    Placed creeks = placed(scene, "creeks");
    Placed fish = placed(scene, "fish");
    assertThat(creeks.x() - root.x()).isEqualTo(x);
    assertThat(creeks.y() - root.y()).isEqualTo(y);
    assertThat(Math.abs(fish.box().middleX() - creeks.box().middleX())).isLessThan(300);
    // one line to those that are laid out, one to what was put elsewhere
    assertThat(lines(root)).hasSize(2);
    assertThat(root.reach().with(creeks.box().moved(-root.x(), -root.y())).width())
        .isLessThanOrEqualTo(scene.width());
  }

  @Test
  void it_keeps_its_distance_when_the_rest_is_laid_out_anew() {
    TopicMap map = put(Maps.marsh(), "creeks", 500, 400);
    String longer = "A wall that is a good deal longer than it was before";
    map = map.apply(new ContentChange.Relabel(id("wall"), longer)).map();
    map = Maps.with(Maps.with(map, "wall", "gap"), "wall", "sluice");
    Scene scene = scene(map);
    assertThat(placed(scene, "creeks").x() - placed(scene, "root").x()).isEqualTo(500);
    assertThat(placed(scene, "creeks").y() - placed(scene, "root").y()).isEqualTo(400);
  }

  @Test
  void what_would_cover_another_goes_down_until_it_does_not() {
    Scene scene = scene(put(Maps.marsh(), "creeks", 10, 5));
    assertThat(placed(scene, "creeks").box().overlaps(placed(scene, "root").box())).isFalse();
    assertThat(placed(scene, "creeks").y()).isGreaterThan(placed(scene, "root").y());
  }

  @Test
  void a_branch_of_which_all_is_elsewhere_is_closed_where_its_line_begins() {
    TopicMap map = put(Maps.marsh(), "fish", 300, 10);
    Placed creeks = placed(scene(map), "creeks");
    assertThat(creeks.toggle()).isNotNull();
    Scene closed = Papers.scene(map, Set.of(id("creeks")), LayoutKind.BRACES);
    assertThat(closed.topics()).extracting(Placed::id).doesNotContain(id("fish"));
    assertThat(placed(closed, "creeks").closed()).isTrue();
  }

  @ParameterizedTest
  @EnumSource(LayoutKind.class)
  void lines_end_in_heads_where_a_person_wished_so_in_every_layout(LayoutKind kind) {
    Style heads =
        new Style(null, null, null, null, null, null, null, new Stroke(null, null, null, true));
    TopicMap map = put(Maps.marsh(), "creeks", 700, 500);
    TopicMap headed = map.apply(new LookChange.Paint(id("root"), Look.NONE.below(heads))).map();
    for (String parent : List.of("root", "wall", "creeks")) {
      int plain = steps(placed(Papers.scene(map, Set.of(), kind), parent));
      int arrows = steps(placed(Papers.scene(headed, Set.of(), kind), parent));
      // three steps for each head: there is one for each child
      int children = map.topic(id(parent)).children().size();
      assertThat(arrows - plain).isEqualTo(3 * children);
    }
  }

  @Test
  void the_form_of_lines_by_hand_holds_before_that_of_the_layout() {
    Style curved =
        new Style(
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            new Stroke(null, null, LineForm.STRAIGHT, null));
    TopicMap map =
        Maps.marsh().apply(new LookChange.Paint(id("wall"), Look.NONE.styled(curved))).map();
    Item.Line line = (Item.Line) lines(placed(scene(map), "wall")).get(0);
    // a line to each of the two below it, from one place
    assertThat(line.path().steps()).hasSize(4);
  }

  private static int steps(Placed topic) {
    return lines(topic).stream().mapToInt(line -> ((Item.Line) line).path().steps().size()).sum();
  }
}
