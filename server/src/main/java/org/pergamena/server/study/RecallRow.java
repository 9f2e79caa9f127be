package org.pergamena.server.study;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.pergamena.core.study.recall.Memory;

/** How firmly a person has a topic in mind. */
@Entity
@Table(name = "recall")
class RecallRow {
  @Id UUID id;
  UUID mapId;
  UUID person;
  UUID topicId;
  double stability;
  double difficulty;
  int answers;
  int known;
  Instant answeredAt;

  protected RecallRow() {}

  Memory memory() {
    return new Memory(stability, difficulty, answeredAt, answers, known);
  }
}
