package org.pergamena.server.templates;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Templates of text documents that persons have brought, one each. */
@Service
public class ReportTemplates {
  private static final int MOST_BYTES = 2_000_000;

  private final EntityManager entities;
  private final Confined confined;
  private final TransactionTemplate transactions;

  ReportTemplates(EntityManager entities, Confined confined, TransactionTemplate transactions) {
    this.entities = entities;
    this.confined = confined;
    this.transactions = transactions;
  }

  /** The template of a person, null without one. */
  @Transactional(readOnly = true)
  public byte[] of(UUID person) {
    TemplateRow row = entities.find(TemplateRow.class, person);
    return row == null ? null : row.docx;
  }

  /**
   * Keeps a template in place of the one before.
   *
   * @throws Refused with a sentence for the person if it is none
   */
  public void bring(UUID person, byte[] docx) {
    if (docx.length > MOST_BYTES) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "The template has more than 2 MB. Take its pictures out and bring it again.");
    }
    confined.requireTemplate(docx);
    transactions.executeWithoutResult(transaction -> keep(person, docx));
  }

  private void keep(UUID person, byte[] docx) {
    entities
        .createNativeQuery(
            "insert into report_template (person, docx) values (:person, :docx)"
                + " on conflict (person) do update set docx = excluded.docx")
        .setParameter("person", person)
        .setParameter("docx", docx)
        .executeUpdate();
  }
}
