package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.LineForm;
import org.pergamena.core.map.Outline;
import org.pergamena.core.map.Strength;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.TextSize;
import org.pergamena.core.map.Typeface;

/**
 * How topics look; what is null is as it would be without. A colour is an ink of the theme, as
 * {@code WOAD} or weaker as {@code WOAD/36}, or a free one as {@code #2b4c82}.
 *
 * @param line colour of the lines to what is below
 * @param strength of these lines
 * @param form of these lines
 * @param arrows whether these lines end in heads
 */
record StyleView(
    @Schema(types = {"string", "null"}) Typeface face,
    @Schema(types = {"string", "null"}) TextSize size,
    @Schema(types = {"boolean", "null"}) Boolean bold,
    @Schema(types = {"boolean", "null"}) Boolean italic,
    @Schema(types = {"string", "null"}) String ink,
    @Schema(types = {"string", "null"}) String ground,
    @Schema(types = {"string", "null"}) Outline outline,
    @Schema(types = {"string", "null"}) String line,
    @Schema(types = {"string", "null"}) Strength strength,
    @Schema(types = {"string", "null"}) LineForm form,
    @Schema(types = {"boolean", "null"}) Boolean arrows) {

  static StyleView of(Style style) {
    return new StyleView(
        style.face(),
        style.size(),
        style.bold(),
        style.italic(),
        written(style.ink()),
        written(style.ground()),
        style.outline(),
        written(style.line().colour()),
        style.line().strength(),
        style.line().form(),
        style.line().arrows());
  }

  /** The same, null where nothing is given. */
  static StyleView unlessNone(Style style) {
    return style.equals(Style.NONE) ? null : of(style);
  }

  Style style() {
    return new Style(
        face,
        size,
        bold,
        italic,
        colour(ink),
        colour(ground),
        outline,
        new Stroke(colour(line), strength, form, arrows));
  }

  static String written(Colour colour) {
    return colour == null ? null : colour.written();
  }

  static Colour colour(String written) {
    return written == null ? null : Colour.read(written);
  }
}
