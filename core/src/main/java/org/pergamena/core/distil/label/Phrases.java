package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * Finds the noun phrases of a sentence: adjectives, participles, nouns and names that end in a noun
 * or name.
 */
final class Phrases {
  private static final int LONGEST = 4;
  private static final int LONGEST_LINKED = 6;

  private Phrases() {}

  /** Every noun phrase, those within longer ones too. */
  static List<Phrase> of(Sentence sentence, Analysed text) {
    Tongue tongue = text.tongue();
    boolean sure = tongue.tagged() && text.punctuated();
    List<Phrase> phrases = new ArrayList<>();
    List<Token> tokens = sentence.tokens();
    for (int start = 0; start < tokens.size(); start++) {
      if (!begins(tokens, start, tongue)) {
        continue;
      }
      for (int end = start; end < Math.min(tokens.size(), start + LONGEST); end++) {
        if (!inside(tokens.get(end)) || end > start && apart(tokens, end, tongue)) {
          break;
        }
        if (ends(tokens, start, end, tongue) && !repeats(tokens, start, end)) {
          phrases.add(phrase(tokens.subList(start, end + 1), tongue, sure));
          linked(tokens, start, end, phrases, phrases.get(phrases.size() - 1));
        }
      }
    }
    return phrases;
  }

  /** Where nouns come first, a phrase begins with one, or with one adjective before it. */
  private static boolean begins(List<Token> tokens, int start, Tongue tongue) {
    Token first = tokens.get(start);
    if (tongue.measures(first.surface())) {
      return false;
    }
    if (tongue.capitalisesNouns() && !first.noun()) {
      return !first.surface().endsWith("en") && !first.surface().endsWith("em");
    }
    return !tongue.headFirst()
        || first.noun()
        || start + 1 < tokens.size() && tokens.get(start + 1).noun();
  }

  /** Whether a noun beside another is not of one phrase with it. */
  private static boolean apart(List<Token> tokens, int at, Tongue tongue) {
    Token before = tokens.get(at - 1);
    boolean names = before.tag().equals("PROPN") && tokens.get(at).tag().equals("PROPN");
    return tongue.writesCompoundsAsOne() && before.noun() && !names;
  }

  private static boolean ends(List<Token> tokens, int start, int end, Tongue tongue) {
    Token last = tokens.get(end);
    if (tongue.measures(last.surface())) {
      return false;
    }
    return last.noun()
        || tongue.headFirst()
            && last.tag().equals("ADJ")
            && tokens.subList(start, end).stream().anyMatch(Token::noun);
  }

  /** Whether the last word of a phrase stands in it before. */
  private static boolean repeats(List<Token> tokens, int start, int end) {
    String last = tokens.get(end).stem();
    return tokens.subList(start, end).stream().anyMatch(token -> token.stem().equals(last));
  }

  /** The phrase with another after a preposition, an article between them left out of the key. */
  private static void linked(
      List<Token> tokens, int start, int end, List<Phrase> phrases, Phrase first) {
    Tongue tongue = first.tongue();
    int next = end + 2;
    boolean links =
        next < tokens.size()
            && tongue.links(tokens.get(end + 1).surface())
            && !tokens.get(end + 1).tag().equals("SCONJ");
    if (!links) {
      return;
    }
    if (tongue.article(tokens.get(next).surface())) {
      next++;
    }
    int last = next - 1;
    while (last + 1 < Math.min(tokens.size(), next + 3)
        && inside(tokens.get(last + 1))
        && (last < next || !apart(tokens, last + 1, tongue))) {
      last++;
    }
    boolean whole = last + 1 >= tokens.size() || !inside(tokens.get(last + 1));
    whole &= last < next || !tongue.measures(tokens.get(last).surface());
    if (last >= next
        && whole
        && ends(tokens, next, last, tongue)
        && last - start < LONGEST_LINKED) {
      phrases.add(phrase(tokens.subList(start, last + 1), tongue, first.sure()));
    }
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

  private static Phrase phrase(List<Token> tokens, Tongue tongue, boolean sure) {
    String key =
        tokens.stream().filter(Token::content).map(Token::stem).collect(Collectors.joining(" "));
    return new Phrase(key, List.copyOf(tokens), tongue, sure);
  }
}
