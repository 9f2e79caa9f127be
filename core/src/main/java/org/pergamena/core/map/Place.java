package org.pergamena.core.map;

import java.util.List;
import java.util.UUID;

/**
 * A place in an order, told by what stands before it, so that it holds whatever others do elsewhere
 * in that order.
 */
public sealed interface Place {
  /** Before all others. */
  Place FIRST = new First();

  /** After all others. */
  Place LAST = new Last();

  /** Before all others. */
  record First() implements Place {}

  /** After all others. */
  record Last() implements Place {}

  /** Right after one; after all others if that one is not there any more. */
  record After(UUID sibling) implements Place {}

  /**
   * Number {@code index} from 0, as the first format of stored changes has it; at most the last.
   */
  record Nth(int index) implements Place {}

  /** After one, or the first place if that is null. */
  static Place after(UUID sibling) {
    return sibling == null ? FIRST : new After(sibling);
  }

  /** The place that one of an order has. */
  static Place of(UUID id, List<UUID> order) {
    int index = order.indexOf(id);
    return after(index <= 0 ? null : order.get(index - 1));
  }

  /** Its index among others, from 0 to their number. */
  default int among(List<UUID> others) {
    if (this instanceof First) {
      return 0;
    } else if (this instanceof After after) {
      int index = others.indexOf(after.sibling());
      return index < 0 ? others.size() : index + 1;
    } else if (this instanceof Nth nth) {
      return Math.max(0, Math.min(nth.index(), others.size()));
    }
    return others.size();
  }
}
