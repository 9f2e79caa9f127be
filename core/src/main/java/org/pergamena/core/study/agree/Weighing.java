package org.pergamena.core.study.agree;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.study.agree.Verdict.Kind;
import org.pergamena.core.study.agree.Verdict.Why;
import org.pergamena.core.study.figure.Quantity;
import org.pergamena.core.time.Told;

/**
 * Holds two statements against each other. They are about the same if they share most of their
 * words, neither has a noun of its own that the other lacks while the other has one too, and
 * nothing tells their things apart (<em>old</em> and new, <em>first</em> and second). They
 * contradict each other if they then differ in exactly one thing: a figure, a denial or opposite, a
 * date, by whom.
 */
final class Weighing {
  private static final double ABOUT_THE_SAME = 0.5;
  private static final double ALIKE = 0.6;
  private static final double MOST = 0.7;
  private static final double NEARLY_ALL = 0.85;

  private final Claim one;
  private final Claim other;
  private final List<String> ownOfOne;
  private final List<String> ownOfOther;
  private String opposite = "";
  private boolean attributive;

  private Weighing(Claim one, Claim other) {
    this.one = one;
    this.other = other;
    this.ownOfOne = one.without(other);
    this.ownOfOther = other.without(one);
  }

  /** What two statements are to each other. */
  static Verdict of(Claim one, Claim other) {
    return new Weighing(one, other).verdict();
  }

  private Verdict verdict() {
    Set<String> shared = new HashSet<>(one.words().keySet());
    shared.retainAll(other.words().keySet());
    if (shared.isEmpty() || shared.stream().noneMatch(one.nouns()::contains)) {
      return Verdict.APART;
    }
    int turned = opposites();
    double size = one.words().size() + other.words().size();
    double close = 2.0 * (shared.size() + turned) / size;
    boolean nounsApart =
        ownOfOne.stream().anyMatch(one.nouns()::contains)
            && ownOfOther.stream().anyMatch(other.nouns()::contains);
    if (close < ABOUT_THE_SAME
        || shared.size() + turned < 2
        || nounsApart
        || attributive
        || !one.telling().equals(other.telling())) {
      return Verdict.APART;
    }
    List<Verdict> against = against(turned, close);
    if (against.size() == 1) {
      return against.get(0);
    }
    long nouns = shared.stream().filter(one.nouns()::contains).count();
    boolean enough = shared.size() > 2 || close >= NEARLY_ALL;
    boolean alike = against.isEmpty() && close >= ALIKE && enough && (nouns > 1 || sameVerb());
    return alike ? new Verdict(Kind.ALIKE, Why.NONE, "", close) : Verdict.APART;
  }

  /** Takes opposites out of what each has alone; how many there were. */
  private int opposites() {
    int turned = 0;
    for (String first : List.copyOf(ownOfOne)) {
      for (String second : List.copyOf(ownOfOther)) {
        Token a = one.words().get(first);
        Token b = other.words().get(second);
        if (ownOfOne.contains(first) && Opposites.are(a.surface(), b.surface())) {
          ownOfOne.remove(first);
          ownOfOther.remove(second);
          opposite = a.surface() + " and " + b.surface();
          attributive |= one.attributes().contains(first) && other.attributes().contains(second);
          turned++;
        }
      }
    }
    return turned;
  }

  private List<Verdict> against(int turned, double close) {
    List<Verdict> against = new ArrayList<>();
    boolean denied = (one.nots() + other.nots()) % 2 != 0;
    boolean opposed = turned % 2 != 0;
    boolean sure = close >= NEARLY_ALL || close >= MOST && sameVerb();
    if (denied != opposed && !(opposed ? close >= MOST : sure)) {
      return List.of(Verdict.APART, Verdict.APART);
    }
    if (denied != opposed) {
      against.add(
          denied
              ? verdict(Why.NEGATION, "One says that it is so, the other that it is not.", close)
              : verdict(Why.OPPOSITE, "Opposites: " + opposite + ".", close));
    }
    Quantity[] figures = figures();
    if (figures != null) {
      String words = figures[0].words() + " against " + figures[1].words();
      against.add(verdict(Why.FIGURE, "Different figures: " + words + ".", close));
    }
    Told[] times = times();
    if (times != null) {
      String words = times[0].words() + " against " + times[1].words();
      against.add(verdict(Why.DATE, "Different dates: " + words + ".", close));
    }
    String names = names();
    if (!names.isEmpty()) {
      against.add(verdict(Why.NAME, "By whom: " + names + ".", close));
    }
    return against;
  }

  private static Verdict verdict(Why why, String reason, double close) {
    return new Verdict(Kind.AGAINST, why, reason, close);
  }

  /** Two figures of the same kind that differ; null if there are none, or others that agree. */
  private Quantity[] figures() {
    Quantity[] differ = null;
    Map<String, Quantity> others = other.single();
    for (Map.Entry<String, Quantity> each : one.single().entrySet()) {
      Quantity there = others.get(each.getKey());
      boolean bare = each.getKey().isBlank() && !sameVerb();
      if (there != null && !bare && !each.getValue().same(there)) {
        differ = new Quantity[] {each.getValue(), there};
      }
    }
    return differ;
  }

  /** Whether a verb of one is in the other, so that bare numbers are of the same. */
  private boolean sameVerb() {
    return one.words().entrySet().stream()
        .anyMatch(e -> e.getValue().tag().equals("VERB") && other.words().containsKey(e.getKey()));
  }

  private Told[] times() {
    for (Told first : one.dated()) {
      for (Told second : other.dated()) {
        if (first.when().get().meets(second.when().get())) {
          return null;
        }
      }
    }
    return one.dated().isEmpty() || other.dated().isEmpty()
        ? null
        : new Told[] {one.dated().get(0), other.dated().get(0)};
  }

  /** By whom something was done according to each, if these have nothing in common. */
  private String names() {
    boolean both = !one.by().isEmpty() && !other.by().isEmpty();
    boolean apart = one.by().keySet().stream().noneMatch(other.by()::containsKey);
    return both && apart
        ? String.join(" ", one.by().values()) + " against " + String.join(" ", other.by().values())
        : "";
  }
}
