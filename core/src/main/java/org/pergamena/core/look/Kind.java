package org.pergamena.core.look;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.TextSize;

/**
 * One of the kinds that a rule tells from each other.
 *
 * @param subject the branch or source that it is of, null for others
 * @param words what it is, empty for a source, whose name the map does not know
 * @param place among the kinds, from 0
 * @param of how many kinds there are
 * @param ink that tells it
 * @param ranked whether the kinds have an order, so that they are told by more and less
 */
record Kind(UUID subject, String words, int place, int of, boolean ranked, Ink ink) {
  /** In percent; the strengths of a ranked ground are this, twice this, up to five times. */
  private static final int STEP = 12;

  private static final int STEPS = 5;
  private static final int GROUND = 24;
  private static final List<TextSize> SIZES =
      List.of(TextSize.SMALLER, TextSize.SMALL, TextSize.USUAL, TextSize.LARGE, TextSize.LARGER);

  /** How it looks. */
  Style style(Rule.Each each) {
    return switch (each) {
      case INK -> Style.inked(Colour.of(ink));
      case GROUND ->
          Style.grounded(
              ranked ? Colour.of(Ink.WOAD, STEP * share(1, STEPS)) : Colour.of(ink, GROUND));
      case SIZE -> Style.sized(SIZES.get(share(0, SIZES.size() - 1)));
    };
  }

  /** One whose ink is that of its place. */
  static Kind of(UUID subject, String words, int place, int of, boolean ranked) {
    return new Kind(subject, words, place, of, ranked, Ink.values()[place % Ink.values().length]);
  }

  private int share(int least, int most) {
    return of < 2
        ? (least + most) / 2
        : least + Math.round((float) (most - least) * place / (of - 1));
  }
}
