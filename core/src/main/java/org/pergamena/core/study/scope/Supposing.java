package org.pergamena.core.study.scope;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.analysis.Matching.Match;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.agree.Doubting;
import org.pergamena.core.study.agree.Statements;
import org.pergamena.core.study.scope.Hypothesis.Bearing;

/**
 * Finds what the sources say for and against cross-links that are only supposed: sentences that
 * speak of both ends. One that says what the link says, or half of it, supports it; one that
 * denies, disputes or has an opposite disputes it; any other mentions it.
 */
public final class Supposing {
  private static final int NEAR = 40;
  private static final int MOST = 8;

  /** Links beyond these are not weighed. */
  public static final int MOST_WEIGHED = 50;

  private final TopicMap map;
  private final Map<UUID, Analysed> texts;
  private final Matching matching;

  private Supposing(TopicMap map, List<Analysed> texts) {
    this.map = map;
    this.texts =
        texts.stream().collect(Collectors.toMap(t -> t.source().id(), Function.identity()));
    this.matching = new Matching(texts);
  }

  /** The supposed links of a map as hypotheses, the first fifty of them. */
  public static List<Hypothesis> of(TopicMap map, List<Analysed> texts) {
    List<CrossLink> supposed =
        map.links().stream().filter(link -> link.manner().supposed()).toList();
    if (supposed.isEmpty()) {
      return List.of();
    }
    Supposing supposing = new Supposing(map, texts);
    return supposed.stream().limit(MOST_WEIGHED).map(supposing::hypothesis).toList();
  }

  private Hypothesis hypothesis(CrossLink link) {
    Topic from = map.topic(link.from());
    Topic to = map.topic(link.to());
    String phrase = link.phrase().isBlank() ? "has to do with" : link.phrase();
    List<Bearing> bearings = new ArrayList<>();
    for (Evidence ground : link.grounds()) {
      bearings.add(new Bearing(ground.passage(), ground.stance(), "", true));
    }
    Map<String, Double> ends = new HashMap<>();
    Map<String, Match> others = new HashMap<>();
    matching.saying(from.label(), NEAR).forEach(m -> ends.put(place(m.passage()), m.strength()));
    matching.saying(to.label(), NEAR).forEach(m -> others.put(place(m.passage()), m));
    others.values().stream()
        .filter(match -> ends.containsKey(place(match.passage())))
        .filter(match -> bearings.stream().noneMatch(b -> b.passage().samePlace(match.passage())))
        .sorted(
            Comparator.comparingDouble((Match m) -> -m.strength() * ends.get(place(m.passage())))
                .thenComparing(m -> place(m.passage())))
        .limit(MOST)
        .forEach(match -> bearings.add(bearing(match.passage(), link)));
    return new Hypothesis(link, from.label() + " " + phrase + " " + to.label(), bearings);
  }

  private static String place(Passage passage) {
    return passage.source() + " " + passage.start();
  }

  private Bearing bearing(Passage passage, CrossLink link) {
    Analysed text = texts.get(passage.source());
    Sentence sentence = text.over(passage.span()).get(0);
    String doubt = Doubting.said(passage.exact(), text.tongue());
    if (!doubt.isEmpty()) {
      return new Bearing(passage, Stance.DISPUTES, "it says: " + doubt, false);
    }
    List<String> stated = new ArrayList<>();
    for (String word : link.phrase().toLowerCase(Locale.ROOT).split("\\P{L}+")) {
      if (!word.isEmpty() && !text.tongue().stop(word)) {
        stated.add(word);
      }
    }
    String turned = Statements.turned(text, sentence, stated);
    if (!turned.isEmpty()) {
      return new Bearing(passage, Stance.DISPUTES, turned, false);
    }
    Set<String> stems = TextAnalyser.stems(link.phrase(), text.tongue());
    boolean says = sentence.stems().stream().anyMatch(stems::contains);
    return new Bearing(passage, says ? Stance.SUPPORTS : Stance.MENTIONS, "", false);
  }
}
