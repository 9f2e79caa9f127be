package org.pergamena.server.fetch;

/** An address that cannot be fetched. Its message is a sentence that says why and what to do. */
public class FetchException extends Exception {
  private static final long serialVersionUID = 1L;

  public FetchException(String sentence) {
    super(sentence);
  }

  public FetchException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
