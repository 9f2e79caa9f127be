package org.pergamena.core.distil.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import opennlp.tools.postag.POSModel;
import opennlp.tools.sentdetect.SentenceModel;

/** The OpenNLP models for English that ship with the application, read once. */
final class EnglishModels {
  static final SentenceModel SENTENCES =
      read("opennlp-en-ud-ewt-sentence-1.3-2.5.4.bin", SentenceModel::new);
  static final POSModel TAGS = read("opennlp-en-ud-ewt-pos-1.3-2.5.4.bin", POSModel::new);

  private EnglishModels() {}

  private interface Reading<T> {
    T from(InputStream in) throws IOException;
  }

  private static <T> T read(String name, Reading<T> reading) {
    try (InputStream in = EnglishModels.class.getResourceAsStream("/" + name)) {
      if (in == null) {
        throw new IllegalStateException("The model " + name + " is missing from the application.");
      }
      return reading.from(in);
    } catch (IOException e) {
      throw new UncheckedIOException("The model " + name + " cannot be read.", e);
    }
  }
}
