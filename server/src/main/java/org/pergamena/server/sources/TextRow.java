package org.pergamena.server.sources;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
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
  String author;
  String dated;
  String language;
  String body;
  String structure;
  String omissions;
  String layout;
  String scanned;

  /** Of its words and their structure; the same for readings that gave the same. */
  String digest;

  int words;
  int pages;
  long duration;

  protected TextRow() {}

  TextRow(UUID contentId, ReadSource read) {
    this.id = UUID.randomUUID();
    this.contentId = contentId;
    this.kind = read.kind();
    this.title = read.title();
    this.author = read.facts().author();
    this.dated = read.facts().date();
    this.language = read.language();
    this.body = read.text().text();
    this.structure = StructureJson.write(read.text());
    this.omissions = StructureJson.json(read.omissions());
    this.layout = StructureJson.json(read.layout());
    this.scanned = StructureJson.json(read.scanned());
    this.digest = digest(read);
    this.words = read.text().words();
    this.pages = read.text().pageCount();
    this.duration = read.text().durationMs();
  }

  private static String digest(ReadSource read) {
    String all = read.kind() + "\n" + StructureJson.write(read.text()) + "\n" + read.text().text();
    return SourceFiles.sha256(all.getBytes(StandardCharsets.UTF_8));
  }
}
