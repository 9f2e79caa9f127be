package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.pergamena.core.layout.Scene.PlacedTopic;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;

class BraceLayoutProperties {
  @Property(tries = 150)
  void no_two_topics_overlap_whatever_the_tree_and_the_type(
      @ForAll long seed,
      @ForAll @IntRange(min = 1, max = 120) int size,
      @ForAll @IntRange(min = 1, max = 30) int letterWidth) {
    Random random = new Random(seed);
    TopicMap map = map(random, size);
    Set<UUID> closed = closed(map, random);
    var numbers = Numbering.of(map);
    BraceLayout layout =
        new BraceLayout((text, style) -> text.length() * letterWidth * style.size() / 30);
    Scene scene =
        layout.lay(
            map,
            closed,
            topic ->
                new TopicLook(
                    numbers.get(topic.id()),
                    List.of(0, 1, 2).subList(0, random.nextInt(4)),
                    random.nextInt(3) == 0 ? "thin" : ""));
    List<PlacedTopic> placed = scene.topics();
    for (int i = 0; i < placed.size(); i++) {
      Box box = placed.get(i).box();
      assertThat(box.x()).isNotNegative();
      assertThat(box.y()).isNotNegative();
      assertThat(box.right()).isLessThanOrEqualTo(scene.width());
      assertThat(box.bottom()).isLessThanOrEqualTo(scene.height());
      for (int j = i + 1; j < placed.size(); j++) {
        assertThat(box.overlaps(placed.get(j).box()))
            .as("%s and %s", placed.get(i), placed.get(j))
            .isFalse();
      }
    }
    assertThat(placed).extracting(PlacedTopic::id).doesNotHaveDuplicates();
  }

  @Property(tries = 50)
  void the_same_map_has_the_same_scene(@ForAll long seed) {
    TopicMap map = map(new Random(seed), 40);
    assertThat(scene(map)).isEqualTo(scene(map));
  }

  private static Scene scene(TopicMap map) {
    return new BraceLayout((text, style) -> text.length() * 7)
        .lay(map, Set.of(), topic -> new TopicLook("1", List.of(), ""));
  }

  private static Set<UUID> closed(TopicMap map, Random random) {
    Set<UUID> closed = new HashSet<>();
    for (Topic topic : map.preorder()) {
      if (random.nextInt(6) == 0) {
        closed.add(topic.id());
      }
    }
    return closed;
  }

  private static TopicMap map(Random random, int size) {
    TopicMap map = Maps.root("root");
    for (int i = 0; i < size; i++) {
      List<Topic> there = new ArrayList<>(map.preorder());
      Topic parent = there.get(random.nextInt(there.size()));
      String label = "word ".repeat(1 + random.nextInt(12)) + "x".repeat(random.nextInt(40));
      Topic topic = Topic.labelled(Maps.id("t" + i), label.strip());
      map = map.apply(new TreeChange.AddBranch(parent.id(), Place.FIRST, Branch.of(topic))).map();
    }
    return map;
  }
}
