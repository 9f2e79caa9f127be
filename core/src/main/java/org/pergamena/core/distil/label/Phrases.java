package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * Finds the phrases of a sentence that could name its text: adjectives, participles, nouns and
 * names that end in a noun or name, and what is said with these.
 */
final class Phrases {
  private static final int LONGEST = 4;

  /**
   * Words of a run of nouns that are looked at, so that a long run costs no more than its length.
   */
  private static final int LONGEST_RUN = 12;

  private static final int SALUTES = 3;

  /** Letters that two forms of a word have in common at least. */
  private static final int KIN = 6;

  /** A digit between small letters, or a full stop between words that are no initials. */
  private static final Pattern CODE = Pattern.compile("\\p{Ll}\\d+\\p{Ll}|\\p{L}{2}\\.[\\p{L}\\d]");

  /** What follows a verb and hardly a noun. */
  private static final Set<String> SAID = Set.of("DET", "SCONJ");

  private Phrases() {}

  /** Every noun phrase, those within longer ones too, and the phrases made of them. */
  static List<Phrase> of(Sentence sentence, Analysed text) {
    Tongue tongue = text.tongue();
    boolean sure = tongue.tagged() && text.punctuated();
    List<Phrase> phrases = new ArrayList<>();
    List<Token> tokens = sentence.tokens();
    if (salutes(tokens, tongue) || NonProse.is(tokens, tongue)) {
      return phrases;
    }
    for (int start = 0; start < tokens.size(); start++) {
      if (!begins(tokens, start, tongue)) {
        continue;
      }
      for (int end = start; end < Math.min(tokens.size(), start + LONGEST); end++) {
        if (!inside(tokens.get(end), tongue) || end > start && apart(tokens, end, tongue)) {
          break;
        }
        if (ends(tokens, start, end, tongue)
            && !repeats(tokens, start, end)
            && !Cuts.cut(tokens, start, end)) {
          phrases.add(Phrase.of(true, tokens.subList(start, end + 1), tongue));
        }
      }
    }
    phrases.addAll(new Clauses(tokens, reaches(tokens, tongue), tongue, sure).phrases());
    return phrases;
  }

  /** Whether a sentence turns to those who listen, with several words for it. */
  private static boolean salutes(List<Token> tokens, Tongue tongue) {
    return tokens.stream()
            .map(token -> token.surface().toLowerCase(Locale.ROOT))
            .filter(tongue::salutes)
            .distinct()
            .count()
        >= SALUTES;
  }

  /** Where the longest noun phrase that a word can begin ends; -1 if it can begin none. */
  private static int[] reaches(List<Token> tokens, Tongue tongue) {
    int[] reaches = new int[tokens.size()];
    Arrays.fill(reaches, -1);
    for (int start = 0; start < reaches.length; start++) {
      if (!inside(tokens.get(start), tongue) || !begins(tokens, start, tongue)) {
        continue;
      }
      for (int end = start;
          end < Math.min(reaches.length, start + LONGEST_RUN)
              && inside(tokens.get(end), tongue)
              && (end == start || !apart(tokens, end, tongue));
          end++) {
        reaches[start] = ends(tokens, start, end, tongue) ? end : reaches[start];
      }
    }
    return reaches;
  }

  /** Where nouns come first, a phrase begins with one, or with one adjective before it. */
  private static boolean begins(List<Token> tokens, int start, Tongue tongue) {
    Token first = tokens.get(start);
    boolean verb = start > 0 && tongue.subject(tokens.get(start - 1).surface());
    boolean tells = start > 0 && tells(first, tokens.get(start - 1), tongue);
    if (verb || tells || tongue.vague(first.surface()) || tongue.measures(first.surface())) {
      return false;
    }
    if (tongue.capitalisesNouns() && !first.noun()) {
      return !first.surface().endsWith("en") && !first.surface().endsWith("em");
    }
    return !tongue.headFirst()
        || first.noun()
        || start + 1 < tokens.size() && tokens.get(start + 1).noun();
  }

  /** Whether what is taken for a noun is a verb, as in <em>this explains</em>. */
  private static boolean tells(Token word, Token before, Tongue tongue) {
    String surface = word.surface();
    return word.noun()
        && tongue.singular(before.surface())
        && surface.endsWith("s")
        && !surface.endsWith("ss")
        && !surface.endsWith("us")
        && !surface.endsWith("is")
        && Character.isLowerCase(surface.charAt(0));
  }

  /** Whether a word beside another is not of one phrase with it. */
  private static boolean apart(List<Token> tokens, int at, Tongue tongue) {
    Token before = tokens.get(at - 1);
    if (before.noun() && participle(tokens.get(at)) || kin(before.surface(), tokens.get(at))) {
      return true;
    }
    boolean names = before.tag().equals("PROPN") && tokens.get(at).tag().equals("PROPN");
    return tongue.writesCompoundsAsOne() && before.noun() && !names;
  }

  private static boolean ends(List<Token> tokens, int start, int end, Tongue tongue) {
    Token last = tokens.get(end);
    if (tongue.measures(last.surface()) || end > start && says(tokens, end)) {
      return false;
    }
    return last.noun()
        || tongue.headFirst()
            && last.tag().equals("ADJ")
            && tokens.subList(start, end).stream().anyMatch(Token::noun);
  }

  /**
   * Whether a last word taken for a noun is a verb with what it says, as in <em>she notes
   * that</em>.
   */
  private static boolean says(List<Token> tokens, int at) {
    return at + 1 < tokens.size()
        && tokens.get(at).surface().endsWith("s")
        && tokens.get(at).tag().equals("NOUN")
        && SAID.contains(tokens.get(at + 1).tag());
  }

  /** Whether the last word of a phrase stands in it before. */
  private static boolean repeats(List<Token> tokens, int start, int end) {
    String last = tokens.get(end).stem();
    return tokens.subList(start, end).stream().anyMatch(token -> token.stem().equals(last));
  }

  /** Whether a word is another form of the one before, as in <em>Ferrow Ferrowian</em>. */
  private static boolean kin(String before, Token token) {
    return before.length() >= KIN
        && token.surface().length() >= KIN
        && before.substring(0, KIN).equalsIgnoreCase(token.surface().substring(0, KIN));
  }

  /** Whether a word is a piece of code, or two words that a dash without blanks has joined. */
  private static boolean written(String word, Tongue tongue) {
    int dash = word.lastIndexOf('-');
    return CODE.matcher(word).find() || dash > 0 && tongue.article(word.substring(dash + 1));
  }

  private static boolean inside(Token token, Tongue tongue) {
    return token.content()
        && !written(token.surface(), tongue)
        && !tongue.past(token.surface())
        && !tongue.verb(token.surface())
        && token.surface().length() > 2 | token.tag().equals("PROPN")
        && (token.noun() || token.tag().equals("ADJ") || participle(token));
  }

  /** As in <em>wading birds</em>. */
  private static boolean participle(Token token) {
    return token.tag().equals("VERB") && token.surface().endsWith("ing");
  }
}
