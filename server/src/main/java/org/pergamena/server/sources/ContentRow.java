package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The bytes of a file, kept once however often they are brought. */
@Entity
@Table(name = "content")
class ContentRow {
  @Id UUID id;
  String sha256;
  long size;
  byte[] bytes;

  protected ContentRow() {}

  ContentRow(UUID id, String sha256, byte[] bytes) {
    this.id = id;
    this.sha256 = sha256;
    this.size = bytes.length;
    this.bytes = bytes.clone();
  }
}
