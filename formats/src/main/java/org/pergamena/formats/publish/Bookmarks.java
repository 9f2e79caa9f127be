package org.pergamena.formats.publish;

import java.util.UUID;

/** Names of places in text documents, which begin with a letter and have no hyphens. */
final class Bookmarks {
  private Bookmarks() {}

  /** The place of a topic. */
  static String of(UUID topic) {
    return "t" + topic.toString().replace("-", "");
  }
}
