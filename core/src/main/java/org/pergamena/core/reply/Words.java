package org.pergamena.core.reply;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How often words occur, so that none is lost unseen. */
final class Words {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]{2,}");

  private final Map<String, Integer> counts = new HashMap<>();

  static void each(String text, Consumer<String> use) {
    Matcher words = WORD.matcher(text);
    while (words.find()) {
      use.accept(words.group());
    }
  }

  void add(String text) {
    each(text, word -> counts.merge(word, 1, Integer::sum));
  }

  /** Takes the words of a text away; whether all were there. */
  boolean take(String text) {
    boolean[] all = {true};
    each(
        text,
        word -> {
          Integer count = counts.get(word);
          all[0] &= count != null;
          counts.computeIfPresent(word, (w, c) -> c == 1 ? null : c - 1);
        });
    return all[0];
  }
}
