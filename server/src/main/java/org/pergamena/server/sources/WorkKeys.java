package org.pergamena.server.sources;

import jakarta.persistence.EntityManager;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Reference;
import org.pergamena.server.site.Alone;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The keys by which the notes of a map cite works, each its own. */
@Service
public class WorkKeys {
  private final EntityManager entities;

  WorkKeys(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * A key that no other work of the map has, nor gets before the transaction ends.
   *
   * @param own the work that is to have it, null for a new one
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public String free(UUID mapId, UUID own, Reference reference, String name) {
    return CitationKey.of(reference, name, taken(mapId, own));
  }

  /**
   * Refuses a key that cannot stand in a note or that another work of the map has.
   *
   * @param own the work that is to have it
   * @throws Refused with a sentence for the person
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void require(UUID mapId, UUID own, String key) {
    if (!CitationKey.sound(key)) {
      throw new Refused(
          HttpStatus.BAD_REQUEST,
          "The key \""
              + key
              + "\" cannot stand in a note. Use small letters, digits and hyphens, a letter"
              + " first.");
    }
    if (taken(mapId, own).contains(key)) {
      throw new Refused(
          HttpStatus.CONFLICT, "Another work of this map has the key \"" + key + "\".");
    }
  }

  /** The keys of a map's works, to which no one else adds any before the transaction ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  public Set<String> taken(UUID mapId) {
    return taken(mapId, null);
  }

  private Set<String> taken(UUID mapId, UUID but) {
    entities.flush();
    Alone.hold(entities, mapId.getMostSignificantBits() ^ 0x6b657973L);
    List<?> keys =
        entities
            .createNativeQuery(
                "select cite_key from source where map_id = :map and cite_key is not null"
                    + " and id is distinct from :but"
                    + " union all select cite_key from work where map_id = :map"
                    + " and id is distinct from :but",
                String.class)
            .setParameter("map", mapId)
            .setParameter("but", but == null ? new UUID(0, 0) : but)
            .getResultList();
    return keys.stream().map(String.class::cast).collect(Collectors.toCollection(HashSet::new));
  }
}
