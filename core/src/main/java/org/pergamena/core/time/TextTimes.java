package org.pergamena.core.time;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;

/** The times that the sentences of a text tell, its headings read along. */
public final class TextTimes {
  private final Map<Sentence, List<Told>> told = new IdentityHashMap<>();

  /** Reads the times of a text. */
  public TextTimes(Analysed text) {
    TimeReader reader = new TimeReader(text.tongue());
    SourceText source = text.source().text();
    int block = 0;
    for (Sentence sentence : text.sentences()) {
      for (; block < sentence.block(); block++) {
        Block before = source.blocks().get(block);
        if (before.kind() == Block.Kind.HEADING) {
          reader.heading(source.words(before));
        }
      }
      String words = source.text().substring(sentence.span().start(), sentence.span().end());
      List<Told> times = reader.read(words);
      if (!times.isEmpty()) {
        told.put(sentence, times);
      }
    }
  }

  /** What a sentence tells, in order; places count from its first code unit. */
  public List<Told> of(Sentence sentence) {
    return told.getOrDefault(sentence, List.of());
  }
}
