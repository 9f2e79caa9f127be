package org.pergamena.core.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Draft;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.map.TreeDiff;

/** Brings an earlier state of a map back, whole or one branch of it. */
public final class Restoring {
  private Restoring() {}

  /**
   * A map as it was before changes.
   *
   * @param inverses of the changes since, the latest first
   */
  public static TopicMap past(TopicMap now, List<Change> inverses) {
    Draft draft = now.draft();
    inverses.forEach(draft::apply);
    return draft.map();
  }

  /**
   * Makes a map what it was before changes, its shelf too.
   *
   * @param inverses of the changes since, the latest first
   */
  public static Change whole(TopicMap now, List<Change> inverses) {
    TopicMap past = past(now, inverses);
    List<Change> changes = new ArrayList<>();
    Draft draft = now.draft();
    for (Change inverse : inverses) {
      for (Change part : inverse.parts()) {
        if (part instanceof ShelfChange) {
          draft.apply(part);
          changes.add(part);
        }
      }
    }
    changes.add(TreeDiff.whole(draft.map(), past));
    return new Together(changes);
  }

  /**
   * Makes a branch what it was: its topics are what and where they were; what has come into it
   * since stays, behind them. A passage that another topic has by now stays there too.
   *
   * @param today what topics carry by today's sources
   * @throws MapRuleException if the earlier state has no such topic, or it is the root
   */
  public static Change branch(
      TopicMap now, TopicMap past, UUID branch, Today today, Supplier<UUID> identities) {
    Topic top = past.topic(branch);
    if (top.parent() == null) {
      throw new MapRuleException("The root is the whole map. Bring the whole map back instead.");
    }
    Draft draft = now.draft();
    List<Change> changes = new ArrayList<>();
    List<Topic> topics = past.preorder(top);
    Set<UUID> within = new HashSet<>();
    topics.forEach(topic -> within.add(topic.id()));
    Set<UUID> elsewhere = new HashSet<>();
    for (Topic topic : now.preorder()) {
      if (!within.contains(topic.id())) {
        topic.evidence().forEach(evidence -> elsewhere.add(evidence.id()));
      }
    }
    Map<UUID, UUID> last = new HashMap<>();
    for (Topic topic : topics) {
      UUID before = last.get(topic.parent());
      if (!draft.has(topic.id())) {
        UUID parent = topic == top ? survivor(draft, past, topic) : topic.parent();
        Place place = topic == top ? Place.LAST : Place.after(before);
        Branch bare = Branch.of(Topic.labelled(topic.id(), topic.label()));
        does(new TreeChange.AddBranch(parent, place, bare), draft, changes);
      } else if (topic != top && !stands(draft, topic, before)) {
        does(new TreeChange.Move(topic.id(), topic.parent(), Place.after(before)), draft, changes);
      }
      Content content = apart(today.of(topic.content()), elsewhere, identities);
      TreeDiff.filling(draft.topic(topic.id()), content)
          .forEach(change -> does(change, draft, changes));
      last.put(topic.parent(), topic.id());
    }
    for (CrossLink link : past.links()) {
      boolean ends = draft.has(link.from()) && draft.has(link.to());
      boolean of = within.contains(link.from()) || within.contains(link.to());
      if (ends && of && !now.hasLink(link.id())) {
        CrossLink found = today.of(link);
        tried(new LinkChange.Connect(found), draft, changes);
      }
    }
    return new Together(changes);
  }

  private static boolean stands(Draft draft, Topic topic, UUID before) {
    List<UUID> siblings = draft.topic(topic.parent()).children();
    int at = siblings.indexOf(topic.id());
    return at == 0 ? before == null : at > 0 && siblings.get(at - 1).equals(before);
  }

  /** Passages that other topics have get identities of their own. */
  private static Content apart(Content content, Set<UUID> elsewhere, Supplier<UUID> identities) {
    return content.withEvidence(
        content.evidence().stream()
            .map(e -> elsewhere.contains(e.id()) ? e.identified(identities.get()) : e)
            .toList());
  }

  /** The nearest topic above in the earlier state that there is now. */
  private static UUID survivor(Draft draft, TopicMap past, Topic topic) {
    UUID at = topic.parent();
    while (!draft.has(at)) {
      at = past.topic(at).parent();
    }
    return at;
  }

  private static void does(Change change, Draft draft, List<Change> changes) {
    draft.apply(change);
    changes.add(change);
  }

  /** A link that another says by now is left out. */
  private static void tried(Change change, Draft draft, List<Change> changes) {
    try {
      does(change, draft, changes);
    } catch (MapRuleException said) {
      return;
    }
  }
}
