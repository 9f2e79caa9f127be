package org.pergamena.core.study.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Sprig;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;

/**
 * A comparison as what can be put on a map or printed: one's own first, the other's own last, and
 * what both share between them.
 */
public final class Written {
  private static final int MOST = 40;

  private Written() {}

  /**
   * As a branch.
   *
   * @param whole whether with the sentences that each has alone; else with what a map has room for
   */
  public static Sprig sprig(String one, String other, Comparison comparison, boolean whole) {
    List<Sprig> first = new ArrayList<>();
    List<Sprig> shared = new ArrayList<>();
    List<Sprig> second = new ArrayList<>();
    Columns topics = comparison.topics();
    first.addAll(own(topics.one()));
    second.addAll(own(topics.other()));
    topics.both().stream().limit(MOST).forEach(both -> shared.add(sprig(both)));
    boolean bare = first.isEmpty() && second.isEmpty() && shared.isEmpty();
    if (whole || bare) {
      group("Terms", own(comparison.terms().one()), first);
      group("Terms", pairs(comparison.terms()), shared);
      group("Terms", own(comparison.terms().other()), second);
    }
    if (whole) {
      group("Passages", own(comparison.passages().one()), first);
      group("Passages", own(comparison.passages().other()), second);
    }
    group("Said by both", pairs(comparison.passages()), shared);
    return Sprig.of(
        one + " and " + other,
        List.of(Sprig.of(one, first), Sprig.of("Both", shared), Sprig.of(other, second)));
  }

  private static void group(String label, List<Sprig> children, List<Sprig> to) {
    if (!children.isEmpty()) {
      to.add(Sprig.of(label, children));
    }
  }

  private static List<Sprig> own(List<Matter> matters) {
    return matters.stream()
        .limit(MOST)
        .map(matter -> new Sprig(matter.words(), "", matter.passages(), List.of()))
        .toList();
  }

  private static List<Sprig> pairs(Columns columns) {
    return columns.both().stream().limit(MOST).map(Written::sprig).toList();
  }

  private static Sprig sprig(Both both) {
    List<Passage> passages = new ArrayList<>(both.one().passages());
    both.other().passages().stream()
        .filter(passage -> passages.stream().noneMatch(passage::samePlace))
        .forEach(passages::add);
    String mine = both.one().words();
    String theirs = both.other().words();
    String note = both.against().isEmpty() ? "" : sentence(both.against());
    boolean named = both.one().topic() != null || both.one().often() > 1;
    boolean same = mine.equalsIgnoreCase(theirs) || !named;
    return new Sprig(same ? mine : mine + " / " + theirs, note, passages, List.of());
  }

  private static String sentence(String words) {
    String first = words.substring(0, 1).toUpperCase(Locale.ROOT);
    return first + words.substring(1) + (words.endsWith(".") ? "" : ".");
  }
}
