package org.pergamena.formats.bring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.formats.json.WholeMap;

class ExcerptsTest {
  private static final UUID ROOT = new UUID(0, 1);

  private static WholeMap read(String name, String text) {
    return MapFiles.read(name, text.getBytes(StandardCharsets.UTF_8), new UUID(9, 9)).whole();
  }

  private static List<String> words(Topic topic) {
    return topic.evidence().stream().map(Evidence::passage).map(p -> p.exact()).toList();
  }

  @Test
  void what_is_quoted_of_a_source_becomes_its_text_once() {
    Excerpts excerpts = new Excerpts();
    excerpts.add(ROOT, "Survey", "The wall is old.", Stance.SUPPORTS);
    excerpts.add(ROOT, "Survey", "It leaks.", Stance.DISPUTES);
    excerpts.add(ROOT, "Survey", "The wall is old.", Stance.MENTIONS);
    excerpts.add(ROOT, "", "Nowhere.", Stance.SUPPORTS);
    WholeMap whole = excerpts.whole(List.of(Topic.labelled(ROOT, "Wall")), List.of());
    assertThat(whole.sources()).hasSize(1);
    assertThat(whole.sources().get(0).text().blocks()).hasSize(2);
    assertThat(whole.map().root().evidence())
        .extracting(Evidence::stance)
        .containsExactly(Stance.SUPPORTS, Stance.DISPUTES, Stance.MENTIONS);
    assertThat(words(whole.map().root()))
        .containsExactly("The wall is old.", "It leaks.", "The wall is old.");
  }

  @Test
  void quotes_are_read_as_they_are_written() {
    Excerpts excerpts = new Excerpts();
    excerpts.add(ROOT, "\u201cA \u201cb\u201d c\u201d \u2014 *Minutes, March*, p. 3", true);
    excerpts.add(ROOT, "\u201cD\u201d \u2014 Diary \u2014 line 4", false);
    excerpts.add(ROOT, "no quote", false);
    WholeMap whole = excerpts.whole(List.of(Topic.labelled(ROOT, "Wall")), List.of());
    assertThat(whole.sources()).extracting(Source::name).containsExactly("Minutes, March", "Diary");
    assertThat(words(whole.map().root())).containsExactly("A \u201cb\u201d c", "D");
  }

  @Test
  void markdown_has_topics_definitions_tags_notes_links_and_passages() {
    WholeMap whole =
        read(
            "map.md",
            """
            # The marsh

            ## Wall[^1]

            : What kept\\* the sea out.

            *agreed, open question*

            Ask **her**.

            1\\. Then that.

            *fills* \u2194 Creeks (2) (supposed): since when?[^2]

            ### Age

            - Stones
              - Lime

                Burnt.

            ## Creeks
            - *also here:* Age (1.1)

            [^1]: \u201cThe wall is old.\u201d \u2014 *Survey*, p. 3
            [^2]: \u201cIt fills.\u201d \u2014 *Survey*
            """);
    TopicMap map = whole.map();
    assertThat(map.preorder().stream().map(t -> map.level(t) + t.label()))
        .containsExactly("0The marsh", "1Wall", "2Age", "3Stones", "4Lime", "1Creeks");
    Topic wall = map.preorder().get(1);
    assertThat(wall.content().gloss().definition()).isEqualTo("What kept* the sea out.");
    assertThat(wall.content().gloss().tags()).containsExactly("agreed", "open");
    assertThat(wall.note()).isEqualTo("Ask **her**.\n\n1. Then that.");
    assertThat(words(wall)).containsExactly("The wall is old.");
    assertThat(map.preorder().get(4).note()).isEqualTo("Burnt.");
    CrossLink link = map.links().get(0);
    assertThat(link.phrase()).isEqualTo("fills");
    assertThat(link.manner()).isEqualTo(new Manner(Manner.Direction.BOTH, true));
    assertThat(link.note()).isEqualTo("since when?");
    assertThat(map.topic(link.to()).label()).isEqualTo("Creeks");
    assertThat(link.grounds()).hasSize(1);
    assertThat(whole.sources()).extracting(Source::name).containsExactly("Survey");
    assertThatThrownBy(() -> read("map.md", "only words")).hasMessageContaining("no headings");
  }

  @Test
  void a_table_of_topics_has_its_tree_in_its_numbers() {
    String head = "number,topic,parent,note,cross-links,quotes\n";
    WholeMap whole =
        read(
            "map.csv",
            head
                + ",Marsh,,,,\n2,Creeks,Marsh,,\u2192 * Marsh,\n1,Wall,Marsh,'=Old,"
                + "fills \u2192 2 Creeks (supposed),\u201cIt is.\u201d \u2014 Survey \u2014 p. 1\n"
                + "1.1,Age,Wall,,fills \u2192 9 None,\n");
    TopicMap map = whole.map();
    assertThat(map.preorder().stream().map(t -> map.level(t) + t.label()))
        .containsExactly("0Marsh", "1Creeks", "1Wall", "2Age");
    assertThat(map.preorder().get(2).note()).isEqualTo("=Old");
    assertThat(words(map.preorder().get(2))).containsExactly("It is.");
    assertThat(map.links()).extracting(CrossLink::phrase).containsExactlyInAnyOrder("", "fills");
    assertThatThrownBy(() -> read("map.csv", head + ",Marsh\n1.1,Age\n"))
        .hasMessageContaining("1.1");
    assertThatThrownBy(() -> read("map.csv", head + "1,Marsh\n1,Age\n"))
        .hasMessageContaining("Two rows");
    assertThatThrownBy(() -> read("map.csv", head)).hasMessageContaining("no topics");
    assertThatThrownBy(() -> read("map.csv", head + "\"a")).hasMessageContaining("line 2");
  }
}
