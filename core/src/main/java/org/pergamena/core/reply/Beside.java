package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.pair.Pairing;

/**
 * Two replies beside each other.
 *
 * @param rows the points of the first in their order, then those that only the second has
 */
public record Beside(List<Pair> rows) {
  public Beside {
    rows = List.copyOf(rows);
  }

  /**
   * What means the same.
   *
   * @param one place of the point of the first, or -1 if only the second has it
   * @param two the other way round
   * @param first its label there, may be empty
   * @param second its label there, may be empty
   */
  public record Pair(int one, int two, String first, String second, int level) {}

  /** What both have and what only one has, by meaning and place. */
  public static Beside of(Reply one, Reply two, Collection<Tongue> tongues) {
    Pairing pairing = new Pairing(Entries.of(one, Map.of()), Entries.of(two, Map.of()), tongues);
    pairing.run();
    List<Pair> rows = new ArrayList<>();
    for (int i = 0; i < one.points().size(); i++) {
      int other = pairing.offered(i);
      Reply.Point point = one.points().get(i);
      String label = other < 0 ? "" : two.points().get(other).label();
      rows.add(new Pair(i, other, point.label(), label, point.level()));
    }
    for (int i = 0; i < two.points().size(); i++) {
      if (pairing.standing(i) < 0) {
        Reply.Point point = two.points().get(i);
        rows.add(new Pair(-1, i, "", point.label(), point.level()));
      }
    }
    return new Beside(rows);
  }
}
