package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** The text that was read out of a file. */
@Entity
@Table(name = "source_text")
class TextRow {
  @Id UUID id;
  UUID contentId;

  @Enumerated(EnumType.STRING)
  SourceKind kind;

  String title;
  String body;
  String structure;
  int words;
  int pages;
  long duration;

  protected TextRow() {}

  TextRow(UUID id, UUID contentId, ReadSource read) {
    this.id = id;
    this.contentId = contentId;
    this.kind = read.kind();
    this.title = read.title();
    this.body = read.text().text();
    this.structure = StructureJson.write(read.text());
    this.words = read.text().words();
    this.pages = read.text().pageCount();
    this.duration = read.text().durationMs();
  }
}
