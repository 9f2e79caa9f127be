package org.pergamena.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.outline.Outline.Item;
import org.pergamena.core.outline.Outline.Repair;

class OutlineReaderTest {
  private static List<String> tree(Outline outline) {
    return outline.items().stream().map(i -> "-".repeat(i.level()) + i.label()).toList();
  }

  @Test
  void headings_and_lists_of_markdown_are_one_tree() {
    Outline outline =
        OutlineReader.read(
            "# The marsh\n\n## The wall\n\nIt is old.\n\n- **Breach**\n  - [Plan](https://x.example)\n"
                + "- Cost\n\n## Birds\n");
    assertThat(outline.title()).isEqualTo("The marsh");
    assertThat(tree(outline))
        .containsExactly("-The wall", "--Breach", "---Plan", "--Cost", "-Birds");
    assertThat(outline.items().get(0).note()).isEqualTo("It is old.");
    assertThat(outline.items().get(2)).isEqualTo(new Item(8, 3, "Plan", "https://x.example"));
    assertThat(outline.repairs()).isEmpty();
  }

  @Test
  void tabs_spaces_and_numbers_are_depth() {
    assertThat(tree(OutlineReader.read("Wall\n\tBreach\n\t\tPlan\nBirds\n")))
        .containsExactly("-Wall", "--Breach", "---Plan", "-Birds");
    assertThat(tree(OutlineReader.read("Wall\n   Breach\n      Plan\n   Cost\nBirds\n")))
        .containsExactly("-Wall", "--Breach", "---Plan", "--Cost", "-Birds");
    assertThat(tree(OutlineReader.read("1 Wall\n1.1 Breach\n1.1.1 Plan\n2. Birds\n2.1 Waders\n")))
        .containsExactly("-Wall", "--Breach", "---Plan", "-Birds", "--Waders");
  }

  @Test
  void opml_has_topics_notes_and_links_and_expands_nothing() {
    Outline outline =
        OutlineReader.read(
            "<?xml version=\"1.0\"?><opml version=\"2.0\"><head><title>Marsh</title></head><body>\n"
                + "<outline text=\"Wall\" _note=\"Old.\">\n<outline text=\"Breach\""
                + " url=\"https://x.example\"/>\n</outline><outline text=\"Birds\"/></body></opml>");
    assertThat(outline.title()).isEqualTo("Marsh");
    assertThat(tree(outline)).containsExactly("-Wall", "--Breach", "-Birds");
    assertThat(outline.items().get(0).note()).isEqualTo("Old.");
    assertThat(outline.items().get(1).note()).isEqualTo("https://x.example");
    Outline broken =
        OutlineReader.read("<opml><body>\n<outline text=\"Wall\">\n<outline text=\"Breach\"");
    assertThat(tree(broken)).containsExactly("-Wall");
    assertThat(broken.repairs()).hasSize(1);
    assertThat(broken.repairs().get(0).line()).isEqualTo(3);
    Outline bomb =
        OutlineReader.read(
            "<!DOCTYPE opml [<!ENTITY a \"aaaa\"><!ENTITY f SYSTEM \"file:///etc/passwd\">]>"
                + "<opml><body><outline text=\"&f;\"/></body></opml>");
    assertThat(bomb.items()).allSatisfy(i -> assertThat(i.label()).doesNotContain("root:"));
  }

  @Test
  void a_jump_of_two_levels_is_taken_as_one() {
    Outline outline = OutlineReader.read("- Wall\n  - Breach\n      - Plan\n- Birds\n");
    assertThat(tree(outline)).containsExactly("-Wall", "--Breach", "---Plan", "-Birds");
    assertThat(outline.repairs())
        .containsExactly(new Repair(3, "indented two levels under line 2, taken as one"));
    assertThat(OutlineReader.read("# A\n# B\n### C\n").repairs())
        .containsExactly(new Repair(3, "indented two levels under line 2, taken as one"));
    assertThat(OutlineReader.read("1 A\n1.1 B\n1.1.1.1 C\n2 D").repairs())
        .containsExactly(new Repair(3, "indented two levels under line 2, taken as one"));
  }

  @Test
  void mixed_indents_stray_text_and_unclosed_marks_are_repaired_and_told() {
    Outline outline =
        OutlineReader.read(
            "Here is your outline:\n- Wall\n\t- Breach\n    - Cost\n- **Birds\n- [Waders](http\n- \n");
    assertThat(tree(outline)).containsExactly("-Wall", "--Breach", "--Cost", "-Birds", "-Waders");
    assertThat(outline.items().get(0).note()).isEqualTo("Here is your outline:");
    assertThat(outline.repairs())
        .containsExactly(
            new Repair(1, "text before the first topic, taken as a note of that topic"),
            new Repair(4, "tabs and spaces are mixed, taken as one level of indentation"),
            new Repair(5, "\"**\" is not closed, taken away"),
            new Repair(6, "\"[\u2026](\" is not closed, taken away"),
            new Repair(7, "a topic without words, left out"));
  }

  @Test
  void code_that_does_not_end_and_labels_without_end_are_told() {
    Outline outline = OutlineReader.read("- Wall\n```\n- Breach\n- " + "very long ".repeat(50));
    assertThat(outline.repairs()).extracting(Repair::line).containsExactly(2, 4);
    assertThat(outline.items().get(2).note()).contains("very long");
    assertThat(OutlineReader.read("").items()).isEmpty();
    assertThat(OutlineReader.read("##\n## Wall").repairs())
        .contains(new Repair(1, "a heading without words, left out"));
  }

  @Test
  void lines_that_are_not_read_as_they_stand_are_told_and_nothing_is_lost() {
    Outline outline =
        OutlineReader.read(
            "# Marsh\n\n##Staff\n\n- Wardens\n-\n- Ringers\n\nTell me if you want more.\n");
    assertThat(outline.title()).isEqualTo("Marsh");
    assertThat(tree(outline)).containsExactly("-Staff", "--Wardens", "--Ringers");
    assertThat(outline.items().get(2).note()).isEqualTo("Tell me if you want more.");
    assertThat(outline.repairs())
        .containsExactly(
            new Repair(3, "no space after \"##\", taken as a heading"),
            new Repair(6, "a topic without words, left out"),
            new Repair(9, "text after the last topic, kept as a note of \"Ringers\""));
    Outline two = OutlineReader.read("# Marsh\n## Wall\n# Birds\n## Waders\n");
    assertThat(tree(two)).containsExactly("-Marsh", "--Wall", "-Birds", "--Waders");
    assertThat(two.repairs())
        .containsExactly(
            new Repair(3, "begins a second root beside line 1, both became main branches"));
  }

  @Test
  void closing_marks_of_a_heading_are_none_of_its_words() {
    assertThat(tree(OutlineReader.read("# Marsh ##\n## In C#\n## Wall\n")))
        .containsExactly("-In C#", "-Wall");
  }

  @Test
  void a_heading_of_any_length_is_read_in_one_pass() {
    String blanks = " ".repeat(200_000);
    assertTimeoutPreemptively(
        Duration.ofMinutes(5),
        () ->
            assertThat(tree(OutlineReader.read("# a" + blanks + "b\n# c\n")))
                .containsExactly("-a b", "-c"));
  }

  @Test
  void text_under_the_title_is_kept() {
    Outline outline =
        OutlineReader.read("# Marsh\n\nAs it was told.\n\n## Wall\n\nOld.\n## Birds\n");
    assertThat(outline.title()).isEqualTo("Marsh");
    assertThat(outline.items().get(0).note()).isEqualTo("As it was told.\nOld.");
    assertThat(outline.repairs())
        .containsExactly(new Repair(1, "text under the title, kept as a note of \"Wall\""));
  }
}
