package org.pergamena.server.site;

/** Sentences for a person that are kept for later. */
public final class Sentence {
  private static final int LONGEST = 1_000;

  private Sentence() {}

  /**
   * A sentence as it can be kept, whatever it quotes: without characters that the database does not
   * take, and not too long.
   */
  public static String kept(String sentence) {
    if (sentence == null) {
      return null;
    }
    String whole = sentence.replace("\0", "");
    return whole.length() > LONGEST ? whole.substring(0, LONGEST) + "\u2026" : whole;
  }
}
