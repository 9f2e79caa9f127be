package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

class CheckedTest {
  @Test
  void splitting_a_text_is_checked_again_and_again_and_ends_when_it_is_to() {
    SourceTextBuilder text = new SourceTextBuilder();
    for (int i = 0; i < 3_000; i++) {
      text.block(Block.Kind.PARAGRAPH, 0, "The wall stood here. It was " + i + " years old.");
    }
    Source source = new Source(new java.util.UUID(0, 1), "Long", text.build());
    AtomicInteger checks = new AtomicInteger();
    assertThatThrownBy(
            () ->
                TextAnalyser.analyse(
                    source,
                    () -> {
                      if (checks.incrementAndGet() == 20) {
                        throw new CancellationException();
                      }
                    }))
        .isInstanceOf(CancellationException.class);
    assertThat(checks).as("none after it").hasValue(20);
  }

  @Test
  void within_one_endless_sentence_too() {
    String endless = "the wall stands beside the creek and ".repeat(600);
    Source source = new Source(new java.util.UUID(0, 1), "Long", SourceText.plain(endless));
    AtomicInteger checks = new AtomicInteger();
    TextAnalyser.analyse(source, checks::incrementAndGet);
    assertThat(checks).hasValueGreaterThan(10);
  }
}
