package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.group.Grouping;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.segment.Cohesion;
import org.pergamena.core.distil.segment.HeadingTree;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.segment.Parts;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

/** Each step of distilling on its own. */
class StepsTest {
  private static Analysed analysed(Source source) {
    return TextAnalyser.analyse(source);
  }

  private static Analysed text(String... paragraphs) {
    SourceTextBuilder text = new SourceTextBuilder();
    for (String paragraph : paragraphs) {
      boolean heading = paragraph.startsWith("#");
      text.block(
          heading ? Block.Kind.HEADING : Block.Kind.PARAGRAPH,
          heading ? paragraph.lastIndexOf('#') + 1 : 0,
          paragraph.replaceFirst("^#+ ", ""));
    }
    return analysed(Texts.source("text", text));
  }

  @Test
  void cohesion_cuts_between_subjects_and_nowhere_else() {
    Analysed text = analysed(Texts.plain("plain"));
    List<Integer> starts = new Cohesion(text, 0, text.sentences().size()).segments(3, 0, () -> {});
    String words = text.source().text().text();
    assertThat(starts).hasSize(3).startsWith(0);
    assertThat(words.substring(text.sentences().get(starts.get(1)).span().start()))
        .startsWith("Wading birds came back");
    assertThat(words.substring(text.sentences().get(starts.get(2)).span().start()))
        .startsWith("Mud that settles");
  }

  @Test
  void cohesion_gives_no_more_segments_than_there_are_paragraphs() {
    Analysed text = text("One wall is old.", "Two birds came back.");
    assertThat(new Cohesion(text, 0, 2).segments(9, 0, () -> {})).containsExactly(0, 1);
  }

  @Test
  void no_segment_is_shorter_than_it_may_be_where_that_can_be_had() {
    Analysed text = analysed(Texts.plain("plain"));
    int all = text.words(0, text.sentences().size());
    List<Integer> starts =
        new Cohesion(text, 0, text.sentences().size()).segments(6, all / 8, () -> {});
    for (int i = 0; i < starts.size(); i++) {
      int end = i + 1 < starts.size() ? starts.get(i + 1) : text.sentences().size();
      assertThat(text.words(starts.get(i), end)).isGreaterThanOrEqualTo(all / 8);
    }
    assertThat(new Cohesion(text, 0, text.sentences().size()).segments(6, 2 * all, () -> {}))
        .containsExactly(0);
  }

  @Test
  void a_long_paragraph_with_marks_is_cut_at_sentences() {
    String wall = String.join(" ", Texts.WALL).repeat(6);
    Analysed text = text(wall + " " + String.join(" ", Texts.BIRDS).repeat(6));
    List<Integer> starts = new Cohesion(text, 0, text.sentences().size()).segments(2, 0, () -> {});
    String words = text.source().text().text();
    assertThat(words.substring(text.sentences().get(starts.get(1)).span().start()))
        .startsWith("Wading birds came back");
  }

  @Test
  void a_signpost_opens_a_segment_where_words_leave_it_open() {
    String even = "The board met the growers about the channel in the %s week.";
    List<String> paragraphs = new ArrayList<>();
    for (String week : List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh")) {
      paragraphs.add(String.format(even, week).repeat(3).replace(".T", ". T"));
    }
    paragraphs.set(4, "Let me turn to the growers. " + paragraphs.get(4));
    Analysed text = text(paragraphs.toArray(String[]::new));
    List<Integer> starts = new Cohesion(text, 0, text.sentences().size()).segments(2, 0, () -> {});
    assertThat(text.sentences().get(starts.get(1)).tokens().get(0).surface()).isEqualTo("Let");
  }

  @Test
  void headings_nest_by_their_level_even_where_one_is_skipped() {
    Part root =
        HeadingTree.root(
            text(
                "# Wall",
                "It is old.",
                "### Stone",
                "It fell.",
                "## Cost",
                "Much.",
                "# Birds",
                "Few."));
    assertThat(root.children()).extracting(Part::title).containsExactly("Wall", "Birds");
    assertThat(root.children().get(0).children())
        .extracting(Part::title)
        .containsExactly("Stone", "Cost");
  }

  @Test
  void a_heading_over_everything_is_the_title_and_one_over_nothing_is_left_out() {
    Part root =
        HeadingTree.root(
            text("# The marsh", "## Wall", "It is old.", "## Empty", "## Birds", "Few."));
    assertThat(root.title()).isEqualTo("The marsh");
    assertThat(root.children()).extracting(Part::title).containsExactly("Wall", "Birds");
    assertThat(HeadingTree.divides(text("# Only one", "Some words."))).isFalse();
  }

  @Test
  void the_leaves_of_a_part_account_for_all_of_its_text() {
    Analysed text = analysed(Texts.headed("headed"));
    Part root = Parts.of(text, 3, 5, Parts.DIVISIBLE_WORDS, () -> {});
    int next = root.children().get(0).from();
    for (Part leaf : root.leaves()) {
      assertThat(leaf.from()).isEqualTo(next);
      next = leaf.to();
    }
    assertThat(next).isEqualTo(text.sentences().size());
  }

  @Test
  void where_too_many_stand_side_by_side_neighbours_are_joined() {
    Part root =
        HeadingTree.root(
            text(
                "# Wall",
                "The wall is old stone.",
                "# Stone",
                "Old stone of the wall.",
                "# Birds",
                "Wading birds feed.",
                "# Waders",
                "Birds wading and feeding."));
    Group group = Grouping.ofOne(root, 2, 2);
    assertThat(group.children()).hasSize(2);
    assertThat(group.children().get(0).children())
        .extracting(Group::heading)
        .containsExactly("Wall", "Stone");
  }

  @Test
  void several_sources_are_grouped_by_subject_not_by_source() {
    SourceTextBuilder other = new SourceTextBuilder();
    Texts.paragraphs(other, 4, Texts.CARBON);
    Texts.paragraphs(other, 4, Texts.WALL);
    List<Part> roots =
        List.of(
            Parts.of(analysed(Texts.plain("one")), 1, 3, Parts.DIVISIBLE_WORDS, () -> {}),
            Parts.of(
                analysed(Texts.source("other", other)), 1, 2, Parts.DIVISIBLE_WORDS, () -> {}));
    Group root = Grouping.ofSeveral(roots, 3, 7, 2);
    assertThat(root.children()).hasSize(3);
    long shared =
        root.children().stream()
            .filter(group -> group.parts().stream().map(Part::text).distinct().count() == 2)
            .count();
    assertThat(shared).as("wall and carbon are in both").isEqualTo(2);
  }

  @Test
  void a_label_sets_its_group_apart_and_keeps_names_and_acronyms() {
    Analysed text =
        text(
            "The EU grant paid for Ferrow. Without the EU grant nothing was built. The EU grant came late.",
            "Wading birds came back. The wading birds feed on mud. Many wading birds breed.");
    Labeller labeller = new Labeller(List.of(text), () -> {});
    Group money = new Group(null, List.of(Part.plain(text, 0, 3)), List.of());
    Group birds = new Group(null, List.of(Part.plain(text, 3, 6)), List.of());
    assertThat(labeller.label(money, "Marsh")).isEqualTo("EU grant");
    assertThat(labeller.label(birds, "Marsh")).isEqualTo("Wading birds");
  }

  @Test
  void a_label_is_given_once_and_does_not_repeat_the_one_above() {
    Analysed text = text("Wading birds feed. Wading birds breed on islands. Islands flood.");
    Labeller labeller = new Labeller(List.of(text), () -> {});
    Group all = new Group(null, List.of(Part.plain(text, 0, 3)), List.of());
    String first = labeller.label(all, "Marsh");
    String second = labeller.label(all, first);
    assertThat(second).isNotEqualTo(first);
    assertThat(Set.of(first, second)).hasSize(2);
  }

  @Test
  void a_heading_loses_its_own_number() {
    Analysed text = text("Words that say little.");
    Group group = new Group("2.1 Cost of the wall", List.of(Part.plain(text, 0, 1)), List.of());
    assertThat(new Labeller(List.of(text), () -> {}).label(group, ""))
        .isEqualTo("Cost of the wall");
  }
}
