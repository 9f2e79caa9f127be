package org.pergamena.server.load;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TimesTest {
  @Test
  void shares_of_them_are_told() {
    Times times = new Times();
    for (int i = 100; i >= 1; i--) {
      times.add(i * 1_000_000L);
    }
    assertThat(times).hasToString("median 51 ms, 95% 96 ms, worst 100 ms");
    assertThat(new Times().within(0.5)).isZero();
  }
}
