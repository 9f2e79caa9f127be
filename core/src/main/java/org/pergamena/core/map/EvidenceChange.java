package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/** A change of which passages are linked to a topic. */
public sealed interface EvidenceChange extends Change {

  /** Links a passage to a topic. */
  record Link(UUID topic, Place place, Evidence evidence) implements EvidenceChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.topic(topic);
      for (Evidence there : old.evidence()) {
        if (there.id().equals(evidence.id()) || sameWords(there.passage(), evidence.passage())) {
          throw new MapRuleException("These words are linked to \"" + old.label() + "\" already.");
        }
      }
      List<Evidence> now = new ArrayList<>(old.evidence());
      now.add(place.among(ids(now)), evidence);
      draft.change(topic, content -> content.withEvidence(now));
      return new Unlink(topic, evidence.id());
    }
  }

  /** Unlinks a passage from a topic. */
  record Unlink(UUID topic, UUID evidence) implements EvidenceChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.topic(topic);
      List<Evidence> now = new ArrayList<>(old.evidence());
      int index = ids(now).indexOf(evidence);
      if (index < 0) {
        throw new MapRuleException("This passage is no longer linked to \"" + old.label() + "\".");
      }
      Evidence gone = now.remove(index);
      draft.change(topic, content -> content.withEvidence(now));
      return new Link(topic, Place.of(evidence, ids(old.evidence())), gone);
    }
  }

  private static boolean sameWords(Passage one, Passage other) {
    return one.anchored()
        && one.source().equals(other.source())
        && one.start() == other.start()
        && one.end() == other.end();
  }

  private static List<UUID> ids(List<Evidence> evidence) {
    return evidence.stream().map(Evidence::id).toList();
  }
}
