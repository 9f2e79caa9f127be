package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.history.Restoring;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.RevisionRow.Kind;
import org.pergamena.server.maps.RevisionRow.Moment;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every state that a map has had, by the number of the revision that led to it; 0 is the first. */
@Service
public class History {
  private static final int LONGEST_NAME = 200;

  private final EntityManager entities;
  private final Maps maps;

  History(EntityManager entities, Maps maps) {
    this.entities = entities;
    this.maps = maps;
  }

  /**
   * A revision of a map.
   *
   * @param of number of the revision that it undid or did again, its own for a change
   * @param job the kind of job that made it, or null if a person did
   * @param name that a person gave the state after it, or null
   */
  public record Entry(
      long number,
      Kind kind,
      long of,
      UUID author,
      String job,
      Instant at,
      String said,
      Moment moment,
      String name) {}

  /** Some revisions of a map, the latest first. */
  public record Page(List<Entry> entries, boolean more) {}

  /**
   * Revisions before one, the latest first.
   *
   * @param before number that all are below, or null for the latest
   * @param versions whether only states that are named or worth going back to count
   */
  @Transactional(readOnly = true)
  public Page page(UUID mapId, Long before, boolean versions, int most) {
    List<?> rows =
        entities
            .createNativeQuery(
                "select r.number, r.kind, r.of_number, r.author, j.kind as job, r.made_at,"
                    + " coalesce(o.said, r.said), r.moment, v.name"
                    + " from revision r left join job j on j.id = r.job_id"
                    + " left join revision o on o.map_id = r.map_id and o.number = r.of_number"
                    + " left join named_version v on v.map_id = r.map_id and v.number = r.number"
                    + " where r.map_id = :map and r.number < :before and r.state <> 'TYPED_ON'"
                    + (versions ? " and (r.moment is not null or v.name is not null)" : "")
                    + " order by r.number desc limit :most",
                Object[].class)
            .setParameter("map", mapId)
            .setParameter("before", before == null ? Long.MAX_VALUE : before)
            .setParameter("most", most + 1)
            .getResultList();
    List<Entry> entries =
        rows.stream()
            .limit(most)
            .map(Object[].class::cast)
            .map(
                r ->
                    new Entry(
                        ((Number) r[0]).longValue(),
                        Kind.valueOf((String) r[1]),
                        ((Number) r[2]).longValue(),
                        (UUID) r[3],
                        (String) r[4],
                        (Instant) r[5],
                        r[6] == null ? "An earlier change" : (String) r[6],
                        r[7] == null ? null : Moment.valueOf((String) r[7]),
                        (String) r[8]))
            .toList();
    return new Page(entries, rows.size() > most);
  }

  /** Names a state of a map; an empty name takes its name away. */
  @Transactional
  public void name(UUID mapId, long number, String name) {
    requireState(mapId, number);
    entities
        .createNativeQuery("delete from named_version where map_id = :map and number = :number")
        .setParameter("map", mapId)
        .setParameter("number", number)
        .executeUpdate();
    String kept = name.strip();
    if (kept.length() > LONGEST_NAME) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "The name of a version has at most " + LONGEST_NAME + " characters. Shorten it.");
    }
    if (!kept.isEmpty()) {
      entities
          .createNativeQuery(
              "insert into named_version (map_id, number, name, made_at)"
                  + " values (:map, :number, :name, :at)")
          .setParameter("map", mapId)
          .setParameter("number", number)
          .setParameter("name", kept)
          .setParameter("at", Instant.now())
          .executeUpdate();
    }
  }

  private void requireState(UUID mapId, long number) {
    if (number < 0 || number > maps.revision(mapId)) {
      throw new Refused(HttpStatus.NOT_FOUND, "The map has no such state. Load its history again.");
    }
  }

  /** A map as it is, and what leads back to an earlier state of it. */
  public record Way(TopicMap now, List<Change> inverses) {
    /** The earlier state. */
    public TopicMap past() {
      return Restoring.past(now, inverses);
    }
  }

  /** The stored changes that lead back, read in one moment; nothing is computed of them yet. */
  private record Stored(Maps.Current now, List<Object[]> rows) {}

  /** What leads back to the state after a revision. */
  public Way back(UUID mapId, long number) {
    Stored stored = maps.reading(() -> stored(mapId, number));
    List<Change> inverses = new ArrayList<>();
    for (Object[] row : stored.rows()) {
      inverses.add(ChangeJson.read((Integer) row[0], (String) row[1]));
    }
    return new Way(stored.now().map(), inverses);
  }

  private Stored stored(UUID mapId, long number) {
    requireState(mapId, number);
    List<Object[]> rows =
        entities
            .createQuery(
                "select format, inverse from RevisionRow where mapId = :map and number > :number"
                    + " and state <> :typedOn order by number desc",
                Object[].class)
            .setParameter("map", mapId)
            .setParameter("number", number)
            .setParameter("typedOn", RevisionRow.State.TYPED_ON)
            .getResultList();
    return new Stored(maps.get(mapId), rows);
  }

  /** Makes a map what it was, as one step that can be undone. */
  public void restore(Act act, UUID mapId, long number) {
    Way way = back(mapId, number);
    Change change = Restoring.whole(way.now(), way.inverses());
    maps.restore(
        act,
        mapId,
        now ->
            now.equals(way.now()) ? change : Restoring.whole(now, back(mapId, number).inverses()));
  }
}
