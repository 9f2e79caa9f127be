package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Topic;

/** Writes the evidence and extents of topics, of all that changed in a few statements. */
final class Grounds {
  private final EntityManager entities;

  Grounds(EntityManager entities) {
    this.entities = entities;
  }

  void insert(UUID mapId, Topic topic) {
    for (int i = 0; i < topic.evidence().size(); i++) {
      entities.persist(new EvidenceRow(mapId, topic.id(), i, topic.evidence().get(i)));
    }
    insertExtent(mapId, topic);
  }

  private void insertExtent(UUID mapId, Topic topic) {
    for (int i = 0; i < topic.extent().size(); i++) {
      entities.persist(new ExtentRow(mapId, topic.id(), i, topic.extent().get(i)));
    }
  }

  /** Writes what differs between topics as they were and the same topics as they are. */
  void rewrite(UUID mapId, List<Topic> before, List<Topic> after) {
    List<Topic> evidence = new ArrayList<>();
    List<Topic> extent = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      if (!before.get(i).evidence().equals(after.get(i).evidence())) {
        evidence.add(after.get(i));
      }
      if (!before.get(i).extent().equals(after.get(i).extent())) {
        extent.add(after.get(i));
      }
    }
    if (!evidence.isEmpty()) {
      rewriteEvidence(mapId, evidence);
    }
    if (!extent.isEmpty()) {
      entities
          .createQuery("delete from ExtentRow where topicId in :topics")
          .setParameter("topics", ids(extent))
          .executeUpdate();
      extent.forEach(topic -> insertExtent(mapId, topic));
    }
  }

  private void rewriteEvidence(UUID mapId, List<Topic> topics) {
    Map<UUID, EvidenceRow> rows = new HashMap<>();
    entities
        .createQuery("from EvidenceRow where topicId in :topics", EvidenceRow.class)
        .setParameter("topics", ids(topics))
        .getResultStream()
        .forEach(row -> rows.put(row.id, row));
    for (Topic topic : topics) {
      for (int i = 0; i < topic.evidence().size(); i++) {
        EvidenceRow row = rows.remove(topic.evidence().get(i).id());
        if (row == null) {
          entities.persist(new EvidenceRow(mapId, topic.id(), i, topic.evidence().get(i)));
        } else {
          row.set(i, topic.evidence().get(i));
        }
      }
    }
    rows.values().forEach(entities::remove);
  }

  private static Set<UUID> ids(List<Topic> topics) {
    Set<UUID> ids = new HashSet<>();
    topics.forEach(topic -> ids.add(topic.id()));
    return ids;
  }
}
