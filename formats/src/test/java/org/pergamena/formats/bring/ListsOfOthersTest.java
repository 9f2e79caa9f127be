package org.pergamena.formats.bring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.json.WholeMap;

/** Outlines that were not written here become maps too. */
class ListsOfOthersTest {
  private static WholeMap read(String name, String text) {
    return MapFiles.read(name, text.getBytes(StandardCharsets.UTF_8), new UUID(9, 9)).whole();
  }

  /** The topics with their levels, in reading order. */
  private static List<String> levels(TopicMap map) {
    return map.preorder().stream().map(t -> map.level(t) + " " + t.label()).toList();
  }

  @Test
  void items_stand_below_the_heading_before_them() {
    TopicMap map =
        read(
                "plan.md",
                """
                # The marsh
                - Wall
                - Creeks

                ## Cost

                * Upkeep
                * Works
                + Fees
                """)
            .map();
    assertThat(levels(map))
        .containsExactly(
            "0 The marsh", "1 Wall", "1 Creeks", "1 Cost", "2 Upkeep", "2 Works", "2 Fees");
  }

  @Test
  void items_are_as_far_in_as_they_are_written() {
    TopicMap map =
        read(
                "plan.md",
                "# M\n- a\n    - b\n    - c\n        - d\n- e\n\t- f\n\t- g\n \t\t- h\n   - i\n")
            .map();
    assertThat(levels(map))
        .containsExactly("0 M", "1 a", "2 b", "2 c", "3 d", "1 e", "2 f", "2 g", "3 h", "2 i");
  }

  @Test
  void headings_go_six_levels_down_and_none_is_lost() {
    TopicMap map =
        read("plan.md", "# M\n#### deep\n##### deeper\n- item\n## two\n# another\n").map();
    assertThat(levels(map))
        .containsExactly("0 M", "1 deep", "2 deeper", "3 item", "1 two", "1 another");
  }

  @Test
  void what_stands_below_a_topic_is_its_note() {
    TopicMap map =
        read("plan.md", "# M\nOf the marsh.\n\n- a\n  Of *a*.\n    - b\n      Of b.\n").map();
    assertThat(map.preorder())
        .extracting(Topic::note)
        .containsExactly("Of the marsh.", "Of *a*.", "Of b.");
  }

  @Test
  void a_label_that_is_too_long_ends_in_dots() {
    String words = "w".repeat(Content.LONGEST_LABEL + 40);
    for (WholeMap whole :
        List.of(
            read("a.md", "# " + words + "\n"),
            read("a.opml", "<opml><body><outline text='" + words + "'/></body></opml>"))) {
      assertThat(whole.map().root().label()).hasSize(Content.LONGEST_LABEL).endsWith("w\u2026");
    }
  }

  @Test
  void text_without_headings_says_what_it_lacks() {
    assertThatThrownBy(() -> read("a.md", "- one\n- two\n"))
        .hasMessage("This Markdown has no headings to make topics of.");
  }

  @Test
  void words_of_an_outline_that_mean_nothing_here_are_passed_over() {
    WholeMap whole =
        read(
            "a.opml",
            """
            <opml xmlns:p='urn:pergamena:opml:1'><body>
              <outline text='Marsh' p:id='00000000-0000-0000-0000-000000000001'>
                <outline text='Wall' p:id='00000000-0000-0000-0000-000000000002'>
                  <outline p:kind='passage' p:source='Survey' p:exact='It is old.'
                    p:stance='doubles'/>
                  <outline p:kind='link' p:to='00000000-0000-0000-0000-000000000001'
                    p:direction='sideways' p:phrase='guards'/>
                  <outline p:kind='link' p:to='nowhere' p:phrase='is gone'/>
                </outline>
              </outline>
            </body></opml>
            """);
    assertThat(levels(whole.map())).containsExactly("0 Marsh", "1 Wall");
    assertThat(whole.map().links()).hasSize(1);
    assertThat(whole.map().preorder().get(1).evidence()).hasSize(1);
  }

  @Test
  void what_is_larger_than_maps_are_is_refused() {
    StringBuilder deep = new StringBuilder("# M\n");
    for (int i = 0; i < 3000; i++) {
      deep.append(" ".repeat(i)).append("- item ").append(i).append('\n');
    }
    assertThatThrownBy(() -> read("deep.md", deep.toString()))
        .hasMessage(
            "A map is at most 60 levels deep, and \"item 60\" is deeper."
                + " Put it higher up in the file.");
    String lines = "<outline text='x'>".repeat(100) + "</outline>".repeat(100);
    assertThatThrownBy(() -> read("deep.opml", "<opml><body>" + lines + "</body></opml>"))
        .hasMessageContaining("at most 60 levels");
    String wide = "# M\n" + "- item\n".repeat(TopicMap.MOST_TOPICS);
    assertThatThrownBy(() -> read("wide.md", wide))
        .hasMessage("The map has 20,001 topics, more than 20,000. Divide it and bring the parts.");
  }
}
