package org.pergamena.server.templates;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A .docx whose styles a person's reports take. */
@Entity
@Table(name = "report_template")
class TemplateRow {
  @Id UUID person;
  byte[] docx;

  protected TemplateRow() {}
}
