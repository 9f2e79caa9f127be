package org.pergamena.core.study.figure;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Token;

/** Numbers in digits, and in English in words. */
final class NumberWords {
  private static final Map<String, Double> WORDS = new HashMap<>();
  private static final Map<String, Double> PARTS =
      Map.ofEntries(
          Map.entry("half", 1 / 2.0),
          Map.entry("third", 1 / 3.0),
          Map.entry("quarter", 1 / 4.0),
          Map.entry("fifth", 1 / 5.0),
          Map.entry("sixth", 1 / 6.0),
          Map.entry("seventh", 1 / 7.0),
          Map.entry("eighth", 1 / 8.0),
          Map.entry("ninth", 1 / 9.0),
          Map.entry("tenth", 1 / 10.0),
          Map.entry("twelfth", 1 / 12.0),
          Map.entry("twentieth", 1 / 20.0));

  /** Languages that write a comma before a fraction. */
  private static final Set<String> COMMA = Set.of("deu", "fra", "spa", "ita", "nld", "por");

  private static final Pattern PLAIN = Pattern.compile("\\d+");
  private static final Pattern GROUPED = Pattern.compile("\\d{1,3}([.,])\\d{3}(?:\\1\\d{3})*");
  private static final Pattern POINT = Pattern.compile("\\d+\\.\\d+");
  private static final Pattern COMMAED = Pattern.compile("\\d+,\\d+");

  static {
    String[] ones =
        ("one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen"
                + " sixteen seventeen eighteen nineteen")
            .split(" ");
    for (int i = 0; i < ones.length; i++) {
      WORDS.put(ones[i], i + 1.0);
    }
    String[] tens = "twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
    for (int i = 0; i < tens.length; i++) {
      WORDS.put(tens[i], 10.0 * (i + 2));
      for (int j = 0; j < 9; j++) {
        WORDS.put(tens[i] + "-" + ones[j], 10.0 * (i + 2) + j + 1);
      }
    }
    WORDS.put("dozen", 12.0);
  }

  private NumberWords() {}

  /** A number in words and the token after it. */
  record Spelt(double value, int next) {}

  /** A number in digits, as a language groups them; null for none. */
  static Double digits(String word, String language) {
    if (PLAIN.matcher(word).matches() && word.length() < 16) {
      return Double.valueOf(word);
    }
    boolean comma = COMMA.contains(language);
    var grouped = GROUPED.matcher(word);
    if (grouped.matches() && grouped.group(1).equals(comma ? "." : ",")) {
      return Double.valueOf(word.replaceAll("[.,]", ""));
    } else if (!comma && POINT.matcher(word).matches()) {
      return Double.valueOf(word);
    } else if (comma && COMMAED.matcher(word).matches()) {
      return Double.valueOf(word.replace(',', '.'));
    }
    return null;
  }

  /** A number in words: forty-one, two hundred and six, a hundred; null for none. */
  static Spelt spelt(List<Token> tokens, int i) {
    double sum = 0;
    int at = i;
    while (at < tokens.size()) {
      String word = low(tokens, at);
      Double value = WORDS.get(word);
      if (value != null) {
        sum += value;
      } else if (word.equals("hundred") && at > i && sum < 10) {
        sum *= 100;
      } else if (word.equals("a") && at == i && low(tokens, at + 1).matches("hundred|dozen")) {
        sum = low(tokens, at + 1).equals("hundred") ? 100 : 12;
        at++;
      } else if (!(word.equals("and")
          && at > i
          && low(tokens, at - 1).equals("hundred")
          && WORDS.containsKey(low(tokens, at + 1)))) {
        break;
      }
      at++;
    }
    return at == i ? null : new Spelt(sum, at);
  }

  private static String low(List<Token> tokens, int i) {
    return i < tokens.size() ? tokens.get(i).surface().toLowerCase(Locale.ROOT) : "";
  }

  /** A part of a whole: fifth, or of several thirds; null for none. */
  static Double part(String word, boolean several) {
    String one = several && word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    return PARTS.get(one.equals("halve") ? "half" : one);
  }
}
