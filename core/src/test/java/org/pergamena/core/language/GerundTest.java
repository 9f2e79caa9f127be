package org.pergamena.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GerundTest {
  @ParameterizedTest
  @CsvSource({
    "raise, raising",
    "cut, cutting",
    "see, seeing",
    "tie, tying",
    "breach, breaching",
    "flood, flooding",
    "open, opening",
    "rising, rising"
  })
  void the_gerund_of_a_base_form(String verb, String gerund) {
    assertThat(Gerund.of(verb)).isEqualTo(gerund);
  }

  @ParameterizedTest
  @CsvSource({"raised", "flooded", "raises", "basics"})
  void another_form_has_none(String verb) {
    assertThat(Gerund.of(verb)).isEmpty();
  }
}
