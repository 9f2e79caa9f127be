package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** Copies of branches, put into the same map or another, with all that their topics carry. */
public final class Planting {
  private Planting() {}

  /** The topics of a choice that have none of it above them, in the map's order. */
  public static List<Topic> upmost(TopicMap map, List<UUID> chosen) {
    Set<UUID> within = new LinkedHashSet<>(chosen);
    List<Topic> upmost = new ArrayList<>();
    Set<UUID> covered = new HashSet<>();
    for (Topic topic : map.preorder()) {
      boolean below = topic.parent() != null && covered.contains(topic.parent());
      if (below || within.contains(topic.id())) {
        covered.add(topic.id());
        if (!below) {
          upmost.add(topic);
        }
      }
    }
    return upmost;
  }

  /** The sources on which branches and the cross-links between them rest. */
  public static Set<UUID> sources(TopicMap map, List<Topic> branches) {
    Set<UUID> sources = new LinkedHashSet<>();
    Set<UUID> within = new HashSet<>();
    for (Topic branch : branches) {
      for (Topic topic : map.preorder(branch)) {
        within.add(topic.id());
        topic.evidence().forEach(evidence -> sources.add(evidence.passage().source()));
        topic.extent().forEach(extent -> sources.add(extent.source()));
      }
    }
    for (CrossLink link : map.links()) {
      if (within.contains(link.from()) && within.contains(link.to())) {
        link.grounds().forEach(evidence -> sources.add(evidence.passage().source()));
      }
    }
    return sources;
  }

  /** The images that branches show. */
  public static Set<String> images(TopicMap map, List<Topic> branches) {
    Set<String> images = new LinkedHashSet<>();
    for (Topic branch : branches) {
      for (Topic topic : map.preorder(branch)) {
        topic.content().gloss().pictures().forEach(picture -> images.add(picture.image()));
      }
    }
    return images;
  }

  /**
   * Puts copies of branches under a topic, with the cross-links between them; tags that the map
   * does not have come along.
   *
   * @param from the map that has the branches
   * @param branches none of them below another, as {@link #upmost} gives them
   * @param sources what each of their sources is called in the map that they come to
   */
  public static Change planted(
      TopicMap from,
      List<Topic> branches,
      TopicMap to,
      UUID parent,
      Place place,
      UnaryOperator<UUID> sources,
      Supplier<UUID> identities) {
    List<Change> changes = new ArrayList<>();
    Map<UUID, UUID> ids = new HashMap<>();
    branches.forEach(
        branch -> from.preorder(branch).forEach(t -> ids.put(t.id(), identities.get())));
    Set<String> marks = new LinkedHashSet<>();
    Place next = place;
    for (Topic branch : branches) {
      List<Topic> copies = new ArrayList<>();
      for (Topic topic : from.preorder(branch)) {
        marks.addAll(topic.content().gloss().tags());
        copies.add(topic.copied(ids, sources, identities));
      }
      changes.add(new TreeChange.AddBranch(parent, next, new Branch(copies)));
      next = Place.after(ids.get(branch.id()));
    }
    for (CrossLink link : from.links()) {
      if (ids.containsKey(link.from()) && ids.containsKey(link.to())) {
        changes.add(new LinkChange.Connect(link.copied(ids, sources, identities)));
      }
    }
    List<Tag> tags = new ArrayList<>(to.legend().tags());
    from.legend().tags().stream()
        .filter(tag -> marks.contains(tag.id()) && !to.legend().has(tag.id()))
        .filter(tag -> to.legend().named(tag.word()).isEmpty())
        .forEach(tags::add);
    if (tags.size() > to.legend().tags().size()) {
      changes.add(0, new LegendChange.Define(new Legend(tags)));
    }
    return new Together(changes);
  }
}
