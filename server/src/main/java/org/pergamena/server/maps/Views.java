package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which branches of a map are closed for a person: a way of looking, not a change of the map. */
@Service
public class Views {
  private final EntityManager entities;

  Views(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * How a person looks at a map.
   *
   * @param folded whether they have chosen which branches are open
   * @param focus the branch that they look at as if it were the whole, null for the whole
   */
  public record View(boolean folded, Set<UUID> closed, UUID focus) {}

  /** How a person looks at a map. */
  @Transactional(readOnly = true)
  public View of(UUID person, UUID mapId) {
    boolean folded =
        entities
            .createNativeQuery(
                "select folded from map_view where map_id = :map and person = :person",
                Boolean.class)
            .setParameter("map", mapId)
            .setParameter("person", person)
            .getResultList()
            .contains(true);
    Set<UUID> closed = new HashSet<>();
    List<?> ids =
        entities
            .createNativeQuery(
                "select topic_id from closed_branch where map_id = :map and person = :person",
                UUID.class)
            .setParameter("map", mapId)
            .setParameter("person", person)
            .getResultList();
    ids.forEach(id -> closed.add((UUID) id));
    UUID focus =
        (UUID)
            entities
                .createNativeQuery(
                    "select focus from map_view where map_id = :map and person = :person"
                        + " and focus is not null",
                    UUID.class)
                .setParameter("map", mapId)
                .setParameter("person", person)
                .getSingleResultOrNull();
    return new View(folded, closed, focus);
  }

  /** Closes these branches for a person and opens all others. */
  @Transactional
  public void close(UUID person, UUID mapId, Collection<UUID> closed) {
    entities
        .createNativeQuery("delete from closed_branch where map_id = :map and person = :person")
        .setParameter("map", mapId)
        .setParameter("person", person)
        .executeUpdate();
    closeMore(person, mapId, closed);
    chosen(person, mapId, true);
  }

  /** Closes some branches for a person and opens some; the others stay as they are. */
  @Transactional
  public void toggle(UUID person, UUID mapId, Collection<UUID> closing, Collection<UUID> opening) {
    entities
        .createNativeQuery(
            "delete from closed_branch where person = :person and topic_id = any(:topics)")
        .setParameter("person", person)
        .setParameter("topics", opening.toArray(UUID[]::new))
        .executeUpdate();
    closeMore(person, mapId, closing);
    chosen(person, mapId, true);
  }

  /** Has a person look at a branch as if it were the whole, at the whole if that is null. */
  @Transactional
  public void focus(UUID person, UUID mapId, UUID topic) {
    entities
        .createNativeQuery(
            "insert into map_view (map_id, person, folded, focus)"
                + " values (:map, :person, true, cast(:topic as uuid))"
                + " on conflict (map_id, person) do update set focus = excluded.focus")
        .setParameter("map", mapId)
        .setParameter("person", person)
        .setParameter("topic", topic == null ? null : topic.toString())
        .executeUpdate();
  }

  private void closeMore(UUID person, UUID mapId, Collection<UUID> closed) {
    entities
        .createNativeQuery(
            "insert into closed_branch (person, topic_id, map_id)"
                + " select :person, id, map_id from topic"
                + " where map_id = :map and id = any(:topics) on conflict do nothing")
        .setParameter("person", person)
        .setParameter("map", mapId)
        .setParameter("topics", closed.toArray(UUID[]::new))
        .executeUpdate();
  }

  /** Leaves it to the page which branches are open, for everybody. */
  @Transactional
  public void forget(UUID mapId) {
    for (String table : new String[] {"closed_branch", "map_view"}) {
      entities
          .createNativeQuery("delete from " + table + " where map_id = :map")
          .setParameter("map", mapId)
          .executeUpdate();
    }
  }

  private void chosen(UUID person, UUID mapId, boolean folded) {
    entities
        .createNativeQuery(
            "insert into map_view (map_id, person, folded) values (:map, :person, :folded)"
                + " on conflict (map_id, person) do update set folded = excluded.folded")
        .setParameter("map", mapId)
        .setParameter("person", person)
        .setParameter("folded", folded)
        .executeUpdate();
  }
}
