package org.pergamena.core.study.agree;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.agree.Agreement.Disputed;
import org.pergamena.core.study.agree.Agreement.Shared;
import org.pergamena.core.study.agree.Agreement.Stated;
import org.pergamena.core.study.agree.Verdict.Kind;
import org.pergamena.core.study.people.Speakers;

/**
 * Holds the sentences of different sources against each other, those that share words that few
 * sentences have.
 */
public final class AgreementFinder {
  private static final int FEWEST_WORDS = 4;
  private static final int MOST_WORDS = 45;
  private static final int COMMON = 40;
  private static final int MOST_HELD = 25;
  private static final int MOST_DISPUTED = 200;
  private static final int MOST_SHARED = 200;

  /** A sentence, or a part of one that states something by itself. */
  private record Place(Analysed text, int sentence, Sentence its, String speaker) {
    String words() {
      return text.source().text().text().substring(its.span().start(), its.span().end());
    }

    Span whole() {
      return text.sentences().get(sentence).span();
    }
  }

  private final List<Place> places = new ArrayList<>();
  private final Map<String, List<Integer>> index = new HashMap<>();
  private final Map<Integer, Claim> claims = new HashMap<>();
  private final Map<String, AgreeMark> marks = new LinkedHashMap<>();

  private AgreementFinder(Collection<Analysed> texts, Collection<AgreeMark> marks) {
    marks.forEach(mark -> this.marks.put(mark.key(), mark));
    for (Analysed text : texts) {
      Map<Integer, String> speakers = Speakers.of(text);
      for (int i = 0; i < text.sentences().size(); i++) {
        for (Sentence part : Clauses.of(text, text.sentences().get(i))) {
          Place place = new Place(text, i, part, speakers.getOrDefault(i, ""));
          boolean states =
              part.words() >= FEWEST_WORDS
                  && part.words() <= MOST_WORDS
                  && !place.words().strip().endsWith("?");
          if (states) {
            int at = places.size();
            places.add(place);
            part.stems().forEach(s -> index.computeIfAbsent(s, k -> new ArrayList<>()).add(at));
          }
        }
      }
    }
  }

  /** What texts say alike and what they contradict each other in. */
  public static Agreement in(Collection<Analysed> texts, Collection<AgreeMark> marks) {
    return new AgreementFinder(texts, marks).agreement();
  }

  private Agreement agreement() {
    List<Disputed> disputed = new ArrayList<>();
    Map<Integer, Set<Integer>> alike = new TreeMap<>();
    for (int i = 0; i < places.size(); i++) {
      for (int other : near(i)) {
        Verdict verdict = Weighing.of(claim(i), claim(other));
        String key = key(i, other);
        AgreeMark mark = marks.get(key);
        boolean against = mark == null ? verdict.kind() == Kind.AGAINST : mark.against();
        if (against || mark != null) {
          disputed.add(disputed(key, i, other, verdict, mark));
        }
        if (verdict.kind() == Kind.ALIKE && !against) {
          alike.computeIfAbsent(i, k -> new HashSet<>()).add(other);
        }
      }
    }
    disputed.sort(Comparator.comparingDouble((Disputed d) -> -d.strength()));
    return new Agreement(
        disputed.subList(0, Math.min(MOST_DISPUTED, disputed.size())), shared(alike));
  }

  private Disputed disputed(String key, int one, int other, Verdict verdict, AgreeMark mark) {
    return new Disputed(
        key,
        stated(one),
        stated(other),
        verdict.why(),
        verdict.reason(),
        Math.round(100 * Math.min(1, verdict.strength())) / 100.0,
        mark);
  }

  private Stated stated(int i) {
    Place place = places.get(i);
    Passage passage = Passage.of(place.text().source(), place.whole());
    return new Stated(Naming.key(place.words()), passage, place.words().strip(), place.speaker());
  }

  private String key(int one, int other) {
    String first = Naming.key(places.get(one).words());
    String second = Naming.key(places.get(other).words());
    return first.compareTo(second) < 0 ? Naming.key(first + second) : Naming.key(second + first);
  }

  private Claim claim(int i) {
    Place place = places.get(i);
    return claims.computeIfAbsent(
        i, k -> Claim.of(place.text().tongue(), place.its(), place.words()));
  }

  /** Sentences of other sources after one that share the most of its rarer words. */
  private List<Integer> near(int i) {
    Map<Integer, Integer> shared = new HashMap<>();
    for (String stem : places.get(i).its().stems()) {
      List<Integer> with = index.get(stem);
      if (with.size() <= COMMON) {
        with.forEach(other -> shared.merge(other, 1, Integer::sum));
      }
    }
    return shared.entrySet().stream()
        .filter(e -> e.getKey() > i && e.getValue() >= 2 && apart(i, e.getKey()))
        .sorted(
            Map.Entry.<Integer, Integer>comparingByValue()
                .reversed()
                .thenComparing(Map.Entry.comparingByKey()))
        .limit(MOST_HELD)
        .map(Map.Entry::getKey)
        .toList();
  }

  private boolean apart(int one, int other) {
    return !places.get(one).text().isOf(places.get(other).text());
  }

  /** Those that say the same put together; each is with the first that it is like. */
  private List<Shared> shared(Map<Integer, Set<Integer>> alike) {
    List<Shared> shared = new ArrayList<>();
    Set<Integer> taken = new HashSet<>();
    alike.forEach(
        (first, others) -> {
          if (!taken.contains(first)) {
            List<Stated> statements = new ArrayList<>(List.of(stated(first)));
            double strength = 1;
            for (int other : others.stream().sorted().toList()) {
              if (taken.add(other)) {
                statements.add(stated(other));
                strength = Math.min(strength, Weighing.of(claim(first), claim(other)).strength());
              }
            }
            if (statements.size() > 1) {
              shared.add(new Shared(statements, Math.round(100 * strength) / 100.0));
            }
          }
        });
    shared.sort(
        Comparator.comparingInt((Shared s) -> -s.statements().size())
            .thenComparing(s -> -s.strength()));
    return shared.subList(0, Math.min(MOST_SHARED, shared.size()));
  }
}
