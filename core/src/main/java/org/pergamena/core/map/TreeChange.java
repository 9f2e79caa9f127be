package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** A change of which topics there are and where they hang. */
public sealed interface TreeChange extends Change {

  /** Puts a branch under a parent. */
  record AddBranch(UUID parent, Place place, Branch branch) implements TreeChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic above = draft.topic(parent);
      Set<UUID> within = new HashSet<>();
      for (Topic topic : branch.topics()) {
        boolean first = within.isEmpty();
        if (draft.has(topic.id()) || !within.add(topic.id())) {
          throw new MapRuleException("\"" + topic.label() + "\" is on the map already.");
        }
        if (!first && !within.contains(topic.parent())) {
          throw new MapRuleException("\"" + topic.label() + "\" hangs on no topic of its branch.");
        }
      }
      draft.add(above.id(), place, branch.topics());
      return new RemoveBranch(branch.id());
    }
  }

  /** Takes a topic out with all below it, and the cross-links that end there. */
  record RemoveBranch(UUID topic) implements TreeChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic gone = draft.topic(topic);
      if (draft.isRoot(topic)) {
        throw new MapRuleException(
            "The root carries the map's subject and stays. Rename it instead.");
      }
      Branch branch = new Branch(draft.branch(gone));
      Set<UUID> ids = new HashSet<>();
      branch.topics().forEach(t -> ids.add(t.id()));
      List<CrossLink> links = draft.linksOf(ids);
      links.forEach(draft::drop);
      List<Also> also = draft.alsoOf(ids);
      also.forEach(shown -> draft.drop(shown.id()));
      Place place = draft.unhang(gone);
      draft.drop(branch.topics());
      Change back = new AddBranch(gone.parent(), place, branch);
      if (links.isEmpty() && also.isEmpty()) {
        return back;
      }
      List<Change> inverses = new ArrayList<>(List.of(back));
      links.forEach(link -> inverses.add(new LinkChange.Connect(link)));
      also.forEach(shown -> inverses.add(new AlsoChange.Show(shown)));
      return new Together(inverses);
    }
  }

  /** Moves a branch under another parent, or to another place under its own. */
  record Move(UUID topic, UUID parent, Place place) implements TreeChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic moved = draft.topic(topic);
      if (draft.isRoot(topic)) {
        throw new MapRuleException("The root stays where it is. Move its branches instead.");
      }
      for (Topic at = draft.topic(parent); ; at = draft.topic(at.parent())) {
        if (at.id().equals(topic)) {
          throw new MapRuleException(
              "\"" + moved.label() + "\" cannot move under itself. Choose a topic outside it.");
        }
        if (at.parent() == null) {
          break;
        }
      }
      Place before = draft.unhang(moved);
      boolean stays = place.equals(new Place.After(topic)) && moved.parent().equals(parent);
      draft.hang(topic, parent, stays ? before : place);
      Change back = new Move(topic, moved.parent(), before);
      List<Also> there = standing(draft, parent);
      if (there.isEmpty()) {
        return back;
      }
      there.forEach(shown -> draft.drop(shown.id()));
      List<Change> inverses = new ArrayList<>(List.of(back));
      there.forEach(shown -> inverses.add(new AlsoChange.Show(shown)));
      return new Together(inverses);
    }

    /** Where topics are shown again that stand there themselves now, or above themselves. */
    private List<Also> standing(Draft draft, UUID parent) {
      return draft.also().stream()
          .filter(a -> a.topic().equals(topic) && a.parent().equals(parent) || above(draft, a))
          .toList();
    }

    private static boolean above(Draft draft, Also shown) {
      for (UUID at = shown.parent(); at != null; at = draft.topic(at).parent()) {
        if (at.equals(shown.topic())) {
          return true;
        }
      }
      return false;
    }
  }
}
