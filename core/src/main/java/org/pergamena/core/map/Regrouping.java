package org.pergamena.core.map;

import java.text.Collator;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.source.Passage;

/** Changes that put topics and their passages together otherwise, each one step to undo. */
public final class Regrouping {
  /** By what the topics below one are put in order. */
  public enum Order {
    LABEL,
    /** Those with the most passages, of all below them too, first. */
    PASSAGES,
    /** As they first stand in the sources. */
    SOURCES
  }

  private static final long NOWHERE = Long.MAX_VALUE;

  private final TopicMap map;

  /** Prepares to regroup a map. */
  public Regrouping(TopicMap map) {
    this.map = map;
  }

  /**
   * Merges topics into one: their passages, notes, tags, remarks, text and cross-links become its
   * own, their children come under it, in order, and they go.
   *
   * @throws MapRuleException if one of them is the root or has the other below it
   */
  public Change merge(UUID into, List<UUID> others) {
    Topic kept = map.topic(into);
    Set<UUID> going = new LinkedHashSet<>(others);
    going.remove(into);
    List<Change> changes = new ArrayList<>();
    List<Evidence> evidence = new ArrayList<>(kept.evidence());
    List<Extent> extent = new ArrayList<>(kept.extent());
    List<String> notes = new ArrayList<>(List.of(kept.note()));
    Gloss gloss = kept.content().gloss();
    String definition = gloss.definition();
    List<String> tags = new ArrayList<>(gloss.tags());
    List<Picture> pictures = new ArrayList<>(gloss.pictures());
    for (UUID id : going) {
      Topic other = map.topic(id);
      requireApart(other, kept);
      take(other.evidence(), evidence);
      extent.addAll(other.extent());
      notes.add(other.note());
      Gloss its = other.content().gloss();
      tags.addAll(its.tags());
      its.pictures().forEach(picture -> take(picture, pictures));
      if (definition.isBlank()) {
        definition = its.definition();
      } else if (!its.definition().equals(definition)) {
        notes.add(its.definition());
      }
      for (UUID child : other.children()) {
        if (!going.contains(child)) {
          changes.add(new TreeChange.Move(child, into, Place.LAST));
        }
      }
    }
    changes.addAll(relinked(into, going));
    List<Change> shown = shownAgain(into, going);
    for (Comment comment : map.comments()) {
      if (going.contains(comment.subject())) {
        changes.add(new CommentChange.Unsay(comment.id()));
        changes.add(new CommentChange.Say(comment.on(into)));
      }
    }
    going.stream()
        .filter(id -> !going.contains(map.topic(id).parent()))
        .forEach(id -> changes.add(new TreeChange.RemoveBranch(id)));
    changes.addAll(shown);
    changes.add(new ContentChange.Refill(into, kept.summary(), evidence, extent));
    changes.add(
        new ContentChange.Annotate(
            into, notes.stream().filter(n -> !n.isBlank()).collect(Collectors.joining("\n\n"))));
    if (!definition.equals(gloss.definition())) {
      changes.add(new ContentChange.DefineTopic(into, definition, gloss.pinned()));
    }
    if (!gloss.tags().containsAll(tags)) {
      changes.add(new ContentChange.Mark(into, tags));
    }
    if (!gloss.pictures().equals(pictures)) {
      changes.add(new ContentChange.Illustrate(into, pictures));
    }
    return new Together(changes);
  }

  private void requireApart(Topic other, Topic kept) {
    for (Topic at = kept; at != null; at = at.parent() == null ? null : map.topic(at.parent())) {
      if (at.id().equals(other.id())) {
        throw new MapRuleException(
            "\""
                + kept.label()
                + "\" is below \""
                + other.label()
                + "\". Merge the lower one into the upper one instead.");
      }
    }
  }

  /** Puts passages to others that have none of the same words; a person has put them there. */
  private static void take(List<Evidence> from, List<Evidence> to) {
    for (Evidence each : from) {
      Passage passage = each.passage();
      if (to.stream().noneMatch(there -> there.passage().samePlace(passage))) {
        to.add(
            new Evidence(each.id(), passage, each.stance(), Origin.HAND_LINKED, each.strength()));
      }
    }
  }

  /** Puts a picture to others as long as there is room, none twice. */
  private static void take(Picture picture, List<Picture> to) {
    boolean there = to.stream().anyMatch(other -> other.image().equals(picture.image()));
    boolean apart = to.stream().noneMatch(other -> other.id().equals(picture.id()));
    if (!there && apart && to.size() < Picture.MOST) {
      to.add(picture);
    }
  }

  /**
   * Where topics that go are shown again, or have others shown under them, as places of the one
   * that stays; none where that stands itself, or above itself.
   */
  private List<Change> shownAgain(UUID into, Set<UUID> going) {
    Set<String> there = new HashSet<>();
    List<Change> changes = new ArrayList<>();
    List<Also> all = new ArrayList<>(map.also());
    all.sort(Comparator.comparing(a -> going.contains(a.topic()) || going.contains(a.parent())));
    for (Also also : all) {
      UUID topic = going.contains(also.topic()) ? into : also.topic();
      UUID parent = going.contains(also.parent()) ? into : also.parent();
      boolean moves = !topic.equals(also.topic()) || !parent.equals(also.parent());
      boolean stands = parent.equals(parentOf(topic, into, going));
      if (there.add(topic + " " + parent)
          && moves
          && !stands
          && !above(topic, parent, into, going)) {
        changes.add(new AlsoChange.Show(new Also(also.id(), topic, parent)));
      }
    }
    return changes;
  }

  /** The parent that a topic has once others are merged into one. */
  private UUID parentOf(UUID topic, UUID into, Set<UUID> going) {
    UUID parent = map.topic(topic).parent();
    return parent != null && going.contains(parent) ? into : parent;
  }

  /** Whether a topic will stand above another or is it. */
  private boolean above(UUID topic, UUID other, UUID into, Set<UUID> going) {
    for (UUID at = other; at != null; at = parentOf(at, into, going)) {
      if (at.equals(topic)) {
        return true;
      }
    }
    return false;
  }

  /** The cross-links of topics that go, as those of the one that stays; none twice. */
  private List<Change> relinked(UUID into, Set<UUID> going) {
    Set<String> there = new HashSet<>();
    List<CrossLink> moving = new ArrayList<>();
    for (CrossLink link : map.links()) {
      if (going.contains(link.from()) || going.contains(link.to())) {
        moving.add(link);
      } else {
        there.add(link.from() + " " + link.to() + " " + link.words());
      }
    }
    List<Change> changes = new ArrayList<>();
    moving.forEach(link -> changes.add(new LinkChange.Disconnect(link.id())));
    for (CrossLink link : moving) {
      UUID from = going.contains(link.from()) ? into : link.from();
      UUID to = going.contains(link.to()) ? into : link.to();
      if (!from.equals(to) && there.add(from + " " + to + " " + link.words())) {
        changes.add(new LinkChange.Connect(link.between(from, to)));
      }
    }
    return changes;
  }

  /**
   * Puts a new topic between topics and their parent, where the first of them stands.
   *
   * @throws MapRuleException if they do not stand under the same topic
   */
  public Change between(List<UUID> topics, Topic added) {
    Set<UUID> chosen = new HashSet<>(topics);
    Topic first = map.topic(topics.get(0));
    if (first.parent() == null) {
      throw new MapRuleException("Nothing is above the root. Choose topics below it.");
    }
    Topic parent = map.topic(first.parent());
    if (!parent.children().containsAll(chosen)) {
      throw new MapRuleException("Choose topics that stand under the same topic.");
    }
    List<UUID> inOrder = parent.children().stream().filter(chosen::contains).toList();
    List<Change> changes = new ArrayList<>();
    Place place = Place.of(inOrder.get(0), parent.children());
    changes.add(new TreeChange.AddBranch(parent.id(), place, Branch.of(added)));
    inOrder.forEach(id -> changes.add(new TreeChange.Move(id, added.id(), Place.LAST)));
    return new Together(changes);
  }

  /** Puts what is right below a topic in order; what is set aside stays behind the others. */
  public Change sorted(UUID parent, Order order) {
    List<Topic> children = map.children(map.topic(parent));
    List<Topic> sorted = new ArrayList<>(children);
    sorted.sort(Comparator.comparing(Topic::aside).thenComparing(by(order, children)));
    List<Change> changes = new ArrayList<>();
    UUID before = null;
    for (Topic topic : sorted) {
      changes.add(new TreeChange.Move(topic.id(), parent, Place.after(before)));
      before = topic.id();
    }
    return new Together(sorted.equals(children) ? List.of() : changes);
  }

  /** Puts what is right below a topic in an order; what it does not name stays behind. */
  public Change ordered(UUID parent, List<UUID> order) {
    Set<UUID> children = new LinkedHashSet<>(map.topic(parent).children());
    List<Change> changes = new ArrayList<>();
    UUID before = null;
    for (UUID child : new LinkedHashSet<>(order)) {
      if (children.contains(child)) {
        changes.add(new TreeChange.Move(child, parent, Place.after(before)));
        before = child;
      }
    }
    return new Together(changes);
  }

  private Comparator<Topic> by(Order order, List<Topic> children) {
    if (order == Order.LABEL) {
      return Comparator.comparing(Topic::label, Collator.getInstance(Locale.ROOT));
    }
    Map<UUID, Long> keys = new HashMap<>();
    List<UUID> sources = new ArrayList<>();
    for (Topic child : children) {
      List<Topic> branch = map.preorder(child);
      keys.put(
          child.id(),
          order == Order.PASSAGES
              ? -branch.stream().mapToLong(topic -> topic.evidence().size()).sum()
              : branch.stream().mapToLong(t -> place(t, sources)).min().orElse(NOWHERE));
    }
    return Comparator.comparing(topic -> keys.get(topic.id()));
  }

  /** Where a topic first stands: the sources as they are met, and the offset in the source. */
  private static long place(Topic topic, List<UUID> sources) {
    List<Extent> all = new ArrayList<>(topic.extent());
    topic.evidence().stream()
        .map(Evidence::passage)
        .filter(Passage::anchored)
        .forEach(passage -> all.add(new Extent(passage.source(), passage.span())));
    return all.stream().mapToLong(extent -> place(extent, sources)).min().orElse(NOWHERE);
  }

  private static long place(Extent extent, List<UUID> sources) {
    if (!sources.contains(extent.source())) {
      sources.add(extent.source());
    }
    return sources.indexOf(extent.source()) * (long) Integer.MAX_VALUE + extent.span().start();
  }

  /**
   * Takes all topics out but the root, and what that carries but its label.
   *
   * @param sources to be taken off the shelf too
   */
  public Change emptied(Collection<UUID> sources) {
    List<Change> changes = new ArrayList<>();
    Topic root = map.root();
    root.children().forEach(main -> changes.add(new TreeChange.RemoveBranch(main)));
    changes.addAll(TreeDiff.filling(root, Content.labelled(root.label())));
    sources.forEach(source -> changes.add(new ShelfChange.Withdraw(source)));
    return new Together(changes);
  }

  /**
   * Puts passages of a topic to another.
   *
   * @param evidence identities of passages of the first topic
   * @throws MapRuleException if one is not linked to it, or the other has the same words
   */
  public Change passages(UUID from, List<UUID> evidence, UUID to) {
    map.topic(to);
    return moved(from, evidence, to);
  }

  private Change moved(UUID from, List<UUID> evidence, UUID to) {
    Topic topic = map.topic(from);
    List<Change> changes = new ArrayList<>();
    List<Evidence> moved = new ArrayList<>();
    for (UUID id : new LinkedHashSet<>(evidence)) {
      changes.add(new EvidenceChange.Unlink(from, id));
      topic.evidence().stream()
          .filter(each -> each.id().equals(id))
          .forEach(each -> take(List.of(each), moved));
    }
    moved.forEach(each -> changes.add(new EvidenceChange.Link(to, Place.LAST, each)));
    return new Together(changes);
  }

  /**
   * Makes a new topic of passages of a topic, right after it, or under it.
   *
   * @throws MapRuleException if one is not linked to it
   */
  public Change split(UUID from, List<UUID> evidence, Topic added, boolean under) {
    Topic topic = map.topic(from);
    boolean below = under || topic.parent() == null;
    Place place = below ? Place.LAST : Place.after(from);
    UUID parent = below ? from : topic.parent();
    Change add = new TreeChange.AddBranch(parent, place, Branch.of(added));
    return new Together(List.of(add, moved(from, evidence, added.id())));
  }
}
