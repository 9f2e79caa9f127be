package org.pergamena.core.distil.segment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SeamsTest {
  private static final int UNITS = 40;
  private static final int CHANGE = 17;

  /** Units of fifty words, of one vocabulary before a place and of another after it. */
  private static int[][] units() {
    Random random = new Random(5);
    int[][] units = new int[UNITS][50];
    for (int i = 0; i < UNITS; i++) {
      for (int j = 0; j < units[i].length; j++) {
        units[i][j] = random.nextInt(60) + (i < CHANGE ? 0 : 60);
      }
    }
    return units;
  }

  @Test
  void the_strongest_seam_is_where_the_words_change() {
    int[] words = new int[UNITS];
    Arrays.fill(words, 50);
    double[] strengths = new Seams(units(), words, 120).strengths(() -> {});
    int strongest = 0;
    for (int i = 1; i < UNITS; i++) {
      strongest = strengths[i] > strengths[strongest] ? i : strongest;
    }
    assertThat(strongest).isEqualTo(CHANGE);
    assertThat(strengths[0]).isZero();
  }

  @Test
  void a_text_of_one_or_two_units_has_no_seams() {
    int[][] two = {{0, 1}, {2, 3}};
    assertThat(new Seams(two, new int[] {2, 2}, 4).strengths(() -> {})).containsOnly(0);
    assertThat(new Seams(new int[][] {{0}}, new int[] {1}, 1).strengths(() -> {})).containsOnly(0);
  }
}
