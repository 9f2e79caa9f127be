package org.pergamena.core.study.agree;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Span;

/** The parts of a sentence that each state something: each has a verb of its own. */
final class Clauses {
  private static final int FEWEST = 4;
  private static final Set<String> MARKS = Set.of(";", ":", ",", "\u2013", "\u2014");
  private static final Set<String> JOINTS = Set.of("CCONJ", "SCONJ");

  private Clauses() {}

  static List<Sentence> of(Analysed text, Sentence sentence) {
    List<Token> tokens = sentence.tokens();
    if (!text.tongue().tagged() || tokens.size() < 2 * FEWEST) {
      return List.of(sentence);
    }
    List<Sentence> parts = new ArrayList<>();
    int from = 0;
    for (int i = 1; i < tokens.size(); i++) {
      boolean mark = MARKS.contains(tokens.get(i).surface());
      boolean joint = JOINTS.contains(tokens.get(i).tag());
      boolean cuts =
          (mark || joint) && states(tokens, from, i) && states(tokens, i + 1, next(tokens, i + 1));
      if (cuts) {
        parts.add(part(sentence, from, i));
        boolean also = mark && JOINTS.contains(tokens.get(i + 1).tag());
        from = also ? i + 2 : i + 1;
      }
    }
    parts.add(part(sentence, from, tokens.size()));
    return parts;
  }

  /** Where the words up to the next mark or joint end. */
  private static int next(List<Token> tokens, int from) {
    int at = from + 1;
    while (at < tokens.size()
        && !MARKS.contains(tokens.get(at).surface())
        && !JOINTS.contains(tokens.get(at).tag())) {
      at++;
    }
    return Math.min(at, tokens.size());
  }

  /** Whether some tokens have a verb and somebody or something that does it. */
  private static boolean states(List<Token> tokens, int from, int to) {
    boolean verb = false;
    boolean noun = false;
    for (int i = from; i < to; i++) {
      verb |= tokens.get(i).tag().equals("VERB") || tokens.get(i).tag().equals("AUX");
      noun |= tokens.get(i).noun() || tokens.get(i).tag().equals("PRON");
    }
    return verb && noun && to - from >= FEWEST;
  }

  private static Sentence part(Sentence sentence, int from, int to) {
    List<Token> tokens = sentence.tokens().subList(from, to);
    if (tokens.isEmpty()) {
      return new Sentence(sentence.span(), sentence.block(), List.of());
    }
    int start = from == 0 ? sentence.span().start() : tokens.get(0).start();
    int end =
        to == sentence.tokens().size()
            ? sentence.span().end()
            : tokens.get(tokens.size() - 1).end();
    return new Sentence(new Span(start, end), sentence.block(), tokens);
  }
}
