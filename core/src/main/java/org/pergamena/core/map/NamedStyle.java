package org.pergamena.core.map;

/** A look that a person keeps under a name of one line. */
public record NamedStyle(String name, Style style) {
  private static final int LONGEST = 40;

  public NamedStyle {
    if (name.isBlank() || name.length() > LONGEST || name.lines().count() != 1) {
      throw new MapRuleException(
          "The name of a look is one line of 1 to " + LONGEST + " characters. Change it.");
    }
  }
}
