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

  /** Those of a map, by topic. */
  @Transactional(readOnly = true)
  public Map<UUID, FoldingIn.Touched> of(UUID mapId) {
    return entities
        .createQuery("from FreshRow where mapId = :map", FreshRow.class)
        .setParameter("map", mapId)
        .getResultStream()
        .collect(Collectors.toMap(row -> row.topicId, FreshRow::touched));
  }

  /** Marks topics as having something new. */
  @Transactional
  public void mark(UUID mapId, Collection<FoldingIn.Touched> topics) {
    for (FoldingIn.Touched touched : topics) {
      FreshRow row = entities.find(FreshRow.class, touched.topic());
      if (row == null) {
        row = new FreshRow(touched.topic(), mapId);
        entities.persist(row);
      }
      row.add(touched);
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
