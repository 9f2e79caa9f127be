package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.analysis.Matching.Match;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Draft;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.reply.Checked.Judged;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Reply.Point;

/** Takes differences between a reply and a map into the map, as one change. */
public final class Taking {
  private final Map<String, Evidence> passages;
  private final List<Judged> judged;

  /** The topics that relations can name. */
  private final Map<String, UUID> labels = new HashMap<>();

  private final Draft map;
  private final Reply reply;
  private final Compared compared;
  private final UUID anchor;
  private final Trace trace;
  private final Supplier<UUID> identities;
  private final List<Change> changes = new ArrayList<>();

  /** What each point is on the map, as far as it is there. */
  private final Map<Integer, UUID> topics = new HashMap<>();

  private final int[] parents;

  private Taking(
      TopicMap map,
      Reply reply,
      Compared compared,
      List<Judged> judged,
      UUID anchor,
      Trace trace,
      Supplier<UUID> identities) {
    this.passages = Citing.passages(map);
    this.judged = judged;
    this.map = map.draft();
    this.reply = reply;
    this.compared = compared;
    this.anchor = anchor;
    this.trace = trace;
    this.identities = identities;
    this.parents = Entries.of(reply, Map.of()).stream().mapToInt(Entry::parent).toArray();
    for (int i = 0; i < compared.topics().size(); i++) {
      if (compared.topics().get(i) != null) {
        topics.put(i, compared.topics().get(i));
        labels.putIfAbsent(Citing.key(reply.points().get(i).label()), topics.get(i));
      }
    }
    map.preorder().forEach(topic -> labels.putIfAbsent(Citing.key(topic.label()), topic.id()));
  }

  /**
   * What takes differences in.
   *
   * @param topics what each point of the reply is on the map after it, or null where it is not
   *     there
   */
  public record Taken(Change change, List<UUID> topics) {}

  /**
   * The change that takes some differences in; those that a new topic stands under come with it.
   *
   * @param judged of each point what bears it out, which new topics bring along; may be empty
   * @param wanted names of differences, as {@link Difference#id} gives them
   * @param anchor under which points come that stand under no other
   * @param trace of the topics that come
   */
  public static Taken of(
      TopicMap map,
      Reply reply,
      Compared compared,
      List<Judged> judged,
      Collection<String> wanted,
      UUID anchor,
      Trace trace,
      Supplier<UUID> identities) {
    Taking taking = new Taking(map, reply, compared, judged, anchor, trace, identities);
    taking.take(new HashSet<>(wanted));
    List<UUID> topics = new ArrayList<>();
    for (int i = 0; i < taking.parents.length; i++) {
      topics.add(taking.topics.get(i));
    }
    return new Taken(new Together(taking.changes), topics);
  }

  private void take(Set<String> wanted) {
    List<Difference> all =
        compared.differences().stream().filter(each -> wanted.contains(each.id())).toList();
    Set<Integer> added = new LinkedHashSet<>();
    for (Difference each : all) {
      int point = each.point();
      boolean comes = each.kind() == Kind.NEW;
      int at = comes ? point : each.kind() == Kind.MOVED ? parents[point] : -1;
      for (; at >= 0; at = parents[at]) {
        if (!topics.containsKey(at)) {
          added.add(at);
        }
      }
    }
    added.stream().sorted().forEach(this::add);
    for (Difference each : all) {
      switch (each.kind()) {
        case RENAMED -> rename(each);
        case MOVED -> move(each);
        case DEFINED -> define(each);
        case CITED -> cite(each);
        case RELATED -> relate(reply.links().get(each.point()));
        default -> {}
      }
    }
  }

  private void apply(Change change) {
    map.apply(change);
    changes.add(change);
  }

  private UUID parent(int point) {
    return parents[point] < 0 ? anchor : topics.get(parents[point]);
  }

  /** Behind the point before it under the same topic, or last. */
  private Place place(int point, UUID parent) {
    for (int i = point - 1; i >= 0 && i != parents[point]; i--) {
      UUID there = topics.get(i);
      if (parents[i] == parents[point]
          && there != null
          && parent.equals(map.topic(there).parent())) {
        return Place.after(there);
      }
    }
    return Place.LAST;
  }

  private void add(int point) {
    Point offered = reply.points().get(point);
    UUID parent = parent(point);
    Content content =
        Content.labelled(offered.label())
            .withNote(offered.note())
            .withEvidence(evidence(point))
            .withGloss(gloss -> gloss.withDefinition(offered.definition(), false).withTrace(trace));
    Topic topic = Topic.of(identities.get(), content);
    apply(new TreeChange.AddBranch(parent, place(point, parent), Branch.of(topic)));
    topics.put(point, topic.id());
    labels.putIfAbsent(Citing.key(topic.label()), topic.id());
  }

  /** The passages that a point names, and those that were found for it. */
  private List<Evidence> evidence(int point) {
    List<Evidence> all =
        new ArrayList<>(Citing.linked(reply.points().get(point).cites(), passages, identities));
    List<Match> found = point < judged.size() ? judged.get(point).matches() : List.of();
    for (Match match : found) {
      if (all.stream().noneMatch(each -> each.passage().samePlace(match.passage()))) {
        all.add(
            new Evidence(
                identities.get(),
                match.passage(),
                Stance.SUPPORTS,
                Origin.MATCHED,
                match.strength()));
      }
    }
    return all;
  }

  private static String brief(String words, int most) {
    return words.length() > most ? words.substring(0, most).strip() : words;
  }

  private void rename(Difference each) {
    if (map.has(each.topic())) {
      apply(new ContentChange.Relabel(each.topic(), brief(each.is(), Content.LONGEST_LABEL)));
    }
  }

  private void move(Difference each) {
    UUID parent = parent(each.point());
    if (map.has(each.topic()) && parent != null && !below(parent, each.topic())) {
      apply(new TreeChange.Move(each.topic(), parent, place(each.point(), parent)));
    }
  }

  private boolean below(UUID topic, UUID other) {
    for (UUID at = topic; at != null; at = map.topic(at).parent()) {
      if (at.equals(other)) {
        return true;
      }
    }
    return false;
  }

  private void define(Difference each) {
    if (map.has(each.topic())) {
      Gloss gloss = map.topic(each.topic()).content().gloss();
      apply(new ContentChange.DefineTopic(each.topic(), each.is(), gloss.pinned()));
    }
  }

  /** A topic that is the same gets the passages that the reply names for it. */
  private void cite(Difference each) {
    List<String> cites = reply.points().get(each.point()).cites();
    for (Evidence evidence : Citing.linked(cites, passages, identities)) {
      Topic topic = map.topic(each.topic());
      if (topic.evidence().stream().noneMatch(e -> e.passage().samePlace(evidence.passage()))) {
        apply(new EvidenceChange.Link(topic.id(), Place.LAST, evidence));
      }
    }
  }

  private void relate(Linked link) {
    UUID from = end(link.from());
    UUID to = end(link.to());
    if (!from.equals(to)) {
      String phrase = brief(link.phrase(), CrossLink.LONGEST_PHRASE);
      apply(new LinkChange.Connect(CrossLink.of(identities.get(), from, to, phrase)));
    }
  }

  /** The topic that a relation names; a new one if there is none. */
  private UUID end(String label) {
    String key = Citing.key(label);
    if (labels.containsKey(key)) {
      return labels.get(key);
    }
    Topic topic =
        Topic.of(
            identities.get(),
            Content.labelled(brief(label, Content.LONGEST_LABEL))
                .withNote(label.length() > Content.LONGEST_LABEL ? label : "")
                .withGloss(gloss -> gloss.withTrace(trace)));
    apply(new TreeChange.AddBranch(anchor, Place.LAST, Branch.of(topic)));
    labels.put(key, topic.id());
    return topic.id();
  }
}
