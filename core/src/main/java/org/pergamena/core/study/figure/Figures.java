package org.pergamena.core.study.figure;

import java.util.List;
import java.util.Set;
import org.pergamena.core.source.Passage;

/**
 * The quantities that sources give.
 *
 * @param all in the order of the sources
 * @param beside those of different sources that seem to be of the same, the likeliest first
 */
public record Figures(List<Figure> all, List<Beside> beside) {
  public Figures {
    all = List.copyOf(all);
    beside = List.copyOf(beside);
  }

  /**
   * A quantity at its place.
   *
   * @param key by which it is known as long as its words stand there
   * @param of what, in the words that stand nearest to it
   * @param stems of the words of its clause that carry meaning
   */
  public record Figure(
      String key, Quantity quantity, String of, Passage passage, Set<String> stems) {
    public Figure {
      stems = Set.copyOf(stems);
    }
  }

  /**
   * Quantities of the same in several sources.
   *
   * @param agree whether all are the same, as far as they are exact
   * @param strength how much their clauses have in common, 0 to 1
   */
  public record Beside(List<Figure> figures, boolean agree, double strength) {
    public Beside {
      figures = List.copyOf(figures);
    }
  }
}
