package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.RevisionRow.Kind;
import org.pergamena.server.maps.RevisionRow.State;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Maps and their revisions. Each change is written with its inverse in the transaction that writes
 * the rows it changes, so what was acknowledged is there whatever happens next.
 */
@Service
public class Maps {
  /** The label of a map that nobody has named yet. */
  public static final String UNTITLED = "Untitled map";

  private final EntityManager entities;
  private final MapStore store;
  private final ShelfKeeper shelf;
  private final JsonMapper json;

  Maps(EntityManager entities, MapStore store, ShelfKeeper shelf, JsonMapper json) {
    this.json = json;
    this.entities = entities;
    this.store = store;
    this.shelf = shelf;
  }

  /** A map as it is now. */
  public record Current(UUID id, long revision, boolean folded, TopicMap map) {}

  /** A map in a list. */
  public record Summary(UUID id, String title, int topics, int sources, Instant changedAt) {}

  /** The maps of an owner, the one changed last first. */
  @Transactional(readOnly = true)
  public List<Summary> of(UUID owner) {
    return entities
        .createQuery(
            """
            select m.id,
                   (select t.label from TopicRow t where t.mapId = m.id and t.parentId is null),
                   (select count(t) from TopicRow t where t.mapId = m.id),
                   (select count(s) from SourceRow s where s.mapId = m.id and not s.withdrawn),
                   m.changedAt
            from MapRow m where m.owner = :owner order by m.changedAt desc, m.id""",
            Object[].class)
        .setParameter("owner", owner)
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
    UUID id = reserve(owner);
    fill(id, TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), UNTITLED)));
    return id;
  }

  /** Makes the row of a map alone, for {@link #fill}. */
  @Transactional
  public UUID reserve(UUID owner) {
    MapRow row = new MapRow(UUID.randomUUID(), owner);
    entities.persist(row);
    return row.id;
  }

  /** Writes the topics of a reserved map. */
  @Transactional
  public void fill(UUID id, TopicMap map) {
    store.insert(entities.find(MapRow.class, id), map);
  }

  /** Deletes a map with all that belongs to it. */
  @Transactional
  public void delete(UUID owner, UUID id) {
    entities.remove(row(owner, id, LockModeType.PESSIMISTIC_WRITE));
  }

  /**
   * A map of an owner.
   *
   * @throws Refused if there is none, or it is somebody else's
   */
  @Transactional(readOnly = true)
  public Current get(UUID owner, UUID id) {
    return current(row(owner, id, LockModeType.NONE));
  }

  /** Refuses unless the map is the owner's. */
  @Transactional(readOnly = true)
  public void requireOwner(UUID owner, UUID id) {
    row(owner, id, LockModeType.NONE);
  }

  private Current current(MapRow row) {
    return new Current(row.id, row.revision, row.folded, store.load(row));
  }

  private MapRow row(UUID owner, UUID id, LockModeType lock) {
    MapRow row = entities.find(MapRow.class, id, lock);
    if (row == null || !row.owner.equals(owner)) {
      throw Refused.notFound("This map");
    }
    return row;
  }

  /**
   * Changes a map.
   *
   * @param change made from the map as it is once nobody else can change it
   */
  @Transactional
  public Current change(UUID owner, UUID id, Function<TopicMap, Change> change) {
    MapRow row = row(owner, id, LockModeType.PESSIMISTIC_WRITE);
    entities
        .createQuery(
            "update RevisionRow set state = :replaced where mapId = :map and state = :undone")
        .setParameter("replaced", State.REPLACED)
        .setParameter("undone", State.UNDONE)
        .setParameter("map", id)
        .executeUpdate();
    long number = row.revision + 1;
    Change made = change.apply(store.load(row));
    return apply(row, made, new RevisionRow(id, number, owner, Kind.CHANGE, number));
  }

  /** Takes back the last change that holds. */
  @Transactional
  public Current undo(UUID owner, UUID id) {
    MapRow row = row(owner, id, LockModeType.PESSIMISTIC_WRITE);
    RevisionRow last = turned(id, State.DONE, "desc", State.UNDONE, "There is nothing to undo.");
    return again(row, owner, Kind.UNDO, last, last.inverse);
  }

  /** Does again what was undone last. */
  @Transactional
  public Current redo(UUID owner, UUID id) {
    MapRow row = row(owner, id, LockModeType.PESSIMISTIC_WRITE);
    RevisionRow next = turned(id, State.UNDONE, "asc", State.DONE, "There is nothing to redo.");
    return again(row, owner, Kind.REDO, next, next.change);
  }

  /** The first change of a state in an order, put into another state. */
  private RevisionRow turned(UUID map, State from, String order, State to, String none) {
    RevisionRow revision =
        revision(map, from, order).orElseThrow(() -> new Refused(HttpStatus.CONFLICT, none));
    revision.state = to;
    return revision;
  }

  private Current again(MapRow row, UUID author, Kind kind, RevisionRow of, String change) {
    return apply(
        row,
        ChangeJson.read(change),
        new RevisionRow(row.id, row.revision + 1, author, kind, of.number));
  }

  /** Whose map it is. */
  @Transactional(readOnly = true)
  public UUID owner(UUID id) {
    return entities.find(MapRow.class, id).owner;
  }

  /** The options that a map was last distilled with, or else the usual ones. */
  @Transactional(readOnly = true)
  public DistilOptions distilledWith(UUID owner, UUID id) {
    String options = row(owner, id, LockModeType.NONE).distilledWith;
    return options == null ? DistilOptions.DEFAULT : json.readValue(options, DistilOptions.class);
  }

  /** Notes what a map was distilled with, and leaves it to the page which branches are open. */
  @Transactional
  public void distilled(UUID id, String options) {
    MapRow row = entities.find(MapRow.class, id);
    row.folded = false;
    row.distilledWith = options;
  }

  /** Whether there is a change to undo, or one to redo. */
  @Transactional(readOnly = true)
  public boolean can(UUID id, boolean redo) {
    return revision(id, redo ? State.UNDONE : State.DONE, "asc").isPresent();
  }

  private Optional<RevisionRow> revision(UUID map, State state, String order) {
    return entities
        .createQuery(
            "from RevisionRow where mapId = :map and kind = :kind and state = :state"
                + " order by number "
                + order,
            RevisionRow.class)
        .setParameter("map", map)
        .setParameter("kind", Kind.CHANGE)
        .setParameter("state", state)
        .setMaxResults(1)
        .getResultStream()
        .findFirst();
  }

  private Current apply(MapRow row, Change change, RevisionRow revision) {
    TopicMap before = store.load(row);
    Applied applied = before.apply(change);
    revision.change = ChangeJson.write(change);
    revision.inverse = ChangeJson.write(applied.inverse());
    entities.persist(revision);
    row.revision = revision.number;
    row.changedAt = revision.madeAt;
    store.update(row, before, applied.map());
    change.parts().forEach(part -> shelf.keep(row.id, part));
    return new Current(row.id, row.revision, row.folded, applied.map());
  }

  /** The topics of a map whose branches are closed. */
  @Transactional(readOnly = true)
  public Set<UUID> closed(UUID id) {
    return entities
        .createQuery("select id from TopicRow where mapId = :map and closed", UUID.class)
        .setParameter("map", id)
        .getResultStream()
        .collect(Collectors.toSet());
  }

  /** Closes other branches than before; this is a way of looking, not a change. */
  @Transactional
  public Current close(UUID owner, UUID id, UnaryOperator<Set<UUID>> closing) {
    MapRow row = row(owner, id, LockModeType.PESSIMISTIC_WRITE);
    Set<UUID> closed = closing.apply(closed(id));
    entities
        .createQuery("update TopicRow set closed = (id in :ids) where mapId = :map")
        .setParameter("ids", closed)
        .setParameter("map", id)
        .executeUpdate();
    row.folded = true;
    return current(row);
  }
}
