package org.pergamena.formats.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Font;
import java.awt.Graphics2D;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;
import org.apache.pdfbox.util.Matrix;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.fonts.Faces;
import org.pergamena.formats.fonts.PdfFonts;
import org.pergamena.formats.fonts.Used;
import org.pergamena.formats.image.Gallery;

/**
 * A scene as a PDF (ISO 32000), on one page or over several: lines stay lines, text stays text in
 * the shipped fonts, and a bookmark leads to each topic.
 */
public final class PdfPicture {
  private static final double POINTS = 0.75; // of a scene pixel
  private static final double MARGIN = 28.35; // a centimetre, in points
  private static final double MARK = 14;

  /** The longest side that readers show, in points. */
  private static final double LONGEST = 14_000;

  /** The most pages of a drawing that goes over several. */
  private static final int MOST_PAGES = 400;

  private final PDDocument document;
  private final Scene scene;
  private final Paper paper;
  private final List<Tile> tiles = new ArrayList<>();
  private double scale;

  /**
   * A page and what of the drawing stands on it.
   *
   * @param left of its part of the drawing, in points; {@code top} likewise
   */
  private record Tile(PDPage page, double left, double top, double width, double height) {}

  private PdfPicture(PDDocument document, Scene scene, Paper paper) {
    this.document = document;
    this.scene = scene;
    this.paper = paper.turned(scene.width(), scene.height());
  }

  /**
   * Writes the drawing of a map; the stream stays open.
   *
   * @param language of most of its words, ISO 639-1
   * @throws IllegalArgumentException with a sentence for the person if it takes too many pages
   */
  public static void write(
      TopicMap map, String language, Scene scene, Paper paper, Gallery gallery, OutputStream out)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      PdfPicture picture = new PdfPicture(document, scene, paper);
      picture.lay();
      PdfTags tags = new PdfTags(document, map.root().label(), language, words(map));
      picture.draw(gallery, tags);
      tags.end();
      picture.bookmarks(map);
      document.save(out);
    }
  }

  /** What stands for the drawing. */
  private static String words(TopicMap map) {
    return "The map: "
        + map.root().label()
        + map.children(map.root()).stream()
            .map(Topic::label)
            .collect(Collectors.joining("; ", ". Main branches: ", "."));
  }

  /** Paints a scene into a rectangle of another drawing. */
  public static void paint(
      Scene scene, Gallery gallery, Graphics2D g, double width, double height) {
    g.scale(width / scene.width(), height / scene.height());
    ScenePainter.paint(scene, gallery, g);
  }

  private void lay() {
    if (paper.kind() == Paper.Kind.TILES) {
      tile();
      return;
    }
    double width = scene.width();
    double height = scene.height();
    boolean fits = paper.kind() == Paper.Kind.FIT;
    scale =
        fits
            ? Math.min(POINTS, LONGEST / Math.max(width, height))
            : Math.min(
                (paper.width() - 2 * MARGIN) / width, (paper.height() - 2 * MARGIN) / height);
    double wide = fits ? width * scale : paper.width();
    double high = fits ? height * scale : paper.height();
    double left = (width * scale - wide) / 2;
    double top = (height * scale - high) / 2;
    add(left, top, wide, high);
  }

  private void tile() {
    scale = POINTS;
    double wide = paper.width() - 2 * MARGIN;
    double high = paper.height() - 2 * MARGIN;
    int columns = (int) Math.ceil(scene.width() * scale / wide);
    int rows = (int) Math.ceil(scene.height() * scale / high);
    if ((long) columns * rows > MOST_PAGES) {
      throw new IllegalArgumentException(
          "The drawing would take %,d pages, more than %d. Choose larger paper."
              .formatted((long) columns * rows, MOST_PAGES));
    }
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        add(column * wide - MARGIN, row * high - MARGIN, paper.width(), paper.height());
      }
    }
  }

  private void add(double left, double top, double width, double height) {
    PDPage page = new PDPage(new PDRectangle((float) width, (float) height));
    document.addPage(page);
    tiles.add(new Tile(page, left, top, width, height));
  }

  private void draw(Gallery gallery, PdfTags tags) throws IOException {
    PdfBoxGraphics2D g =
        new PdfBoxGraphics2D(document, (float) scene.width(), (float) scene.height());
    g.setFontTextDrawer(new Shipped(document, scene));
    if (paper.kind() == Paper.Kind.FIT || scene.dark()) {
      ScenePainter.ground(scene, g);
    }
    ScenePainter.paint(scene, gallery, g);
    g.dispose();
    for (Tile tile : tiles) {
      try (PDPageContentStream content = new PDPageContentStream(document, tile.page())) {
        if (paper.kind() == Paper.Kind.TILES) {
          PdfTags.aside(content, () -> marks(content, tile));
          clip(content, tile);
        }
        // the form's origin is its lower left corner
        double bottom = scene.height() * scale - tile.top() - tile.height();
        content.transform(Matrix.getTranslateInstance((float) -tile.left(), (float) -bottom));
        content.transform(Matrix.getScaleInstance((float) scale, (float) scale));
        tags.figure(content, tile.page(), () -> content.drawForm(g.getXFormObject()));
      }
    }
  }

  /** Marks at the corners of what is to be cut out and joined. */
  private static void marks(PDPageContentStream content, Tile tile) throws IOException {
    content.setLineWidth(0.5f);
    for (double x : new double[] {MARGIN, tile.width() - MARGIN}) {
      for (double y : new double[] {MARGIN, tile.height() - MARGIN}) {
        double outX = x < tile.width() / 2 ? x - MARK : x + MARK;
        double outY = y < tile.height() / 2 ? y - MARK : y + MARK;
        line(content, outX, y, (outX + x) / 2, y);
        line(content, x, outY, x, (outY + y) / 2);
      }
    }
  }

  /** Leaves white what is not between the marks. */
  private static void clip(PDPageContentStream content, Tile tile) throws IOException {
    content.addRect(
        (float) MARGIN,
        (float) MARGIN,
        (float) (tile.width() - 2 * MARGIN),
        (float) (tile.height() - 2 * MARGIN));
    content.clip();
  }

  private static void line(
      PDPageContentStream content, double fromX, double fromY, double toX, double toY)
      throws IOException {
    content.moveTo((float) fromX, (float) fromY);
    content.lineTo((float) toX, (float) toY);
    content.stroke();
  }

  private void bookmarks(TopicMap map) {
    PDDocumentOutline outline = new PDDocumentOutline();
    document.getDocumentCatalog().setDocumentOutline(outline);
    Map<java.util.UUID, Placed> placed = new HashMap<>();
    scene.topics().forEach(each -> placed.put(each.id(), each));
    bookmark(map, map.root(), outline, placed);
    outline.openNode();
  }

  private void bookmark(
      TopicMap map, Topic topic, PDOutlineNode above, Map<java.util.UUID, Placed> placed) {
    PDOutlineItem item = new PDOutlineItem();
    item.setTitle(topic.label());
    Placed at = placed.get(topic.id());
    if (at != null) {
      item.setDestination(destination(at.x() * scale, at.y() * scale));
    }
    above.addLast(item);
    map.children(topic).forEach(child -> bookmark(map, child, item, placed));
  }

  /** Where something of the drawing stands, in points. */
  private PDPageXYZDestination destination(double x, double y) {
    double margin = paper.kind() == Paper.Kind.TILES ? MARGIN : 0;
    Tile tile =
        tiles.stream()
            .filter(t -> x < t.left() + t.width() - margin && y < t.top() + t.height() - margin)
            .findFirst()
            .orElse(tiles.get(tiles.size() - 1));
    PDPageXYZDestination to = new PDPageXYZDestination();
    to.setPage(tile.page());
    to.setLeft(Math.max(0, (int) (x - tile.left()) - 10));
    to.setTop((int) (tile.height() - (y - tile.top())) + 10);
    return to;
  }

  /** Draws text as text, in the fonts that ship. */
  private static final class Shipped extends PdfBoxGraphics2DFontTextDrawer {
    private final Map<String, PDFont> fonts = new HashMap<>();

    Shipped(PDDocument document, Scene scene) throws IOException {
      for (Face face : Used.in(scene)) {
        Faces.FontFile file = Faces.file(face);
        fonts.put(file.postScriptName(), PdfFonts.of(file, document));
      }
    }

    @Override
    protected PDFont mapFont(Font font, IFontTextDrawerEnv env) {
      return fonts.get(font.getPSName());
    }
  }
}
