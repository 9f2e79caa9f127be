package org.pergamena.core.reply;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/** How near labels are in what they say: by the stems that they share, each by how rare it is. */
final class Meaning {
  private static final Pattern MARKS = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final double BY_LETTERS = 0.85;
  private static final double LETTERS_FROM = 0.6;
  private static final double APART = 0.4;

  /** A label taken apart. */
  record Said(String key, Set<String> stems, Set<String> pairs) {}

  private final List<Tongue> tongues;
  private final Map<String, Integer> counts = new HashMap<>();
  private int labels;

  Meaning(Collection<Tongue> tongues) {
    this.tongues = tongues.isEmpty() ? List.of(Tongue.of(Tongue.ENGLISH)) : List.copyOf(tongues);
  }

  /** Takes a label apart, which counts towards how rare its words are. */
  Said said(String label) {
    String key = MARKS.matcher(label.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    Set<String> stems = stems(label);
    stems.forEach(stem -> counts.merge(stem, 1, Integer::sum));
    labels++;
    Set<String> pairs = new HashSet<>();
    for (int i = 0; i + 1 < key.length(); i++) {
      pairs.add(key.substring(i, i + 2));
    }
    return new Said(key.isEmpty() ? label : key, stems, pairs);
  }

  /** The stems of the words that carry meaning; of all words if none does. */
  Set<String> stems(String label) {
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

  private double weight(String stem) {
    return Math.log(1 + labels / (double) counts.getOrDefault(stem, 1));
  }

  /** 1 for the same words, 0 for nothing in common (Dice, 1945, by weights). */
  double likeness(Said one, Said other) {
    if (one.key().equals(other.key())) {
      return 1;
    }
    double both = 0;
    double all = 0;
    for (String stem : one.stems()) {
      all += weight(stem);
      both += other.stems().contains(stem) ? weight(stem) : 0;
    }
    for (String stem : other.stems()) {
      all += weight(stem);
    }
    double byStems = all == 0 ? 0 : 2 * both / all;
    long shared = one.pairs().stream().filter(other.pairs()::contains).count();
    int pairs = one.pairs().size() + other.pairs().size();
    double byLetters = pairs == 0 ? 0 : 2.0 * shared / pairs;
    double letters = byLetters >= LETTERS_FROM ? BY_LETTERS * byLetters : 0;
    double near = Math.min(0.98, Math.max(byStems, letters));
    return apart(one, other) ? near * APART : near;
  }

  /** Whether both name numbers, and none the same. */
  private static boolean apart(Said one, Said other) {
    List<String> numbers = one.stems().stream().filter(Meaning::number).toList();
    return !numbers.isEmpty()
        && other.stems().stream().anyMatch(Meaning::number)
        && numbers.stream().noneMatch(other.stems()::contains);
  }

  private static boolean number(String stem) {
    return Character.isDigit(stem.charAt(0));
  }
}
