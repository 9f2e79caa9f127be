package org.pergamena.core.distil.quote;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class GistTest {
  private static final String SPANS = "The outer wall gave way to mud for the wading birds.";
  private static final List<String> SENTENCES =
      List.of(
          "The outer wall was patched each winter by the parish.",
          "The parish paid for the outer wall.",
          SPANS,
          "They feed on the mud, and wading birds nest there.",
          "Wading birds came back to the mud in the second year.");

  private static Analysed text(String words) {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, words);
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static List<List<Part>> below(Analysed text) {
    return List.of(List.of(Part.plain(text, 0, 3)), List.of(Part.plain(text, 3, 5)));
  }

  @Test
  void a_branch_says_the_sentence_that_touches_what_is_below_and_never_one_shown_there() {
    Analysed text = text(String.join(" ", SENTENCES));
    Gist gist = new Gist(new Quoting(List.of(text)));
    assertThat(gist.of(below(text), "Wall and birds", Set.of())).isEqualTo(SPANS);
    assertThat(gist.of(below(text), "Wall and birds", Set.of(SPANS))).isNotEqualTo(SPANS);
    Set<String> within = Set.of("The parish paid for the outer wall. " + SPANS);
    assertThat(gist.of(below(text), "Wall and birds", within)).isNotEqualTo(SPANS);
  }

  @Test
  void a_sentence_that_leans_on_others_is_not_given_and_none_rather_than_a_bad_one() {
    Analysed text = text(String.join(" ", SENTENCES));
    Gist gist = new Gist(new Quoting(List.of(text)));
    List<List<Part>> leaf = List.of(List.of(Part.plain(text, 3, 4)));
    assertThat(gist.of(leaf, "Mud", Set.of())).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "The outer wall gave way to mud for the wading birds.",
        "The board says that the wall fell because it was old and nobody paid for it.",
        "The wall was called \"a debt to the sea\" by the board. [Marlow, p. 12]",
        "\"The wall is a debt to the sea,\" said the chair of the board.",
      })
  void a_sentence_that_names_what_it_speaks_of_stands_alone(String sentence) {
    assertThat(alone(sentence)).isTrue();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "The graziers' agreement with the board allows this in the summer.",
        "If they pay for it, the parish keeps the wall.",
        "In other words, the wall is a debt to the sea.",
        "The following walls were cut by the board in the autumn.",
        "\"The wall is a debt to the sea and nobody pays.",
        "3. The wall is cut where the creek once was.",
        "apt is a program that keeps the wall of packages up to date.",
        "The board of the estuary and the wall of the parish",
        "Nobody pays for walls.",
      })
  void a_sentence_that_points_elsewhere_or_is_not_whole_does_not(String sentence) {
    assertThat(alone(sentence)).isFalse();
  }

  private static boolean alone(String sentence) {
    Analysed text = text(sentence + " ");
    return Standing.alone(text.sentences().get(0), text);
  }

  @Test
  void nothing_is_said_rather_than_what_is_far_from_the_best_that_cannot_stand_alone() {
    String words =
        "This outer wall of earth is the old outer wall. It is the outer wall that holds the sea. "
            + "They call it the outer wall of the sea. So the outer wall of earth holds. "
            + "But the old outer wall lets in the sea. And the outer wall is of earth. "
            + "Nobody in Lorn or Teal likes the farmer to keep a dog near the sea.";
    Analysed text = text(words + " Nobody in Lorn likes a farmer or a dog near Teal.".repeat(20));
    List<List<Part>> leaf = List.of(List.of(Part.plain(text, 0, 7)));
    assertThat(new Gist(new Quoting(List.of(text))).of(leaf, "Old outer wall", Set.of())).isEmpty();
  }

  @Test
  void where_nobody_knows_where_sentences_end_none_is_given() {
    Analysed text =
        text(
            String.join(" ", SENTENCES)
                .toLowerCase(java.util.Locale.ROOT)
                .replace(".", "")
                .repeat(9));
    Gist gist = new Gist(new Quoting(List.of(text)));
    List<List<Part>> all = List.of(List.of(Part.plain(text, 0, text.sentences().size())));
    assertThat(gist.of(all, "Wall", Set.of())).isEmpty();
  }
}
