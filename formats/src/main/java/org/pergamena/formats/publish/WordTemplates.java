package org.pergamena.formats.publish;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.apache.poi.xwpf.usermodel.XWPFDocument;

/** Text documents to begin from. */
final class WordTemplates {
  static {
    OfficeScratch.use();
  }

  private WordTemplates() {}

  /**
   * An empty document, with the styles, page and running heads of a person's own if there is one.
   *
   * @throws IllegalArgumentException with a sentence for the person if that is no .docx
   */
  static XWPFDocument begin(Template template) throws IOException {
    if (template.own() == null) {
      return new XWPFDocument();
    }
    try {
      XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(template.own().docx()));
      // the last section's settings stay, they are not among the elements
      while (!document.getBodyElements().isEmpty()) {
        document.removeBodyElement(0);
      }
      return document;
    } catch (RuntimeException e) {
      throw new IllegalArgumentException(
          "The template cannot be read. Bring a .docx, saved by a word processor.", e);
    }
  }
}
