package org.pergamena.formats.picture;

import org.pergamena.core.layout.Palette;
import org.pergamena.core.look.Dressing;
import org.pergamena.core.map.Style;

/**
 * What a look by rule means, in the colours of a map.
 *
 * @param ink of the label, null if the rule does not say
 * @param ground behind it, null if the rule does not say
 * @param size in times of the usual
 */
public record Keyed(Dressing.Entry entry, String ink, String ground, double size) {
  static Keyed of(Dressing.Entry entry, Palette palette) {
    Style style = entry.style();
    return new Keyed(
        entry,
        style.ink() == null ? null : palette.colour(style.ink()),
        style.ground() == null ? null : palette.colour(style.ground()),
        style.size() == null ? 1 : style.size().factor());
  }
}
