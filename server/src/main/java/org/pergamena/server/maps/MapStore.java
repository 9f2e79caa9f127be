package org.pergamena.server.maps;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Loads maps from their rows, in three queries whatever their size, and writes only the rows that
 * differ.
 */
@Component
class MapStore {
  private record State(long revision, TopicMap map) {}

  private final EntityManager entities;
  private final Cache<UUID, State> recent = Caffeine.newBuilder().maximumSize(200).build();

  MapStore(EntityManager entities) {
    this.entities = entities;
  }

  /** The map at the revision that its row has. */
  TopicMap load(MapRow row) {
    State state = recent.getIfPresent(row.id);
    if (state != null && state.revision() == row.revision) {
      return state.map();
    }
    TopicMap map = read(row.id);
    remember(row, map);
    return map;
  }

  /** Keeps a map once the transaction that made it holds. */
  private void remember(MapRow row, TopicMap map) {
    State state = new State(row.revision, map);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            recent.asMap().merge(row.id, state, (a, b) -> a.revision() > b.revision() ? a : b);
          }
        });
  }

  private TopicMap read(UUID mapId) {
    List<TopicRow> topics =
        select("from TopicRow where mapId = :map order by position", TopicRow.class, mapId);
    List<EvidenceRow> evidence =
        select("from EvidenceRow where mapId = :map order by position", EvidenceRow.class, mapId);
    List<ExtentRow> extents =
        select("from ExtentRow where mapId = :map order by position", ExtentRow.class, mapId);
    Map<UUID, List<UUID>> children = new HashMap<>();
    Map<UUID, List<Evidence>> evidenceOf = new HashMap<>();
    Map<UUID, List<Extent>> extentOf = new HashMap<>();
    for (TopicRow topic : topics) {
      children.computeIfAbsent(topic.parentId, id -> new ArrayList<>()).add(topic.id);
    }
    evidence.forEach(
        e -> evidenceOf.computeIfAbsent(e.topicId, id -> new ArrayList<>()).add(e.evidence()));
    extents.forEach(
        e -> extentOf.computeIfAbsent(e.topicId, id -> new ArrayList<>()).add(e.extent()));
    return TopicMap.of(
        topics.stream()
            .map(
                t ->
                    new Topic(
                        t.id,
                        t.parentId,
                        children.getOrDefault(t.id, List.of()),
                        t.label,
                        t.note,
                        t.summary,
                        evidenceOf.getOrDefault(t.id, List.of()),
                        extentOf.getOrDefault(t.id, List.of()),
                        t.aside))
            .toList());
  }

  /** Rows for reading only: what is written later is loaded anew. */
  private <T> List<T> select(String query, Class<T> type, UUID mapId) {
    List<T> rows = entities.createQuery(query, type).setParameter("map", mapId).getResultList();
    rows.forEach(entities::detach);
    return rows;
  }

  /** Writes the topics of a map that has none yet. */
  void insert(MapRow row, TopicMap map) {
    List<Topic> all = map.preorder();
    Map<UUID, Integer> places = places(all);
    all.forEach(topic -> insert(row.id, topic, places.getOrDefault(topic.id(), 0)));
    remember(row, map);
  }

  /** Writes what differs between the map that was and the map that is. */
  void update(MapRow row, TopicMap before, TopicMap after) {
    List<Topic> old = before.preorder();
    List<Topic> now = after.preorder();
    Map<UUID, Integer> oldPlaces = places(old);
    Map<UUID, Integer> places = places(now);
    Set<UUID> gone = new HashSet<>();
    old.stream().filter(t -> !after.has(t.id())).forEach(t -> gone.add(t.id()));
    if (!gone.isEmpty()) {
      delete("delete from EvidenceRow where topicId in :ids", gone);
      delete("delete from ExtentRow where topicId in :ids", gone);
      delete("delete from TopicRow where id in :ids", gone);
    }
    Map<UUID, Topic> changed = new HashMap<>();
    for (Topic topic : now) {
      int place = places.getOrDefault(topic.id(), 0);
      if (!before.has(topic.id())) {
        insert(row.id, topic, place);
      } else if (!topic.equals(before.topic(topic.id()))
          || place != oldPlaces.getOrDefault(topic.id(), 0)) {
        changed.put(topic.id(), topic);
      }
    }
    if (!changed.isEmpty()) {
      for (TopicRow topic :
          entities
              .createQuery("from TopicRow where id in :ids", TopicRow.class)
              .setParameter("ids", changed.keySet())
              .getResultList()) {
        topic.set(changed.get(topic.id), places.getOrDefault(topic.id, 0));
        rewriteGrounds(row.id, before.topic(topic.id), changed.get(topic.id));
      }
    }
    entities.flush();
    remember(row, after);
  }

  private void rewriteGrounds(UUID mapId, Topic before, Topic after) {
    if (!before.evidence().equals(after.evidence())) {
      Map<UUID, EvidenceRow> rows = new HashMap<>();
      rowsOf("from EvidenceRow where topicId = :topic", EvidenceRow.class, after)
          .forEach(row -> rows.put(row.id, row));
      for (int i = 0; i < after.evidence().size(); i++) {
        EvidenceRow row = rows.remove(after.evidence().get(i).id());
        if (row == null) {
          entities.persist(new EvidenceRow(mapId, after.id(), i, after.evidence().get(i)));
        } else {
          row.set(i, after.evidence().get(i));
        }
      }
      rows.values().forEach(entities::remove);
    }
    if (!before.extent().equals(after.extent())) {
      rowsOf("from ExtentRow where topicId = :topic", ExtentRow.class, after)
          .forEach(entities::remove);
      entities.flush();
      insertExtent(mapId, after);
    }
  }

  private <T> List<T> rowsOf(String query, Class<T> type, Topic topic) {
    return entities.createQuery(query, type).setParameter("topic", topic.id()).getResultList();
  }

  private void delete(String query, Set<UUID> ids) {
    entities.createQuery(query).setParameter("ids", ids).executeUpdate();
  }

  private void insert(UUID mapId, Topic topic, int place) {
    entities.persist(new TopicRow(mapId, topic, place));
    insertEvidence(mapId, topic);
    insertExtent(mapId, topic);
  }

  private void insertEvidence(UUID mapId, Topic topic) {
    for (int i = 0; i < topic.evidence().size(); i++) {
      entities.persist(new EvidenceRow(mapId, topic.id(), i, topic.evidence().get(i)));
    }
  }

  private void insertExtent(UUID mapId, Topic topic) {
    for (int i = 0; i < topic.extent().size(); i++) {
      entities.persist(new ExtentRow(mapId, topic.id(), i, topic.extent().get(i)));
    }
  }

  private static Map<UUID, Integer> places(List<Topic> topics) {
    Map<UUID, Integer> places = new HashMap<>();
    for (Topic topic : topics) {
      for (int i = 0; i < topic.children().size(); i++) {
        places.put(topic.children().get(i), i);
      }
    }
    return places;
  }
}
