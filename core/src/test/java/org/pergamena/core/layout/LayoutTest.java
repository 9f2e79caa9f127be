package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Item.Bar;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Bend;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

class LayoutTest {
  private static final TextMeasurer MEASURER = Papers.MEASURER;

  private static Scene scene(TopicMap map, Set<UUID> closed) {
    return Papers.scene(map, closed, LayoutKind.BRACES);
  }

  private static Placed placed(Scene scene, String name) {
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

  private static double middle(Placed topic) {
    return topic.box().y() + topic.box().height() / 2;
  }

  @Test
  void a_closed_branch_says_how_much_is_below() {
    Scene scene = scene(Maps.marsh(), Set.of(Maps.id("wall")));
    Placed wall = placed(scene, "wall");
    assertThat(wall.closed()).isTrue();
    assertThat(wall.toggle()).isNotNull();
    assertThat(words(wall, Role.COUNT)).extracting(Words::text).containsExactly("2 below");
    assertThat(scene.topics()).hasSize(4);
  }

  @Test
  void each_passage_is_a_stroke_in_its_sources_ink() {
    Placed fish = placed(scene(Maps.marsh(), Set.of()), "fish");
    assertThat(fish.items().stream().filter(Bar.class::isInstance).map(Bar.class::cast))
        .extracting(Bar::fill)
        .containsExactly("#010101", "#020202");
    assertThat(words(fish, Role.WARNING)).extracting(Words::fill).containsExactly("#aa0000");
  }

  private static List<Words> words(Placed topic, Role role) {
    return topic.items().stream()
        .filter(Words.class::isInstance)
        .map(Words.class::cast)
        .filter(words -> words.role() == role)
        .toList();
  }

  @Test
  void an_ink_given_by_hand_is_that_of_the_label_alone() {
    TopicMap map =
        Maps.marsh()
            .apply(
                new LookChange.Paint(
                    id("wall"), Look.NONE.styled(Style.inked(Colour.of(Ink.WOAD)))))
            .map();
    Placed wall = placed(scene(map, Set.of()), "wall");
    assertThat(words(wall, Role.LABEL)).extracting(Words::fill).containsExactly("#0000ff");
    assertThat(words(wall, Role.NUMBER)).extracting(Words::fill).containsExactly("#111111");
  }

  @Test
  void main_branches_keep_their_colours_when_another_goes() {
    TopicMap map = Maps.with(Maps.marsh(), "root", "birds");
    TopicMap fewer = map.apply(new TreeChange.RemoveBranch(id("wall"))).map();
    assertThat(placed(scene(map, Set.of()), "birds").branch()).isEqualTo(2);
    assertThat(placed(scene(fewer, Set.of()), "birds").branch()).isEqualTo(2);
    TopicMap more = Maps.with(fewer, "root", "boats");
    assertThat(placed(scene(more, Set.of()), "boats").branch())
        .as("the first colour that is free")
        .isZero();
  }

  @Test
  void both_sides_have_the_root_in_the_middle_and_the_arrows_turned() {
    Scene scene = Papers.scene(Maps.marsh(), Set.of(), LayoutKind.BOTH_SIDES);
    Placed root = placed(scene, "root");
    Placed wall = placed(scene, "wall");
    Placed creeks = placed(scene, "creeks");
    assertThat(wall.x()).isGreaterThan(root.box().right());
    assertThat(creeks.box().right()).isLessThan(root.x());
    assertThat(root.near().left()).isEqualTo(id("creeks"));
    assertThat(root.near().right()).isEqualTo(id("wall"));
    assertThat(creeks.near().left()).isEqualTo(id("fish"));
    assertThat(creeks.near().right()).isEqualTo(id("root"));
    assertThat(creeks.flow()).isEqualTo(Flow.LEFT);
  }

  @Test
  void a_topic_that_lies_loose_stands_where_it_was_put_and_covers_nothing() {
    Change lay = new LookChange.Paint(id("creeks"), Look.NONE.at(new Look.Spot(-300, 40)));
    TopicMap map = Maps.marsh().apply(lay).map();
    Scene scene = Papers.scene(map, Set.of(), LayoutKind.BRACES);
    Placed root = placed(scene, "root");
    assertThat(placed(scene, "creeks").x()).isEqualTo(root.x() - 300);
    assertThat(placed(scene, "creeks").y()).isEqualTo(root.y() + 40);
    assertThat(placed(scene, "creeks").x()).isGreaterThanOrEqualTo(0);
    assertThat(Numbering.of(map)).containsEntry(id("creeks"), "a").containsEntry(id("fish"), "a.1");
    TopicMap over =
        map.apply(new LookChange.Paint(id("creeks"), Look.NONE.at(new Look.Spot(0, 0)))).map();
    Scene moved = Papers.scene(over, Set.of(), LayoutKind.BRACES);
    for (Placed one : moved.topics()) {
      for (Placed other : moved.topics()) {
        assertThat(one != other && one.box().overlaps(other.box())).isFalse();
      }
      assertThat(one.box().bottom()).isLessThanOrEqualTo(moved.height());
    }
  }

  @Test
  void a_topic_is_shown_again_under_another_parent() {
    Also also = new Also(id("also"), id("age"), id("creeks"));
    TopicMap map = Maps.marsh().apply(new AlsoChange.Show(also)).map();
    Scene scene = Papers.scene(map, Set.of(), LayoutKind.BRACES);
    Placed again = scene.topics().stream().filter(p -> p.again() != null).findFirst().orElseThrow();
    assertThat(again.id()).isEqualTo(id("also"));
    assertThat(again.again()).isEqualTo(id("age"));
    assertThat(again.x()).isEqualTo(placed(scene, "fish").x());
    assertThat(again.near().left()).isEqualTo(id("creeks"));
    assertThat(Papers.scene(map, Set.of(id("creeks")), LayoutKind.BRACES).topics())
        .allMatch(placed -> placed.again() == null);
  }

  @Test
  void a_cross_link_is_a_line_where_the_way_is_free_and_else_a_pair_of_marks() {
    TopicMap map = Maps.with(Maps.marsh(), "wall", "stones");
    Scene scene = scene(linked(linked(map, "wall", "creeks"), "age", "fish"), Set.of());
    assertThat(scene.links()).extracting(Scene.Across::tie).containsExactly(false, true);
    assertThat(phrases(scene.links().get(0))).containsExactly("leads to");
    assertThat(scene.links().get(1).items()).isEmpty();
    assertThat(
            scene.topics().stream()
                .flatMap(placed -> placed.items().stream())
                .filter(item -> item instanceof Words words && words.role() == Role.TIE))
        .hasSize(2);
    // its mark is that of the second link, whatever is drawn of the first
    assertThat(words(placed(scene, "fish"), Role.TIE))
        .extracting(Words::text)
        .containsExactly("\u2020");
  }

  @Test
  void a_line_that_was_bent_runs_where_the_hand_put_it() {
    TopicMap map = linked(Maps.marsh(), "age", "fish");
    TopicMap bent = map.apply(new LinkChange.Bow(id("agefish"), new Bend(-600, 40))).map();
    Scene scene = scene(bent, Set.of());
    Scene.Across link = scene.links().get(0);
    assertThat(link.tie()).isFalse();
    Box age = placed(scene, "age").box();
    Box fish = placed(scene, "fish").box();
    double x = (age.middleX() + fish.middleX()) / 2 - 600;
    double y = (age.middleY() + fish.middleY()) / 2 + 40;
    Item.Line line = (Item.Line) link.items().get(0);
    List<Path.Step> steps = line.path().steps();
    double halfway = steps.get(0).x() / 4 + steps.get(1).cx() / 2 + steps.get(1).x() / 4;
    assertThat(halfway).isCloseTo(x, within(0.01));
    assertThat(x).as("all of it is on the page").isPositive();
    Words said = (Words) link.items().get(2);
    assertThat(said.y()).isCloseTo(y - 4, within(0.01));
    assertThat(scene.width()).isGreaterThan(scene(map, Set.of()).width());
  }

  @Test
  void a_link_has_the_colour_of_where_it_comes_from_if_a_person_wishes() {
    TopicMap map = linked(Maps.marsh(), "age", "fish");
    assertThat(scene(map, Set.of()).links()).extracting(Scene.Across::ink).containsOnly("#aa0000");
    MapLook tinted =
        new MapLook(
            Arrangement.of(LayoutKind.BRACES),
            MapTheme.VELLUM,
            true,
            MapLook.Crossing.TIES,
            true,
            Paper.NONE,
            Styles.NONE,
            List.of());
    Scene scene = scene(map.apply(new LookChange.Arrange(tinted)).map(), Set.of());
    assertThat(scene.links())
        .extracting(Scene.Across::ink)
        .containsExactly(Papers.PALETTE.pigment(0));
    assertThat(words(placed(scene, "fish"), Role.TIE))
        .extracting(Words::fill)
        .containsExactly(Papers.PALETTE.pigment(0));
  }

  @Test
  void a_cross_link_into_a_closed_branch_ends_at_what_is_shown_of_it() {
    TopicMap map = linked(Maps.marsh(), "age", "fish");
    Scene scene = scene(map, Set.of(id("wall")));
    assertThat(scene.links()).hasSize(1);
    assertThat(scene(linked(Maps.marsh(), "age", "squeeze"), Set.of(id("wall"))).links())
        .as("both ends under the same closed topic")
        .isEmpty();
  }

  private static TopicMap linked(TopicMap map, String from, String to) {
    CrossLink link = CrossLink.of(id(from + to), id(from), id(to), "leads to");
    return map.apply(new LinkChange.Connect(link)).map();
  }

  private static List<String> phrases(Scene.Across link) {
    return link.items().stream()
        .filter(Words.class::isInstance)
        .map(item -> ((Words) item).text())
        .toList();
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
  void whichever_way_a_topic_is_dropped_before_after_and_under_another() {
    List<DropZone> zones = scene(Maps.marsh(), Set.of()).zones();
    for (Flow flow : Flow.values()) {
      assertThat(zones)
          .filteredOn(zone -> zone.flow() == flow)
          .extracting(DropZone::where)
          .contains(DropZone.Where.values());
    }
    assertThat(zones)
        .filteredOn(zone -> zone.where() == DropZone.Where.UNDER && zone.flow() == Flow.DOWN)
        .extracting(DropZone::edge)
        .containsOnly(DropZone.Edge.BOTTOM);
  }

  @Test
  void a_path_is_written_as_svg_path_data() {
    Path path = new Path.Pen().move(1, 2).line(3, 4).curve(5, -6.25, 7.25, 8).path();
    assertThat(path.svg()).isEqualTo("m1 2l2 2q2 -10.2 4.3 4");
    assertThat(path.box()).isEqualTo(new Box(1, -6.25, 6.25, 14.25));
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
