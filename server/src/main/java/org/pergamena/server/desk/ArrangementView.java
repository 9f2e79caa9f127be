package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Fan;
import org.pergamena.core.map.LabelWidth;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Spacing;

/**
 * How a map or a branch is laid out; what is null is as it is around it.
 *
 * @param fanFrom where a radial layout begins, in degrees clockwise from the top
 * @param fanSpread how far it opens, in degrees; null together with {@code fanFrom}
 */
record ArrangementView(
    @Schema(types = {"string", "null"}) LayoutKind layout,
    @Schema(types = {"string", "null"}) LineForm lines,
    @Schema(types = {"string", "null"}) Spacing spacing,
    @Schema(types = {"string", "null"}) LabelWidth labels,
    @Schema(types = {"integer", "null"}) Integer fanFrom,
    @Schema(types = {"integer", "null"}) Integer fanSpread) {
  static ArrangementView of(Arrangement arrangement) {
    Fan fan = arrangement.fan();
    return new ArrangementView(
        arrangement.layout(),
        arrangement.lines(),
        arrangement.spacing(),
        arrangement.labels(),
        fan == null ? null : fan.from(),
        fan == null ? null : fan.spread());
  }

  Arrangement arrangement() {
    boolean whole = fanFrom == null || fanSpread == null;
    return new Arrangement(
        layout, lines, spacing, labels, whole ? null : new Fan(fanFrom, fanSpread));
  }
}
