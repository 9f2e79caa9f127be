package org.pergamena.core.meaning;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A small sentence encoder (all-MiniLM-L6-v2, quantised to 8 bits): texts of like meaning get
 * vectors near to each other (Reimers and Gurevych 2019). It was made from English text.
 *
 * <p>Texts that are encoded together have a slight influence on each other, as the numbers between
 * layers are rounded by their common range; the same texts together always give the same vectors.
 * Several threads may encode at once.
 */
public final class Encoder {
  /** Numbers in a vector. */
  public static final int SIZE = 384;

  /** A number that becomes another when vectors do. */
  public static final long MADE_BY = 1;

  /** Pieces of words that are read of a text at most. */
  private static final int LONGEST = 126;

  private static final String NAME = "/all-minilm-l6-v2-q";

  private final OrtEnvironment environment;
  private final OrtSession session;
  private final WordPieces pieces;
  private final int first;
  private final int last;

  private Encoder(OrtEnvironment environment, OrtSession session, WordPieces pieces) {
    this.environment = environment;
    this.session = session;
    this.pieces = pieces;
    this.first = pieces.mark("[CLS]");
    this.last = pieces.mark("[SEP]");
  }

  private static final class Shared {
    private static final Optional<Encoder> ENCODER = load();
  }

  /** The encoder; empty where the machine has no library that runs it. */
  public static Optional<Encoder> shared() {
    return Shared.ENCODER;
  }

  private static Optional<Encoder> load() {
    try {
      OrtEnvironment environment = OrtEnvironment.getEnvironment();
      try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
        options.setIntraOpNumThreads(1);
        options.setInterOpNumThreads(1);
        OrtSession session = environment.createSession(resource(".onnx").readAllBytes(), options);
        try (InputStream words = resource("-tokenizer.json")) {
          return Optional.of(new Encoder(environment, session, WordPieces.read(words)));
        }
      }
    } catch (OrtException | UnsatisfiedLinkError | NoClassDefFoundError e) {
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException("The encoder " + NAME + " cannot be read.", e);
    }
  }

  private static InputStream resource(String ending) {
    InputStream in = Encoder.class.getResourceAsStream(NAME + ending);
    if (in == null) {
      throw new IllegalStateException(NAME + ending + " is missing from the application.");
    }
    return in;
  }

  /**
   * The vectors of sentences that follow each other, each of length 1 and with the others in sight;
   * what is beyond the longest text that is read is left out, and its vector is zero.
   */
  public float[][] following(List<List<String>> sentences) {
    List<String> words = sentences.stream().flatMap(List::stream).toList();
    long[][] ids = {marked(words)};
    long[][] seen = new long[1][ids[0].length];
    Arrays.fill(seen[0], 1);
    float[][] states = states(ids, seen)[0];
    float[][] vectors = new float[sentences.size()][];
    int at = 1;
    for (int i = 0; i < vectors.length; i++) {
      long[] own = new long[states.length];
      for (String word : sentences.get(i)) {
        for (int piece = pieces.of(word).length; piece > 0 && at < states.length - 1; piece--) {
          own[at++] = 1;
        }
      }
      vectors[i] = mean(states, own);
    }
    return vectors;
  }

  /** The vectors of some texts that are encoded together, each of length 1. */
  public float[][] vectors(List<List<String>> texts) {
    long[][] ids = new long[texts.size()][];
    int longest = 0;
    for (int i = 0; i < ids.length; i++) {
      ids[i] = marked(texts.get(i));
      longest = Math.max(longest, ids[i].length);
    }
    long[][] seen = new long[ids.length][longest];
    for (int i = 0; i < ids.length; i++) {
      Arrays.fill(seen[i], 0, ids[i].length, 1);
      ids[i] = Arrays.copyOf(ids[i], longest);
    }
    float[][][] states = states(ids, seen);
    float[][] vectors = new float[ids.length][];
    for (int i = 0; i < ids.length; i++) {
      vectors[i] = mean(states[i], seen[i]);
    }
    return vectors;
  }

  /** The numbers of the pieces of some words, between the marks of beginning and end. */
  private long[] marked(List<String> words) {
    long[] ids = new long[LONGEST + 2];
    ids[0] = first;
    int count = 1;
    for (String word : words) {
      for (int piece : pieces.of(word)) {
        if (count <= LONGEST) {
          ids[count++] = piece;
        }
      }
    }
    ids[count++] = last;
    return Arrays.copyOf(ids, count);
  }

  private float[][][] states(long[][] ids, long[][] seen) {
    try (OnnxTensor words = OnnxTensor.createTensor(environment, ids);
        OnnxTensor mask = OnnxTensor.createTensor(environment, seen);
        OnnxTensor types =
            OnnxTensor.createTensor(environment, new long[ids.length][ids[0].length]);
        OrtSession.Result result =
            session.run(
                Map.of("input_ids", words, "attention_mask", mask, "token_type_ids", types))) {
      return (float[][][]) result.get(0).getValue();
    } catch (OrtException e) {
      throw new IllegalStateException(ids.length + " texts could not be encoded.", e);
    }
  }

  private static float[] mean(float[][] states, long[] seen) {
    float[] sum = new float[SIZE];
    for (int i = 0; i < states.length; i++) {
      for (int k = 0; seen[i] > 0 && k < SIZE; k++) {
        sum[k] += states[i][k];
      }
    }
    return Vectors.unit(sum);
  }
}
