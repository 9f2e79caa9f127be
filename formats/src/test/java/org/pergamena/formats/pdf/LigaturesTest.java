package org.pergamena.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
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

  @Test
  void dashes_come_back_where_they_are_no_accents() {
    assertThat(Ligatures.mended("from 65\u001585%, or \u0016 so they say \u0016 less"))
        .isEqualTo("from 65\u201385%, or \u2014 so they say \u2014 less");
    assertThat(Ligatures.mended("br\u0015eve")).isEqualTo("br\u0015eve");
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 13, 16, 26, 32})
  void what_stands_alone_is_no_letters(int code) {
    String alone = "a " + (char) code + " 1";
    assertThat(Ligatures.mended(alone)).isEqualTo(alone);
    assertThat(Ligatures.mended("12" + (char) code)).isEqualTo("12" + (char) code);
  }
}
