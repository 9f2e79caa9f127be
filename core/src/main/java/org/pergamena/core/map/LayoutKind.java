package org.pergamena.core.map;

/** How the topics of a map are placed. */
public enum LayoutKind {
  /** The root at the left, each level in a column of its own. */
  BRACES,
  /** The root in the middle, its main branches on both sides. */
  BOTH_SIDES
}
