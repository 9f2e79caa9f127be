package org.pergamena.formats.citation;

import java.util.List;
import org.pergamena.core.reference.Work;

/**
 * What was read of a list of references.
 *
 * @param works those entries that are sound, in their order
 * @param faults what is wrong with the others
 */
public record ReferenceList(List<Work> works, List<EntryFault> faults) {
  public ReferenceList {
    works = List.copyOf(works);
    faults = List.copyOf(faults);
  }

  /**
   * An entry that could not be taken.
   *
   * @param line on which it begins, from 1
   * @param problem a sentence for the person
   */
  public record EntryFault(int line, String problem) {}
}
