package org.pergamena.formats.image;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.UnreadableException;

/** The figures in a document: pictures in a PDF, an office document, an e-book or a page. */
public final class Figures {
  /** The most that are found in one document. */
  public static final int MOST = 200;

  /** Smaller ones are rules, bullets and badges. */
  private static final int LEAST_SIDE = 48;

  private static final long MOST_PIXELS = 40_000_000;
  private static final int DEEPEST = 4;

  /**
   * A figure.
   *
   * @param page from 1, or 0 in a document without pages
   * @param width in pixels
   */
  public record Figure(int page, int width, int height) {}

  /** What is done with a figure when it is met; true if no more are wanted. */
  private interface Met {
    boolean met(Figure figure, Bytes bytes) throws IOException;
  }

  private interface Bytes {
    byte[] read() throws IOException;
  }

  private Figures() {}

  /**
   * All figures of a document, in the order in which they stand in it.
   *
   * @throws UnreadableException with a sentence for the person if the document cannot be opened
   */
  public static List<Figure> of(byte[] document) throws UnreadableException {
    List<Figure> found = new ArrayList<>();
    walk(
        document,
        (figure, bytes) -> {
          found.add(figure);
          return found.size() >= MOST;
        });
    return found;
  }

  /**
   * One figure of a document as a file of its own.
   *
   * @param number from 0, as {@link #of} lists them
   * @throws UnreadableException with a sentence for the person if there is none
   */
  public static byte[] image(byte[] document, int number) throws UnreadableException {
    List<byte[]> found = new ArrayList<>();
    int[] met = {0};
    walk(
        document,
        (figure, bytes) -> {
          if (met[0]++ == number) {
            found.add(bytes.read());
          }
          return met[0] > number;
        });
    if (found.isEmpty()) {
      throw new UnreadableException("This figure is not in the document any more.");
    }
    return found.get(0);
  }

  private static void walk(byte[] document, Met met) throws UnreadableException {
    String type = new SourceReader().type(document);
    try {
      if (type.equals("application/pdf")) {
        pdf(document, met);
      } else if (document.length > 1 && document[0] == 'P' && document[1] == 'K') {
        packed(document, met);
      } else if (type.contains("html")) {
        page(document, met);
      }
    } catch (IOException | RuntimeException e) {
      throw new UnreadableException(
          "The figures of this document cannot be read. Take a picture of the page instead, and"
              + " add that.",
          e);
    }
  }

  private static void pdf(byte[] document, Met met) throws IOException {
    try (PDDocument pdf = Loader.loadPDF(document)) {
      Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
      for (int page = 0; page < pdf.getNumberOfPages(); page++) {
        if (resources(pdf.getPage(page).getResources(), page + 1, 0, seen, met)) {
          return;
        }
      }
    }
  }

  private static boolean resources(
      PDResources resources, int page, int depth, Set<COSBase> seen, Met met) throws IOException {
    if (resources == null || depth > DEEPEST) {
      return false;
    }
    for (COSName name : resources.getXObjectNames()) {
      PDXObject object = resources.getXObject(name);
      if (object == null || !seen.add(object.getCOSObject())) {
        continue;
      }
      boolean enough = false;
      if (object instanceof PDImageXObject image && shown(image.getWidth(), image.getHeight())) {
        Figure figure = new Figure(page, image.getWidth(), image.getHeight());
        enough = met.met(figure, () -> png(image));
      } else if (object instanceof PDFormXObject form) {
        enough = resources(form.getResources(), page, depth + 1, seen, met);
      }
      if (enough) {
        return true;
      }
    }
    return false;
  }

  private static boolean shown(int width, int height) {
    return Math.min(width, height) >= LEAST_SIDE && (long) width * height <= MOST_PIXELS;
  }

  private static byte[] png(PDImageXObject image) throws IOException {
    int step = Math.max(1, Math.max(image.getWidth(), image.getHeight()) / 2_000);
    BufferedImage pixels = image.getImage(null, step);
    return Raster.png(pixels);
  }

  private static void packed(byte[] document, Met met) throws IOException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(document))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName().toLowerCase(Locale.ROOT);
        boolean thumbnail = name.contains("thumbnail");
        if (thumbnail || !name.matches(".*\\.(png|jpe?g|gif|webp|svg)")) {
          continue;
        }
        if (known(zip.readNBytes(KeptImage.MOST_BYTES + 1), met)) {
          return;
        }
      }
    }
  }

  private static void page(byte[] document, Met met) throws IOException {
    var html = Jsoup.parse(new ByteArrayInputStream(document), null, "");
    for (Element image : html.select("img[src^=data:image/]")) {
      String address = image.attr("src");
      int comma = address.indexOf(";base64,");
      if (comma > 0 && address.length() < 2 * KeptImage.MOST_BYTES) {
        byte[] bytes = Base64.getMimeDecoder().decode(address.substring(comma + 8));
        if (known(bytes, met)) {
          return;
        }
      }
    }
  }

  /** Tells of an image if it is one that can be shown and is large enough to be a figure. */
  private static boolean known(byte[] bytes, Met met) throws IOException {
    ImageKind kind = ImageKind.of(bytes);
    if (kind == null || bytes.length > KeptImage.MOST_BYTES) {
      return false;
    }
    try {
      int width;
      int height;
      if (kind == ImageKind.SVG) {
        DrawnSvg drawn = DrawnSvg.of(SafeSvg.of(bytes));
        width = drawn.width();
        height = drawn.height();
      } else {
        Raster raster = Raster.of(bytes, kind);
        width = raster.width();
        height = raster.height();
      }
      return shown(width, height) && met.met(new Figure(0, width, height), () -> bytes);
    } catch (UnreadableException e) {
      return false;
    }
  }
}
