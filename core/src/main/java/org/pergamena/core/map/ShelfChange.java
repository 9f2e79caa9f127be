package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** A change of the sources on the shelf. */
public sealed interface ShelfChange extends Change {

  /** Takes a source off the shelf, and its passages and extents from the topics. */
  record Withdraw(UUID source) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      List<Change> inverses = new ArrayList<>(List.of(new Restore(source)));
      for (Topic topic : resting(draft)) {
        inverses.add(ContentChange.Refill.of(topic));
        draft.change(topic.id(), content -> content.without(source));
      }
      for (CrossLink link : draft.links()) {
        if (link.restsOn(source)) {
          List<Evidence> others =
              link.grounds().stream().filter(e -> !e.passage().source().equals(source)).toList();
          inverses.add(new LinkChange.Ground(link.id(), link.grounds()));
          draft.put(link.withGrounds(others));
        }
      }
      return new Together(inverses);
    }

    /** Topics that rest on the source, and those above them. */
    private List<Topic> resting(Draft draft) {
      Map<UUID, Topic> all = new LinkedHashMap<>();
      draft.topics().forEach(topic -> all.put(topic.id(), topic));
      Set<UUID> resting = new HashSet<>();
      for (Topic topic : all.values()) {
        if (topic.restsOn(source)) {
          Topic at = topic;
          while (at != null && resting.add(at.id())) {
            at = at.parent() == null ? null : all.get(at.parent());
          }
        }
      }
      return all.values().stream().filter(topic -> resting.contains(topic.id())).toList();
    }
  }

  /** Puts a source back on the shelf. */
  record Restore(UUID source) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Withdraw(source);
    }
  }

  /** Gives a source another text: a newer version of its file, or another reading of it. */
  record Retext(UUID source, UUID from, UUID to) implements ShelfChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Retext(source, to, from);
    }
  }
}
