package org.pergamena.core.map;

/** How topics are placed. */
public enum LayoutKind {
  /** Each level in a column of its own, held together by braces. */
  BRACES,
  /** The same with the root in the middle, its main branches on both sides. */
  BOTH_SIDES,
  /** The same with the root at the right. */
  LEFTWARD,
  /** Each level in a row below the one before; a last level hangs as a list. */
  DOWNWARD,
  /** The same with the root at the foot. */
  UPWARD,
  /** Around the root, each level on a ring. */
  RADIAL,
  /** One below the other as in a list, each level further in. */
  INDENTED,
  /** Along a line, by the years that are told. */
  BY_TIME,
  /** Two subjects beside each other, the first and the last, with what they share in between. */
  SIDE_BY_SIDE
}
