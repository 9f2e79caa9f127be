package org.pergamena.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;

/**
 * English words that are verbs and nothing else, in their present forms (WordNet 3.0, 2006): what
 * is taken for a noun there is not one.
 */
final class Verbs {
  private static final Set<String> BASE = base();

  private Verbs() {}

  private static Set<String> base() {
    try (InputStream in = Verbs.class.getResourceAsStream("eng-verbs.txt.gz")) {
      byte[] all = new GZIPInputStream(in).readAllBytes();
      return new String(all, StandardCharsets.UTF_8).lines().collect(Collectors.toSet());
    } catch (IOException e) {
      throw new UncheckedIOException("The list of verbs cannot be read.", e);
    }
  }

  /** Whether a word in lower case is the present form of a verb and can be nothing else. */
  static boolean only(String word) {
    return BASE.contains(word)
        || form(word, "s", "")
        || form(word, "es", "")
        || form(word, "ies", "y");
  }

  private static boolean form(String word, String ending, String instead) {
    return word.endsWith(ending)
        && BASE.contains(word.substring(0, word.length() - ending.length()) + instead);
  }
}
