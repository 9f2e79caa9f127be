package org.pergamena.server.maps;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one question of rights: whether a person has a role on a map. */
@Service
public class Access {
  private final EntityManager entities;

  Access(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * Refuses unless a person has at least a role on a map.
   *
   * @throws Refused as if the map did not exist if the person has no role on it
   */
  @Transactional(readOnly = true)
  public void require(UUID person, UUID map, Role role) {
    if (role(person, map).filter(has -> has.compareTo(role) >= 0).isEmpty()) {
      throw Refused.notFound("This map");
    }
  }

  /** Today a map has an owner and nobody else. */
  private Optional<Role> role(UUID person, UUID map) {
    return entities
        .createQuery("select owner from MapRow where id = :map", UUID.class)
        .setParameter("map", map)
        .getResultStream()
        .findFirst()
        .filter(owner -> owner.equals(person))
        .map(owner -> Role.OWN);
  }
}
