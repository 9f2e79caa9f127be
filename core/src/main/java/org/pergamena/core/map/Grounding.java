package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/** Changes of the passages that bear a cross-link out. */
public final class Grounding {
  private Grounding() {}

  /**
   * One more passage bears a link out, or bears on it in another way than before.
   *
   * @throws MapRuleException if the link is gone or has the same words in the same way already
   */
  public static Change with(TopicMap map, UUID id, Evidence evidence) {
    CrossLink link = link(map, id);
    Passage passage = evidence.passage();
    List<Evidence> grounds = new ArrayList<>(link.grounds());
    for (int i = 0; i < grounds.size(); i++) {
      Evidence there = grounds.get(i);
      if (there.passage().samePlace(passage)) {
        if (there.stance() == evidence.stance()) {
          throw new MapRuleException("These words bear this link out already.");
        }
        grounds.set(i, there.withStance(evidence.stance()));
        return new LinkChange.Ground(id, grounds);
      }
    }
    grounds.add(evidence);
    return new LinkChange.Ground(id, grounds);
  }

  /**
   * A passage bears a link out no more.
   *
   * @throws MapRuleException if the link is gone or has no such passage
   */
  public static Change without(TopicMap map, UUID id, UUID evidence) {
    CrossLink link = link(map, id);
    List<Evidence> grounds = new ArrayList<>(link.grounds());
    if (!grounds.removeIf(each -> each.id().equals(evidence))) {
      throw new MapRuleException("This passage bears the link out no more.");
    }
    return new LinkChange.Ground(id, grounds);
  }

  private static CrossLink link(TopicMap map, UUID id) {
    CrossLink link = map.link(id);
    if (link == null) {
      throw new MapRuleException("This cross-link is no longer on the map.");
    }
    return link;
  }
}
