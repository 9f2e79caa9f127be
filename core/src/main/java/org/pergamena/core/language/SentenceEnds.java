package org.pergamena.core.language;

import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.GZIPInputStream;
import opennlp.tools.ml.maxent.io.BinaryQNModelReader;
import opennlp.tools.ml.model.MaxentModel;

/**
 * How likely a sentence ends after each word of text without marks, told from the words and parts
 * of speech around: a maximum entropy model (Adam Berger and others, <em>A Maximum Entropy Approach
 * to Natural Language Processing</em>, 1996), fitted to marked text whose marks were taken out. It
 * looks two words back and three ahead.
 */
public final class SentenceEnds {
  /** What the model calls the place after a word where a sentence ends. */
  public static final String END = "end";

  private static final Map<String, SentenceEnds> READ = new ConcurrentHashMap<>();
  private static final int AHEAD = 8;

  private static final long PAUSE_MS = 250;
  private static final double BY_PAUSE = 1;
  private static final double MOST_BY_PAUSE = 4;

  private final MaxentModel model;

  /** Takes a model with two outcomes, one of them {@link #END}. */
  public SentenceEnds(MaxentModel model) {
    this.model = model;
  }

  /** Whether there is a model for a language, by ISO 639-3. */
  public static boolean are(String language) {
    return language.equals(Tongue.ENGLISH);
  }

  /** The model for a language that has one. */
  public static SentenceEnds of(String language) {
    return READ.computeIfAbsent(language, SentenceEnds::read);
  }

  private static SentenceEnds read(String language) {
    String name = language + "-ends.bin.gz";
    try (InputStream in = SentenceEnds.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException("The model " + name + " is missing from the application.");
      }
      DataInputStream data = new DataInputStream(new GZIPInputStream(in));
      return new SentenceEnds(new BinaryQNModelReader(data).getModel());
    } catch (IOException e) {
      throw new UncheckedIOException("The model " + name + " cannot be read.", e);
    }
  }

  /**
   * How much more likely than not a sentence ends after each word, as a logarithm; parts of speech
   * are told in runs of words.
   */
  public static double[] odds(String[] words, Tongue tongue) {
    return of(tongue.code()).odds(words, tongue.tagsInRuns(words));
  }

  /**
   * How much more likely than not a sentence ends after each word, as a logarithm.
   *
   * @param tags parts of speech by Universal Dependencies, one a word
   */
  public double[] odds(String[] words, String[] tags) {
    int end = model.getIndex(END);
    double[] odds = new double[words.length];
    for (int i = 0; i < words.length; i++) {
      double likely = model.eval(context(words, tags, i))[end];
      odds[i] = Math.log((likely + 1e-9) / (1 - likely + 1e-9));
    }
    return odds;
  }

  /**
   * What a speaker's pause adds to the odds; speech that runs on has pauses below a quarter of a
   * second.
   *
   * @param ms milliseconds of silence
   */
  public static double pause(long ms) {
    return ms < PAUSE_MS ? 0 : Math.min(MOST_BY_PAUSE, BY_PAUSE * ms / PAUSE_MS);
  }

  /** What the model looks at to tell whether a sentence ends after a word. */
  public static String[] context(String[] words, String[] tags, int i) {
    String before = word(words, i);
    String after = word(words, i + 1);
    String tag = tag(tags, i);
    String next = tag(tags, i + 1);
    String tags2 = tag(tags, i - 1) + "_" + tag + "|" + next;
    return new String[] {
      "a=" + before,
      "b=" + after,
      "c=" + word(words, i - 1) + "_" + before,
      "d=" + after + "_" + word(words, i + 2),
      "e=" + before + "|" + after,
      "f=" + tag + "|" + next,
      "g=" + tags2,
      "h=" + tag + "|" + next + "_" + tag(tags, i + 2),
      "i=" + tags2 + "_" + tag(tags, i + 2),
      "j=" + before + "|" + next,
      "k=" + tag + "|" + after,
      "l=" + tag + "|" + next + "_" + tag(tags, i + 2) + "_" + tag(tags, i + 3),
      "m=" + tag + "|" + after + "_" + tag(tags, i + 2),
      "n=" + after + "_" + tag(tags, i + 2) + "_" + tag(tags, i + 3),
      "o=" + verb(tags, i + 1) + "|" + next,
      "p=" + verb(tags, i + 1) + "|" + after
    };
  }

  /** After how many words a verb comes, up to a few. */
  private static int verb(String[] tags, int from) {
    int at = from;
    while (at < tags.length && at < from + AHEAD && !isVerb(tags[at])) {
      at++;
    }
    return at - from;
  }

  static boolean isVerb(String tag) {
    return tag.equals("VERB") || tag.equals("AUX");
  }

  private static String word(String[] words, int i) {
    return i < 0 || i >= words.length ? "" : words[i].toLowerCase(Locale.ROOT);
  }

  private static String tag(String[] tags, int i) {
    return i < 0 || i >= tags.length ? "" : tags[i];
  }
}
