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
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Touched;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Loads maps from their rows, in six queries whatever their size, and writes only the rows of what
 * a change touched, in a number of statements that does not grow with the map.
 */
@Component
class MapStore {
  /** A map as its rows have it, with the ranks that keep siblings in order. */
  record State(long revision, TopicMap map, Map<UUID, Long> ranks) {}

  private final EntityManager entities;
  private final Grounds grounds;
  private final Cache<UUID, State> recent = Caffeine.newBuilder().maximumSize(200).build();

  MapStore(EntityManager entities) {
    this.entities = entities;
    this.grounds = new Grounds(entities);
  }

  /** The map at the revision that its row has. */
  State load(MapRow row) {
    State state = recent.getIfPresent(row.id);
    if (state != null && state.revision() == row.revision) {
      return state;
    }
    return remember(row.id, read(row));
  }

  /** Keeps a map once the transaction that made it holds. */
  private State remember(UUID mapId, State state) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            recent.asMap().merge(mapId, state, (a, b) -> a.revision() > b.revision() ? a : b);
          }
        });
    return state;
  }

  private State read(MapRow row) {
    List<TopicRow> topics =
        select("from TopicRow where mapId = :map order by rank", TopicRow.class, row.id);
    List<EvidenceRow> evidence =
        select("from EvidenceRow where mapId = :map order by position", EvidenceRow.class, row.id);
    List<ExtentRow> extents =
        select("from ExtentRow where mapId = :map order by position", ExtentRow.class, row.id);
    List<CrossLinkRow> links =
        select("from CrossLinkRow where mapId = :map", CrossLinkRow.class, row.id);
    List<AlsoRow> also = select("from AlsoRow where mapId = :map", AlsoRow.class, row.id);
    List<CommentRow> comments =
        select("from CommentRow where mapId = :map", CommentRow.class, row.id);
    Map<UUID, List<UUID>> children = new HashMap<>();
    Map<UUID, List<Evidence>> evidenceOf = new HashMap<>();
    Map<UUID, List<Extent>> extentOf = new HashMap<>();
    Map<UUID, Long> ranks = new HashMap<>();
    Map<UUID, Integer> colours = new HashMap<>();
    for (TopicRow topic : topics) {
      children.computeIfAbsent(topic.parentId, id -> new ArrayList<>()).add(topic.id);
      ranks.put(topic.id, topic.rank);
      if (topic.colour != null) {
        colours.put(topic.id, topic.colour);
      }
    }
    evidence.forEach(
        e -> evidenceOf.computeIfAbsent(e.topicId, id -> new ArrayList<>()).add(e.evidence()));
    extents.forEach(
        e -> extentOf.computeIfAbsent(e.topicId, id -> new ArrayList<>()).add(e.extent()));
    TopicMap map =
        TopicMap.of(
            topics.stream()
                .map(
                    t ->
                        t.topic(
                            children.getOrDefault(t.id, List.of()),
                            evidenceOf.getOrDefault(t.id, List.of()),
                            extentOf.getOrDefault(t.id, List.of())))
                .toList(),
            links.stream().map(CrossLinkRow::link).toList(),
            also.stream().map(AlsoRow::also).toList(),
            comments.stream().map(CommentRow::comment).toList(),
            row.look(),
            row.legend == null ? Legend.USUAL : ChangeJson.readLegend(row.legend),
            colours);
    return new State(row.revision, map, ranks);
  }

  /** Rows for reading only: what is written later is loaded anew. */
  private <T> List<T> select(String query, Class<T> type, UUID mapId) {
    List<T> rows = entities.createQuery(query, type).setParameter("map", mapId).getResultList();
    rows.forEach(entities::detach);
    return rows;
  }

  /** Writes the topics of a map that has none yet. */
  void insert(MapRow row, TopicMap map) {
    Map<UUID, Long> ranks = new HashMap<>();
    for (Topic topic : map.preorder()) {
      ranks.putAll(Ranks.of(topic.children(), Set.copyOf(topic.children()), Map.of()));
      insert(row.id, map, topic, ranks.getOrDefault(topic.id(), Ranks.GAP));
    }
    entities.flush();
    map.links().forEach(link -> entities.persist(new CrossLinkRow(row.id, link)));
    map.also().forEach(also -> entities.persist(new AlsoRow(row.id, also)));
    map.comments().forEach(comment -> entities.persist(new CommentRow(row.id, comment)));
    show(row, map);
    remember(row.id, new State(row.revision, map, ranks));
  }

  private static void show(MapRow row, TopicMap map) {
    row.show(map.look());
    row.legend = map.legend().equals(Legend.USUAL) ? null : ChangeJson.write(map.legend());
  }

  private void insert(UUID mapId, TopicMap map, Topic topic, long rank) {
    TopicRow row = new TopicRow(mapId, topic, rank);
    row.colour = colour(map, topic);
    entities.persist(row);
    grounds.insert(mapId, topic);
  }

  /** Writes what a change touched, and what the map is after it. */
  void update(MapRow row, State old, Applied applied) {
    TopicMap before = old.map();
    TopicMap after = applied.map();
    Touched touched = applied.touched();
    Map<UUID, Long> ranks = new HashMap<>(old.ranks());
    Map<UUID, Long> given = ranks(after, touched, old.ranks());
    ranks.putAll(given);
    Set<UUID> gone = new HashSet<>(touched.topics());
    gone.removeIf(after::has);
    unlink(touched);
    remove(gone);
    unhang(before, after, touched);
    ranks.keySet().removeAll(gone);

    Set<UUID> changed = touched.subjects();
    changed.addAll(given.keySet());
    changed.removeIf(id -> !after.has(id));
    Set<UUID> came = new HashSet<>(changed);
    came.removeIf(before::has);
    changed.removeAll(came);
    for (Topic topic : parentsFirst(after, came)) {
      insert(row.id, after, topic, ranks.getOrDefault(topic.id(), Ranks.GAP));
    }
    rewrite(row.id, before, after, changed, ranks);
    entities.flush();
    for (UUID id : touched.links()) {
      if (after.hasLink(id)) {
        entities.persist(new CrossLinkRow(row.id, after.link(id)));
      }
    }
    for (UUID id : touched.also()) {
      if (after.also(id) != null) {
        entities.persist(new AlsoRow(row.id, after.also(id)));
      }
    }
    for (UUID id : touched.comments()) {
      if (after.comment(id) != null) {
        entities.persist(new CommentRow(row.id, after.comment(id)));
      }
    }
    show(row, after);
    entities.flush();
    remember(row.id, new State(row.revision, after, Map.copyOf(ranks)));
  }

  private static Map<UUID, Long> ranks(TopicMap after, Touched touched, Map<UUID, Long> known) {
    Map<UUID, Long> given = new HashMap<>();
    Set<UUID> parents = new HashSet<>();
    for (UUID id : touched.placed()) {
      if (after.has(id) && after.topic(id).parent() != null) {
        parents.add(after.topic(id).parent());
      }
    }
    parents.forEach(
        id -> given.putAll(Ranks.of(after.topic(id).children(), touched.placed(), known)));
    return given;
  }

  private static List<Topic> parentsFirst(TopicMap map, Set<UUID> ids) {
    return ids.stream()
        .map(map::topic)
        .sorted((a, b) -> Integer.compare(map.level(a), map.level(b)))
        .toList();
  }

  /**
   * Cross-links and the like that changed are written anew, so that all goes in one delete and one
   * insert.
   */
  private void unlink(Touched touched) {
    if (!touched.links().isEmpty()) {
      delete("delete from CrossLinkRow where id in :ids", touched.links());
    }
    if (!touched.comments().isEmpty()) {
      delete("delete from CommentRow where id in :ids", touched.comments());
    }
    if (!touched.also().isEmpty()) {
      delete("delete from AlsoRow where id in :ids", touched.also());
    }
  }

  /** Passages that went from one topic to another are written anew. */
  private void unhang(TopicMap before, TopicMap after, Touched touched) {
    Map<UUID, UUID> homes = new HashMap<>();
    for (UUID id : touched.topics()) {
      if (before.has(id) && after.has(id)) {
        before.topic(id).evidence().forEach(evidence -> homes.put(evidence.id(), id));
      }
    }
    Set<UUID> moved = new HashSet<>();
    for (UUID id : touched.topics()) {
      if (after.has(id)) {
        after.topic(id).evidence().stream()
            .map(Evidence::id)
            .filter(evidence -> homes.containsKey(evidence) && !homes.get(evidence).equals(id))
            .forEach(moved::add);
      }
    }
    if (!moved.isEmpty()) {
      delete("delete from EvidenceRow where id in :ids", moved);
    }
  }

  private void remove(Set<UUID> gone) {
    if (!gone.isEmpty()) {
      delete("delete from EvidenceRow where topicId in :ids", gone);
      delete("delete from ExtentRow where topicId in :ids", gone);
      delete("delete from TopicRow where id in :ids", gone);
    }
  }

  private void rewrite(
      UUID mapId, TopicMap before, TopicMap after, Set<UUID> changed, Map<UUID, Long> ranks) {
    if (changed.isEmpty()) {
      return;
    }
    for (TopicRow row :
        entities
            .createQuery("from TopicRow where id in :ids", TopicRow.class)
            .setParameter("ids", changed)
            .getResultList()) {
      Topic topic = after.topic(row.id);
      row.place(topic, ranks.getOrDefault(topic.id(), row.rank));
      row.set(topic.content());
      row.colour = colour(after, topic);
    }
    grounds.rewrite(
        mapId,
        changed.stream().map(before::topic).toList(),
        changed.stream().map(after::topic).toList());
  }

  private static Integer colour(TopicMap map, Topic topic) {
    return map.root().id().equals(topic.parent()) ? map.colour(topic.id()) : null;
  }

  private void delete(String query, Set<UUID> ids) {
    entities.createQuery(query).setParameter("ids", ids).executeUpdate();
  }
}
