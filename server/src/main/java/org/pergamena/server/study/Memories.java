package org.pergamena.server.study;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.study.recall.Memory;
import org.pergamena.core.study.recall.Memory.Grade;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How firmly people have the topics of maps in mind. */
@Service
class Memories {
  private final EntityManager entities;

  Memories(EntityManager entities) {
    this.entities = entities;
  }

  /** Those of a person, by topics. */
  @Transactional(readOnly = true)
  public Map<UUID, Memory> of(UUID person, UUID mapId) {
    return rows(person, mapId).stream()
        .collect(Collectors.toMap(row -> row.topicId, RecallRow::memory));
  }

  private List<RecallRow> rows(UUID person, UUID mapId) {
    return entities
        .createQuery("from RecallRow where mapId = :map and person = :person", RecallRow.class)
        .setParameter("map", mapId)
        .setParameter("person", person)
        .getResultList();
  }

  /** Keeps an answer; gives how firm the topic is after it. */
  @Transactional
  public Memory answered(UUID person, UUID mapId, UUID topic, Grade grade, Instant now) {
    Memory before =
        rows(person, mapId).stream()
            .filter(row -> row.topicId.equals(topic))
            .findFirst()
            .map(RecallRow::memory)
            .orElse(null);
    Memory after = before == null ? Memory.first(grade, now) : before.after(grade, now);
    entities
        .createNativeQuery(
            "insert into recall (id, map_id, person, topic_id, stability, difficulty, answers,"
                + " known, answered_at) values (:id, :map, :person, :topic, :stability,"
                + " :difficulty, :answers, :known, :now) on conflict (map_id, person, topic_id)"
                + " do update set stability = excluded.stability,"
                + " difficulty = excluded.difficulty, answers = excluded.answers,"
                + " known = excluded.known, answered_at = excluded.answered_at")
        .setParameter("id", UUID.randomUUID())
        .setParameter("map", mapId)
        .setParameter("person", person)
        .setParameter("topic", topic)
        .setParameter("stability", after.stability())
        .setParameter("difficulty", after.difficulty())
        .setParameter("answers", after.answers())
        .setParameter("known", after.right())
        .setParameter("now", now)
        .executeUpdate();
    return after;
  }

  /** Forgets all that a person answered about a map. */
  @Transactional
  public void forget(UUID person, UUID mapId) {
    entities
        .createQuery("delete from RecallRow where mapId = :map and person = :person")
        .setParameter("map", mapId)
        .setParameter("person", person)
        .executeUpdate();
  }
}
