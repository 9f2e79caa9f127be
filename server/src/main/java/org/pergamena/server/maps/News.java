package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells all servers on the database that something about a map is new. */
@Service
public class News {
  /** The channel of PostgreSQL's NOTIFY; what is sent is the map's identity. */
  public static final String CHANNEL = "pergamena";

  private final EntityManager entities;

  News(EntityManager entities) {
    this.entities = entities;
  }

  /** Tells it once the transaction holds. */
  @Transactional
  public void tell(UUID mapId) {
    entities
        .createNativeQuery("select 1 from (select pg_notify('" + CHANNEL + "', :map)) told")
        .setParameter("map", mapId.toString())
        .getSingleResult();
  }
}
