package org.pergamena.server.visitors;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.site.Alone;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows visitors. */
@Service
public class Visitors {
  private static final Duration AN_HOUR = Duration.ofHours(1);

  private final EntityManager entities;

  Visitors(EntityManager entities) {
    this.entities = entities;
  }

  /** Makes sure that there is a visitor of this identity, who is here now. */
  @Transactional
  public void ensure(UUID id) {
    if (!here(id, false)) {
      entities.persist(new VisitorRow(id));
    }
  }

  /**
   * Notes that a visitor is here; whether they were before.
   *
   * @param doing whether they do more than look
   */
  boolean here(UUID visitor, boolean doing) {
    VisitorRow row = entities.find(VisitorRow.class, visitor);
    if (row != null && row.seenAt.isBefore(Instant.now().minus(AN_HOUR))) {
      row.seenAt = Instant.now();
    }
    if (row != null && doing && !row.used) {
      row.used = true;
    }
    return row != null;
  }

  /** Whether a visitor has done more than look. */
  @Transactional(readOnly = true)
  public boolean used(UUID visitor) {
    VisitorRow row = entities.find(VisitorRow.class, visitor);
    return row != null && row.used;
  }

  /** One of a visitor's requests at a time goes on, until the transaction ends. */
  void alone(UUID visitor) {
    Alone.hold(entities, visitor.getLeastSignificantBits());
  }

  /**
   * Those who were not here since, a few at a time.
   *
   * @param unusedSince those of them who never did more than look need not have been away so long
   */
  @Transactional(readOnly = true)
  public List<UUID> unseenSince(Instant since, Instant unusedSince, int most) {
    return entities
        .createQuery(
            "select id from VisitorRow where seenAt < :since or not used and seenAt < :unused",
            UUID.class)
        .setParameter("since", since)
        .setParameter("unused", unusedSince)
        .setMaxResults(most)
        .getResultList();
  }

  /** Forgets a visitor, with all that is theirs. */
  @Transactional
  public void forget(UUID visitor) {
    entities
        .createQuery("delete from VisitorRow where id = :id")
        .setParameter("id", visitor)
        .executeUpdate();
  }
}
