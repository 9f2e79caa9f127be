package org.pergamena.core.distil.label;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/** What a group's text itself puts side by side. */
final class Joins {
  /** Words on either side of a joining word that it may join. */
  private static final int REACH = 2;

  private final Map<String, Set<String>> beside = new HashMap<>();

  Joins(Group group) {
    for (Part part : group.parts()) {
      Tongue tongue = part.text().tongue();
      for (Sentence sentence : part.sentences()) {
        List<Token> words = sentence.tokens().stream().filter(Token::word).toList();
        for (int i = 0; i < words.size(); i++) {
          Token word = words.get(i);
          if (!word.content() && joins(word, tongue)) {
            join(words.subList(Math.max(0, i - REACH), i), after(words, i));
          }
        }
      }
    }
  }

  private static List<Token> after(List<Token> words, int i) {
    return words.subList(i + 1, Math.min(words.size(), i + 1 + REACH));
  }

  private static boolean joins(Token word, Tongue tongue) {
    return word.tag().equals("CCONJ") || word.surface().equalsIgnoreCase(tongue.and(""));
  }

  private void join(List<Token> before, List<Token> after) {
    for (Token left : before) {
      for (Token right : after) {
        if (left.content() && right.content()) {
          beside.computeIfAbsent(left.stem(), stem -> new HashSet<>()).add(right.stem());
          beside.computeIfAbsent(right.stem(), stem -> new HashSet<>()).add(left.stem());
        }
      }
    }
  }

  /** Whether two phrases stand side by side in the text, joined by a word. */
  boolean joined(List<Token> phrase, List<Token> other) {
    Set<String> near = beside.getOrDefault(last(phrase), Set.of());
    return near.contains(last(other));
  }

  private static String last(List<Token> phrase) {
    String last = "";
    for (Token token : phrase) {
      last = token.content() ? token.stem() : last;
    }
    return last;
  }
}
