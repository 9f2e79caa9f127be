package org.pergamena.core.distil.text;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.IntStream;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.meaning.Encoder;
import org.pergamena.core.progress.CallerOnly;

/**
 * The vectors of the sentences of a text, made when they are first wanted and kept in a byte a
 * number. Sentences that follow each other in a block are encoded in one go, each with the others
 * in sight.
 */
public final class SentenceVectors {
  private static final float SCALE = 400;
  private static final int LARGEST = 127;
  private static final int HEAD = Long.BYTES;
  private static final long PRIME = 1_000_003;

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

  /** Whether all of them are there. */
  public boolean complete() {
    for (int i = 0; i < windows.size(); i++) {
      if (kept.get(i) == null) {
        return false;
      }
    }
    return true;
  }

  /**
   * Makes all of them, on as many threads as there are; none depends on that.
   *
   * @param check called again and again, on the calling thread alone; what it throws ends the work
   */
  public void make(Runnable check) {
    Runnable mine = CallerOnly.of(check);
    IntStream.range(0, windows.size())
        .parallel()
        .forEach(
            i -> {
              mine.run();
              window(i);
            });
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

  /** All of them, to be kept; those that are not there are made. */
  public byte[] bytes() {
    ByteBuffer bytes = ByteBuffer.allocate(HEAD + windowOf.size() * Encoder.SIZE);
    bytes.putLong(mark());
    for (int i = 0; i < windows.size(); i++) {
      for (byte[] vector : window(i)) {
        bytes.put(vector);
      }
    }
    return bytes.array();
  }

  /** Takes what was kept, unless it is of other sentences or was made by another encoder. */
  public void take(byte[] bytes) {
    ByteBuffer from = ByteBuffer.wrap(bytes);
    if (bytes.length != HEAD + windowOf.size() * Encoder.SIZE || from.getLong() != mark()) {
      return;
    }
    for (int i = 0; i < windows.size(); i++) {
      byte[][] window = new byte[windows.get(i).size()][Encoder.SIZE];
      for (byte[] vector : window) {
        from.get(vector);
      }
      kept.set(i, window);
    }
  }

  /** A number that is another for another encoder or other sentences. */
  private long mark() {
    long mark = Encoder.MADE_BY;
    for (List<Sentence> window : windows) {
      for (Sentence each : window) {
        mark = mark * PRIME + each.span().start();
        mark = mark * PRIME + each.span().end();
      }
    }
    return mark;
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
