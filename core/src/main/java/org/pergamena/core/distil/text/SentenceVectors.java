package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.meaning.Encoder;

/**
 * The vectors of the sentences of a text, made when they are first wanted and kept in a byte a
 * number. Sentences that follow each other in a block are encoded in one go, each with the others
 * in sight.
 */
public final class SentenceVectors {
  private static final float SCALE = 400;
  private static final int LARGEST = 127;

  /** Words that are encoded in one go, but for a sentence that has more by itself. */
  private static final int WINDOW = 80;

  private final Encoder encoder;
  private final List<List<Sentence>> windows = new ArrayList<>();
  private final Map<Integer, Integer> windowOf = new HashMap<>();
  private final AtomicReferenceArray<byte[][]> kept;

  private SentenceVectors(Encoder encoder, List<Sentence> sentences) {
    this.encoder = encoder;
    List<Sentence> window = new ArrayList<>();
    int words = 0;
    for (Sentence each : sentences) {
      boolean full = words + each.words() > WINDOW;
      if (!window.isEmpty() && (full || window.get(0).block() != each.block())) {
        windows.add(window);
        window = new ArrayList<>();
        words = 0;
      }
      window.add(each);
      words += each.words();
      windowOf.put(each.span().start(), windows.size());
    }
    windows.add(window);
    kept = new AtomicReferenceArray<>(windows.size());
  }

  /** Those of a text; empty where the encoder does not know its language, or cannot run. */
  static Optional<SentenceVectors> of(List<Sentence> all, Tongue tongue) {
    return tongue.code().equals(Tongue.ENGLISH)
        ? Encoder.shared().map(encoder -> new SentenceVectors(encoder, all))
        : Optional.empty();
  }

  /** Makes all of them. */
  void make(Runnable check) {
    for (int i = 0; i < windows.size(); i++) {
      check.run();
      window(i);
    }
  }

  /** The vector of one of the sentences, of about length 1. */
  float[] of(Sentence sentence) {
    int index = windowOf.get(sentence.span().start());
    int within = 0;
    while (windows.get(index).get(within).span().start() != sentence.span().start()) {
      within++;
    }
    byte[] bytes = window(index)[within];
    float[] vector = new float[bytes.length];
    for (int k = 0; k < vector.length; k++) {
      vector[k] = bytes[k] / SCALE;
    }
    return vector;
  }

  /** What made them. */
  public Encoder encoder() {
    return encoder;
  }

  /** Several that want the same at once may make it each. */
  private byte[][] window(int index) {
    byte[][] bytes = kept.get(index);
    if (bytes == null) {
      float[][] vectors =
          encoder.following(
              windows.get(index).stream()
                  .map(each -> each.tokens().stream().map(Token::surface).toList())
                  .toList());
      bytes = new byte[vectors.length][];
      for (int i = 0; i < bytes.length; i++) {
        bytes[i] = bytes(vectors[i]);
      }
      kept.set(index, bytes);
    }
    return bytes;
  }

  private static byte[] bytes(float[] vector) {
    byte[] bytes = new byte[vector.length];
    for (int k = 0; k < bytes.length; k++) {
      bytes[k] = (byte) Math.max(-LARGEST, Math.min(LARGEST, Math.round(vector[k] * SCALE)));
    }
    return bytes;
  }
}
