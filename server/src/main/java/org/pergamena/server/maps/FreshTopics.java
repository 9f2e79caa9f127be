package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which topics have something new, until a person looks at them. */
@Service
public class FreshTopics {
  private final EntityManager entities;

  FreshTopics(EntityManager entities) {
    this.entities = entities;
  }

  /** Those of a map. */
  @Transactional(readOnly = true)
  public Set<UUID> of(UUID mapId) {
    return entities
        .createQuery("select topicId from FreshRow where mapId = :map", UUID.class)
        .setParameter("map", mapId)
        .getResultStream()
        .collect(Collectors.toSet());
  }

  /** Marks topics as having something new. */
  @Transactional
  public void mark(UUID mapId, Collection<UUID> topics) {
    topics.forEach(topic -> entities.merge(new FreshRow(topic, mapId)));
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
