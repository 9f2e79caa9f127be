package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * A working copy of a map, to which changes apply themselves; it notes what they touch. Many
 * changes applied to one draft cost no more than they are long.
 */
public final class Draft {
  private final UUID root;
  private final Map<UUID, Topic> topics;
  private final Map<UUID, CrossLink> links;
  private final Map<UUID, Also> also;
  private final Map<UUID, Comment> comments;
  private MapLook look;
  private Legend legend;
  private final Map<UUID, Integer> colours;
  private final TopicMap view;

  private final Set<UUID> touched = new HashSet<>();
  private final Set<UUID> placed = new HashSet<>();
  private final Set<UUID> linked = new HashSet<>();
  private final Set<UUID> shown = new HashSet<>();
  private final Set<UUID> said = new HashSet<>();
  private boolean looked;

  Draft(
      UUID root,
      Map<UUID, Topic> topics,
      Map<UUID, CrossLink> links,
      Map<UUID, Also> also,
      Map<UUID, Comment> comments,
      MapLook look,
      Legend legend,
      Map<UUID, Integer> colours) {
    this.root = root;
    this.topics = new HashMap<>(topics);
    this.links = new HashMap<>(links);
    this.also = new HashMap<>(also);
    this.comments = new HashMap<>(comments);
    this.look = look;
    this.legend = legend;
    this.colours = new HashMap<>(colours);
    this.view =
        new TopicMap(
            root, this.topics, this.links, this.also, this.comments, look, legend, this.colours);
  }

  /** The map as the changes so far have made it. */
  public TopicMap map() {
    return new TopicMap(root, topics, links, also, comments, look, legend, colours);
  }

  Touched touched() {
    return new Touched(touched, placed, linked, shown, said, looked);
  }

  /**
   * Applies a change and gives its inverse.
   *
   * @throws MapRuleException with a sentence for the person if it breaks a rule; what it did before
   *     that stays done
   */
  public Change apply(Change change) {
    return change.applyTo(this);
  }

  /** Whether there is a topic of that identity. */
  public boolean has(UUID id) {
    return topics.containsKey(id);
  }

  /**
   * A topic as the changes so far have made it.
   *
   * @throws MapRuleException if there is none
   */
  public Topic topic(UUID id) {
    return view.topic(id);
  }

  boolean isRoot(UUID id) {
    return root.equals(id);
  }

  Collection<Topic> topics() {
    return List.copyOf(topics.values());
  }

  /** A topic with all below it, every parent before its children. */
  List<Topic> branch(Topic from) {
    return view.preorder(from);
  }

  /** Has a topic carry something else; gives what it was. */
  Topic change(UUID id, UnaryOperator<Content> change) {
    Topic old = topic(id);
    Topic changed = old.with(change);
    int passages = changed.evidence().size();
    if (passages > Content.MOST_PASSAGES && passages > old.evidence().size()) {
      throw new MapRuleException(
          "A topic rests on at most "
              + Content.MOST_PASSAGES
              + " passages. Divide it, or unlink some first.");
    }
    topics.put(id, changed);
    touched.add(id);
    return old;
  }

  /** Puts topics in, the first of them under a parent. */
  void add(UUID parent, Place place, List<Topic> branch) {
    if (topics.size() + branch.size() > TopicMap.MOST_TOPICS) {
      throw new MapRuleException(
          "A map holds at most " + TopicMap.MOST_TOPICS + " topics. Remove some first.");
    }
    for (Topic topic : branch) {
      topics.put(topic.id(), topic);
      touched.add(topic.id());
      placed.add(topic.id());
    }
    hang(branch.get(0).id(), parent, place);
  }

  /** Hangs a topic that hangs nowhere under a parent. */
  void hang(UUID id, UUID parent, Place place) {
    Topic above = topic(parent);
    topics.put(parent, above.withChild(place, id));
    topics.put(id, topic(id).withParent(parent));
    placed.add(id);
    if (isRoot(parent)) {
      Colours.give(id, colours);
    } else {
      colours.remove(id);
    }
    requireDepth(id);
  }

  /** Takes a topic from under its parent; gives its place there. */
  Place unhang(Topic topic) {
    Topic above = topic(topic.parent());
    topics.put(above.id(), above.withoutChild(topic.id()));
    return Place.of(topic.id(), above.children());
  }

  /** Takes topics out that hang nowhere. */
  void drop(List<Topic> branch) {
    for (Topic topic : branch) {
      topics.remove(topic.id());
      colours.remove(topic.id());
      touched.add(topic.id());
    }
  }

  List<CrossLink> links() {
    return List.copyOf(links.values());
  }

  List<CrossLink> linksOf(Set<UUID> ends) {
    List<CrossLink> found = new ArrayList<>();
    for (CrossLink link : links.values()) {
      if (ends.contains(link.from()) || ends.contains(link.to())) {
        found.add(link);
      }
    }
    return found;
  }

  CrossLink link(UUID id) {
    CrossLink link = links.get(id);
    if (link == null) {
      throw new MapRuleException("This cross-link is no longer on the map.");
    }
    return link;
  }

  void put(CrossLink link) {
    topic(link.from());
    topic(link.to());
    if (links.size() >= TopicMap.MOST_LINKS && !links.containsKey(link.id())) {
      throw new MapRuleException(
          "A map holds at most " + TopicMap.MOST_LINKS + " cross-links. Take some away first.");
    }
    for (CrossLink there : links.values()) {
      if (there.says(link) && !there.id().equals(link.id())) {
        throw new MapRuleException(
            "\""
                + topic(link.from()).label()
                + "\" is linked to \""
                + topic(link.to()).label()
                + "\" with the same words already. Change the words on that link instead.");
      }
    }
    links.put(link.id(), link);
    linked.add(link.id());
  }

  void drop(CrossLink link) {
    links.remove(link.id());
    linked.add(link.id());
  }

  /** Where topics are shown again. */
  Collection<Also> also() {
    return also.values();
  }

  /** Where topics are shown again that are among some, or are shown under one of them. */
  List<Also> alsoOf(Set<UUID> topics) {
    return also.values().stream()
        .filter(each -> topics.contains(each.topic()) || topics.contains(each.parent()))
        .toList();
  }

  void put(Also shown) {
    Topic topic = topic(shown.topic());
    topic(shown.parent());
    if (isRoot(topic.id()) || shown.parent().equals(topic.parent())) {
      throw new MapRuleException(
          "\"" + topic.label() + "\" stands there already. Choose another topic.");
    }
    if (branch(topic).stream().anyMatch(below -> below.id().equals(shown.parent()))) {
      throw new MapRuleException(
          "\"" + topic.label() + "\" cannot be shown under itself. Choose a topic outside it.");
    }
    boolean twice =
        also.values().stream()
            .anyMatch(a -> a.topic().equals(shown.topic()) && a.parent().equals(shown.parent()));
    if (twice) {
      throw new MapRuleException("\"" + topic.label() + "\" is shown there already.");
    }
    if (also.size() >= Also.MOST) {
      throw new MapRuleException(
          "A map shows at most " + Also.MOST + " topics again. Take some away first.");
    }
    also.put(shown.id(), shown);
    this.shown.add(shown.id());
  }

  Also drop(UUID id) {
    Also gone = also.remove(id);
    if (gone == null) {
      throw new MapRuleException("It is not shown there any more.");
    }
    shown.add(id);
    return gone;
  }

  void say(Comment comment) {
    if (comments.containsKey(comment.id())) {
      throw new MapRuleException("This remark is there already.");
    }
    if (comments.size() >= Comment.MOST) {
      throw new MapRuleException(
          "A map holds at most " + Comment.MOST + " remarks. Take some away first.");
    }
    comments.put(comment.id(), comment);
    said.add(comment.id());
  }

  Comment unsay(UUID id) {
    Comment gone = comments.remove(id);
    if (gone == null) {
      throw new MapRuleException("This remark is no longer there.");
    }
    said.add(id);
    return gone;
  }

  MapLook look(MapLook newLook) {
    MapLook old = look;
    look = newLook;
    looked = true;
    return old;
  }

  Legend legend(Legend newLegend) {
    Legend old = legend;
    legend = newLegend;
    looked = true;
    return old;
  }

  private void requireDepth(UUID from) {
    int above = 0;
    for (Topic at = topic(from); at.parent() != null; at = topic(at.parent())) {
      above++;
    }
    Map<UUID, Integer> levels = new HashMap<>();
    for (Topic topic : branch(topic(from))) {
      int level = levels.getOrDefault(topic.parent(), above - 1) + 1;
      levels.put(topic.id(), level);
      if (level > TopicMap.DEEPEST_LEVEL) {
        throw new MapRuleException(
            "A map is at most " + TopicMap.DEEPEST_LEVEL + " levels deep. Put it higher up.");
      }
    }
  }
}
