package org.pergamena.core.distil.quote;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
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
