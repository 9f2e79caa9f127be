package org.pergamena.server.site;

import org.springframework.http.HttpStatus;

/** A request that cannot be done. Its message is a sentence for the person. */
public final class Refused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final HttpStatus status;

  public Refused(HttpStatus status, String sentence) {
    super(sentence);
    this.status = status;
  }

  /** What was asked for does not exist, or is somebody else's. */
  public static Refused notFound(String what) {
    return new Refused(
        HttpStatus.NOT_FOUND, what + " does not exist or is not yours. Go back to your maps.");
  }

  /** The HTTP status that says so. */
  public HttpStatus status() {
    return status;
  }
}
