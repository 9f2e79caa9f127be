package org.pergamena.server.sources;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.pergamena.server.site.Refused;

class MemoryForWordsTest {
  private static final long GIGABYTE = 1_000_000_000;

  @Test
  void ten_long_books_are_worked_on_with_a_gigabyte() {
    assertThatCode(() -> MemoryForWords.require(800_000, GIGABYTE)).doesNotThrowAnyException();
  }

  @Test
  void what_would_not_fit_is_refused_before_it_is_read() {
    assertThatThrownBy(() -> MemoryForWords.require(5_000_000, GIGABYTE))
        .isInstanceOf(Refused.class)
        .hasMessage(
            "The sources of this map have 5,000,000 words; this server has memory to work on"
                + " 833,333 at once. Put some of them on another map.");
  }
}
