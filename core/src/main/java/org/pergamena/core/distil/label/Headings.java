package org.pergamena.core.distil.label;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** Authors' headings as labels. */
final class Headings {
  private static final Pattern OWN_NUMBER =
      Pattern.compile(
          "^(?:(?:Chapter|Section|Part|Appendix) )?"
              + "(?:\\d+(?:\\.\\d+){0,40}[.):]?|[A-Z](?:\\.\\d+){1,40}[.):]?|[IVXLC]+[.):]) (?=\\p{L})");
  private static final int LONGEST = 200;

  /** A word in capitals of fewer letters than this may be an acronym. */
  private static final int ACRONYM = 6;

  private Headings() {}

  /** A heading on one line, without its own number, and in sentence case if it is all capitals. */
  static String plain(String heading, Casing casing, Tongue tongue) {
    String line = heading.replaceAll("[\\s\u00a0]+", " ").strip();
    String bare = OWN_NUMBER.matcher(line).replaceFirst("");
    String fit =
        bare.length() <= LONGEST ? bare : bare.substring(0, bare.lastIndexOf(' ', LONGEST));
    boolean capitals =
        fit.equals(fit.toUpperCase(Locale.ROOT)) && !fit.equals(fit.toLowerCase(Locale.ROOT));
    boolean several = fit.contains(" ") || fit.length() >= ACRONYM;
    return capitals && several ? lowered(fit, casing, tongue) : fit;
  }

  /** Each word as it is written inside sentences, marks and spaces as they stand. */
  private static String lowered(String heading, Casing casing, Tongue tongue) {
    List<Token> tokens = TextAnalyser.tokens(heading, tongue);
    StringBuilder label = new StringBuilder(heading);
    for (Token token : tokens) {
      if (token.word()) {
        label.replace(token.start(), token.end(), casing.usual(token.surface()));
      }
    }
    label.setCharAt(0, Character.toUpperCase(label.charAt(0)));
    return label.toString();
  }
}
