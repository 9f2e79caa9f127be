package org.pergamena.core.study.recall;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.study.draft.DraftText;
import org.pergamena.core.study.recall.Memory.Grade;

/**
 * An answer held against what is right.
 *
 * @param grade null where only the person can say it
 * @param met of each that was expected whether it was there
 * @param wrong the places of options that were chosen and are not right
 */
public record Marking(Grade grade, List<Boolean> met, List<Integer> wrong) {
  private static final double PARTLY = 0.5;

  public Marking {
    met = List.copyOf(met);
    wrong = List.copyOf(wrong);
  }

  /**
   * Holds an answer against what is right.
   *
   * @param chosen places of options, in order where that counts
   * @param written what was written, one for each that is covered, or all in one
   * @param tongue of what is expected
   */
  public static Marking of(Quiz quiz, List<Integer> chosen, List<String> written, Tongue tongue) {
    return switch (quiz.kind()) {
      case BELOW, MISSING, SOURCE -> chosen(quiz, chosen);
      case ORDER -> ordered(quiz, chosen);
      case COVERED -> covered(quiz, written, tongue);
      case FREE -> free(quiz, String.join("\n", written), tongue);
      case MEANING -> new Marking(null, List.of(), List.of());
    };
  }

  private static Marking chosen(Quiz quiz, List<Integer> chosen) {
    Set<Integer> all = new HashSet<>(chosen);
    List<Boolean> met = quiz.right().stream().map(all::contains).toList();
    List<Integer> wrong = all.stream().filter(c -> !quiz.right().contains(c)).sorted().toList();
    double share = (count(met) - wrong.size()) / (double) quiz.right().size();
    return new Marking(grade(share), met, wrong);
  }

  /** As many pairs of neighbours as are the right way round. */
  private static Marking ordered(Quiz quiz, List<Integer> chosen) {
    List<Boolean> met = new ArrayList<>();
    for (int i = 0; i < quiz.right().size(); i++) {
      met.add(i < chosen.size() && quiz.right().get(i).equals(chosen.get(i)));
    }
    return new Marking(grade(count(met) / (double) met.size()), met, List.of());
  }

  private static Marking covered(Quiz quiz, List<String> written, Tongue tongue) {
    List<Boolean> met = new ArrayList<>();
    for (int i = 0; i < quiz.expected().size(); i++) {
      String is = i < written.size() ? written.get(i) : "";
      met.add(same(quiz.expected().get(i), is, tongue));
    }
    return new Marking(grade(count(met) / (double) met.size()), met, List.of());
  }

  /** The same words in any form, or what is named by them, or one letter off in a long word. */
  static boolean same(String expected, String written, Tongue tongue) {
    String one = expected.strip().toLowerCase(Locale.ROOT);
    String other = written.strip().toLowerCase(Locale.ROOT);
    if (other.isEmpty()) {
      return false;
    }
    Set<String> stems = TextAnalyser.stems(one, tongue);
    Set<String> said = TextAnalyser.stems(other, tongue);
    return one.equals(other)
        || !stems.isEmpty() && (stems.equals(said) || head(one, stems, said, tongue))
        || one.length() > 4 && oneOff(one, other);
  }

  /** Whether at least half of the words are there and nothing else, the last one with them. */
  private static boolean head(String one, Set<String> stems, Set<String> said, Tongue tongue) {
    Set<String> last = TextAnalyser.stems(one.substring(one.lastIndexOf(' ') + 1), tongue);
    return !last.isEmpty()
        && said.containsAll(last)
        && stems.containsAll(said)
        && 2 * said.size() >= stems.size();
  }

  /** Whether one letter more, less or other makes one word of another. */
  private static boolean oneOff(String one, String other) {
    int start = 0;
    int shorter = Math.min(one.length(), other.length());
    while (start < shorter && one.charAt(start) == other.charAt(start)) {
      start++;
    }
    int end = 0;
    while (end < shorter - start
        && one.charAt(one.length() - 1 - end) == other.charAt(other.length() - 1 - end)) {
      end++;
    }
    return Math.max(one.length(), other.length()) - start - end <= 1;
  }

  /** What was written in one's own words, held against each topic as a draft is against points. */
  private static Marking free(Quiz quiz, String written, Tongue tongue) {
    Matching matching = new Matching(List.of(DraftText.of("", lines(written), tongue.code())));
    List<Boolean> met =
        quiz.expected().stream()
            .map(
                label ->
                    !matching.saying(label, 1).isEmpty()
                        || written.lines().anyMatch(line -> same(label, line, tongue)))
            .toList();
    return new Marking(grade(count(met) / (double) met.size()), met, List.of());
  }

  /** Each line is a sentence, as one writes lists from memory. */
  private static String lines(String written) {
    return String.join("\n\n", written.lines().map(String::strip).toList());
  }

  private static int count(List<Boolean> met) {
    return (int) met.stream().filter(Boolean::booleanValue).count();
  }

  private static Grade grade(double share) {
    return share >= 1 ? Grade.YES : share >= PARTLY ? Grade.PARTLY : Grade.NO;
  }
}
