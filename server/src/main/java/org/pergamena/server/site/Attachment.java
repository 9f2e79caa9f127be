package org.pergamena.server.site;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** Says that an answer is a file to be saved (RFC 6266). */
public final class Attachment {
  private Attachment() {}

  /** The value of {@code Content-Disposition} for a file of a name. */
  public static String named(String name) {
    return ContentDisposition.attachment()
        .filename(name, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
