package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/**
 * Finds the noun phrases of a sentence: adjectives, participles, nouns and names that end in a noun
 * or name.
 */
final class Phrases {
  private static final int LONGEST = 4;
  private static final int LONGEST_LINKED = 6;
  private static final Set<String> LINKS = Set.of("of", "for");

  /** Measures and times, which name no subject. */
  private static final Set<String> MEASURES =
      Set.of(
          ("per cent percent metre metres meter meters kilometre kilometres millimetre millimetres"
                  + " centimetre centimetres hectare hectares tonne tonnes ton tons year years month"
                  + " months week weeks day days hour hours minute minutes second seconds today"
                  + " yesterday tomorrow january february march april may june july august september"
                  + " october november december monday tuesday wednesday thursday friday saturday"
                  + " sunday quarter half ten twenty thirty forty fifty hundred thousand million billion dozen e.g i.e number people man men"
                  + " woman women section chapter page")
              .split(" "));

  private Phrases() {}

  /** Every noun phrase, those within longer ones too. */
  static List<Phrase> of(Sentence sentence) {
    List<Phrase> phrases = new ArrayList<>();
    List<Token> tokens = sentence.tokens();
    for (int start = 0; start < tokens.size(); start++) {
      for (int end = start; end < Math.min(tokens.size(), start + LONGEST); end++) {
        Token last = tokens.get(end);
        if (!inside(last)) {
          break;
        }
        if (last.noun() && !measures(last) && !measures(tokens.get(start))) {
          phrases.add(phrase(tokens.subList(start, end + 1)));
          linked(tokens, start, end, phrases);
        }
      }
    }
    return phrases;
  }

  /** The phrase with another after a preposition, an article between them left out of the key. */
  private static void linked(List<Token> tokens, int start, int end, List<Phrase> phrases) {
    int next = end + 2;
    boolean links =
        next < tokens.size()
            && LINKS.contains(tokens.get(end + 1).surface())
            && tokens.get(end + 1).tag().equals("ADP");
    if (!links) {
      return;
    }
    if (tokens.get(next).tag().equals("DET")) {
      next++;
    }
    int last = next - 1;
    while (last + 1 < Math.min(tokens.size(), next + 3) && inside(tokens.get(last + 1))) {
      last++;
    }
    boolean whole = last + 1 >= tokens.size() || !inside(tokens.get(last + 1));
    whole &= last < next || !measures(tokens.get(last));
    if (last >= next && whole && tokens.get(last).noun() && last - start < LONGEST_LINKED) {
      phrases.add(phrase(tokens.subList(start, last + 1)));
    }
  }

  private static boolean measures(Token token) {
    return MEASURES.contains(token.surface().toLowerCase(Locale.ROOT));
  }

  private static boolean inside(Token token) {
    return token.content()
        && token.surface().length() > 2 | token.tag().equals("PROPN")
        && (token.noun() || token.tag().equals("ADJ") || participle(token));
  }

  /** As in <em>wading birds</em>. */
  private static boolean participle(Token token) {
    return token.tag().equals("VERB") && token.surface().endsWith("ing");
  }

  private static Phrase phrase(List<Token> tokens) {
    String key =
        tokens.stream().filter(Token::content).map(Token::stem).collect(Collectors.joining(" "));
    return new Phrase(key, List.copyOf(tokens));
  }
}
