package org.pergamena.core.reply;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Draft;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.pair.Entry;
import org.pergamena.core.pair.Pairing;
import org.pergamena.core.reply.Reply.Point;

/**
 * Makes one map of several outlines of a subject: what means the same becomes one topic, and each
 * topic says in its trace from which outlines it comes.
 */
public final class Merging {
  /** An outline with what it is called. */
  public record Named(String name, Reply reply, LocalDate on) {}

  /** A topic as it grows. */
  private static final class Node {
    private final Node parent;
    private final String label;
    private final LocalDate on;
    private final Set<String> names = new LinkedHashSet<>();
    private final Set<String> cites = new LinkedHashSet<>();
    private String definition = "";
    private String note = "";

    Node(Node parent, String label, LocalDate on) {
      this.parent = parent;
      this.label = label;
      this.on = on;
    }

    void add(String name, Point point) {
      names.add(name);
      cites.addAll(point.cites());
      String said = point.definition();
      if (definition.isEmpty()) {
        definition = said;
      } else if (!said.isEmpty() && !said.equals(definition)) {
        say(name + ": " + said);
      }
      say(point.note());
      if (!point.label().equals(label)) {
        say(name + " calls it: " + point.label());
      }
    }

    private void say(String words) {
      boolean room = note.length() + words.length() < Content.LONGEST_NOTE;
      if (!words.isBlank() && room) {
        note = (note + "\n" + words.strip()).strip();
      }
    }
  }

  private final List<Node> nodes = new ArrayList<>();
  private final Collection<Tongue> tongues;

  private Merging(Collection<Tongue> tongues) {
    this.tongues = tongues;
  }

  /**
   * Merges outlines.
   *
   * @param passages of a map whose keys they cite
   * @throws org.pergamena.core.map.MapRuleException if it becomes larger than maps are
   */
  public static TopicMap of(
      List<Named> outlines,
      String title,
      TopicMap passages,
      Collection<Tongue> tongues,
      Supplier<UUID> identities) {
    Merging merging = new Merging(tongues);
    outlines.forEach(merging::add);
    return merging.map(title, passages, identities);
  }

  private void add(Named outline) {
    List<Entry> offered = Entries.of(outline.reply(), Map.of());
    Pairing pairing = new Pairing(entries(), offered, tongues);
    pairing.run();
    List<Node> own = new ArrayList<>();
    List<Node> there = List.copyOf(nodes);
    for (int i = 0; i < offered.size(); i++) {
      Point point = outline.reply().points().get(i);
      int same = pairing.standing(i);
      int above = offered.get(i).parent();
      Node node =
          same >= 0
              ? there.get(same)
              : new Node(above < 0 ? null : own.get(above), point.label(), outline.on());
      if (same < 0) {
        nodes.add(node);
      }
      node.add(outline.name(), point);
      own.add(node);
    }
  }

  private List<Entry> entries() {
    Map<Node, Integer> places = new IdentityHashMap<>();
    List<Entry> entries = new ArrayList<>();
    for (Node node : nodes) {
      int parent = node.parent == null ? -1 : places.get(node.parent);
      places.put(node, entries.size());
      Set<String> cites = new HashSet<>(node.cites);
      entries.add(new Entry(parent, null, node.label, node.definition, cites));
    }
    return entries;
  }

  private TopicMap map(String title, TopicMap passages, Supplier<UUID> identities) {
    Draft map = TopicMap.rootedAt(Topic.labelled(identities.get(), title)).draft();
    UUID root = map.map().root().id();
    Map<String, Evidence> known = Citing.passages(passages);
    Map<Node, UUID> made = new IdentityHashMap<>();
    for (Node node : nodes) {
      String names = node.names.stream().collect(Collectors.joining(", "));
      String brief = names.length() > Trace.LONGEST ? names.substring(0, Trace.LONGEST) : names;
      Content content =
          Content.labelled(node.label)
              .withNote(node.note)
              .withEvidence(Citing.linked(node.cites, known, identities))
              .withGloss(
                  gloss ->
                      gloss
                          .withDefinition(node.definition, false)
                          .withTrace(new Trace(brief, "", node.on)));
      Topic topic = Topic.of(identities.get(), content);
      UUID parent = node.parent == null ? root : made.get(node.parent);
      map.apply(new TreeChange.AddBranch(parent, Place.LAST, Branch.of(topic)));
      made.put(node, topic.id());
    }
    return map.map();
  }
}
