package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How much one person may keep and have done at a time. */
@Service
public class Limits {
  private final EntityManager entities;
  private final Disk disk;
  private final int mostMaps;
  private final int mostSources;
  private final long mostBytes;
  private final int mostJobs;

  Limits(
      EntityManager entities,
      Disk disk,
      @Value("${pergamena.limits.maps}") int mostMaps,
      @Value("${pergamena.limits.sources}") int mostSources,
      @Value("${pergamena.limits.bytes}") long mostBytes,
      @Value("${pergamena.limits.jobs}") int mostJobs) {
    this.entities = entities;
    this.disk = disk;
    this.mostMaps = mostMaps;
    this.mostSources = mostSources;
    this.mostBytes = mostBytes;
    this.mostJobs = mostJobs;
  }

  /** Refuses if a person has as many maps as they may. */
  @Transactional(readOnly = true)
  public void requireRoomForMap(UUID person) {
    disk.requireRoom(0);
    long maps = count("select count(*) from map where owner = :person", person);
    if (maps >= mostMaps) {
      throw full("You have " + maps + " maps, as many as there may be. Delete one first.");
    }
  }

  /**
   * Refuses if the person who owns a map has no room for another source.
   *
   * @param bytes of the file to come
   */
  @Transactional(readOnly = true)
  public void requireRoomForSource(UUID map, long bytes) {
    UUID person = owner(map);
    String shelves = " from source s join map m on m.id = s.map_id where m.owner = :person";
    long sources = count("select count(*)" + shelves, person);
    if (sources >= mostSources) {
      throw full("You have " + sources + " sources, as many as there may be. Delete a map first.");
    }
    requireRoomForBytes(map, bytes);
  }

  private UUID owner(UUID map) {
    return entities
        .createQuery("select owner from MapRow where id = :map", UUID.class)
        .setParameter("map", map)
        .getSingleResult();
  }

  /** Refuses if the person who owns a map has no room for so many bytes more. */
  @Transactional(readOnly = true)
  public void requireRoomForBytes(UUID map, long bytes) {
    disk.requireRoom(bytes);
    long kept =
        count(
            "select coalesce(sum(size), 0) from content where id in (select f.content_id"
                + " from source_file f join source s on s.id = f.source_id"
                + " join map m on m.id = s.map_id where m.owner = :person"
                + " union select p.content_id from picture p join map m on m.id = p.map_id"
                + " where m.owner = :person)",
            owner(map));
    if (kept + bytes > mostBytes) {
      throw full(
          "Your files take up "
              + kept / 1_000_000
              + " of the "
              + mostBytes / 1_000_000
              + " MB that there are for you; this one has no room. Delete a map first.");
    }
  }

  /** Refuses if a person has as much going on as they may. */
  @Transactional(readOnly = true)
  public void requireRoomForJob(UUID person) {
    disk.requireRoom(0);
    long jobs =
        count(
            "select count(*) from job where person = :person and state in ('WAITING', 'RUNNING')",
            person);
    if (jobs >= mostJobs) {
      throw full(jobs + " pieces of work are going on for you. Wait until some are done.");
    }
  }

  private long count(String query, UUID person) {
    Number number =
        (Number) entities.createNativeQuery(query).setParameter("person", person).getSingleResult();
    return number.longValue();
  }

  private static Refused full(String sentence) {
    return new Refused(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
  }
}
