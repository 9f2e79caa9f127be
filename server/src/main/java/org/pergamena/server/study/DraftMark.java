package org.pergamena.server.study;

import java.time.Instant;

/**
 * A draft that is kept with a map.
 *
 * @param message what it is to say, a point a line
 * @param perMinute words that are spoken in a minute
 */
record DraftMark(String id, String name, String text, String message, int perMinute, Instant kept) {
  /** The same by another message. */
  DraftMark with(String newMessage, int newPerMinute) {
    return new DraftMark(id, name, text, newMessage, newPerMinute, kept);
  }
}
