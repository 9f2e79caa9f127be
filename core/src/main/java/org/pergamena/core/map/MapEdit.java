package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Applies changes to a working copy of a map's topics, checking the rules as it goes. */
final class MapEdit {
  private final UUID root;
  private final Map<UUID, Topic> topics;
  private final TopicMap map;

  MapEdit(UUID root, Map<UUID, Topic> topics) {
    this.root = root;
    this.topics = topics;
    this.map = new TopicMap(root, topics);
  }

  /** The map as the changes so far have made it. */
  TopicMap map() {
    return map;
  }

  /** Does the change and gives its inverse. */
  Change apply(Change change) {
    if (change instanceof Change.AddBranch add) {
      return add(add);
    } else if (change instanceof Change.RemoveBranch remove) {
      return remove(remove);
    } else if (change instanceof Change.Relabel relabel) {
      Topic old = topic(relabel.topic());
      topics.put(old.id(), old.withLabel(relabel.label().strip()));
      return new Change.Relabel(old.id(), old.label());
    } else if (change instanceof Change.Annotate annotate) {
      Topic old = topic(annotate.topic());
      topics.put(old.id(), old.withNote(annotate.note()));
      return new Change.Annotate(old.id(), old.note());
    } else if (change instanceof Change.SetAside set) {
      Topic old = topic(set.topic());
      topics.put(old.id(), old.withAside(set.aside()));
      return new Change.SetAside(old.id(), old.aside());
    } else if (change instanceof Change.Refill refill) {
      Topic old = topic(refill.topic());
      topics.put(old.id(), old.with(refill.summary(), refill.evidence(), refill.extent()));
      return new Change.Refill(old.id(), old.summary(), old.evidence(), old.extent());
    } else if (change instanceof Change.Move move) {
      return move(move);
    } else if (change instanceof Change.Link link) {
      return link(link);
    } else if (change instanceof Change.Unlink unlink) {
      return unlink(unlink);
    } else if (change instanceof Change.Withdraw withdraw) {
      return withdraw(withdraw);
    } else if (change instanceof Change.Restore restore) {
      return new Change.Withdraw(restore.source());
    } else if (change instanceof Change.Retext retext) {
      return new Change.Retext(retext.source(), retext.to(), retext.from());
    }
    List<Change> inverses = new ArrayList<>();
    for (Change part : ((Change.Together) change).changes()) {
      inverses.add(0, apply(part));
    }
    return new Change.Together(inverses);
  }

  private Change add(Change.AddBranch add) {
    Topic parent = topic(add.parent());
    requireIndex(add.index(), parent.children().size());
    List<Topic> branch = add.branch().topics();
    if (topics.size() + branch.size() > TopicMap.MOST_TOPICS) {
      throw new MapRuleException(
          "A map holds at most " + TopicMap.MOST_TOPICS + " topics. Remove some first.");
    }
    Set<UUID> within = new HashSet<>();
    for (Topic topic : branch) {
      boolean first = within.isEmpty();
      if (topics.containsKey(topic.id()) || !within.add(topic.id())) {
        throw new MapRuleException("\"" + topic.label() + "\" is on the map already.");
      }
      if (!first && !within.contains(topic.parent())) {
        throw new MapRuleException("\"" + topic.label() + "\" hangs on no topic of its branch.");
      }
    }
    for (Topic topic : branch) {
      topics.put(topic.id(), topic);
    }
    topics.put(add.branch().id(), branch.get(0).withParent(parent.id()));
    topics.put(parent.id(), parent.withChild(add.index(), add.branch().id()));
    requireDepth(add.branch().id());
    return new Change.RemoveBranch(add.branch().id());
  }

  private Change remove(Change.RemoveBranch remove) {
    Topic topic = topic(remove.topic());
    if (topic.id().equals(root)) {
      throw new MapRuleException(
          "The root carries the map's subject and stays. Rename it instead.");
    }
    Topic parent = topic(topic.parent());
    int index = parent.children().indexOf(topic.id());
    Branch branch = new Branch(map.preorder(topic));
    branch.topics().forEach(gone -> topics.remove(gone.id()));
    topics.put(parent.id(), parent.withoutChild(topic.id()));
    return new Change.AddBranch(parent.id(), index, branch);
  }

  private Change move(Change.Move move) {
    Topic topic = topic(move.topic());
    if (topic.id().equals(root)) {
      throw new MapRuleException("The root stays where it is. Move its branches instead.");
    }
    for (Topic at = topic(move.parent()); at != null; at = topics.get(at.parent())) {
      if (at.id().equals(topic.id())) {
        throw new MapRuleException(
            "\"" + topic.label() + "\" cannot move under itself. Choose a topic outside it.");
      }
    }
    Topic from = topic(topic.parent());
    int index = from.children().indexOf(topic.id());
    topics.put(from.id(), from.withoutChild(topic.id()));
    Topic to = topic(move.parent());
    requireIndex(move.index(), to.children().size());
    topics.put(to.id(), to.withChild(move.index(), topic.id()));
    topics.put(topic.id(), topic.withParent(to.id()));
    requireDepth(topic.id());
    return new Change.Move(topic.id(), from.id(), index);
  }

  private Change link(Change.Link link) {
    Topic topic = topic(link.topic());
    requireIndex(link.index(), topic.evidence().size());
    for (Evidence there : topic.evidence()) {
      if (there.id().equals(link.evidence().id())
          || (there.passage().source().equals(link.evidence().passage().source())
              && there.passage().start() == link.evidence().passage().start()
              && there.passage().end() == link.evidence().passage().end())) {
        throw new MapRuleException("These words are linked to \"" + topic.label() + "\" already.");
      }
    }
    topics.put(topic.id(), topic.withEvidence(link.index(), link.evidence()));
    return new Change.Unlink(topic.id(), link.evidence().id());
  }

  private Change unlink(Change.Unlink unlink) {
    Topic topic = topic(unlink.topic());
    for (int i = 0; i < topic.evidence().size(); i++) {
      Evidence evidence = topic.evidence().get(i);
      if (evidence.id().equals(unlink.evidence())) {
        topics.put(topic.id(), topic.withoutEvidence(i));
        return new Change.Link(topic.id(), i, evidence);
      }
    }
    throw new MapRuleException("This passage is no longer linked to \"" + topic.label() + "\".");
  }

  /** A source that leaves the shelf takes its passages and extents from the topics. */
  private Change withdraw(Change.Withdraw withdraw) {
    List<Change> inverses = new ArrayList<>(List.of(new Change.Restore(withdraw.source())));
    for (Topic topic : List.copyOf(topics.values())) {
      if (topic.restsOn(withdraw.source())) {
        inverses.add(
            new Change.Refill(topic.id(), topic.summary(), topic.evidence(), topic.extent()));
        topics.put(topic.id(), topic.without(withdraw.source()));
      }
    }
    return new Change.Together(inverses);
  }

  private Topic topic(UUID id) {
    return map.topic(id);
  }

  private void requireDepth(UUID from) {
    int above = 0;
    for (Topic at = topic(from); at.parent() != null; at = topics.get(at.parent())) {
      above++;
    }
    if (above + height(from) > TopicMap.DEEPEST_LEVEL) {
      throw new MapRuleException(
          "A map is at most " + TopicMap.DEEPEST_LEVEL + " levels deep. Put it higher up.");
    }
  }

  private int height(UUID id) {
    return topic(id).children().stream().mapToInt(child -> 1 + height(child)).max().orElse(0);
  }

  private static void requireIndex(int index, int size) {
    if (index < 0 || index > size) {
      throw new MapRuleException("There is no place number " + (index + 1) + " here any more.");
    }
  }
}
