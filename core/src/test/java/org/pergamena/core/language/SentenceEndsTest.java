package org.pergamena.core.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class SentenceEndsTest {
  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);
  private static final String SPEECH =
      "Tonight I want to talk about the wall. It was built two hundred years ago by the farmers of"
          + " the valley. They had no engineers. We cannot go on paying for it every winter. The"
          + " harbour board has asked the parish for a larger share. I believe that we should let"
          + " the sea come in. There are three reasons for this. First, the land behind the wall has"
          + " sunk. You will hear that it can be raised. That is not true.";

  private static List<Integer> found(String words) {
    String[] all = words.toLowerCase(Locale.ROOT).replaceAll("[.,]", "").split(" ");
    String[] tags = ENGLISH.tagsInRuns(all);
    return SentenceCuts.ends(SentenceEnds.of(Tongue.ENGLISH).odds(all, tags), tags);
  }

  @Test
  void ends_are_found_again_where_the_marks_are_taken_out() {
    List<Integer> there = new ArrayList<>();
    String[] words = SPEECH.split(" ");
    for (int i = 0; i < words.length; i++) {
      if (words[i].endsWith(".")) {
        there.add(i + 1);
      }
    }
    List<Integer> found = found(SPEECH);
    double right = found.stream().filter(there::contains).count();
    assertThat(right / found.size()).isGreaterThanOrEqualTo(0.6);
    assertThat(right / there.size()).isGreaterThanOrEqualTo(0.4);
    assertThat(found).endsWith(words.length);
  }

  @Test
  void a_word_that_must_go_on_ends_no_sentence() {
    double[] odds = SentenceEnds.odds("the warden of the marsh we saw the".split(" "), ENGLISH);
    assertThat(odds[0]).isLessThan(-5);
    assertThat(odds[2]).isLessThan(-5);
    assertThat(odds[4]).isGreaterThan(odds[3]).isGreaterThan(odds[5]);
  }

  @Test
  void a_pause_speaks_for_an_end_and_a_short_one_for_nothing() {
    assertThat(SentenceEnds.pause(100)).isZero();
    assertThat(SentenceEnds.pause(800)).isPositive().isGreaterThan(SentenceEnds.pause(300));
    assertThat(SentenceEnds.pause(60_000)).isLessThan(10);
  }

  @Test
  void nothing_is_a_sentence_without_bound_and_cuts_need_no_more_than_their_length() {
    String[] tags = new String[40_000];
    Arrays.fill(tags, "X");
    double[] odds = new double[tags.length];
    Arrays.fill(odds, -20);
    List<Integer> ends = SentenceCuts.ends(odds, tags);
    int last = 0;
    for (int end : ends) {
      assertThat(end - last).isBetween(1, 70);
      last = end;
    }
    assertThat(last).isEqualTo(tags.length);
    assertThat(SentenceCuts.ends(new double[0], new String[0])).isEmpty();
  }

  @Test
  void a_long_run_of_the_same_word_is_tagged_in_runs() {
    String[] words = Collections.nCopies(5_000, "buffalo").toArray(String[]::new);
    assertThat(ENGLISH.tagsInRuns(words)).hasSameSizeAs(words);
    assertThatCode(() -> SentenceEnds.odds(words, ENGLISH)).doesNotThrowAnyException();
  }

  @Test
  void only_languages_with_a_model_have_one() {
    assertThat(SentenceEnds.are("eng")).isTrue();
    assertThat(SentenceEnds.are("deu")).isFalse();
  }
}
