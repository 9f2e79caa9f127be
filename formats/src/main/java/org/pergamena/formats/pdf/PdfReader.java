package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Calendar;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.pergamena.core.language.Language;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.formats.scan.Tesseract;

/**
 * Reads PDF: the text in the order in which it is read, one column after the other, with pages,
 * headings and places on the pages; footnotes and captions apart, without running heads.
 */
public final class PdfReader {
  private static final int MOST_PAGES = 5000;

  /**
   * Reads a document.
   *
   * @param progress is told the share of pages that are read, 0 to 1; it may be called on any
   *     thread
   * @throws UnreadableException if it is encrypted, damaged, too long or has no text
   */
  public ReadSource read(byte[] bytes, DoubleConsumer progress) throws UnreadableException {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      int pages = document.getNumberOfPages();
      if (pages == 0) {
        throw new UnreadableException(
            "The document has no pages. Check it where it came from and add it again.");
      }
      if (pages > MOST_PAGES) {
        throw new UnreadableException(
            "The document has "
                + pages
                + " pages, more than "
                + MOST_PAGES
                + ". Split it and add the parts.");
      }
      return read(document, PdfLines.of(bytes, document, progress), progress);
    } catch (InvalidPasswordException e) {
      throw new UnreadableException(
          "The document is locked with a password. Save it without one and add it again.", e);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      throw new UnreadableException(
          "The PDF is damaged and cannot be read. Open it where it came from, save it anew and add"
              + " it again.",
          e);
    }
  }

  private static ReadSource read(PDDocument document, PdfLines written, DoubleConsumer progress)
      throws IOException, UnreadableException {
    List<Integer> pictures = blankPages(document, written.lines());
    Optional<Tesseract> tesseract = pictures.isEmpty() ? Optional.empty() : Tesseract.installed();
    PdfLines read =
        tesseract.isEmpty()
            ? written
            : written.withPages(new ScannedPages(document, tesseract.get()), pictures, progress);
    List<Integer> blank = blankPages(document, read.lines());
    if (read.lines().isEmpty()) {
      throw new UnreadableException(wordless(blank, tesseract.isPresent()));
    }
    List<Integer> scanned = new ArrayList<>(pictures);
    scanned.removeAll(blank);
    List<Line> withoutHeads = RunningHeads.removed(read.lines());
    List<Line> withoutContents = ContentsList.removed(withoutHeads);
    List<Line> kept =
        !withoutContents.isEmpty()
            ? withoutContents
            : !withoutHeads.isEmpty() ? withoutHeads : read.lines();
    float bodySize = Headings.bodySize(kept);
    List<Line> lines = new ArrayList<>();
    for (List<Line> page : byPage(kept).values()) {
      lines.addAll(Asides.marked(page, bodySize));
    }
    int[] levels = Headings.levels(lines, bodySize, new Bookmarks(document));
    PageText.Laid laid = PageText.of(lines, levels, bodySize, labels(document));
    Facts facts = facts(document, PageTitle.of(read.lines(), bodySize));
    return new ReadSource(
        SourceKind.PDF,
        facts,
        laid.text(),
        Language.of(laid.text().text()),
        omissions(
            read,
            withoutHeads,
            withoutContents,
            new Pictures(blank, scanned, tesseract.isPresent())),
        laid.layout(),
        scanned);
  }

  /** Pages that are pictures: those without words, and those whose words were found. */
  private record Pictures(List<Integer> blank, List<Integer> scanned, boolean tried) {}

  private static String wordless(List<Integer> pictures, boolean tried) {
    if (pictures.isEmpty() || tried) {
      return "There are no words in the document"
          + (tried ? ", nor were any found in its pictures." : ", and no pictures of any.")
          + " Check it and add it again.";
    }
    return Omission.counted(pictures.size(), "page has", "pages have")
        + " no text: "
        + (pictures.size() == 1 ? "it is a picture. " : "they are pictures. ")
        + Tesseract.HINT;
  }

  private static Map<Integer, List<Line>> byPage(List<Line> lines) {
    return lines.stream()
        .collect(Collectors.groupingBy(Line::page, TreeMap::new, Collectors.toList()));
  }

  private static List<Omission> omissions(
      PdfLines read, List<Line> withoutHeads, List<Line> withoutContents, Pictures pictures) {
    List<Omission> omissions = new ArrayList<>();
    int heads = read.artifacts() + read.lines().size() - withoutHeads.size();
    if (heads > 0) {
      Set<Line> kept = Set.copyOf(withoutHeads);
      String example =
          read.lines().stream()
              .filter(line -> !kept.contains(line) && !RunningHeads.isNumber(line))
              .findFirst()
              .map(Line::text)
              .orElse(read.artifact());
      omissions.add(
          new Omission(
              Omission.counted(
                  heads, "running head or page number", "running heads and page numbers"),
              example));
    }
    int contents = withoutHeads.size() - withoutContents.size();
    if (contents > 0 && !withoutContents.isEmpty()) {
      omissions.add(
          new Omission(
              Omission.counted(contents, "line", "lines") + " of the table of contents", ""));
    }
    if (!pictures.blank().isEmpty()) {
      int count = pictures.blank().size();
      omissions.add(
          new Omission(
              Omission.counted(count, "page is a picture", "pages are pictures")
                  + " without text: "
                  + listed(pictures.blank())
                  + (pictures.tried() ? "" : ". " + Tesseract.HINT),
              ""));
    }
    if (!pictures.scanned().isEmpty()) {
      int count = pictures.scanned().size();
      omissions.add(
          new Omission(
              Omission.counted(count, "page is a scan", "pages are scans")
                  + ", read by tesseract, check the words against the page: "
                  + listed(pictures.scanned()),
              ""));
    }
    return omissions;
  }

  private static String listed(List<Integer> pages) {
    return pages.stream().limit(12).map(String::valueOf).collect(Collectors.joining(", "))
        + (pages.size() > 12 ? "\u2026" : "");
  }

  /** Pages that show something but have no words. */
  private static List<Integer> blankPages(PDDocument document, List<Line> lines) {
    Set<Integer> worded = lines.stream().map(Line::page).collect(Collectors.toSet());
    List<Integer> blank = new ArrayList<>();
    for (int page = 1; page <= document.getNumberOfPages(); page++) {
      if (!worded.contains(page) && showsPicture(document, page)) {
        blank.add(page);
      }
    }
    return blank;
  }

  private static boolean showsPicture(PDDocument document, int page) {
    var resources = document.getPage(page - 1).getResources();
    return resources != null && resources.getXObjectNames().iterator().hasNext();
  }

  /**
   * What the document says of itself.
   *
   * @param set the title as it is set, for a document that does not say one
   */
  private static Facts facts(PDDocument document, Optional<String> set) {
    PDDocumentInformation info = document.getDocumentInformation();
    Calendar made = info.getCreationDate();
    String date =
        made == null
            ? null
            : String.format(
                Locale.ROOT,
                "%04d-%02d-%02d",
                made.get(Calendar.YEAR),
                made.get(Calendar.MONTH) + 1,
                made.get(Calendar.DAY_OF_MONTH));
    Facts said = new Facts(info.getTitle(), info.getAuthor(), date);
    return said.title() == null && set.isPresent()
        ? new Facts(set.get(), info.getAuthor(), date)
        : said;
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
