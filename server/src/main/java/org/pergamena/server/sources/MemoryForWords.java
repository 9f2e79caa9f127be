package org.pergamena.server.sources;

import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;

/** Whether there is memory to work on so many words at once. */
final class MemoryForWords {
  /**
   * Of bytes: about 450 that a word takes while it is worked on, for two jobs, and as much again.
   */
  private static final int BYTES_A_WORD = 1_200;

  private MemoryForWords() {}

  /**
   * Refuses if there is not.
   *
   * @param words of all sources
   * @param memory that there is for everything, in bytes
   */
  static void require(long words, long memory) {
    long most = memory / BYTES_A_WORD;
    if (words > most) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "The sources of this map have %,d words; this server has memory to work on %,d at once."
                  .formatted(words, most)
              + " Put some of them on another map.");
    }
  }
}
