package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** What a sentence says with its noun phrases, as phrases that could be labels. */
final class Clauses {
  private static final String BY = "by";
  private static final String OF = "of";
  private static final Set<String> DETERMINES = Set.of("DET", "PRON", "ADJ", "NUM");
  private static final Set<String> TAKES_NOUNS = Set.of("VERB", "ADP");
  private static final int MOST_NOUNS = 3;
  private static final int MOST_CONTENT = 6;

  private final List<Token> tokens;
  private final int[] reaches;
  private final Tongue tongue;
  private final boolean sure;
  private final List<Phrase> found = new ArrayList<>();

  /**
   * Of the words of a sentence.
   *
   * @param reaches where the longest noun phrase that each word begins ends, or -1
   */
  Clauses(List<Token> tokens, int[] reaches, Tongue tongue, boolean sure) {
    this.tokens = tokens;
    this.reaches = reaches;
    this.tongue = tongue;
    this.sure = sure;
  }

  /** All of them; each once for each place. */
  List<Phrase> phrases() {
    int last = -1;
    for (int start = 0; start < reaches.length; start++) {
      int end = reaches[start];
      if (end > last) {
        after(start, end);
        last = end;
      }
    }
    for (int i = 0; i < reaches.length; i++) {
      doing(i);
    }
    return found;
  }

  /** The noun phrase from a word on, an article before it included; null if there is none. */
  private int[] nouns(int at) {
    int from = at < reaches.length && tongue.article(tokens.get(at).surface()) ? at + 1 : at;
    boolean some = from < reaches.length && reaches[from] >= 0;
    boolean whole = some && !Cuts.cut(tokens, from, reaches[from]);
    boolean counts = whole && tongue.measures(tokens.get(from).surface());
    return whole && !counts && reaches[from] - from < MOST_NOUNS
        ? new int[] {at, reaches[from]}
        : null;
  }

  private String word(int at) {
    return at < tokens.size() ? tokens.get(at).surface() : "";
  }

  private boolean links(int at) {
    return at < tokens.size()
        && tongue.links(word(at))
        && !tokens.get(at).tag().equals("SCONJ")
        && !tokens.get(at).tag().equals("PART");
  }

  /** What is said after a noun phrase: linked to it, joined with it, done to it, or what it is. */
  private void after(int start, int end) {
    int from = Math.max(start, end - MOST_NOUNS + 1);
    if (Cuts.cut(tokens, from, end) || tongue.measures(word(from))) {
      return;
    }
    linked(from, end);
    int[] second = word(end + 1).equalsIgnoreCase(tongue.and("")) ? nouns(end + 2) : null;
    if (second != null && second[0] == end + 2 && reaches[end + 2] >= 0) {
      add(tokens.subList(from, second[1] + 1));
    }
    if (participle(end + 1) && word(end + 2).equals(BY)) {
      int[] by = nouns(end + 3);
      if (by != null) {
        add(tokens.subList(from, by[1] + 1));
      }
    }
    if (tongue.copula(word(end + 1)) && !tongue.past(word(end + 1))) {
      is(from, end);
    }
  }

  private void linked(int from, int end) {
    boolean of = !tongue.tagged() || word(end + 1).equals(OF);
    int[] second = links(end + 1) && (of || !belongsElsewhere(from)) ? nouns(end + 2) : null;
    if (second == null || tongue.partitive(word(end))) {
      return;
    }
    boolean joins = word(second[1] + 1).equalsIgnoreCase(tongue.and(""));
    int[] other = joins ? nouns(second[1] + 2) : null;
    if (other != null) {
      add(tokens.subList(from, other[1] + 1));
    }
    if (tongue.between(word(end + 1))) {
      return;
    }
    add(tokens.subList(from, second[1] + 1));
    if (from < end) {
      add(tokens.subList(end, second[1] + 1));
    }
    int[] third = of && links(second[1] + 1) ? nouns(second[1] + 2) : null;
    if (third != null) {
      add(tokens.subList(from, third[1] + 1));
    }
  }

  /**
   * Whether what is linked to a noun phrase may belong to a verb or another link before it, as in
   * <em>from a fence to a wall</em>.
   */
  private boolean belongsElsewhere(int from) {
    int before = from - 1;
    while (before >= 0
        && (tongue.article(word(before)) || DETERMINES.contains(tokens.get(before).tag()))) {
      before--;
    }
    return before >= 0 && TAKES_NOUNS.contains(tokens.get(before).tag());
  }

  /** As in <em>driven</em>. */
  private boolean participle(int at) {
    boolean verb = at < tokens.size() && tokens.get(at).tag().equals("VERB");
    return verb && tokens.get(at).content() && (word(at).endsWith("ed") || word(at).endsWith("en"));
  }

  private void is(int from, int end) {
    int[] what = nouns(end + 2);
    if (what == null || empty(word(what[1]))) {
      return;
    }
    Token copula = tokens.get(end + 1);
    List<Token> told = new ArrayList<>(tokens.subList(from, end + 1));
    told.add(new Token(copula.start(), tongue.as(), tongue.as(), "ADP", false));
    told.addAll(tokens.subList(what[0], what[1] + 1));
    add(told);
    int[] more = links(what[1] + 1) ? nouns(what[1] + 2) : null;
    if (more != null) {
      told.addAll(tokens.subList(what[1] + 1, more[1] + 1));
      add(told);
    }
  }

  /** Whether a noun tells nothing of what is said to be it. */
  private boolean empty(String noun) {
    return tongue.generic(noun) || tongue.partitive(noun);
  }

  /** What is done to a noun phrase. */
  private void doing(int at) {
    Token verb = tokens.get(at);
    if (!verb.tag().equals("VERB") || !verb.content() || !base(at)) {
      return;
    }
    String doing = tongue.doing(verb.surface());
    int[] what = doing.isEmpty() ? null : nouns(at + 1);
    if (what == null) {
      return;
    }
    List<Token> told = new ArrayList<>();
    told.add(new Token(verb.start(), doing, verb.stem(), verb.tag(), true));
    told.addAll(tokens.subList(what[0], what[1] + 1));
    add(told);
    int[] more = links(what[1] + 1) ? nouns(what[1] + 2) : null;
    if (more != null) {
      told.addAll(tokens.subList(what[1] + 1, more[1] + 1));
      add(told);
    }
  }

  /** Whether a verb stands in its base form, or as a gerund. */
  private boolean base(int at) {
    if (word(at).endsWith("ing")) {
      return at == 0 || !tokens.get(at - 1).noun();
    }
    return at == 0 && sure || at > 0 && tongue.bare(word(at - 1));
  }

  private void add(List<Token> words) {
    List<String> stems = words.stream().filter(Token::content).map(Token::stem).toList();
    if (stems.size() <= MOST_CONTENT && stems.stream().distinct().count() == stems.size()) {
      found.add(Phrase.of(false, words, tongue));
    }
  }
}
