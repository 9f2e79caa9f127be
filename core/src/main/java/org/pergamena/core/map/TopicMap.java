package org.pergamena.core.map;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * A topic map: one tree of topics, with cross-links across it, and how it is shown. It never
 * changes; {@link #apply} gives another. Maps that say the same are equal, whatever their colours.
 *
 * <pre>{@code
 * TopicMap map = TopicMap.rootedAt(Topic.labelled(id, "Letting the sea back in"));
 * Applied done = map.apply(new ContentChange.Relabel(id, "The realignment"));
 * Applied undone = done.map().apply(done.inverse());   // equals map
 * }</pre>
 */
public final class TopicMap {
  /** The most topics that one map holds. */
  public static final int MOST_TOPICS = 20_000;

  /** The most cross-links that one map holds. */
  public static final int MOST_LINKS = 5_000;

  /** The deepest level, the root's being 0. */
  public static final int DEEPEST_LEVEL = 60;

  private final UUID root;
  private final Map<UUID, Topic> topics;
  private final Map<UUID, CrossLink> links;
  private final Map<UUID, Also> also;
  private final Map<UUID, Comment> comments;
  private final MapLook look;
  private final Legend legend;

  /** The colour of each main branch, from 0. It stays with the branch, and says nothing. */
  private final Map<UUID, Integer> colours;

  TopicMap(
      UUID root,
      Map<UUID, Topic> topics,
      Map<UUID, CrossLink> links,
      Map<UUID, Also> also,
      Map<UUID, Comment> comments,
      MapLook look,
      Legend legend,
      Map<UUID, Integer> colours) {
    this.root = root;
    this.topics = topics;
    this.links = links;
    this.also = also;
    this.comments = comments;
    this.look = look;
    this.legend = legend;
    this.colours = colours;
  }

  /** A map of a root alone. */
  public static TopicMap rootedAt(Topic root) {
    return of(List.of(root));
  }

  /** A map of given topics without cross-links, with the usual look. */
  public static TopicMap of(Collection<Topic> all) {
    return of(all, List.of(), MapLook.USUAL);
  }

  /**
   * A map of given topics and cross-links.
   *
   * @throws MapRuleException if the topics are not one tree, or a link ends at none of them
   */
  public static TopicMap of(Collection<Topic> all, Collection<CrossLink> links, MapLook look) {
    return of(all, links, List.of(), List.of(), look, Legend.USUAL, Map.of());
  }

  /**
   * A map of given topics and cross-links.
   *
   * @param colours of the main branches, from 0; those without one get the first that are free
   * @throws MapRuleException if the topics are not one tree, or a link ends at none of them
   */
  public static TopicMap of(
      Collection<Topic> all,
      Collection<CrossLink> links,
      Collection<Also> also,
      Collection<Comment> comments,
      MapLook look,
      Legend legend,
      Map<UUID, Integer> colours) {
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
    Map<UUID, CrossLink> linked = new HashMap<>();
    for (CrossLink link : links) {
      if (!topics.containsKey(link.from()) || !topics.containsKey(link.to())) {
        throw new MapRuleException("The cross-link \"" + link.phrase() + "\" ends at no topic.");
      }
      linked.put(link.id(), link);
    }
    Map<UUID, Also> shown = new HashMap<>();
    for (Also each : also) {
      if (!topics.containsKey(each.topic()) || !topics.containsKey(each.parent())) {
        throw new MapRuleException("A topic is shown again that is not there.");
      }
      shown.put(each.id(), each);
    }
    Map<UUID, Comment> said = new HashMap<>();
    comments.forEach(comment -> said.put(comment.id(), comment));
    Map<UUID, Integer> coloured = Colours.given(topics.get(root).children(), colours);
    TopicMap map = new TopicMap(root, topics, linked, shown, said, look, legend, coloured);
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

  /** All cross-links, in the order of the topics from which they lead. */
  public List<CrossLink> links() {
    if (links.isEmpty()) {
      return List.of();
    }
    Map<UUID, List<CrossLink>> leading = new HashMap<>();
    links.values().forEach(l -> leading.computeIfAbsent(l.from(), f -> new ArrayList<>()).add(l));
    List<CrossLink> ordered = new ArrayList<>();
    for (Topic topic : preorder()) {
      leading.getOrDefault(topic.id(), List.of()).stream()
          .sorted(Comparator.comparing(CrossLink::phrase).thenComparing(CrossLink::id))
          .forEach(ordered::add);
    }
    return ordered;
  }

  /** Where topics are shown again, in the order of the topics under which they are. */
  public List<Also> also() {
    if (also.isEmpty()) {
      return List.of();
    }
    Map<UUID, Integer> places = new HashMap<>();
    preorder().forEach(topic -> places.put(topic.id(), places.size()));
    return also.values().stream()
        .sorted(
            Comparator.comparing((Also a) -> places.get(a.parent()))
                .thenComparing(a -> places.get(a.topic())))
        .toList();
  }

  /** Where a topic is shown again, null if there is none of that identity. */
  public Also also(UUID id) {
    return also.get(id);
  }

  /** All remarks, the earliest first. */
  public List<Comment> comments() {
    return comments.values().stream()
        .sorted(Comparator.comparing(Comment::at).thenComparing(Comment::id))
        .toList();
  }

  /** A remark by identity, null if there is none. */
  public Comment comment(UUID id) {
    return comments.get(id);
  }

  /** Whether a topic lies loose beside the tree. */
  public boolean loose(Topic topic) {
    return root.equals(topic.parent()) && topic.content().look().spot() != null;
  }

  /** Whether there is a cross-link of that identity. */
  public boolean hasLink(UUID id) {
    return links.containsKey(id);
  }

  /** A cross-link by identity, null if there is none. */
  public CrossLink link(UUID id) {
    return links.get(id);
  }

  /** The colour of a main branch, from 0; it stays with the branch whatever becomes of others. */
  public int colour(UUID main) {
    return colours.get(main);
  }

  /** How the map as a whole is shown. */
  public MapLook look() {
    return look;
  }

  /** The tags that it has, with their meanings. */
  public Legend legend() {
    return legend;
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
    Draft draft = draft();
    Change inverse = change.applyTo(draft);
    return new Applied(draft.map(), inverse, draft.touched());
  }

  /** A working copy. */
  public Draft draft() {
    return new Draft(root, topics, links, also, comments, look, legend, colours);
  }

  /**
   * The same map for somebody else: every topic, passage and cross-link with an identity of its
   * own.
   *
   * @param sources what each source became
   */
  public TopicMap copied(UnaryOperator<UUID> sources, Supplier<UUID> identities) {
    Map<UUID, UUID> ids = new HashMap<>();
    preorder().forEach(topic -> ids.put(topic.id(), identities.get()));
    List<Topic> copies = preorder().stream().map(t -> t.copied(ids, sources, identities)).toList();
    List<CrossLink> across =
        links().stream().map(link -> link.copied(ids, sources, identities)).toList();
    List<Also> shown =
        also().stream()
            .map(a -> new Also(identities.get(), ids.get(a.topic()), ids.get(a.parent())))
            .toList();
    Map<UUID, Integer> sameColours = new HashMap<>();
    colours.forEach((main, colour) -> sameColours.put(ids.get(main), colour));
    return of(copies, across, shown, List.of(), look.copied(ids, sources), legend, sameColours);
  }

  /**
   * A topic with all below it as a map of its own: its root, the cross-links between its topics,
   * the legend, and each branch in the colour that it has by its place there.
   */
  public TopicMap only(UUID topic) {
    List<Topic> branch = new ArrayList<>(preorder(topic(topic)));
    branch.set(0, branch.get(0).withParent(null));
    return among(branch, Map.of());
  }

  /**
   * Some of the topics, made one tree, as a map of their own: with the cross-links between them and
   * where they are shown again among them, without remarks.
   *
   * @param newColours of its main branches, from 0; those without one get the first that are free
   */
  public TopicMap among(List<Topic> tree, Map<UUID, Integer> newColours) {
    Set<UUID> within = new HashSet<>();
    tree.forEach(each -> within.add(each.id()));
    return of(
        tree,
        links().stream().filter(l -> within.contains(l.from()) && within.contains(l.to())).toList(),
        also().stream()
            .filter(a -> within.contains(a.topic()) && within.contains(a.parent()))
            .toList(),
        List.of(),
        look,
        legend,
        newColours);
  }

  /**
   * Branches as a map of their own: one alone has its topic for its root, several hang on the root
   * that they have here, which carries nothing but its label.
   *
   * @param chosen those that have another of them above them are part of its branch
   * @throws MapRuleException if one of them is not there
   */
  public TopicMap only(List<UUID> chosen) {
    chosen.forEach(this::topic);
    List<Topic> branches = Planting.upmost(this, chosen);
    if (branches.size() == 1) {
      return only(branches.get(0).id());
    }
    Draft draft = rootedAt(Topic.labelled(root, root().label())).draft();
    branches.forEach(branch -> draft.add(root, Place.LAST, preorder(branch)));
    return among(draft.map().preorder(), Map.of());
  }

  /** The same topics and cross-links with what each carries made anew. */
  public TopicMap with(UnaryOperator<Content> change, UnaryOperator<CrossLink> linkChange) {
    return of(
        preorder().stream().map(topic -> topic.with(change)).toList(),
        links().stream().map(linkChange).toList(),
        also(),
        comments(),
        look,
        legend,
        colours);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof TopicMap map
        && root.equals(map.root)
        && topics.equals(map.topics)
        && links.equals(map.links)
        && also.equals(map.also)
        && comments.equals(map.comments)
        && look.equals(map.look)
        && legend.equals(map.legend);
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
