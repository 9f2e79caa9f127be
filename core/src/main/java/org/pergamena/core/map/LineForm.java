package org.pergamena.core.map;

/** The form of the lines from a topic to its children. */
public enum LineForm {
  BRACE,
  ELBOW,
  CURVE,
  STRAIGHT
}
