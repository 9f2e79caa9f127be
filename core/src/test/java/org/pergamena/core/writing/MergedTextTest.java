package org.pergamena.core.writing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class MergedTextTest {
  private static final String BASE = "Old creeks fill with silt. The wall keeps the tide out.";

  @Test
  void what_one_alone_changed_is_taken() {
    assertThat(MergedText.of(BASE, BASE, "Creeks.")).isEqualTo(new MergedText("Creeks.", false));
    assertThat(MergedText.of(BASE, "Creeks.", BASE)).isEqualTo(new MergedText("Creeks.", false));
  }

  @Test
  void changes_of_different_words_are_both_there() {
    String theirs = BASE.replace("silt", "fine silt");
    String mine = BASE.replace("wall", "new wall") + " So far.";
    assertThat(MergedText.of(BASE, theirs, mine))
        .isEqualTo(
            new MergedText(
                "Old creeks fill with fine silt. The new wall keeps the tide out. So far.", false));
  }

  @Test
  void two_wordings_of_the_same_words_are_both_kept_and_told() {
    MergedText merged =
        MergedText.of(BASE, BASE.replace("silt", "mud"), BASE.replace("silt", "sand"));
    assertThat(merged)
        .isEqualTo(
            new MergedText("Old creeks fill with mud / sand. The wall keeps the tide out.", true));
  }

  @Test
  void the_same_change_made_twice_is_made_once() {
    String both = BASE.replace("Old", "Older");
    assertThat(MergedText.of(BASE, both, both)).isEqualTo(new MergedText(both, false));
    assertThat(MergedText.of(BASE, both + " One", both + " Two").text())
        .startsWith("Older creeks")
        .contains("One", "Two");
  }

  @Test
  void no_word_that_anybody_wrote_is_lost() {
    long seed = 71;
    Random random = new Random(seed);
    for (int i = 0; i < 2_000; i++) {
      String theirs = with(random, "theirs" + i);
      String mine = with(random, "mine" + i);
      assertThat(MergedText.of(BASE, theirs, mine).text())
          .as("seed %d, case %d: %s and %s", seed, i, theirs, mine)
          .contains("theirs" + i, "mine" + i);
    }
  }

  @Test
  void texts_without_a_common_word_are_not_compared_word_by_word() {
    String mine = "b ".repeat(100_000);
    assertThat(MergedText.of("a ".repeat(100_000), "c ".repeat(100_000), mine).both()).isTrue();
  }

  /** The base with a word in the place of some of its words. */
  private static String with(Random random, String word) {
    String[] words = BASE.split(" ");
    int at = random.nextInt(words.length);
    int gone = random.nextInt(3);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < words.length; i++) {
      if (i == at) {
        text.append(word).append(' ');
      }
      if (i < at || i >= at + gone) {
        text.append(words[i]).append(' ');
      }
    }
    return text.toString();
  }
}
