package org.pergamena.core.distil.label;

import java.util.List;
import java.util.Locale;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** Tells rows of tables and lines of programs from sentences: nobody would say them. */
final class NonProse {
  private static final int SHORTEST = 8;
  private static final int STOPS_OF_WORDS = 10;
  private static final int NUMBERS_OF_ALL = 3;
  private static final int MARKS_OF_ALL = 5;
  private static final int NAMES_OF_WORDS = 4;
  private static final String MARKS = "(){}[]<>=~_$\\|+*/";

  private NonProse() {}

  /**
   * Whether hardly a small word is in what is read, but many numbers, a program's marks, or names
   * of columns such as {@code time2}.
   */
  static boolean is(List<Token> tokens, Tongue tongue) {
    int words = 0;
    int stops = 0;
    int numbers = 0;
    int marks = 0;
    int names = 0;
    for (Token token : tokens) {
      int first = token.surface().codePointAt(0);
      if (Character.isLetter(first)) {
        words++;
        stops += tongue.stop(token.surface().toLowerCase(Locale.ROOT)) ? 1 : 0;
        names += token.surface().codePoints().anyMatch(Character::isDigit) ? 1 : 0;
      } else if (Character.isDigit(first)) {
        numbers++;
      } else if (MARKS.indexOf(first) >= 0) {
        marks++;
      }
    }
    return tokens.size() >= SHORTEST
        && stops * STOPS_OF_WORDS < words
        && (numbers * NUMBERS_OF_ALL >= tokens.size()
            || marks * MARKS_OF_ALL >= tokens.size()
            || names > 1 && names * NAMES_OF_WORDS >= words);
  }
}
