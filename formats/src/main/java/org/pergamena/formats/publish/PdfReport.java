package org.pergamena.formats.publish;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.extend.FSTextBreaker;
import com.openhtmltopdf.layout.UrlAwareLineBreakIterator;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.IOException;
import java.io.OutputStream;
import java.text.BreakIterator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Report;
import org.pergamena.formats.fonts.Faces;
import org.pergamena.formats.fonts.PdfFonts;
import org.pergamena.formats.fonts.Used;
import org.pergamena.formats.picture.PdfPicture;
import org.w3c.dom.Element;

/**
 * A report as a PDF (ISO 32000) by openhtmltopdf: title page, contents with their pages, the map's
 * drawing, text, footnotes and references; tagged after PDF/UA-1 (ISO 14289) as far as that does.
 */
final class PdfReport {
  private static final int NORMAL = 400;
  private static final int BOLD = 600;
  private static final int DEEPEST = 6;
  private static final double TEXT_WIDTH = 604; // CSS pixels between the margins of an A4 page
  private static final double TEXT_HEIGHT = 860;

  /** Number of letters that one line of small type surely has room for on an upright page. */
  private static final int LINE = 80;

  /** How far a report is once it is laid out on pages. */
  private static final double LAID_OUT = 0.9;

  private final Publication publication;
  private final Report report;
  private final HtmlBlocks blocks;
  private final StringBuilder page = new StringBuilder();

  private PdfReport(Publication publication) {
    this.publication = publication;
    this.report = publication.report();
    this.blocks = HtmlBlocks.paged(publication.gallery());
  }

  /** Writes a report; the stream stays open. */
  static void write(Publication publication, OutputStream out) throws IOException {
    XRLog.setLoggingEnabled(false);
    PdfReport made = new PdfReport(publication);
    made.lay();
    try (PDDocument document = new PDDocument()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.usePDDocument(document);
      made.fonts(document, builder);
      builder.usePdfUaAccessibility(true);
      builder.usePageSupplier(made::page);
      builder.useUnicodeLineBreaker(made.new WatchedLines());
      builder.useObjectDrawerFactory(made.new MapDrawer());
      builder.withHtmlContent(made.page.toString(), null);
      builder.useUriResolver((base, uri) -> uri.startsWith("data:") ? uri : null);
      builder.toStream(out);
      builder.run();
    }
  }

  /** Breaks lines as usual, and tells with each text that is broken, before there are pages. */
  private final class WatchedLines implements FSTextBreaker {
    private final FSTextBreaker usual =
        new UrlAwareLineBreakIterator(BreakIterator.getLineInstance(Locale.US));

    @Override
    public int next() {
      return usual.next();
    }

    @Override
    public void setText(String text) {
      publication.progress().at("Breaking lines", LAID_OUT);
      usual.setText(text);
    }
  }

  /** A page as soon as what stands on it is known; how many there will be is not. */
  private PDPage page(PDDocument document, float width, float height, int number, int shadow) {
    publication.progress().at("Writing page " + (number + 1), LAID_OUT);
    PDPage next = new PDPage(new PDRectangle(width, height));
    document.addPage(next);
    return next;
  }

  private void fonts(PDDocument document, PdfRendererBuilder builder) throws IOException {
    Set<Face> faces = EnumSet.copyOf(Faces.ofPages());
    faces.addAll(Used.in(publication.scene()));
    for (Face face : faces) {
      Faces.FontFile file = Faces.file(face);
      String name = file.postScriptName();
      String family = name.substring(0, name.indexOf('-'));
      FontStyle style = face.italic() ? FontStyle.ITALIC : FontStyle.NORMAL;
      PDFontSupplier supplier = new PDFontSupplier(PdfFonts.of(file, document));
      builder.useFont(supplier, family, face.weight() < BOLD ? face.weight() : 700, style, true);
      // by this name letters of the drawing are asked for
      if (!file.family().equals(family)) {
        builder.useFont(supplier, file.family(), NORMAL, style, true);
      }
    }
  }

  private void lay() {
    String title = HtmlBlocks.escaped(report.title());
    page.append("<!DOCTYPE html>\n<html lang=\"").append(publication.language());
    page.append("\"><head><title>")
        .append(title)
        .append("</title><meta name=\"subject\" content=\"")
        .append(title)
        .append("\"/>\n<style>\n")
        .append(HtmlPage.resource("report.css"))
        .append("</style>\n<bookmarks>\n");
    bookmarks();
    boolean longer = report.title().length() > LINE;
    page.append("</bookmarks></head>\n<body>\n<div class=\"head\">")
        .append(longer ? HtmlBlocks.escaped(cut(report.title())) : title)
        .append("</div>\n<div class=\"front\"><h1 class=\"title")
        .append(longer ? " long\">" : "\">")
        .append(title)
        .append("</h1>\n");
    publication
        .front()
        .lines()
        .forEach(line -> page.append("<p>").append(HtmlBlocks.escaped(line)).append("</p>\n"));
    page.append("</div>\n");
    contents();
    drawing(title);
    page.append("<div class=\"text\">\n");
    List<Block> all = report.blocks();
    int next = 1;
    for (Block block : publication.told(all)) {
      if (block instanceof Block.Heading heading) {
        heading(heading, next < all.size() ? all.get(next) : null);
      } else {
        page.append(blocks.of(block));
      }
      next++;
    }
    page.append("</div>\n").append(blocks.references(report.references()));
    page.append("</body></html>");
  }

  /** A heading, kept on a page with what stands under it, if anything does. */
  private void heading(Block.Heading heading, Block next) {
    String tag = "h" + Math.min(heading.level(), DEEPEST);
    boolean bare =
        next == null || next instanceof Block.Heading other && other.level() <= heading.level();
    page.append('<').append(tag).append(" id=\"o").append(heading.topic());
    page.append(bare ? "\" class=\"bare\">" : "\">");
    page.append(named(heading));
    if (!heading.mark().isEmpty()) {
      page.append(" <span class=\"mark\">").append(heading.mark()).append("</span>");
    }
    page.append("</").append(tag).append(">\n");
  }

  private static String named(Block.Heading heading) {
    return HtmlBlocks.escaped(heading.named());
  }

  /** The beginning of a title that does not fit on a line, by whole words. */
  private static String cut(String title) {
    int end = title.lastIndexOf(' ', LINE);
    return title.substring(0, end < LINE / 2 ? LINE : end) + "\u2026";
  }

  private void contents() {
    page.append("<div class=\"contents\"><h2 class=\"plain\">Contents</h2>\n");
    for (Block.Heading heading : report.contents()) {
      page.append("<p class=\"line").append(heading.level()).append("\"><a href=\"#o");
      page.append(heading.topic()).append("\">").append(named(heading)).append("</a></p>\n");
    }
    page.append("</div>\n");
  }

  private void bookmarks() {
    int level = 0;
    for (Block.Heading heading : report.headings()) {
      page.append("</bookmark>".repeat(Math.max(0, level - heading.level() + 1)));
      page.append("<bookmark name=\"").append(named(heading)).append("\" href=\"#o");
      page.append(heading.topic()).append("\">");
      level = heading.level();
    }
    page.append("</bookmark>".repeat(level));
  }

  private void drawing(String title) {
    Scene scene = publication.scene();
    boolean wide = scene.width() > scene.height();
    double width = wide ? TEXT_HEIGHT : TEXT_WIDTH;
    double lines = Math.ceil((report.title().length() + 9) / (wide ? 1.5 * LINE : LINE));
    double height = (wide ? TEXT_WIDTH : TEXT_HEIGHT) - 20 * (1 + lines);
    double shrunk = Math.min(1.4, Math.min(width / scene.width(), height / scene.height()));
    page.append("<div class=\"").append(wide ? "map wide" : "map").append("\">");
    page.append("<object type=\"pergamena/map\" alt=\"The map: ").append(title);
    page.append("\" style=\"width: ").append(Math.round(scene.width() * shrunk));
    page.append("px; height: ").append(Math.round(scene.height() * shrunk));
    page.append("px\"></object><p class=\"caption\">The map: ")
        .append(title)
        .append("</p></div>\n");
  }

  /** Draws the map where the page has room for it, as lines and letters. */
  private final class MapDrawer implements FSObjectDrawerFactory {
    @Override
    public FSObjectDrawer createDrawer(Element element) {
      return (e, x, y, width, height, device, context, dots) -> {
        float pixels = (float) dots;
        device.drawWithGraphics(
            (float) x,
            (float) y,
            (float) width / pixels,
            (float) height / pixels,
            g ->
                PdfPicture.paint(
                    publication.scene(), publication.gallery(), g, width / dots, height / dots));
        return null;
      };
    }

    @Override
    public boolean isReplacedObject(Element element) {
      return "object".equals(element.getNodeName());
    }
  }
}
