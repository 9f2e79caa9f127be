package org.pergamena.core.pair;

import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/** How near labels are in what they say: by the stems that they share, each by how rare it is. */
public final class Meaning {
  private static final Pattern MARKS = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final double BY_LETTERS = 0.85;
  private static final double LETTERS_FROM = 0.6;
  private static final double APART = 0.4;

  /**
   * A label taken apart.
   *
   * @param stems of its words
   * @param words the same as numbers, sorted
   * @param pairs of its letters as numbers, sorted
   * @param numbers those of its words that are numbers, sorted
   */
  public record Said(String key, Set<String> stems, int[] words, int[] pairs, int[] numbers) {}

  private final List<Tongue> tongues;
  private final Map<String, Integer> known = new HashMap<>();
  private int[] counts = new int[64];
  private int labels;

  /** One for labels in some languages; in English if none is named. */
  public Meaning(Collection<Tongue> tongues) {
    this.tongues = tongues.isEmpty() ? List.of(Tongue.of(Tongue.ENGLISH)) : List.copyOf(tongues);
  }

  /** Takes a label apart, which counts towards how rare its words are. */
  public Said said(String label) {
    String key = MARKS.matcher(label.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    Set<String> stems = stems(label);
    int[] words = stems.stream().mapToInt(this::number).sorted().toArray();
    for (int word : words) {
      counts[word]++;
    }
    labels++;
    int[] pairs = new int[Math.max(0, key.length() - 1)];
    for (int i = 0; i < pairs.length; i++) {
      pairs[i] = key.charAt(i) << Character.SIZE | key.charAt(i + 1);
    }
    int[] numbers =
        stems.stream()
            .filter(stem -> Character.isDigit(stem.charAt(0)))
            .mapToInt(this::number)
            .sorted()
            .toArray();
    return new Said(
        key.isEmpty() ? label : key,
        stems,
        words,
        IntStream.of(pairs).sorted().distinct().toArray(),
        numbers);
  }

  private int number(String stem) {
    int number = known.computeIfAbsent(stem, s -> known.size());
    if (number >= counts.length) {
      counts = Arrays.copyOf(counts, 2 * counts.length);
    }
    return number;
  }

  /** The stems of the words that carry meaning; of all words if none does. */
  public Set<String> stems(String label) {
    Set<String> stems = new LinkedHashSet<>();
    Set<String> all = new LinkedHashSet<>();
    for (Tongue tongue : tongues) {
      for (Span word : tongue.words(label, 0, label.length())) {
        String surface = label.substring(word.start(), word.end());
        if (Character.isLetterOrDigit(surface.codePointAt(0))) {
          String stem = tongue.stem(surface);
          all.add(stem);
          if (tongues.stream().noneMatch(each -> each.stop(surface.toLowerCase(Locale.ROOT)))) {
            stems.add(stem);
          }
        }
      }
    }
    return stems.isEmpty() ? all : stems;
  }

  private double weight(int word) {
    return Math.log(1 + labels / (double) Math.max(1, counts[word]));
  }

  private double weight(int[] words) {
    double sum = 0;
    for (int word : words) {
      sum += weight(word);
    }
    return sum;
  }

  /** 1 for the same words, 0 for nothing in common (Dice, 1945, by weights). */
  public double likeness(Said one, Said other) {
    if (one.key().equals(other.key())) {
      return 1;
    }
    double both = weight(common(one.words(), other.words()));
    double all = weight(one.words()) + weight(other.words());
    double byStems = all == 0 ? 0 : 2 * both / all;
    double near = Math.min(0.98, Math.max(byStems, byLetters(one.pairs(), other.pairs())));
    boolean apart =
        one.numbers().length > 0
            && other.numbers().length > 0
            && common(one.numbers(), other.numbers()).length == 0;
    return apart ? near * APART : near;
  }

  /** How much of their letters two labels share; 0 if that is too little to say anything. */
  private static double byLetters(int[] one, int[] other) {
    int sum = one.length + other.length;
    if (sum == 0 || 2.0 * Math.min(one.length, other.length) / sum < LETTERS_FROM) {
      return 0;
    }
    double shared = 2.0 * common(one, other).length / sum;
    return shared >= LETTERS_FROM ? BY_LETTERS * shared : 0;
  }

  /** What two sorted lists have in common. */
  private static int[] common(int[] one, int[] other) {
    int[] both = new int[Math.min(one.length, other.length)];
    int count = 0;
    int j = 0;
    for (int value : one) {
      while (j < other.length && other[j] < value) {
        j++;
      }
      if (j < other.length && other[j] == value) {
        both[count++] = value;
      }
    }
    return Arrays.copyOf(both, count);
  }
}
