package org.pergamena.server.asking;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The assistant that a person has set. */
@Entity
@Table(name = "assistant")
class AssistantRow {
  @Id UUID person;

  /** What {@code /chat/completions} is put behind. */
  String address;

  String model;

  /** What the person calls it, may be empty. */
  String name;

  /** Its key, sealed, or null. */
  String sealedKey;

  protected AssistantRow() {}

  AssistantRow(UUID person) {
    this.person = person;
  }
}
