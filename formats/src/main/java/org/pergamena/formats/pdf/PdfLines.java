package org.pergamena.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.DoubleConsumer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The lines of a whole document, in reading order. PDFBox reads a document on one thread; of a long
 * one the second half is read from a second copy at the same time.
 *
 * @param artifacts how many lines the document itself marks as no part of its text
 * @param artifact one of them
 */
record PdfLines(List<Line> lines, int artifacts, String artifact) {
  private static final int LONG = 16;

  static PdfLines of(byte[] bytes, PDDocument document, DoubleConsumer progress)
      throws IOException {
    int pages = document.getNumberOfPages();
    AtomicInteger done = new AtomicInteger();
    Runnable pageDone = () -> progress.accept((double) done.incrementAndGet() / pages);
    if (pages < LONG) {
      return part(document, 1, pages, pageDone);
    }
    CompletableFuture<PdfLines> second =
        CompletableFuture.supplyAsync(() -> copied(bytes, pages / 2 + 1, pages, pageDone));
    PdfLines first = part(document, 1, pages / 2, pageDone);
    try {
      return first.with(second.join());
    } catch (CompletionException e) {
      throw new IOException(e.getCause());
    }
  }

  private static PdfLines copied(byte[] bytes, int from, int to, Runnable pageDone) {
    try (PDDocument copy = Loader.loadPDF(bytes)) {
      return part(copy, from, to, pageDone);
    } catch (IOException e) {
      throw new CompletionException(e);
    }
  }

  private static PdfLines part(PDDocument document, int from, int to, Runnable pageDone)
      throws IOException {
    LineStripper stripper = new LineStripper(new Tags(document), pageDone);
    List<Line> ordered = new ArrayList<>();
    List<Line> page = new ArrayList<>();
    for (Line line : stripper.lines(document, from, to)) {
      if (!page.isEmpty() && page.get(0).page() != line.page()) {
        ordered.addAll(Columns.inOrder(page));
        page.clear();
      }
      page.add(line);
    }
    ordered.addAll(Columns.inOrder(page));
    return new PdfLines(ordered, stripper.artifactLines(), stripper.artifact());
  }

  /** These lines and those of pages that are pictures, in the order of the pages. */
  PdfLines withPages(ScannedPages scanned, List<Integer> pages, DoubleConsumer progress)
      throws IOException {
    List<Line> all = new ArrayList<>(lines);
    int done = 0;
    for (int page : pages) {
      progress.accept((double) done++ / pages.size());
      all.addAll(scanned.lines(page));
    }
    all.sort(Comparator.comparingInt(Line::page));
    progress.accept(1);
    return new PdfLines(all, artifacts, artifact);
  }

  private PdfLines with(PdfLines after) {
    List<Line> all = new ArrayList<>(lines);
    all.addAll(after.lines);
    return new PdfLines(
        all, artifacts + after.artifacts, artifact.isEmpty() ? after.artifact : artifact);
  }
}
