package org.pergamena.core.outline;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import com.github.difflib.patch.DeltaType;
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
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Draft;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.outline.Outline.Item;

/**
 * Makes a map follow an outline: its first version becomes topics, and each later version changes
 * the topics that came of the version before. What a person did to the map by hand stays: renamed
 * topics keep their names, removed ones stay away, topics with passages or others below them are
 * never taken out with their line.
 */
public final class OutlineSync {
  /** An item of an outline and the topic that it became. */
  public record Grown(Item item, UUID topic) {}

  /**
   * What to do.
   *
   * @param change of the map
   * @param grown the new outline's items with their topics
   * @param kept labels of topics that stay although their lines are gone
   */
  public record Plan(Change change, List<Grown> grown, List<String> kept) {}

  private final List<Change> changes = new ArrayList<>();
  private final Map<UUID, Item> old = new HashMap<>();
  private final List<String> kept = new ArrayList<>();
  private final UUID root;
  private final Draft map;

  private OutlineSync(TopicMap map) {
    this.root = map.root().id();
    this.map = map.draft();
  }

  /**
   * The change that leads from the map as it is to one that follows the newer outline.
   *
   * @param before what the version before became; empty for the first
   */
  public static Plan plan(
      TopicMap map, List<Grown> before, Outline outline, Supplier<UUID> identities) {
    OutlineSync sync = new OutlineSync(map);
    before.forEach(grown -> sync.old.put(grown.topic(), grown.item()));
    List<Grown> grown = matched(before, outline.items(), identities);
    sync.place(grown);
    Set<UUID> still = new HashSet<>();
    grown.forEach(g -> still.add(g.topic()));
    for (int i = before.size() - 1; i >= 0; i--) {
      if (!still.contains(before.get(i).topic())) {
        sync.remove(before.get(i).topic());
      }
    }
    return new Plan(new Together(sync.changes), grown, sync.kept);
  }

  /** Each item with the topic of the item before that it continues, or a new one. */
  private static List<Grown> matched(
      List<Grown> before, List<Item> items, Supplier<UUID> identities) {
    UUID[] topics = new UUID[items.size()];
    Set<UUID> free = new HashSet<>();
    before.forEach(grown -> free.add(grown.topic()));
    List<String> from = before.stream().map(grown -> grown.item().label()).toList();
    List<String> to = items.stream().map(Item::label).toList();
    int i = 0;
    int j = 0;
    for (AbstractDelta<String> delta : DiffUtils.diff(from, to).getDeltas()) {
      while (i < delta.getSource().getPosition()) {
        take(topics, j++, before.get(i++), free);
      }
      int size = delta.getSource().size();
      if (delta.getType() == DeltaType.CHANGE) {
        rewritten(before.subList(i, i + size), items, topics, j, delta.getTarget().size(), free);
      }
      i += size;
      j += delta.getTarget().size();
    }
    while (i < before.size()) {
      take(topics, j++, before.get(i++), free);
    }
    List<Grown> grown = new ArrayList<>();
    for (int k = 0; k < topics.length; k++) {
      UUID topic = topics[k] != null ? topics[k] : moved(before, items.get(k), free);
      grown.add(new Grown(items.get(k), topic != null ? topic : identities.get()));
    }
    return grown;
  }

  /** Lines in place of others: each continues the one of its level that it is most like. */
  private static void rewritten(
      List<Grown> gone, List<Item> items, UUID[] topics, int from, int count, Set<UUID> free) {
    boolean alike = gone.size() == count;
    for (int k = 0; k < count; k++) {
      Item item = items.get(from + k);
      Grown best = null;
      double most = alike ? 0 : 0.5;
      for (int g = 0; g < gone.size(); g++) {
        Grown candidate = gone.get(g);
        double like =
            Likeness.of(candidate.item().label(), item.label()) + (alike && g == k ? 0.3 : 0);
        if (candidate.item().level() == item.level()
            && free.contains(candidate.topic())
            && like > most) {
          most = like;
          best = candidate;
        }
      }
      if (best != null) {
        take(topics, from + k, best, free);
      }
    }
  }

  private static void take(UUID[] topics, int index, Grown grown, Set<UUID> free) {
    topics[index] = grown.topic();
    free.remove(grown.topic());
  }

  private static UUID moved(List<Grown> before, Item item, Set<UUID> free) {
    for (Grown grown : before) {
      if (grown.item().label().equals(item.label()) && free.remove(grown.topic())) {
        return grown.topic();
      }
    }
    return null;
  }

  /** Adds, moves and renames until every item is where the outline has it. */
  private void place(List<Grown> grown) {
    List<UUID> open = new ArrayList<>(List.of(root));
    Map<UUID, UUID> last = new HashMap<>();
    for (Grown next : grown) {
      while (open.size() > next.item().level()) {
        open.remove(open.size() - 1);
      }
      UUID parent = open.get(open.size() - 1);
      boolean gone = old.containsKey(next.topic()) && !map.has(next.topic());
      if (gone) {
        open.add(parent);
        continue;
      }
      if (!map.has(next.topic())) {
        add(next, parent, place(last.get(parent)));
      } else {
        move(next, parent, last.get(parent));
        rename(next);
      }
      last.put(parent, next.topic());
      open.add(next.topic());
    }
  }

  /** Behind the sibling before; the first of a first outline behind what is there already. */
  private Place place(UUID sibling) {
    return sibling == null && old.isEmpty() ? Place.LAST : Place.after(sibling);
  }

  private void add(Grown next, UUID parent, Place place) {
    Topic topic =
        Topic.of(next.topic(), Content.labelled(next.item().label()).withNote(next.item().note()));
    apply(new TreeChange.AddBranch(parent, place, Branch.of(topic)));
  }

  private void move(Grown next, UUID parent, UUID sibling) {
    Topic topic = map.topic(next.topic());
    List<UUID> there = map.topic(parent).children();
    boolean behind =
        parent.equals(topic.parent())
            && (sibling == null || there.indexOf(sibling) < there.indexOf(topic.id()));
    if (behind || old.get(next.topic()) == null) {
      return;
    }
    apply(new TreeChange.Move(topic.id(), parent, Place.after(sibling)));
  }

  private void rename(Grown next) {
    Topic topic = map.topic(next.topic());
    Item before = old.get(next.topic());
    if (!before.label().equals(next.item().label()) && topic.label().equals(before.label())) {
      apply(new ContentChange.Relabel(topic.id(), next.item().label()));
    }
    if (!before.note().equals(next.item().note()) && topic.note().equals(before.note())) {
      apply(new ContentChange.Annotate(topic.id(), next.item().note()));
    }
  }

  private void remove(UUID id) {
    if (!map.has(id)) {
      return;
    }
    Topic topic = map.topic(id);
    Item line = old.get(id);
    boolean touched = !topic.label().equals(line.label()) || !topic.note().equals(line.note());
    if (touched || !topic.evidence().isEmpty() || !topic.children().isEmpty()) {
      kept.add(topic.label());
    } else {
      apply(new TreeChange.RemoveBranch(id));
    }
  }

  private void apply(Change change) {
    map.apply(change);
    changes.add(change);
  }
}
