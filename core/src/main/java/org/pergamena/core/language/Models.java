package org.pergamena.core.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import opennlp.tools.postag.POSModel;
import opennlp.tools.sentdetect.SentenceModel;

/**
 * OpenNLP's models that ship with the application, read once each.
 *
 * @param sentences finds where sentences end
 * @param tags parts of speech, by Universal Dependencies
 */
record Models(SentenceModel sentences, POSModel tags) {
  private static final Map<String, String> NAMES =
      Map.of("eng", "en-ud-ewt", "deu", "de-ud-gsd", "fra", "fr-ud-gsd");
  private static final Map<String, Models> READ = new ConcurrentHashMap<>();

  /** Whether there are models for a language. */
  static boolean are(String language) {
    return NAMES.containsKey(language);
  }

  /** The models for a language that has some. */
  static Models of(String language) {
    return READ.computeIfAbsent(
        language,
        code ->
            new Models(
                read(code, "sentence", SentenceModel::new), read(code, "pos", POSModel::new)));
  }

  private interface Reading<T> {
    T from(InputStream in) throws IOException;
  }

  private static <T> T read(String language, String what, Reading<T> reading) {
    String name = "/opennlp-" + NAMES.get(language) + "-" + what + "-1.3-2.5.4.bin";
    try (InputStream in = Models.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException("The model " + name + " is missing from the application.");
      }
      return reading.from(in);
    } catch (IOException e) {
      throw new UncheckedIOException("The model " + name + " cannot be read.", e);
    }
  }
}
