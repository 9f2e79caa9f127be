package org.pergamena.core.map;

/** What a map lies on beside its colour. */
public enum Grain {
  NONE,
  /** Faint fibres. */
  PAPER,
  /** Fine squares. */
  GRID,
  /** Lines as for writing. */
  LINES
}
