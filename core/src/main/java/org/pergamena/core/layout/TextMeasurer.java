package org.pergamena.core.layout;

/** Knows how wide texts are in the faces that ship with the application. */
@FunctionalInterface
public interface TextMeasurer {
  /** The width of one line of text, in scene pixels. */
  double width(String text, TextStyle style);
}
