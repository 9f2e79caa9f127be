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
        Passage at = there.passage();
        boolean same = at.anchored() && at.samePlace(evidence.passage());
        if (same || there.id().equals(evidence.id())) {
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

  /** Says how a passage bears on its topic. */
  record Judge(UUID topic, UUID evidence, Stance stance) implements EvidenceChange {
    @Override
    public Change applyTo(Draft draft) {
      Topic old = draft.topic(topic);
      List<Evidence> now = new ArrayList<>(old.evidence());
      int index = ids(now).indexOf(evidence);
      if (index < 0) {
        throw new MapRuleException("This passage is no longer linked to \"" + old.label() + "\".");
      }
      Evidence judged = now.get(index);
      now.set(index, judged.withStance(stance));
      draft.change(topic, content -> content.withEvidence(now));
      return new Judge(topic, evidence, judged.stance());
    }
  }

  private static List<UUID> ids(List<Evidence> evidence) {
    return evidence.stream().map(Evidence::id).toList();
  }
}
