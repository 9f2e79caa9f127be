package org.pergamena.core.study.ask;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.scope.Synonyms;

/** Other words for what a question asks about, as the sources give them. */
final class OtherWords {
  private static final int LONGEST_TERM = 3;
  private static final int MOST_WORDS = 16;

  private final Synonyms synonyms;

  OtherWords(Collection<Analysed> texts, Collection<CompareMark> same) {
    this.synonyms = new Synonyms(texts, same);
  }

  /** Of each stem that is asked, the stems of other words for the term that it stands in. */
  Map<String, List<Set<String>>> of(Question question, String text, List<Tongue> tongues) {
    Map<String, List<Set<String>>> others = new HashMap<>();
    if (tongues.isEmpty()) {
      return others;
    }
    Tongue tongue = tongues.get(0);
    List<Span> words = tongue.words(text, 0, text.length());
    List<Span> some = words.subList(0, Math.min(MOST_WORDS, words.size()));
    for (int from = 0; from < some.size(); from++) {
      Set<String> stems = new HashSet<>();
      for (int to = from; to < Math.min(some.size(), from + LONGEST_TERM); to++) {
        String stem = tongue.stem(text.substring(some.get(to).start(), some.get(to).end()));
        if (!question.words().containsKey(stem)) {
          break; // a term is made of words that are asked about
        }
        stems.add(stem);
        String term = text.substring(some.get(from).start(), some.get(to).end());
        for (Synonyms.Synonym each : synonyms.of(term)) {
          Set<String> other = TextAnalyser.stems(each.words(), tongue);
          if (!other.isEmpty()) {
            stems.forEach(s -> others.computeIfAbsent(s, k -> new ArrayList<>()).add(other));
          }
        }
      }
    }
    return others;
  }
}
