package org.pergamena.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LigaturesTest {
  @ParameterizedTest
  @CsvSource({
    "12, recti_ed, rectified",
    "12, _rst, first",
    "11, o_, off",
    "14, e_cient, efficient",
    "15, ba_e, baffle",
    "13, _ow, flow",
    "28, de_nition, definition",
    "31, ba_e, baffle"
  })
  void letters_set_as_one_come_back(int code, String set, String words) {
    assertThat(Ligatures.mended(set.replace('_', (char) code))).isEqualTo(words);
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 13, 16, 26, 32})
  void what_stands_alone_is_no_letters(int code) {
    String alone = "a " + (char) code + " 1";
    assertThat(Ligatures.mended(alone)).isEqualTo(alone);
    assertThat(Ligatures.mended("12" + (char) code)).isEqualTo("12" + (char) code);
  }
}
