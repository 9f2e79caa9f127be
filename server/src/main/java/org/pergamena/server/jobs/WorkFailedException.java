package org.pergamena.server.jobs;

/** A job that cannot be done. Its message is a sentence for the person. */
final class WorkFailedException extends Exception {
  private static final long serialVersionUID = 1L;

  WorkFailedException(String sentence) {
    super(sentence);
  }

  WorkFailedException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
