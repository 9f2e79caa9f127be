package org.pergamena.server.marks;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What people corrected by hand in what is computed from the sources of a map. It is kept by the
 * words that it is about, and stays if these are no longer found.
 */
@Service
public class StudyMarks {
  private static final int MOST = 5_000;

  private final EntityManager entities;
  private final JsonMapper json;

  StudyMarks(EntityManager entities, JsonMapper json) {
    this.entities = entities;
    this.json = json;
  }

  /** All corrections of a kind, in the order in which they were first made, by their subjects. */
  @Transactional(readOnly = true)
  public <T> Map<String, T> of(UUID mapId, String kind, Class<T> type) {
    Map<String, T> marks = new LinkedHashMap<>();
    for (StudyMarkRow row : rows(mapId, kind)) {
      try {
        marks.put(row.subject, json.readValue(row.body, type));
      } catch (JacksonException e) {
        continue; // it was brought from elsewhere, and is none
      }
    }
    return marks;
  }

  /** All corrections of a map as they are kept, the oldest first. */
  @Transactional(readOnly = true)
  public List<MapArchive.Correction> all(UUID mapId) {
    return entities
        .createQuery(
            "from StudyMarkRow where mapId = :map order by markedAt, id", StudyMarkRow.class)
        .setParameter("map", mapId)
        .getResultStream()
        .map(row -> new MapArchive.Correction(row.kind, row.subject, row.body))
        .toList();
  }

  /** Gives a map that was made of a file the corrections that stood beside it. */
  @Transactional
  public void bring(UUID mapId, List<MapArchive.Correction> corrections) {
    for (MapArchive.Correction each : corrections.stream().limit(MOST).toList()) {
      entities.persist(new StudyMarkRow(mapId, each.kind(), each.subject(), each.body()));
    }
  }

  private List<StudyMarkRow> rows(UUID mapId, String kind) {
    return entities
        .createQuery(
            "from StudyMarkRow where mapId = :map and kind = :kind order by markedAt, id",
            StudyMarkRow.class)
        .setParameter("map", mapId)
        .setParameter("kind", kind)
        .getResultList();
  }

  /** Keeps a correction in place of an earlier one of the same. */
  @Transactional
  public void put(UUID mapId, String kind, String subject, Object mark) {
    String body = json.writeValueAsString(mark);
    int changed =
        entities
            .createQuery(
                "update StudyMarkRow set body = :body"
                    + " where mapId = :map and kind = :kind and subject = :subject")
            .setParameter("body", body)
            .setParameter("map", mapId)
            .setParameter("kind", kind)
            .setParameter("subject", subject)
            .executeUpdate();
    if (changed == 0) {
      require(mapId);
      entities
          .createNativeQuery(
              "insert into study_mark (id, map_id, kind, subject, body, marked_at)"
                  + " values (:id, :map, :kind, :subject, :body, :now)"
                  + " on conflict (map_id, kind, subject) do update set body = excluded.body")
          .setParameter("id", UUID.randomUUID())
          .setParameter("map", mapId)
          .setParameter("kind", kind)
          .setParameter("subject", subject)
          .setParameter("body", body)
          .setParameter("now", Instant.now())
          .executeUpdate();
    }
  }

  private void require(UUID mapId) {
    long marks =
        entities
            .createQuery("select count(*) from StudyMarkRow where mapId = :map", Long.class)
            .setParameter("map", mapId)
            .getSingleResult();
    if (marks >= MOST) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "A map has at most " + MOST + " corrections of this kind. Take some back.");
    }
  }

  /** Takes corrections back; nothing happens where there is none. */
  @Transactional
  public void remove(UUID mapId, String kind, List<String> subjects) {
    entities
        .createQuery(
            "delete from StudyMarkRow where mapId = :map and kind = :kind and subject in :subjects")
        .setParameter("map", mapId)
        .setParameter("kind", kind)
        .setParameter("subjects", subjects)
        .executeUpdate();
  }

  /** Gives a copy of a map what was corrected on the map. */
  @Transactional
  public void copy(UUID fromMap, UUID toMap) {
    List<StudyMarkRow> rows =
        entities
            .createQuery("from StudyMarkRow where mapId = :map", StudyMarkRow.class)
            .setParameter("map", fromMap)
            .getResultList();
    rows.forEach(row -> entities.persist(new StudyMarkRow(toMap, row.kind, row.subject, row.body)));
  }
}
