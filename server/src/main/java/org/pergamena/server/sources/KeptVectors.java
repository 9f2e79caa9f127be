package org.pergamena.server.sources;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the sentences of texts mean, kept with each text from when it was read. */
@Service
class KeptVectors {
  private final EntityManager entities;

  KeptVectors(EntityManager entities) {
    this.entities = entities;
  }

  /** Those of a text, if they were kept. */
  @Transactional(readOnly = true)
  Optional<byte[]> of(UUID textId) {
    return Optional.ofNullable(entities.find(VectorsRow.class, textId)).map(row -> row.bytes);
  }

  /** Keeps those of a text in the place of what was kept. */
  @Transactional
  void keep(UUID textId, byte[] bytes) {
    entities
        .createNativeQuery(
            "insert into source_vectors (text_id, bytes) values (:text, :bytes)"
                + " on conflict (text_id) do update set bytes = excluded.bytes")
        .setParameter("text", textId)
        .setParameter("bytes", bytes)
        .executeUpdate();
  }
}
