package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class SketchTest {
  private static String words(long seed, int count) {
    Random random = new Random(seed);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < count; i++) {
      text.append(Integer.toString(random.nextInt(5000), 36)).append(i % 12 == 11 ? ". " : " ");
    }
    return text.toString();
  }

  private static double alike(String text, String other) {
    return Sketch.of(text).resemblance(Sketch.of(other));
  }

  @Test
  void a_text_is_the_same_whatever_its_case_marks_and_lines() {
    String text = words(1, 3000);
    assertThat(alike(text, text.toUpperCase().replace(". ", ";\n"))).isEqualTo(1);
    assertThat(alike("One two three four five", "one, two, three, four, five!")).isEqualTo(1);
  }

  @Test
  void the_share_that_two_texts_have_in_common_is_told_about_right() {
    String common = words(1, 6000);
    assertThat(alike(common + words(2, 1000), common + words(3, 1000)))
        .isCloseTo(0.75, within(0.08));
    assertThat(alike(words(4, 4000), words(5, 4000))).isLessThan(0.02);
  }

  @Test
  void texts_without_a_run_of_words_are_like_nothing() {
    assertThat(alike("", "")).isZero();
    assertThat(alike("One two three", "One two three")).isZero();
  }
}
