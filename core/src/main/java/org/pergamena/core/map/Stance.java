package org.pergamena.core.map;

/** How a passage bears on its topic. */
public enum Stance {
  SUPPORTS,
  DISPUTES,
  MENTIONS
}
