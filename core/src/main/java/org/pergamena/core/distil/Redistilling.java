package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.map.TreeDiff;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/**
 * Brings a map that was distilled anew together with the one that stands. Topics that mean the same
 * keep their identity, and with it their notes, links and looks; what a person made or decided by
 * hand stays, and what they took out stays away.
 */
public final class Redistilling {
  /** A new topic of which more than this share lies in text that was taken out stays away. */
  private static final double TAKEN_OUT = 0.6;

  /** A new topic of which more than this share is on the map already is not new. */
  private static final double THERE = 0.5;

  /**
   * What becomes of the topics if the new map is taken whole.
   *
   * @param same number of topics that stay what they are
   * @param renamed topics that get another label, as it was and as it will be
   * @param came labels of topics that are new
   * @param gone labels of topics that go
   * @param kept labels of topics that stay although the new map has none like them
   */
  public record Outcome(
      int same, List<Renamed> renamed, List<String> came, List<String> gone, List<String> kept) {}

  /** A topic that gets another label. */
  public record Renamed(String before, String after) {}

  private final TopicMap standing;
  private final TopicMap distilled;
  private final ByHand hand;
  private final boolean titled;
  private final Map<UUID, UUID> olds;

  /** Of each topic of the target its children so far. */
  private final Map<UUID, List<UUID>> children = new HashMap<>();

  private final Map<UUID, UUID> parents = new HashMap<>();
  private final Map<UUID, Content> contents = new HashMap<>();

  /**
   * Prepares to bring two maps together.
   *
   * @param hand what a person decided about the map that stands
   * @param titled whether the map that stands has a title of its own
   */
  public Redistilling(TopicMap standing, TopicMap distilled, ByHand hand, boolean titled) {
    this.standing = standing;
    this.distilled = distilled;
    this.hand = hand;
    this.titled = titled;
    this.olds = Kinship.between(standing, distilled);
  }

  /** The change that takes the new map whole, but for what a person did by hand. */
  public Change whole() {
    return TreeDiff.between(standing, target());
  }

  /** The change that adds the topics whose text is not on the map yet, and changes nothing else. */
  public Change onlyNew() {
    List<Change> changes = new ArrayList<>();
    Set<UUID> added = new HashSet<>();
    for (Topic topic : distilled.preorder()) {
      boolean below = added.contains(topic.parent());
      if (topic.parent() == null || below || !isNew(topic)) {
        if (below) {
          added.add(topic.id());
        }
        continue;
      }
      added.add(topic.id());
      UUID parent = home(topic);
      List<Topic> branch = new ArrayList<>();
      for (Topic part : distilled.preorder(topic)) {
        branch.add(part == topic ? part.withParent(null) : part);
      }
      changes.add(new TreeChange.AddBranch(parent, Place.LAST, new Branch(branch)));
    }
    return new Together(changes);
  }

  /** The standing topic of the nearest topic above that stands. */
  private UUID home(Topic topic) {
    for (UUID at = topic.parent(); at != null; at = distilled.topic(at).parent()) {
      if (olds.containsKey(at)) {
        return olds.get(at);
      }
    }
    return standing.root().id();
  }

  private boolean isNew(Topic topic) {
    List<Extent> all = new ArrayList<>();
    distilled.preorder(topic).forEach(part -> all.addAll(part.extent()));
    return !olds.containsKey(topic.id())
        && !takenOut(all)
        && share(all, onTheMap()) <= THERE
        && !all.isEmpty();
  }

  private List<Extent> onTheMap() {
    return standing.preorder().stream().flatMap(topic -> topic.extent().stream()).toList();
  }

  /** What becomes of the topics if the new map is taken whole. */
  public Outcome outcome() {
    TopicMap target = target();
    List<Renamed> renamed = new ArrayList<>();
    List<String> came = new ArrayList<>();
    int same = 0;
    for (Topic topic : target.preorder()) {
      if (!standing.has(topic.id())) {
        came.add(topic.label());
      } else if (standing.topic(topic.id()).label().equals(topic.label())) {
        same++;
      } else {
        renamed.add(new Renamed(standing.topic(topic.id()).label(), topic.label()));
      }
    }
    List<String> gone =
        standing.preorder().stream()
            .filter(topic -> !target.has(topic.id()))
            .map(Topic::label)
            .toList();
    Set<UUID> matched = new HashSet<>(olds.values());
    List<String> kept =
        standing.preorder().stream()
            .filter(t -> t.parent() != null && target.has(t.id()) && !matched.contains(t.id()))
            .map(Topic::label)
            .toList();
    return new Outcome(same, renamed, came, gone, kept);
  }

  private TopicMap target() {
    children.clear();
    parents.clear();
    contents.clear();
    UUID root = standing.root().id();
    contents.put(root, root());
    Map<UUID, UUID> ids = new HashMap<>(olds);
    ids.put(distilled.root().id(), root);
    for (Topic topic : distilled.preorder()) {
      if (topic.parent() == null) {
        continue;
      }
      UUID above = ids.get(topic.parent());
      if (takenOut(topic.extent()) && !olds.containsKey(topic.id())) {
        ids.put(topic.id(), above); // what is below it and stays goes to the topic above
        continue;
      }
      UUID id = ids.computeIfAbsent(topic.id(), same -> same);
      contents.put(id, content(topic, id));
      append(id, above);
    }
    keepOwn();
    keepPlaces();
    return TopicMap.of(topics(root, null, new ArrayList<>()), List.of(), standing.look());
  }

  private Content root() {
    Content old = standing.root().content();
    Content found = distilled.root().content();
    return merged(found, old).withLabel(titled ? old.label() : found.label());
  }

  private Content content(Topic topic, UUID id) {
    return standing.has(id) ? merged(topic.content(), standing.topic(id)) : topic.content();
  }

  private Content merged(Content found, Topic old) {
    Content merged = merged(found, old.content());
    merged = hand.labels().contains(old.id()) ? merged.withLabel(old.label()) : merged;
    return hand.asides().contains(old.id()) ? merged.withAside(old.aside()) : merged;
  }

  /** What was found, with what a person has on the topic. */
  private Content merged(Content found, Content old) {
    List<Evidence> evidence = new ArrayList<>();
    for (Evidence e : found.evidence()) {
      if (hand.unlinked().stream().noneMatch(gone -> same(gone, e.passage()))) {
        evidence.add(
            old.evidence().stream()
                .filter(o -> o.passage().samePlace(e.passage()))
                .findFirst()
                .orElse(e));
      }
    }
    for (Evidence e : old.evidence()) {
      boolean own = e.origin() != Origin.DISTILLED;
      if (own && evidence.stream().noneMatch(there -> there.passage().samePlace(e.passage()))) {
        evidence.add(e);
      }
    }
    return found
        .withGrounds(found.summary(), evidence, found.extent())
        .withNote(old.note())
        .withLook(old.look())
        .withGloss(none -> old.gloss());
  }

  private static boolean same(Passage one, Passage other) {
    return one.source().equals(other.source()) && one.exact().equals(other.exact());
  }

  /** Keeps topics that a person has a hand in and the new map has none like. */
  private void keepOwn() {
    Map<UUID, Content> found = Map.copyOf(contents);
    List<Extent> taken = found.values().stream().flatMap(c -> c.extent().stream()).toList();
    for (Topic topic : standing.preorder()) {
      boolean gone = !contents.containsKey(topic.id());
      if (gone && hand.touches(standing, topic)) {
        contents.put(
            topic.id(),
            topic
                .content()
                .withGrounds(topic.summary(), topic.evidence(), without(topic.extent(), taken)));
        hang(topic.id(), newHome(topic, found), before(topic));
      }
    }
  }

  /** Its parent if that stays, else the topic that has most of its text now. */
  private UUID newHome(Topic topic, Map<UUID, Content> found) {
    UUID best = survivor(topic.parent());
    if (best.equals(topic.parent())) {
      return best;
    }
    List<Extent> own = new ArrayList<>(topic.extent());
    topic.evidence().stream()
        .map(Evidence::passage)
        .filter(Passage::anchored)
        .forEach(passage -> own.add(new Extent(passage.source(), passage.span())));
    double most = 0;
    for (Map.Entry<UUID, Content> other : found.entrySet()) {
      double share = share(own, other.getValue().extent());
      if (share > most) {
        most = share;
        best = other.getKey();
      }
    }
    return best;
  }

  /** The nearest topic above that stays. */
  private UUID survivor(UUID from) {
    UUID at = from;
    while (!contents.containsKey(at)) {
      at = standing.topic(at).parent();
    }
    return at;
  }

  /** The nearest sibling before that stays, or null. */
  private UUID before(Topic topic) {
    List<UUID> siblings = standing.topic(topic.parent()).children();
    for (int i = siblings.indexOf(topic.id()) - 1; i >= 0; i--) {
      if (contents.containsKey(siblings.get(i))) {
        return siblings.get(i);
      }
    }
    return null;
  }

  /** Puts topics that a person has placed back under their parent. */
  private void keepPlaces() {
    for (Topic topic : standing.preorder()) {
      boolean stays = contents.containsKey(topic.id()) && topic.parent() != null;
      if (stays && hand.places().contains(topic.id())) {
        UUID parent = survivor(topic.parent());
        if (!parent.equals(parents.get(topic.id())) && !within(parent, topic.id())) {
          children.get(parents.get(topic.id())).remove(topic.id());
          hang(topic.id(), parent, before(topic));
        }
      }
    }
  }

  private boolean within(UUID topic, UUID branch) {
    for (UUID at = topic; at != null; at = parents.get(at)) {
      if (at.equals(branch)) {
        return true;
      }
    }
    return false;
  }

  private void append(UUID topic, UUID parent) {
    children.computeIfAbsent(parent, id -> new ArrayList<>()).add(topic);
    parents.put(topic, parent);
  }

  private void hang(UUID topic, UUID parent, UUID before) {
    List<UUID> siblings = children.computeIfAbsent(parent, id -> new ArrayList<>());
    int at = siblings.indexOf(before);
    siblings.add(at < 0 ? end(siblings) : at + 1, topic);
    parents.put(topic, parent);
  }

  /** After all siblings but those that are set aside. */
  private int end(List<UUID> siblings) {
    int end = siblings.size();
    while (end > 0 && contents.get(siblings.get(end - 1)).aside()) {
      end--;
    }
    return end;
  }

  private List<Topic> topics(UUID id, UUID parent, List<Topic> all) {
    List<UUID> below = children.getOrDefault(id, List.of());
    all.add(new Topic(id, parent, below, contents.get(id)));
    below.forEach(child -> topics(child, id, all));
    return all;
  }

  private boolean takenOut(List<Extent> extent) {
    List<Extent> out = hand.removed().stream().flatMap(c -> c.extent().stream()).toList();
    return !extent.isEmpty() && share(extent, out) > TAKEN_OUT;
  }

  /** The share of some stretches that lies in others. */
  private static double share(List<Extent> extent, List<Extent> others) {
    double length = length(extent);
    return length == 0 ? 0 : 1 - length(without(extent, others)) / length;
  }

  private static double length(List<Extent> extent) {
    return extent.stream().mapToInt(e -> e.span().end() - e.span().start()).sum();
  }

  private static List<Extent> without(List<Extent> extent, List<Extent> others) {
    Map<UUID, List<Span>> taken =
        others.stream()
            .collect(
                Collectors.groupingBy(
                    Extent::source, Collectors.mapping(Extent::span, Collectors.toList())));
    Map<UUID, List<Span>> unions = new HashMap<>();
    taken.forEach((source, spans) -> unions.put(source, Spans.union(spans)));
    return extent.stream()
        .flatMap(
            e ->
                Spans.without(e.span(), unions.getOrDefault(e.source(), List.of())).stream()
                    .map(span -> new Extent(e.source(), span)))
        .toList();
  }
}
