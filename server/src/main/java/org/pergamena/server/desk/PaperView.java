package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import org.pergamena.core.map.Grain;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Strength;
import org.pergamena.core.map.Typeface;

/** What a map is drawn on and with; what is null is as the theme has it. */
record PaperView(
    @Schema(types = {"string", "null"}) Grain grain,
    @Schema(types = {"string", "null"}) String ground,
    @Schema(types = {"string", "null"}) Strength strength,
    @Schema(types = {"string", "null"}) Typeface face,
    @NotNull String watermark) {
  static PaperView of(Paper paper) {
    return new PaperView(
        paper.grain(),
        StyleView.written(paper.ground()),
        paper.strength(),
        paper.face(),
        paper.watermark());
  }

  Paper paper() {
    return new Paper(grain, StyleView.colour(ground), strength, face, watermark);
  }
}
