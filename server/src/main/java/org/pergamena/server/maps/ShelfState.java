package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells whether anything that lies beside a map has changed, in one small query. */
@Service
public class ShelfState {
  private final EntityManager entities;

  ShelfState(EntityManager entities) {
    this.entities = entities;
  }

  /** Names the state of all that lies beside a map; another name means that something changed. */
  @Transactional(readOnly = true)
  public String of(UUID mapId) {
    return (String)
        entities
            .createNativeQuery(
                """
                select concat_ws('.',
                  (select concat(count(*), '-', coalesce(sum(version), 0)) from source
                    where map_id = :map),
                  (select concat(count(*), '-', count(*) filter (where refused)) from proposal
                    where map_id = :map),
                  (select concat(count(*), '-', coalesce(sum(revision + passages), 0))
                    from fresh_topic where map_id = :map),
                  (select count(*) from outline where map_id = :map),
                  (select extract(epoch from made_at) from distillation where map_id = :map))""",
                String.class)
            .setParameter("map", mapId)
            .getSingleResult();
  }
}
