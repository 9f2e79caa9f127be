package org.pergamena.core.source;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.PriorityQueue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A small sketch of a text by which it is quickly told how much of it two texts share: the smallest
 * hashes of its runs of five words. After Andrei Broder, <em>On the resemblance and containment of
 * documents</em> (1997).
 */
public final class Sketch {
  private static final int SIZE = 400;
  private static final int RUN = 5;
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");

  /** In order, each once. */
  private final long[] smallest;

  private Sketch(long[] smallest) {
    this.smallest = smallest;
  }

  /** The sketch of a text; its cost grows with the length of the text. */
  public static Sketch of(String text) {
    PriorityQueue<Long> kept = new PriorityQueue<>(Comparator.reverseOrder());
    long[] words = new long[RUN];
    int count = 0;
    Matcher matcher = WORD.matcher(text);
    while (matcher.find()) {
      words[count++ % RUN] = matcher.group().toLowerCase(Locale.ROOT).hashCode();
      if (count >= RUN) {
        keep(kept, hash(words, count % RUN));
      }
    }
    return new Sketch(kept.stream().mapToLong(Long::longValue).sorted().toArray());
  }

  private static void keep(PriorityQueue<Long> kept, long hash) {
    boolean small = kept.size() < SIZE || hash < kept.peek();
    if (small && !kept.contains(hash)) {
      kept.add(hash);
      if (kept.size() > SIZE) {
        kept.poll();
      }
    }
  }

  /** A well-mixed hash of the words in their order. */
  private static long hash(long[] words, int first) {
    long hash = 0x9E3779B97F4A7C15L;
    for (int i = 0; i < RUN; i++) {
      hash = (hash ^ words[(first + i) % RUN]) * 0xBF58476D1CE4E5B9L;
      hash ^= hash >>> 31;
    }
    hash *= 0x94D049BB133111EBL;
    return hash ^ hash >>> 29;
  }

  /**
   * About how many of all runs of words of two texts both have, 0 to 1; 0 for texts without any.
   */
  public double resemblance(Sketch other) {
    long[] union = new long[smallest.length + other.smallest.length];
    System.arraycopy(smallest, 0, union, 0, smallest.length);
    System.arraycopy(other.smallest, 0, union, smallest.length, other.smallest.length);
    Arrays.sort(union);
    int size = 0;
    int both = 0;
    for (int i = 0; i < union.length && size < SIZE; i++) {
      size++;
      if (i + 1 < union.length && union[i] == union[i + 1]) {
        both++;
        i++;
      }
    }
    return size == 0 ? 0 : both / (double) size;
  }
}
