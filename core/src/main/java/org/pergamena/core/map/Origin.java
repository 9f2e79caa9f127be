package org.pergamena.core.map;

/** How a passage came to be linked to its topic. */
public enum Origin {
  DISTILLED,
  HAND_LINKED,
  MATCHED
}
