package org.pergamena.core.map;

/** What is drawn around a label. */
public enum Outline {
  NONE,
  UNDERLINE,
  BOX,
  ROUNDED,
  BRACE,
  OVAL
}
