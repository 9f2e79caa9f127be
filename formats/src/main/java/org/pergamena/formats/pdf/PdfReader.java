package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.List;
import java.util.function.DoubleConsumer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

/** Reads PDF: the text in its order, with pages and headings, without running heads. */
public final class PdfReader {
  private static final int MOST_PAGES = 5000;

  /**
   * Reads a document.
   *
   * @param progress is told the share of pages that are read, 0 to 1
   * @throws UnreadableException if it is encrypted, damaged, too long or has no text
   */
  public ReadSource read(byte[] bytes, DoubleConsumer progress) throws UnreadableException {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      int pages = document.getNumberOfPages();
      if (pages > MOST_PAGES) {
        throw new UnreadableException(
            "The document has "
                + pages
                + " pages, more than "
                + MOST_PAGES
                + ". Split it and add the parts.");
      }
      List<Line> all = RunningHeads.removed(LineStripper.lines(document, progress));
      List<Line> body = ContentsList.removed(all);
      List<Line> lines = body.isEmpty() ? all : body;
      if (lines.isEmpty()) {
        throw new UnreadableException(
            "The "
                + pages
                + (pages == 1 ? " page has" : " pages have")
                + " no text, perhaps they are scanned pictures. Add a version with text.");
      }
      SourceText text = PageText.of(lines, labels(document));
      return new ReadSource(SourceKind.PDF, title(document), text);
    } catch (InvalidPasswordException e) {
      throw new UnreadableException(
          "The document is locked with a password. Save it without one and add it again.", e);
    } catch (IOException | IllegalStateException | ClassCastException e) {
      throw new UnreadableException(
          "The PDF is damaged and cannot be read. Open it where it came from, save it anew and add"
              + " it again.",
          e);
    }
  }

  private static String title(PDDocument document) {
    String title = document.getDocumentInformation().getTitle();
    return title == null || title.isBlank() ? null : title.strip();
  }

  private static String[] labels(PDDocument document) throws IOException {
    String[] labels = new String[document.getNumberOfPages()];
    String[] given =
        document.getDocumentCatalog().getPageLabels() == null
            ? new String[0]
            : document.getDocumentCatalog().getPageLabels().getLabelsByPageIndices();
    for (int i = 0; i < labels.length; i++) {
      labels[i] = i < given.length && given[i] != null ? given[i] : String.valueOf(i + 1);
    }
    return labels;
  }
}
