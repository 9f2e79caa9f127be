package org.pergamena.core.map;

/** A change that would break a rule of the map. Its message is a sentence for the person. */
public final class MapRuleException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public MapRuleException(String sentence) {
    super(sentence);
  }
}
