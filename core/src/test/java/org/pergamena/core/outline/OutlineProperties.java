package org.pergamena.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.Outline.Item;

/** What holds for any text that is taken for an outline. */
class OutlineProperties {
  @Provide
  Arbitrary<String> outlines() {
    Arbitrary<String> indent = Arbitraries.of("", "", "  ", "    ", "\t", "\t\t", " \t", "      ");
    Arbitrary<String> mark =
        Arbitraries.of("- ", "* ", "# ", "## ", "### ", "1. ", "1.1 ", "", "**");
    Arbitrary<String> words = Arbitraries.of("Wall", "Breach", "**Birds", "[Mud](x", "`Creek`", "");
    Arbitrary<String> line = indent.flatMap(i -> mark.flatMap(m -> words.map(w -> i + m + w)));
    return line.list().ofMaxSize(14).map(lines -> String.join("\n", lines));
  }

  @Property(tries = 400)
  void levels_never_jump_and_repairs_name_lines_that_exist(@ForAll("outlines") String text) {
    Outline outline = OutlineReader.read(text);
    int lines = text.split("\n", -1).length;
    int level = 0;
    for (Item item : outline.items()) {
      assertThat(item.level()).isBetween(1, level + 1);
      assertThat(item.label()).isNotBlank();
      assertThat(item.line()).isBetween(1, lines);
      level = item.level();
    }
    assertThat(outline.repairs()).allMatch(r -> r.line() >= 1 && r.line() <= lines);
  }

  @Property(tries = 200)
  void a_map_follows_one_outline_after_the_other(
      @ForAll("outlines") String first, @ForAll("outlines") String second) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
    List<OutlineSync.Grown> grown = List.of();
    for (String text : List.of(first, second, first)) {
      OutlineSync.Plan plan =
          OutlineSync.plan(map, grown, OutlineReader.read(text), UUID::randomUUID);
      map = map.apply(plan.change()).map();
      grown = plan.grown();
      List<String> wanted = grown.stream().map(g -> g.item().label()).toList();
      List<String> there = new ArrayList<>();
      for (Topic topic : map.preorder()) {
        if (grown.stream().anyMatch(g -> g.topic().equals(topic.id()))) {
          there.add(topic.label());
        }
      }
      assertThat(there).containsExactlyInAnyOrderElementsOf(wanted);
      assertThat(plan.kept()).isEmpty();
    }
  }
}
