package org.pergamena.core.source;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Finds words in a text although some of them have changed: the stretch with which they have the
 * longest common subsequence, looked for where most of them stand together.
 */
final class FuzzyFinder {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}\\p{N}]+");
  private static final double ENOUGH = 0.7;
  private static final int LEAST_WORDS = 3;
  private static final int MOST_PLACES = 200;
  private static final int BEST_WINDOWS = 5;

  private record Word(String form, int start, int end) {}

  private final List<Word> text;
  private final Map<String, List<Integer>> places = new HashMap<>();

  FuzzyFinder(String text) {
    this.text = words(text);
    for (int i = 0; i < this.text.size(); i++) {
      places.computeIfAbsent(this.text.get(i).form(), form -> new ArrayList<>()).add(i);
    }
  }

  private static List<Word> words(String text) {
    return WORD.matcher(text).results().map(FuzzyFinder::word).toList();
  }

  private static Word word(MatchResult match) {
    return new Word(match.group().toLowerCase(Locale.ROOT), match.start(), match.end());
  }

  /**
   * The stretch that has become of some words.
   *
   * @param expected the code unit near which it is likely to be
   */
  Optional<Span> find(String exact, int expected) {
    List<Word> sought = words(exact);
    if (sought.size() < LEAST_WORDS) {
      return Optional.empty();
    }
    Span best = null;
    double most = ENOUGH;
    for (int window : windows(sought, expected)) {
      int from = Math.max(0, window - sought.size() / 2);
      int to = Math.min(text.size(), window + sought.size() * 2);
      Found found = common(sought, from, to);
      if (found.share() >= most && found.first() >= 0) {
        most = found.share() + 1e-9;
        best = new Span(text.get(found.first()).start(), text.get(found.last()).end());
      }
    }
    return Optional.ofNullable(best);
  }

  /** Beginnings of the stretches in which most of the words stand at about their places. */
  private List<Integer> windows(List<Word> sought, int expected) {
    int width = Math.max(4, sought.size() / 2);
    Map<Integer, Integer> votes = new HashMap<>();
    for (int i = 0; i < sought.size(); i++) {
      List<Integer> at = places.getOrDefault(sought.get(i).form(), List.of());
      if (at.size() <= MOST_PLACES) {
        for (int place : at) {
          votes.merge(Math.max(0, place - i) / width, 1, Integer::sum);
        }
      }
    }
    return votes.entrySet().stream()
        .sorted(
            Map.Entry.<Integer, Integer>comparingByValue()
                .reversed()
                .thenComparingInt(e -> distance(e.getKey() * width, expected)))
        .limit(BEST_WINDOWS)
        .map(e -> e.getKey() * width)
        .toList();
  }

  private int distance(int word, int expected) {
    return Math.abs(text.get(Math.min(word, text.size() - 1)).start() - expected);
  }

  private record Found(double share, int first, int last) {}

  /** Longest common subsequence of the sought words and a stretch of the text. */
  private Found common(List<Word> sought, int from, int to) {
    int[][] length = new int[sought.size() + 1][to - from + 1];
    for (int i = sought.size() - 1; i >= 0; i--) {
      for (int j = to - from - 1; j >= 0; j--) {
        length[i][j] =
            sought.get(i).form().equals(text.get(from + j).form())
                ? length[i + 1][j + 1] + 1
                : Math.max(length[i + 1][j], length[i][j + 1]);
      }
    }
    int first = -1;
    int last = -1;
    for (int i = 0, j = 0; i < sought.size() && j < to - from; ) {
      if (sought.get(i).form().equals(text.get(from + j).form())) {
        first = first < 0 ? from + j : first;
        last = from + j;
        i++;
        j++;
      } else if (length[i + 1][j] >= length[i][j + 1]) {
        i++;
      } else {
        j++;
      }
    }
    double over = Math.max(sought.size(), (last - first + 1) * 0.8);
    return new Found(length[0][0] / over, first, last);
  }
}
