package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.RevisionRow.Kind;
import org.pergamena.server.maps.RevisionRow.Moment;
import org.pergamena.server.site.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Maps, and the one door for every change of them. A change is written with its inverse in the
 * transaction that writes the rows it changes, and told to everybody by that transaction, so what
 * was acknowledged is there whatever happens next.
 */
@Service
public class Maps {
  /** The label of a map that nobody has named yet. */
  public static final String UNTITLED = "Untitled map";

  private final EntityManager entities;
  private final MapStore store;
  private final ShelfKeeper shelf;
  private final News news;
  private final Log log;
  private final Limits limits;
  private final JsonMapper json;
  private final TransactionTemplate oneMoment;

  Maps(
      EntityManager entities,
      MapStore store,
      ShelfKeeper shelf,
      News news,
      Log log,
      Limits limits,
      JsonMapper json,
      PlatformTransactionManager transactions) {
    this.entities = entities;
    this.store = store;
    this.shelf = shelf;
    this.news = news;
    this.log = log;
    this.limits = limits;
    this.json = json;
    this.oneMoment = new TransactionTemplate(transactions);
    oneMoment.setReadOnly(true);
    oneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
  }

  /** A map as it is now. */
  public record Current(UUID id, long revision, TopicMap map) {}

  /** A map in a list. */
  public record Summary(UUID id, String title, int topics, int sources, Instant changedAt) {}

  /** The maps of an owner, the one changed last first. */
  @Transactional(readOnly = true)
  public List<Summary> of(UUID owner) {
    return summaries(owner, false);
  }

  /** What an owner made for others to begin from. */
  @Transactional(readOnly = true)
  public List<Summary> templates(UUID owner) {
    return summaries(owner, true);
  }

  private List<Summary> summaries(UUID owner, boolean templates) {
    return entities
        .createQuery(
            """
            select m.id,
                   (select t.label from TopicRow t where t.mapId = m.id and t.parentId is null),
                   (select count(t) from TopicRow t where t.mapId = m.id),
                   (select count(s) from SourceRow s where s.mapId = m.id and not s.withdrawn),
                   m.changedAt
            from MapRow m where m.owner = :owner and m.template = :templates order by m.changedAt desc, m.id""",
            Object[].class)
        .setParameter("owner", owner)
        .setParameter("templates", templates)
        .getResultStream()
        .map(
            r ->
                new Summary(
                    (UUID) r[0],
                    (String) r[1],
                    ((Long) r[2]).intValue(),
                    ((Long) r[3]).intValue(),
                    (Instant) r[4]))
        .toList();
  }

  /** Makes a map that has nothing but a root. */
  @Transactional
  public UUID create(UUID owner) {
    limits.requireRoomForMap(owner);
    UUID id = reserve(owner);
    fill(id, TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), UNTITLED)), false);
    return id;
  }

  /** Makes a map for others to begin from. */
  @Transactional
  public UUID keepTemplate(UUID owner, TopicMap map) {
    limits.requireRoomForMap(owner);
    UUID id = reserve(owner);
    entities.find(MapRow.class, id).template = true;
    fill(id, map, true);
    return id;
  }

  /** Makes the row of a map alone, for {@link #fill}. */
  @Transactional
  public UUID reserve(UUID owner) {
    MapRow row = new MapRow(UUID.randomUUID(), owner);
    entities.persist(row);
    return row.id;
  }

  /**
   * Writes the topics of a reserved map.
   *
   * @param titled whether its root's label is a title, not the want of one
   */
  @Transactional
  public void fill(UUID id, TopicMap map, boolean titled) {
    MapRow row = entities.find(MapRow.class, id);
    row.titled = titled;
    store.insert(row, map);
  }

  /** Deletes a map with all that belongs to it; what nobody else refers to goes with it. */
  @Transactional
  public void delete(UUID id) {
    delete(List.of(id));
  }

  /** The same of all maps of an owner, those for others to begin from too. */
  @Transactional
  public void deleteAll(UUID owner) {
    delete(
        entities
            .createQuery("select id from MapRow where owner = :owner", UUID.class)
            .setParameter("owner", owner)
            .getResultList());
  }

  private void delete(List<UUID> ids) {
    ids.forEach(id -> entities.remove(locked(id)));
    entities.flush();
    shelf.sweep();
    ids.forEach(news::tell);
  }

  /**
   * A map as it is now.
   *
   * @throws Refused if there is none
   */
  @Transactional(readOnly = true)
  public Current get(UUID id) {
    return current(row(id));
  }

  /** How far the revisions of a map have come. */
  @Transactional(readOnly = true)
  public long revision(UUID id) {
    return entities
        .createQuery("select revision from MapRow where id = :map", Long.class)
        .setParameter("map", id)
        .getResultStream()
        .findFirst()
        .orElseThrow(() -> Refused.notFound("This map"));
  }

  private Current current(MapRow row) {
    return new Current(row.id, row.revision, store.load(row).map());
  }

  private MapRow row(UUID id) {
    MapRow row = entities.find(MapRow.class, id);
    if (row == null) {
      throw Refused.notFound("This map");
    }
    return row;
  }

  /** The row with nobody else able to change it, as it is once they cannot. */
  private MapRow locked(UUID id) {
    MapRow row = row(id);
    entities.refresh(row, LockModeType.PESSIMISTIC_WRITE);
    return row;
  }

  /**
   * Changes a map.
   *
   * @param change made from the map as it is once nobody else can change it
   */
  @Transactional
  public Current change(Act act, UUID id, Function<TopicMap, Change> change) {
    MapRow row = locked(id);
    if (log.has(id, act.edit())) {
      return current(row);
    }
    log.replaceUndone(id, act.person());
    long number = row.revision + 1;
    MapStore.State state = store.load(row);
    Change made = change.apply(state.map());
    RevisionRow revision = new RevisionRow(id, number, act, Kind.CHANGE, number);
    return apply(row, state, made, state.map().apply(made), revision);
  }

  /** Takes back the last change of a person that holds. */
  @Transactional(noRollbackFor = Refused.class)
  public Current undo(Act act, UUID id) {
    return turn(act, id, Kind.UNDO);
  }

  /** Does again what a person undid last. */
  @Transactional(noRollbackFor = Refused.class)
  public Current redo(Act act, UUID id) {
    return turn(act, id, Kind.REDO);
  }

  private Current turn(Act act, UUID id, Kind kind) {
    MapRow row = locked(id);
    if (log.has(id, act.edit())) {
      return current(row);
    }
    MapStore.State state = store.load(row);
    Log.Turn turn = log.turn(id, act.person(), kind, state.map());
    RevisionRow revision = new RevisionRow(id, row.revision + 1, act, kind, turn.revision().number);
    return apply(row, state, turn.change(), turn.applied(), revision);
  }

  /** The options that a map was last distilled with, or else the usual ones. */
  @Transactional(readOnly = true)
  public DistilOptions distilledWith(UUID id) {
    String options = row(id).distilledWith;
    return options == null ? DistilOptions.DEFAULT : json.readValue(options, DistilOptions.class);
  }

  /** Notes what a map was distilled with. */
  @Transactional
  public void distilled(UUID id, String options) {
    locked(id).distilledWith = options;
  }

  /** Whether a map has a title that a person, a source or an outline gave it. */
  @Transactional(readOnly = true)
  public boolean titled(UUID id) {
    return row(id).titled || log.titled(id);
  }

  /** Reads several things as they are in one moment. */
  <T> T reading(Supplier<T> read) {
    return oneMoment.execute(transaction -> read.get());
  }

  /** Changes a map to what it was at an earlier time, which is worth going back to again. */
  @Transactional
  public Current restore(Act act, UUID id, Function<TopicMap, Change> change) {
    Current restored = change(act, id, change);
    log.mark(id, restored.revision(), Moment.RESTORED);
    return restored;
  }

  private Current apply(
      MapRow row, MapStore.State state, Change change, Applied applied, RevisionRow revision) {
    log.keep(revision, change, state.map(), applied);
    row.revision = revision.number;
    row.changedAt = revision.madeAt;
    store.update(row, state, applied);
    change.parts().forEach(part -> shelf.keep(row.id, part));
    news.tell(row.id);
    return new Current(row.id, row.revision, applied.map());
  }
}
