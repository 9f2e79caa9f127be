package org.pergamena.core.distil.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

class SentenceVectorsTest {
  private static final String TEXT =
      "The old bank leaked at every spring tide. Two sluices were shut for good."
          + "\n\nOyster growers feared for their beds. The harbour silted up behind them.";
  private static final int SECOND = TEXT.indexOf("Oyster");

  private static Source source(String language) {
    List<Block> blocks =
        List.of(
            new Block(0, SECOND - 2, Block.Kind.PARAGRAPH, 0),
            new Block(SECOND, TEXT.length(), Block.Kind.PARAGRAPH, 0));
    SourceText text = new SourceText(TEXT, blocks, List.of(), List.of(), List.of());
    return new Source(UUID.randomUUID(), "Ferrow", text, List.of(), language);
  }

  @Test
  void a_sentence_keeps_its_vector_when_others_are_left_out() {
    Analysed all = TextAnalyser.analyse(source(""));
    Analysed less = all.without(List.of(new Span(0, TEXT.indexOf("Two"))));
    assertThat(less.sentences()).hasSize(all.sentences().size() - 1);
    assertThat(less.vector(less.sentences().get(0)).orElseThrow())
        .isEqualTo(all.vector(all.sentences().get(1)).orElseThrow());
  }

  @Test
  void they_are_made_ahead_with_a_check_in_between() {
    List<Integer> checked = new ArrayList<>();
    SentenceVectors vectors = TextAnalyser.analyse(source("eng")).vectors().orElseThrow();
    assertThat(vectors.complete()).isFalse();
    vectors.make(() -> checked.add(1));
    assertThat(checked).isNotEmpty();
    assertThat(vectors.complete()).isTrue();
  }

  @Test
  void what_was_kept_is_taken_again_but_not_for_other_sentences() {
    Analysed once = TextAnalyser.analyse(source(""));
    byte[] kept = once.vectors().orElseThrow().bytes();
    kept[kept.length - 1] += 1;
    Analysed again = TextAnalyser.analyse(source(""));
    again.vectors().orElseThrow().take(kept);
    assertThat(again.vectors().orElseThrow().complete()).isTrue();
    assertThat(again.vectors().orElseThrow().bytes()).isEqualTo(kept);
    Source other = new Source(UUID.randomUUID(), "Other", SourceText.plain("It was. " + TEXT));
    SentenceVectors others = TextAnalyser.analyse(other).vectors().orElseThrow();
    others.take(kept);
    others.take(new byte[3]);
    assertThat(others.complete()).isFalse();
  }

  @Test
  void a_language_that_the_encoder_does_not_know_has_none() {
    Analysed german = TextAnalyser.analyse(source("deu"));
    assertThat(german.vectors()).isEmpty();
    assertThat(german.vector(german.sentences().get(0))).isEmpty();
  }
}
