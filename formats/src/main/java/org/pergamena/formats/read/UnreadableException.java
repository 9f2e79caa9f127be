package org.pergamena.formats.read;

/** A file that cannot be read. Its message is a sentence that says why and what to do. */
public class UnreadableException extends Exception {
  private static final long serialVersionUID = 1L;

  public UnreadableException(String sentence) {
    super(sentence);
  }

  public UnreadableException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
