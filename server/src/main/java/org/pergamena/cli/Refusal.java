package org.pergamena.cli;

/** A sentence for the person at the command line. */
final class Refusal extends Exception {
  private static final long serialVersionUID = 1L;

  Refusal(String sentence) {
    super(sentence);
  }

  Refusal(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
