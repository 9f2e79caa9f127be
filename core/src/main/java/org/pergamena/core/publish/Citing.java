package org.pergamena.core.publish;

import java.util.List;
import org.pergamena.core.reference.Citation;

/** How citations and references are worded: a style in a language. */
@FunctionalInterface
public interface Citing {
  /**
   * An entry of the list of references.
   *
   * @param key of the work
   * @param label what stands before it, such as its number; may be empty
   */
  record Entry(String key, String label, List<Block.Run> runs) {
    public Entry {
      runs = List.copyOf(runs);
    }
  }

  /**
   * Citations in words.
   *
   * @param citations one for each that was asked for; none for those of which no work is known
   * @param references the works that they name
   * @param inNotes whether such citations are footnotes by their nature
   */
  record Worded(List<List<Block.Run>> citations, List<Entry> references, boolean inNotes) {
    public Worded {
      citations = citations.stream().map(List::copyOf).toList();
      references = List.copyOf(references);
    }
  }

  /** Words the citations of a text, in the order in which they stand there. */
  Worded word(List<Citation> citations);
}
