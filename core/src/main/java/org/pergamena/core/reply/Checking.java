package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.analysis.Matching.Match;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.pair.Meaning;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.reply.Checked.Cite;
import org.pergamena.core.reply.Checked.Judged;
import org.pergamena.core.reply.Reply.Point;

/**
 * Checks a reply against the sources: what bears each point out, what they do not say, what is
 * unsaid.
 */
public final class Checking {
  private static final UUID NOWHERE = new UUID(0, 0);
  private static final double ENOUGH_SHARED = 0.25;
  private static final double STRONG = 0.6;

  private final Reply reply;
  private final Matching matching;
  private final Claims claims;
  private final Meaning meaning;
  private final Map<UUID, Evidence> evidence;
  private final Map<String, UUID> keys;

  private Checking(Reply reply, TopicMap map, Collection<Analysed> sources) {
    this.reply = reply;
    this.matching = new Matching(List.copyOf(sources));
    this.claims = new Claims(sources);
    this.meaning = new Meaning(sources.stream().map(Analysed::tongue).distinct().toList());
    this.keys = map == null ? Map.of() : Citing.keys(map);
    this.evidence = map == null ? Map.of() : Citing.evidence(map);
  }

  /**
   * What the sources say to a reply.
   *
   * @param map whose passages it can name, or null
   */
  public static Checked of(
      Reply reply, TopicMap map, Collection<Analysed> sources, Progress progress) {
    Checking checking = new Checking(reply, map, sources);
    List<Judged> judged = new ArrayList<>();
    List<String> above = new ArrayList<>();
    for (Point point : reply.points()) {
      while (above.size() >= point.level()) {
        above.remove(above.size() - 1);
      }
      progress.at("Looking for what bears it out", judged.size() / (double) reply.points().size());
      judged.add(checking.judged(point, above));
      above.add(point.label());
    }
    return new Checked(judged, Unspoken.of(reply, sources));
  }

  private Judged judged(Point point, List<String> above) {
    List<String> around = new ArrayList<>(above);
    around.add(point.definition());
    List<Match> matches = matching.of(Topic.labelled(NOWHERE, point.label()), around);
    List<Cite> cites = new ArrayList<>();
    for (String key : point.cites()) {
      if (!key.equals("none")) {
        UUID id = keys.get(key);
        cites.add(new Cite(key, id, id == null ? 0 : shared(point, evidence.get(id))));
      }
    }
    List<Double> strengths = new ArrayList<>();
    cites.stream()
        .filter(cite -> cite.strength() >= ENOUGH_SHARED)
        .forEach(cite -> strengths.add(Math.max(STRONG, cite.strength())));
    matches.stream()
        .filter(match -> cites.stream().noneMatch(cite -> same(cite, match)))
        .forEach(match -> strengths.add(match.strength()));
    String words = String.join("\n", point.definition(), point.note());
    return new Judged(grade(strengths), matches, cites, claims.unknown(point.label(), words));
  }

  /** Two strong passages bear a point out; weaker ones, and words beside, are too little. */
  private static Support.Grade grade(List<Double> strengths) {
    long strong = strengths.stream().filter(strength -> strength >= STRONG).count();
    return strengths.isEmpty()
        ? Support.Grade.UNSUPPORTED
        : strong < Support.ENOUGH_PASSAGES ? Support.Grade.THIN : Support.Grade.WELL;
  }

  private boolean same(Cite cite, Match match) {
    Evidence named = cite.evidence() == null ? null : evidence.get(cite.evidence());
    return named != null && named.passage().exact().contains(match.passage().exact());
  }

  /** The share of a point's words that stand in a passage. */
  private double shared(Point point, Evidence cited) {
    Set<String> words = meaning.stems(point.label() + " " + point.definition());
    Set<String> there = meaning.stems(cited.passage().exact());
    long both = words.stream().filter(there::contains).count();
    return words.isEmpty() ? 0 : Math.round(100.0 * both / words.size()) / 100.0;
  }
}
