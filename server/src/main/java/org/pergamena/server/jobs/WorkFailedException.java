package org.pergamena.server.jobs;

/** A job that cannot be done. Its message is a sentence for the person. */
public final class WorkFailedException extends Exception {
  private static final long serialVersionUID = 1L;

  public WorkFailedException(String sentence) {
    super(sentence);
  }

  public WorkFailedException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
