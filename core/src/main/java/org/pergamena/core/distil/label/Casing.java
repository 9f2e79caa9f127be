package org.pergamena.core.distil.label;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * How a word is written inside a sentence: names and acronyms keep their capitals, other words lose
 * the one that the beginning of a sentence gave them. What was written down without capitals has
 * them where other sources show them, and in names of countries and languages.
 */
final class Casing {
  private final Map<String, Map<String, Integer>> forms = new HashMap<>();

  /** Two words that are met with capitals, as {@code quay street}. */
  private final Set<String> names = new HashSet<>();

  /** Two words that are met without. */
  private final Set<String> plain = new HashSet<>();

  Casing(Collection<Analysed> texts) {
    for (Analysed text : texts) {
      if (text.lowerCase()) {
        continue;
      }
      for (Sentence sentence : text.sentences()) {
        List<Token> tokens = sentence.tokens();
        for (int i = 0; i < tokens.size(); i++) {
          pair(tokens, i);
          String surface = tokens.get(i).surface();
          boolean opening = i == 0 || !tokens.get(i - 1).word();
          if (!opening || surface.equals(surface.toLowerCase(Locale.ROOT))) {
            forms
                .computeIfAbsent(surface.toLowerCase(Locale.ROOT), word -> new HashMap<>())
                .merge(surface, 1, Integer::sum);
          }
        }
      }
    }
  }

  private void pair(List<Token> tokens, int i) {
    if (i == 0 || !tokens.get(i).content() || !tokens.get(i - 1).content()) {
      return;
    }
    String pair = lower(tokens, i - 1) + " " + lower(tokens, i);
    if (!capital(tokens, i)) {
      plain.add(pair);
    } else if (capital(tokens, i - 1)) {
      names.add(pair);
    }
  }

  private static String lower(List<Token> tokens, int i) {
    return tokens.get(i).surface().toLowerCase(Locale.ROOT);
  }

  /** Whether a word without a capital belongs to what other sources show to be a name. */
  private boolean named(List<Token> tokens, int i, Tongue tongue) {
    return !capital(tokens, i)
        && (i > 0 && name(tokens, i - 1, tongue)
            || i + 1 < tokens.size() && name(tokens, i, tongue));
  }

  private boolean name(List<Token> tokens, int i, Tongue tongue) {
    String pair = lower(tokens, i) + " " + lower(tokens, i + 1);
    return (names.contains(pair) || tongue.place(pair)) && !plain.contains(pair);
  }

  private String within(List<Token> tokens, int i, Tongue tongue) {
    String surface = tokens.get(i).surface();
    if (named(tokens, i, tongue)) {
      return Character.toUpperCase(surface.charAt(0)) + surface.substring(1);
    }
    return inName(tokens, i) ? surface : word(tokens.get(i), tongue);
  }

  /** The phrase as a label: sentence case. */
  String label(List<Token> tokens, Tongue tongue) {
    StringBuilder label = new StringBuilder();
    for (int i = 0; i < tokens.size(); i++) {
      boolean joined = label.isEmpty() || tongue.unspaced() || elided(label);
      String word = within(tokens, i, tongue);
      label.append(joined ? "" : " ").append(word);
    }
    label.setCharAt(0, Character.toUpperCase(label.charAt(0)));
    return label.toString();
  }

  /**
   * A label as it is written after others: its first word loses the capital that it only has there.
   */
  String inside(List<Token> tokens, String label, Tongue tongue) {
    String first = within(tokens, 0, tongue);
    return label.length() < first.length() ? label : first + label.substring(first.length());
  }

  /** Whether a word with a capital stands beside another, as in {@code Quay Street}. */
  private static boolean inName(List<Token> tokens, int i) {
    return capital(tokens, i) && (capital(tokens, i - 1) || capital(tokens, i + 1));
  }

  private static boolean capital(List<Token> tokens, int i) {
    return i >= 0
        && i < tokens.size()
        && tokens.get(i).content()
        && Character.isUpperCase(tokens.get(i).surface().charAt(0));
  }

  private static boolean elided(StringBuilder label) {
    return "'\u2019".indexOf(label.charAt(label.length() - 1)) >= 0;
  }

  private String word(Token token, Tongue tongue) {
    String lower = token.surface().toLowerCase(Locale.ROOT);
    Map<String, Integer> known = forms.get(lower);
    if (known == null) {
      boolean capital = tongue.capitalisesNouns() ? token.noun() : token.tag().equals("PROPN");
      boolean place = !capital && tongue.place(lower);
      return place
          ? Character.toUpperCase(lower.charAt(0)) + lower.substring(1)
          : capital ? token.surface() : lower;
    }
    String best = lower;
    int most = known.getOrDefault(lower, 0);
    for (Map.Entry<String, Integer> form : known.entrySet()) {
      boolean more = form.getValue() > most;
      if (more || form.getValue() == most && form.getKey().compareTo(best) > 0 && most == 0) {
        best = form.getKey();
        most = form.getValue();
      }
    }
    return best;
  }

  /** A word in capitals as it is usually written inside sentences. */
  String usual(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    Map<String, Integer> known = forms.getOrDefault(lower, Map.of());
    return known.entrySet().stream()
        .max(
            Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(lower);
  }
}
