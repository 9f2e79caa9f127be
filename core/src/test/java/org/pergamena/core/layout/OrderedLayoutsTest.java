package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;

/** By time and side by side: layouts in which the order of things says something. */
class OrderedLayoutsTest {
  private static Placed placed(Scene scene, String name) {
    return scene.topics().stream().filter(t -> t.id().equals(id(name))).findFirst().orElseThrow();
  }

  private static TopicMap called(TopicMap map, String name, String label) {
    return map.apply(new ContentChange.Relabel(id(name), label)).map();
  }

  private static Scene byTime() {
    TopicMap map = Maps.with(Maps.with(Maps.marsh(), "root", "gap"), "root", "hope");
    map = called(map, "creeks", "Creeks of 1994");
    map = called(map, "squeeze", "Squeeze of 1953");
    map = called(map, "gap", "Gap of 1960");
    return Papers.scene(map, Set.of(), LayoutKind.BY_TIME);
  }

  @Test
  void events_follow_each_other_by_what_they_or_theirs_tell_and_the_untold_come_last() {
    Scene scene = byTime();
    assertThat(List.of("root", "wall", "gap", "creeks", "hope"))
        .extracting(name -> placed(scene, name).x())
        .isSorted();
    assertThat(
            placed(scene, "root").items().stream()
                .filter(item -> item instanceof Item.Words w && w.role() == Item.Role.COUNT)
                .map(item -> ((Item.Words) item).text()))
        .containsExactly("1953", "1960", "1994", "no year");
  }

  @Test
  void they_stand_above_and_below_the_line_by_turns_and_keys_go_along_it() {
    Scene scene = byTime();
    Placed root = placed(scene, "root");
    double axis = root.box().middleY();
    assertThat(placed(scene, "wall").box().bottom()).isLessThan(axis);
    assertThat(placed(scene, "gap").y()).isGreaterThan(axis);
    assertThat(placed(scene, "creeks").box().bottom()).isLessThan(axis);
    assertThat(root.near().right()).isEqualTo(id("wall"));
    assertThat(placed(scene, "wall").near().right()).isEqualTo(id("gap"));
    assertThat(placed(scene, "gap").near().left()).isEqualTo(id("wall"));
    assertThat(placed(scene, "hope").near().right()).isNull();
  }

  @Test
  void a_long_time_between_takes_more_room_than_a_short_one() {
    Scene scene = byTime();
    double seven = placed(scene, "gap").x() - placed(scene, "wall").x();
    double many = placed(scene, "creeks").x() - placed(scene, "gap").x();
    assertThat(many).isGreaterThan(seven);
  }

  @Test
  void two_subjects_stand_beside_what_they_share() {
    TopicMap map = Maps.with(Maps.with(Maps.marsh(), "root", "gap"), "root", "hope");
    Scene scene = Papers.scene(map, Set.of(), LayoutKind.SIDE_BY_SIDE);
    Placed left = placed(scene, "wall");
    Placed right = placed(scene, "hope");
    for (String shared : List.of("creeks", "gap")) {
      assertThat(placed(scene, shared).x()).isGreaterThan(left.box().right());
      assertThat(placed(scene, shared).box().right()).isLessThan(right.x());
      assertThat(placed(scene, shared).near().left()).isEqualTo(id("wall"));
      assertThat(placed(scene, shared).near().right()).isEqualTo(id("hope"));
    }
    assertThat(placed(scene, "age").box().right()).isLessThan(left.x());
    assertThat(placed(scene, "root").box().bottom()).isLessThan(left.y());
    assertThat(placed(scene, "creeks").near().down()).isEqualTo(id("gap"));
    assertThat(left.near().up()).isEqualTo(id("root"));
  }

  @Test
  void one_subject_alone_has_nothing_beside_it() {
    TopicMap one = Maps.with(Maps.root("root"), "root", "wall");
    Scene scene = Papers.scene(one, Set.of(), LayoutKind.SIDE_BY_SIDE);
    assertThat(placed(scene, "wall").x()).isGreaterThan(placed(scene, "root").box().right());
  }
}
