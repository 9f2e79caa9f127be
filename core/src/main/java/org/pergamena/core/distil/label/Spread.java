package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;

/** In which sentences of a group each stem stands. */
final class Spread {
  private final Map<String, List<Integer>> places = new HashMap<>();
  private final int[] met;

  Spread(Group group) {
    this(group.sentences());
  }

  Spread(List<Sentence> sentences) {
    for (int i = 0; i < sentences.size(); i++) {
      for (Token token : sentences.get(i).tokens()) {
        if (token.content()) {
          List<Integer> own = places.computeIfAbsent(token.stem(), stem -> new ArrayList<>());
          if (own.isEmpty() || own.get(own.size() - 1) != i) {
            own.add(i);
          }
        }
      }
    }
    this.met = new int[sentences.size()];
  }

  /** How many of some stems, each once, the sentence has that has most of them. */
  int most(List<String> stems) {
    int most = 0;
    for (String stem : stems) {
      for (int place : places.getOrDefault(stem, List.of())) {
        most = Math.max(most, ++met[place]);
      }
    }
    for (String stem : stems) {
      for (int place : places.getOrDefault(stem, List.of())) {
        met[place] = 0;
      }
    }
    return most;
  }
}
