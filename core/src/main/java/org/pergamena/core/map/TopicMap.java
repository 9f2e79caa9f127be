package org.pergamena.core.map;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * A topic map: one tree of topics. It never changes; {@link #apply} gives another.
 *
 * <pre>{@code
 * TopicMap map = TopicMap.rootedAt(Topic.labelled(id, "Letting the sea back in"));
 * Applied done = map.apply(new Change.Relabel(id, "The realignment"));
 * Applied undone = done.map().apply(done.inverse());   // equals map
 * }</pre>
 */
public final class TopicMap {
  /** The most topics that one map holds. */
  public static final int MOST_TOPICS = 20_000;

  /** The deepest level, the root's being 0. */
  public static final int DEEPEST_LEVEL = 60;

  private final UUID root;
  private final Map<UUID, Topic> topics;

  TopicMap(UUID root, Map<UUID, Topic> topics) {
    this.root = root;
    this.topics = topics;
  }

  /** A map of a root alone. */
  public static TopicMap rootedAt(Topic root) {
    return of(List.of(root));
  }

  /**
   * A map of given topics.
   *
   * @throws MapRuleException if they are not one tree
   */
  public static TopicMap of(Collection<Topic> all) {
    Map<UUID, Topic> topics = new HashMap<>();
    UUID root = null;
    for (Topic topic : all) {
      if (topics.put(topic.id(), topic) != null) {
        throw new MapRuleException("Two topics have the identity " + topic.id() + ".");
      }
      if (topic.parent() == null) {
        if (root != null) {
          throw new MapRuleException("A map has one root, not two.");
        }
        root = topic.id();
      }
    }
    if (root == null) {
      throw new MapRuleException("A map has a root.");
    }
    TopicMap map = new TopicMap(root, topics);
    map.requireTree();
    return map;
  }

  private void requireTree() {
    Set<UUID> reached = new HashSet<>();
    for (Topic topic : preorder()) {
      reached.add(topic.id());
      for (UUID child : topic.children()) {
        Topic known = topics.get(child);
        if (known == null || !topic.id().equals(known.parent()) || reached.contains(child)) {
          throw new MapRuleException("The topics are not one tree, at \"" + topic.label() + "\".");
        }
      }
    }
    if (reached.size() != topics.size()) {
      throw new MapRuleException("Some topics hang on no parent.");
    }
  }

  /** The topic that carries the map's subject. */
  public Topic root() {
    return topics.get(root);
  }

  /** Whether there is a topic of that identity. */
  public boolean has(UUID id) {
    return topics.containsKey(id);
  }

  /**
   * A topic by identity.
   *
   * @throws MapRuleException if there is none
   */
  public Topic topic(UUID id) {
    Topic topic = topics.get(id);
    if (topic == null) {
      throw new MapRuleException(
          "This topic is no longer on the map. Undo its removal to get it back.");
    }
    return topic;
  }

  /** Number of topics, the root included. */
  public int size() {
    return topics.size();
  }

  /** A topic's children, in order. */
  public List<Topic> children(Topic topic) {
    return topic.children().stream().map(topics::get).toList();
  }

  /** Level of a topic: 0 for the root, 1 for a main branch. */
  public int level(Topic topic) {
    int level = 0;
    for (Topic at = topic; at.parent() != null; at = topics.get(at.parent())) {
      level++;
    }
    return level;
  }

  /** All topics, every parent before its children, children in order. */
  public List<Topic> preorder() {
    return preorder(root());
  }

  /** A topic and all below it, every parent before its children. */
  public List<Topic> preorder(Topic from) {
    List<Topic> order = new ArrayList<>();
    Deque<Topic> open = new ArrayDeque<>(List.of(from));
    while (!open.isEmpty() && order.size() <= topics.size()) {
      Topic topic = open.pop();
      order.add(topic);
      for (int i = topic.children().size() - 1; i >= 0; i--) {
        Topic child = topics.get(topic.children().get(i));
        if (child != null) {
          open.push(child);
        }
      }
    }
    return order;
  }

  /**
   * The map after a change, and the change that leads back.
   *
   * @throws MapRuleException with a sentence for the person if the change breaks a rule
   */
  public Applied apply(Change change) {
    MapEdit edit = new MapEdit(root, new HashMap<>(topics));
    Change inverse = edit.apply(change);
    return new Applied(edit.map(), inverse);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof TopicMap map && root.equals(map.root) && topics.equals(map.topics);
  }

  @Override
  public int hashCode() {
    return topics.hashCode();
  }

  @Override
  public String toString() {
    return "TopicMap[" + root().label() + ", " + size() + " topics]";
  }
}
