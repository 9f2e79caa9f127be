package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.language.Tongue;

/**
 * Tells nouns, names and adjectives apart in a language without a model, by the company that each
 * word keeps in the whole text: nouns follow articles and prepositions, adjectives stand between
 * these and a noun, or after it. Of a language of which not even the small words are known, short
 * words and those in very many sentences are taken for them.
 */
final class Guessing {
  private static final double NOUN_SHARE = 0.4;
  private static final double EVERYWHERE = 0.12;
  private static final int SHORT = 3;
  private static final Pattern VERB =
      Pattern.compile(
          ".*(?:aron|ieron|ando|endo|indo|aba|aban|ava|avam|avano|ou|ó|ò|iu|are|ere|ire)");
  private static final Pattern INFINITIVE = Pattern.compile("\\p{Ll}{3,}(?:ar|er|ir|are|ere|ire)");

  private final Tongue tongue;
  private final Map<String, Company> companies = new HashMap<>();
  private final Set<String> common = new HashSet<>();

  private static final class Company {
    int count;
    int led;
    int asNoun;
    int capital;
    int lower;
  }

  private Guessing(Tongue tongue) {
    this.tongue = tongue;
  }

  /** The same sentences with parts of speech. */
  static List<Sentence> tagged(List<Sentence> sentences, Tongue tongue) {
    Guessing guessing = new Guessing(tongue);
    if (!tongue.listed()) {
      guessing.findCommon(sentences);
    }
    sentences.forEach(guessing::meet);
    sentences.forEach(guessing::meetAgain);
    return sentences.stream()
        .map(s -> new Sentence(s.span(), s.block(), guessing.tokens(s.tokens())))
        .toList();
  }

  private void findCommon(List<Sentence> sentences) {
    Map<String, Integer> spread = new HashMap<>();
    for (Sentence sentence : sentences) {
      Set<String> here = new HashSet<>();
      sentence.tokens().forEach(token -> here.add(token.stem()));
      here.forEach(stem -> spread.merge(stem, 1, Integer::sum));
    }
    spread.forEach(
        (stem, count) -> {
          boolean small = stem.length() <= SHORT && !tongue.unspaced();
          if (small || count > Math.max(2, EVERYWHERE * sentences.size())) {
            common.add(stem);
          }
        });
  }

  private boolean content(Token token) {
    return token.content() && !common.contains(token.stem());
  }

  private void meet(Sentence sentence) {
    List<Token> tokens = sentence.tokens();
    for (int i = 0; i < tokens.size(); i++) {
      if (content(tokens.get(i))) {
        Company company = companies.computeIfAbsent(tokens.get(i).stem(), s -> new Company());
        company.count++;
        company.led += led(tokens, i) ? 1 : 0;
        boolean capital = Character.isUpperCase(tokens.get(i).surface().charAt(0));
        boolean opening = i == 0 || !tokens.get(i - 1).word();
        company.capital += capital && !opening ? 1 : 0;
        company.lower += capital ? 0 : 1;
      }
    }
  }

  /** Counts where each word stands as a noun, now that it is known which often follow articles. */
  private void meetAgain(Sentence sentence) {
    List<Token> tokens = sentence.tokens();
    for (int i = 0; i < tokens.size(); i++) {
      if (content(tokens.get(i))) {
        companies.get(tokens.get(i).stem()).asNoun += standsAsNoun(tokens, i) ? 1 : 0;
      }
    }
  }

  private boolean led(List<Token> tokens, int i) {
    return i > 0 && tongue.article(tokens.get(i - 1).surface()) && !bends(tokens, i);
  }

  private boolean standsAsNoun(List<Token> tokens, int i) {
    if (i > 0 && leads(tokens.get(i - 1))) {
      return companies.get(tokens.get(i).stem()).led > 0 && !bends(tokens, i);
    }
    return i > 1 && bends(tokens, i - 1) && leads(tokens.get(i - 2));
  }

  /** Where adjectives come first, whether one with their ending stands before another word. */
  private boolean bends(List<Token> tokens, int i) {
    return !tongue.headFirst()
        && i + 1 < tokens.size()
        && content(tokens.get(i))
        && content(tokens.get(i + 1))
        && tokens.get(i).surface().matches(tongue.capitalisesNouns() ? ".*en?" : ".*e");
  }

  private boolean leads(Token token) {
    return tongue.article(token.surface()) || tongue.links(token.surface());
  }

  private List<Token> tokens(List<Token> tokens) {
    List<Token> tagged = new ArrayList<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      Token before = i == 0 ? null : tokens.get(i - 1);
      Token after = i + 1 == tokens.size() ? null : tokens.get(i + 1);
      String tag = content(token) ? tag(token, before, after) : small(token);
      tagged.add(new Token(token.start(), token.surface(), token.stem(), tag, content(token)));
    }
    return tagged;
  }

  private String small(Token token) {
    if (!token.word()) {
      return "PUNCT";
    }
    return tongue.links(token.surface()) ? "ADP" : tongue.article(token.surface()) ? "DET" : "X";
  }

  private String tag(Token token, Token before, Token after) {
    Company company = companies.get(token.stem());
    if (company.capital > company.lower) {
      return "PROPN";
    }
    boolean bare = before == null || !tongue.article(before.surface());
    if (tongue.headFirst() && bare && INFINITIVE.matcher(token.surface()).matches()) {
      return "X";
    }
    if (!tongue.articled() || company.asNoun >= NOUN_SHARE * company.count) {
      return "NOUN";
    }
    boolean beside =
        tongue.headFirst()
            ? before != null && isNoun(before) && agrees(before.surface(), token.surface())
            : after != null && isNoun(after) && before != null && leads(before);
    return beside ? "ADJ" : "X";
  }

  private boolean isNoun(Token token) {
    Company company = companies.get(token.stem());
    return company != null && company.asNoun >= NOUN_SHARE * company.count;
  }

  /** Whether both are of one number, and the second has the ending of no common verb form. */
  private static boolean agrees(String noun, String adjective) {
    String one = noun.toLowerCase(Locale.ROOT);
    String other = adjective.toLowerCase(Locale.ROOT);
    boolean number = one.endsWith("s") == other.endsWith("s");
    return number && !VERB.matcher(other).matches();
  }
}
