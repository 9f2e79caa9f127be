package org.pergamena.core.study.agree;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.study.figure.Quantity;
import org.pergamena.core.study.figure.QuantityReader;
import org.pergamena.core.time.TimeReader;
import org.pergamena.core.time.Told;

/**
 * What a sentence states, taken apart so that it can be held against another.
 *
 * @param words those that carry meaning, by their stems: numbers, times and by whom left out
 * @param nouns stems of the nouns among them
 * @param telling words that tell one thing from another of its kind: old, upper, first
 * @param nots how often it denies
 * @param by stems of those by whom something is done
 */
record Claim(
    Map<String, Token> words,
    Set<String> nouns,
    Set<String> telling,
    Set<String> attributes,
    int nots,
    Map<String, String> by,
    List<Quantity> quantities,
    List<Told> times) {
  private static final int SOME_YEAR = 2000;
  private static final Set<String> NOTS =
      Set.of(
          "not",
          "no",
          "never",
          "none",
          "nobody",
          "nothing",
          "neither",
          "nor",
          "without",
          "cannot",
          "hardly",
          "n't",
          "nicht",
          "kein",
          "keine",
          "keinen",
          "niemals",
          "nie",
          "ne",
          "jamais",
          "nunca",
          "jam\u00e1s",
          "non",
          "mai",
          "niet",
          "geen",
          "nooit",
          "n\u00e3o");
  private static final Set<String> TELLING =
      Set.of(
          "old",
          "new",
          "former",
          "other",
          "another",
          "first",
          "second",
          "third",
          "fourth",
          "fifth",
          "sixth",
          "seventh",
          "eighth",
          "ninth",
          "tenth",
          "last",
          "next",
          "previous",
          "inner",
          "outer",
          "upper",
          "lower",
          "north",
          "south",
          "east",
          "west",
          "northern",
          "southern",
          "eastern",
          "western",
          "left",
          "right",
          "spring",
          "summer",
          "autumn",
          "winter",
          "january",
          "february",
          "march",
          "april",
          "may",
          "june",
          "july",
          "august",
          "september",
          "october",
          "november",
          "december",
          "if",
          "would",
          "could",
          "should");
  private static final Set<String> THOSE = Set.of("NOUN", "PROPN", "X");

  static Claim of(Tongue tongue, Sentence sentence, String text) {
    // days without a year can be held against each other
    List<Told> times = TimeReader.in(tongue, SOME_YEAR).read(text);
    List<Quantity> quantities = QuantityReader.read(tongue, sentence, text, times);
    Map<String, Token> words = new LinkedHashMap<>();
    Set<String> nouns = new HashSet<>();
    Set<String> telling = new HashSet<>();
    Set<String> attributes = new HashSet<>();
    Map<String, String> by = new TreeMap<>();
    int nots = 0;
    List<Token> tokens = sentence.tokens();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      String low = token.surface().toLowerCase(Locale.ROOT).replace('\u2019', '\'');
      int at = token.start() - sentence.span().start();
      boolean timed = times.stream().anyMatch(t -> at >= t.start() && at < t.end());
      nots += NOTS.contains(low) || low.endsWith("n't") ? 1 : 0;
      boolean figure = quantities.stream().anyMatch(q -> at >= q.start() && at < q.end());
      boolean counted =
          times.stream().anyMatch(t -> t.after() != null && at >= t.start() && at < t.end());
      if (TELLING.contains(low) && !figure && (!timed || counted)) {
        telling.add(low);
      }
      boolean number = Character.isDigit(low.charAt(0)) || token.tag().equals("NUM");
      if (timed || number || !token.word() || !carries(token, tongue)) {
        continue;
      }
      String stem = stem(token, tongue);
      if (THOSE.contains(token.tag()) && by(tokens, i, tongue)) {
        by.put(stem, token.surface());
        continue;
      }
      words.putIfAbsent(stem, token);
      if (THOSE.contains(token.tag())) {
        nouns.add(stem);
      }
      boolean before = i + 1 < tokens.size() && THOSE.contains(tokens.get(i + 1).tag());
      if (token.tag().equals("ADJ") && before) {
        attributes.add(stem);
      }
    }
    return new Claim(words, nouns, telling, attributes, nots, by, quantities, times);
  }

  /** Whether a word carries what is stated: small words do not, verbs of doing do. */
  private static boolean carries(Token token, Tongue tongue) {
    return token.content() || token.tag().equals("VERB") || token.tag().equals("ADJ");
  }

  private static String stem(Token token, Tongue tongue) {
    return tongue.code().equals(Tongue.ENGLISH)
        ? tongue.stem(Opposites.base(token.surface()))
        : token.stem();
  }

  /**
   * Whether somebody stands behind <em>by</em>, with nothing but articles and adjectives between.
   */
  private static boolean by(List<Token> tokens, int i, Tongue tongue) {
    for (int j = i - 1; j >= 0 && j >= i - 4; j--) {
      String low = tokens.get(j).surface().toLowerCase(Locale.ROOT);
      if (Set.of("by", "von", "par", "por", "da", "dal", "door").contains(low)) {
        return true;
      } else if (!tongue.article(low)
          && !tokens.get(j).tag().equals("ADJ")
          && !THOSE.contains(tokens.get(j).tag())) {
        return false;
      }
    }
    return false;
  }

  /** The only quantities of each kind; where there are two of a kind none is. */
  Map<String, Quantity> single() {
    Map<String, Quantity> single = new HashMap<>();
    Set<String> several = new HashSet<>();
    for (Quantity each : quantities) {
      if (single.put(each.kind(), each) != null) {
        several.add(each.kind());
      }
    }
    single.keySet().removeAll(several);
    return single;
  }

  /** Its times that are known. */
  List<Told> dated() {
    return times.stream().filter(told -> told.when().isPresent()).toList();
  }

  /** Its words that another has not. */
  List<String> without(Claim other) {
    List<String> without = new ArrayList<>(words.keySet());
    without.removeAll(other.words.keySet());
    return without;
  }
}
