package org.pergamena.core.publish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * What of a map is published: the same few questions whatever the format.
 *
 * @param branches the topics whose branches are published; all if it is empty
 * @param closed topics below which nothing is published, as it is not open on the page
 * @param levels how many levels below the root are published, 0 for all
 * @param notes whether with notes and definitions
 * @param passages whether with passages
 * @param summaries whether with the sentences that sum a branch up
 * @param marks whether what is thin or unsupported says so
 * @param traces whether what came with a reply of a text assistant says so
 * @param aside whether with what is set aside
 */
public record Scope(
    List<UUID> branches,
    Set<UUID> closed,
    int levels,
    boolean notes,
    boolean passages,
    boolean summaries,
    boolean marks,
    boolean traces,
    boolean aside) {
  /** All of a map, with all that it carries. */
  public static final Scope WHOLE =
      new Scope(List.of(), Set.of(), 0, true, true, true, true, true, true);

  public Scope {
    branches = List.copyOf(branches);
    closed = Set.copyOf(closed);
    if (levels < 0) {
      throw new IllegalArgumentException("The number of levels cannot be below 0.");
    }
  }

  /**
   * What is published of a map.
   *
   * @param map of what is published, as if there were no more
   * @param marks <em>thin</em> or <em>unsupported</em> for the topics that are, by all that bears
   *     them out, published or not
   */
  public record Published(TopicMap map, Map<UUID, String> marks) {
    /** The mark of a topic, empty if it has none. */
    public String mark(UUID topic) {
      return marks.getOrDefault(topic, "");
    }
  }

  /**
   * Applies it.
   *
   * @throws org.pergamena.core.map.MapRuleException if a branch is not there
   */
  public Published of(TopicMap whole) {
    TopicMap map = branches.isEmpty() ? whole : whole.only(branches);
    Set<UUID> kept = kept(map);
    List<Topic> topics = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      if (kept.contains(topic.id())) {
        List<UUID> children = topic.children().stream().filter(kept::contains).toList();
        topics.add(topic.withChildren(children));
      }
    }
    Map<UUID, Integer> colours = new HashMap<>();
    map.root().children().forEach(main -> colours.put(main, map.colour(main)));
    TopicMap published = map.among(topics, colours).with(this::shown, this::shown);
    return new Published(published, marks ? marks(whole, kept) : Map.of());
  }

  private Set<UUID> kept(TopicMap map) {
    Map<UUID, Integer> level = new HashMap<>();
    Set<UUID> kept = new HashSet<>();
    for (Topic topic : map.preorder()) {
      boolean root = topic.parent() == null;
      level.put(topic.id(), root ? 0 : level.getOrDefault(topic.parent(), 0) + 1);
      boolean above = root || kept.contains(topic.parent()) && !closed.contains(topic.parent());
      boolean deep = levels > 0 && level.get(topic.id()) > levels;
      if (above && !deep && (aside || !topic.aside() || root)) {
        kept.add(topic.id());
      }
    }
    return kept;
  }

  private Content shown(Content content) {
    Content shown =
        content.withGrounds(
            summaries ? content.summary() : "",
            passages ? content.evidence() : List.of(),
            content.extent());
    Content told = traces ? shown : shown.withGloss(gloss -> gloss.withTrace(null));
    return notes ? told : told.withNote("").withGloss(gloss -> gloss.withDefinition("", false));
  }

  private CrossLink shown(CrossLink link) {
    CrossLink shown = passages ? link : link.withGrounds(List.of());
    return notes ? shown : shown.withNote("");
  }

  private static Map<UUID, String> marks(TopicMap whole, Set<UUID> kept) {
    Map<UUID, String> marks = new HashMap<>();
    boolean any = whole.preorder().stream().anyMatch(topic -> !topic.evidence().isEmpty());
    Support.of(whole)
        .forEach(
            (id, support) -> {
              Topic topic = whole.topic(id);
              boolean leaf = topic.parent() != null && topic.children().isEmpty();
              boolean claims = any && leaf && !whole.loose(topic);
              if (kept.contains(id) && claims && (support.unsupported() || support.thin())) {
                marks.put(id, support.unsupported() ? "unsupported" : "thin");
              }
            });
    return marks;
  }
}
