package org.pergamena.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SentenceTest {
  @Test
  void what_is_kept_has_nothing_that_the_database_does_not_take() {
    assertThat(Sentence.kept("It is called \0x.")).isEqualTo("It is called x.");
    assertThat(Sentence.kept("x".repeat(5_000))).hasSize(1_001).endsWith("\u2026");
    assertThat(Sentence.kept(null)).isNull();
  }
}
