package org.pergamena.core.map;

/** The typefaces that a map can be set in; each ships, with Greek and Cyrillic. */
public enum Typeface {
  /** With serifs, for reading. */
  BOOK,
  /** Without serifs. */
  PLAIN,
  /** With fine serifs, for large sizes. */
  FINE,
  /** Without serifs and narrow, for much on one page. */
  NARROW,
  /** Every letter as wide as the others. */
  TYPED
}
