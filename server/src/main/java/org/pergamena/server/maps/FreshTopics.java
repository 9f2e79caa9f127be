package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.distil.FoldingIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which topics have something new, until a person looks at them. */
@Service
public class FreshTopics {
  private final EntityManager entities;

  FreshTopics(EntityManager entities) {
    this.entities = entities;
  }

  /** Those of a map, by topic; not what came by a change that was undone. */
  @Transactional(readOnly = true)
  public Map<UUID, FoldingIn.Touched> of(UUID mapId) {
    return entities
        .createQuery(
            "from FreshRow f where f.mapId = :map and exists (select 1 from RevisionRow r where"
                + " r.mapId = f.mapId and r.number = f.revision and r.state = :done)",
            FreshRow.class)
        .setParameter("map", mapId)
        .setParameter("done", RevisionRow.State.DONE)
        .getResultStream()
        .collect(Collectors.toMap(row -> row.topicId, FreshRow::touched));
  }

  /** Marks topics as having something new since a revision. */
  @Transactional
  public void mark(UUID mapId, long revision, Collection<FoldingIn.Touched> topics) {
    for (FoldingIn.Touched touched : topics) {
      FreshRow row = entities.find(FreshRow.class, touched.topic());
      if (row == null) {
        row = new FreshRow(touched.topic(), mapId);
        entities.persist(row);
      }
      row.add(touched, revision);
    }
  }

  /** Notes that somebody has looked at a topic, or at all if none is named. */
  @Transactional
  public void seen(UUID mapId, UUID topic) {
    entities
        .createQuery(
            "delete from FreshRow where mapId = :map and (topicId = :topic or :all = true)")
        .setParameter("map", mapId)
        .setParameter("topic", topic)
        .setParameter("all", topic == null)
        .executeUpdate();
  }
}
