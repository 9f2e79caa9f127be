package org.pergamena.core.study.people;

import java.util.List;

/**
 * Who is in the sources.
 *
 * @param all the most named first
 * @param ties the closest first
 * @param lost what was done by hand to names that are in no source any more
 */
public record People(List<Somebody> all, List<Tie> ties, List<NameMark> lost) {
  public People {
    all = List.copyOf(all);
    ties = List.copyOf(ties);
    lost = List.copyOf(lost);
  }
}
