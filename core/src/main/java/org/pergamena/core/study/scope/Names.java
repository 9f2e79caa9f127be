package org.pergamena.core.study.scope;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** Words that texts write with a capital wherever they stand. */
final class Names {
  private final Set<String> capitals = new HashSet<>();
  private final Set<String> small = new HashSet<>();

  Names(Collection<Analysed> texts) {
    for (Analysed text : texts) {
      for (Sentence sentence : text.sentences()) {
        boolean first = true;
        for (Token token : sentence.tokens()) {
          if (token.word()) {
            boolean capital = Character.isUpperCase(token.surface().charAt(0));
            if (!capital) {
              small.add(token.surface());
            } else if (!first) {
              capitals.add(token.surface());
            }
            first = false;
          }
        }
      }
    }
  }

  /** Whether a word is one of them. */
  boolean has(String word) {
    return capitals.contains(word)
        && !small.contains(Character.toLowerCase(word.charAt(0)) + word.substring(1));
  }
}
