package org.pergamena.core.layout;

/**
 * Where the children of a topic stand: beside it, below or above it, or below it and further in.
 */
public enum Flow {
  RIGHT,
  LEFT,
  DOWN,
  UP,
  LIST
}
