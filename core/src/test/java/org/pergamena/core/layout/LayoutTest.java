package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Scene.PlacedTopic;
import org.pergamena.core.layout.Scene.Role;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.TopicMap;

class LayoutTest {
  private static final TextMeasurer MEASURER = (text, style) -> text.length() * 8;

  private static Scene scene(TopicMap map, Set<UUID> closed) {
    var numbers = Numbering.of(map);
    return new BraceLayout(MEASURER)
        .lay(map, closed, t -> new TopicLook(numbers.get(t.id()), List.of(0, 1), "thin"));
  }

  private static PlacedTopic placed(Scene scene, String name) {
    return scene.topics().stream()
        .filter(topic -> topic.id().equals(Maps.id(name)))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void each_level_stands_in_a_column_right_of_the_one_before() {
    Scene scene = scene(Maps.marsh(), Set.of());
    assertThat(placed(scene, "wall").box().x()).isEqualTo(placed(scene, "creeks").box().x());
    assertThat(placed(scene, "age").box().x()).isGreaterThan(placed(scene, "creeks").box().right());
  }

  @Test
  void a_parent_stands_at_the_middle_of_its_children() {
    Scene scene = scene(Maps.marsh(), Set.of());
    double first = middle(placed(scene, "age"));
    double last = middle(placed(scene, "squeeze"));
    assertThat(middle(placed(scene, "wall"))).isEqualTo((first + last) / 2);
  }

  private static double middle(PlacedTopic topic) {
    return topic.box().y() + topic.box().height() / 2;
  }

  @Test
  void a_closed_branch_says_how_much_is_below() {
    Scene scene = scene(Maps.marsh(), Set.of(Maps.id("wall")));
    PlacedTopic wall = placed(scene, "wall");
    assertThat(wall.closed()).isTrue();
    assertThat(wall.toggle()).isNotNull();
    assertThat(wall.texts())
        .filteredOn(text -> text.role() == Role.COUNT)
        .extracting(Scene.PlacedText::text)
        .containsExactly("2 below");
    assertThat(scene.topics()).hasSize(4);
  }

  @Test
  void each_passage_is_a_stroke_in_its_sources_ink() {
    PlacedTopic fish = placed(scene(Maps.marsh(), Set.of()), "fish");
    assertThat(fish.marks()).extracting(Scene.Mark::ink).containsExactly(0, 1);
    assertThat(fish.texts()).extracting(Scene.PlacedText::role).contains(Role.WARNING);
  }

  @Test
  void labels_break_at_words_and_long_words_where_they_must() {
    TextStyle style = new TextStyle(TextStyle.Face.READING, 16);
    assertThat(LineBreaks.of("the old sea wall", style, 88, MEASURER))
        .containsExactly("the old sea", "wall");
    assertThat(LineBreaks.of("saltmarshes", style, 40, MEASURER))
        .containsExactly("saltm", "arshe", "s");
    assertThat(LineBreaks.of("wall", style, 400, MEASURER)).containsExactly("wall");
  }

  @Test
  void a_path_is_written_as_svg_path_data() {
    assertThat(new Path.Pen().move(1, 2).line(3, 4).curve(5, 6, 7.25, 8).path().svg())
        .isEqualTo("M1.0 2.0L3.0 4.0Q5.0 6.0 7.3 8.0");
  }

  @Test
  void folding_to_a_level_closes_what_is_below_it() {
    assertThat(Folds.below(Maps.marsh(), 1)).containsExactlyInAnyOrder(id("wall"), id("creeks"));
    assertThat(Folds.below(Maps.marsh(), 2)).isEmpty();
  }

  @Test
  void fitting_opens_as_many_branches_as_the_window_holds() {
    TopicMap map = Maps.marsh();
    Scene all = scene(map, Set.of());
    assertThat(Folds.fitting(map, closed -> scene(map, closed), all.width(), all.height()))
        .isEmpty();
    double less = scene(map, Set.of(id("creeks"))).height();
    assertThat(Folds.fitting(map, closed -> scene(map, closed), 5000, less))
        .isEqualTo(less < all.height() ? Set.of(id("creeks")) : Set.of());
    assertThat(Folds.fitting(map, closed -> scene(map, closed), 10, 10))
        .containsExactlyInAnyOrder(id("wall"), id("creeks"));
  }

  private static UUID id(String name) {
    return Maps.id(name);
  }
}
