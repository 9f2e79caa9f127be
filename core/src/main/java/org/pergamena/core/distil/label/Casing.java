package org.pergamena.core.distil.label;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/**
 * How a word is written inside a sentence: names and acronyms keep their capitals, other words lose
 * the one that the beginning of a sentence gave them.
 */
final class Casing {
  private final Map<String, Map<String, Integer>> forms = new HashMap<>();

  Casing(Collection<Analysed> texts) {
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        List<Token> tokens = sentence.tokens();
        for (int i = 0; i < tokens.size(); i++) {
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

  /** The phrase as a label: sentence case. */
  String label(List<Token> tokens) {
    StringBuilder label = new StringBuilder();
    for (Token token : tokens) {
      label.append(label.isEmpty() ? "" : " ").append(word(token));
    }
    label.setCharAt(0, Character.toUpperCase(label.charAt(0)));
    return label.toString();
  }

  /**
   * A label as it is written after others: its first word loses the capital that it only has there.
   */
  String inside(List<Token> tokens, String label) {
    String first = word(tokens.get(0));
    return label.length() < first.length() ? label : first + label.substring(first.length());
  }

  private String word(Token token) {
    String lower = token.surface().toLowerCase(Locale.ROOT);
    Map<String, Integer> known = forms.get(lower);
    if (known == null) {
      return token.tag().equals("PROPN") ? token.surface() : lower;
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
}
