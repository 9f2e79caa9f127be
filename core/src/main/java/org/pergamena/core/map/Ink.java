package org.pergamena.core.map;

/** The inks that a person can give by hand; the theme says what colour each is. */
public enum Ink {
  MADDER,
  VERDIGRIS,
  WOAD,
  OCHRE,
  MULBERRY,
  WALNUT,
  SLATE,
  MOSS
}
