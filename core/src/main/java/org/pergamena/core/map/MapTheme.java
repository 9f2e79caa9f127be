package org.pergamena.core.map;

/** The colours, faces and strengths in which a map is drawn. */
public enum MapTheme {
  /** Ink on vellum, the house's own. */
  VELLUM,
  /** Light on dark. */
  NIGHT,
  /** Black on white, for paper. */
  PRINT,
  /** Strong colours and lines. */
  CONTRAST,
  /** Bright colours and strong lines on white, for a projector. */
  STAGE,
  /** White, without serifs. */
  PLAIN
}
