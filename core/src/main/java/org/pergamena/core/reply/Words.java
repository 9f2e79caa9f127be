package org.pergamena.core.reply;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.pergamena.core.outline.OutlineReader;

/** How often words occur, so that none is lost unseen. */
final class Words {
  private final Map<String, Integer> counts = new HashMap<>();

  /** Letters that are none, and halves of letters: what cannot be kept or shown. */
  private static final Pattern NO_LETTERS =
      Pattern.compile(
          "[\\x00-\\x08\\x0b-\\x1f\\x7f\\ufffe\\uffff\\ufeff\\u200b\\u2060"
              + OutlineReader.MEANING
              + "\\ud800-\\udfff]");

  /** A text without what is no letter. */
  static String clean(String text) {
    return text.chars().anyMatch(Words::doubtful) ? NO_LETTERS.matcher(text).replaceAll("") : text;
  }

  private static boolean doubtful(int c) {
    return c < ' ' && c != '\n' && c != '\t' || c == 0x7f || c >= 0x200b;
  }

  /** The same on one line. */
  static String line(String text) {
    return clean(text).replaceAll("\\s+", " ").strip();
  }

  /** Gives each word of two letters or numbers and more. */
  static void each(String text, Consumer<String> use) {
    int from = -1;
    for (int i = 0; i <= text.length(); ) {
      int letter = i < text.length() ? text.codePointAt(i) : ' ';
      if (Character.isLetterOrDigit(letter)) {
        from = from < 0 ? i : from;
      } else {
        if (from >= 0 && i - from > 1) {
          use.accept(text.substring(from, i));
        }
        from = -1;
      }
      i += Character.charCount(letter);
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
