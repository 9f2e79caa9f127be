package org.pergamena.formats.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Color;
import java.awt.Font;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;
import org.apache.pdfbox.util.Matrix;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.fonts.Faces;
import org.pergamena.formats.image.Gallery;

/**
 * A scene as a PDF (ISO 32000) of one page as large as it needs: lines stay lines, text stays text
 * in the shipped fonts, and a bookmark leads to each topic.
 */
public final class PdfPicture {
  private static final double POINTS = 0.75; // of a scene pixel

  /** The longest side that readers show, in points. */
  private static final double LONGEST = 14_000;

  private final PDDocument document;
  private final Scene scene;
  private final float scale;
  private final float height;
  private final PDPage page;

  private PdfPicture(PDDocument document, Scene scene) {
    this.document = document;
    this.scene = scene;
    double longest = Math.max(scene.width(), scene.height());
    this.scale = (float) Math.min(POINTS, LONGEST / longest);
    this.height = (float) scene.height() * scale;
    this.page = new PDPage(new PDRectangle((float) scene.width() * scale, height));
  }

  /** Writes the drawing of a map; the stream stays open. */
  public static void write(TopicMap map, Scene scene, Gallery gallery, OutputStream out)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      PdfPicture picture = new PdfPicture(document, scene);
      document.addPage(picture.page);
      document.getDocumentInformation().setTitle(map.root().label());
      picture.draw(gallery);
      picture.bookmarks(map);
      document.save(out);
    }
  }

  private void draw(Gallery gallery) throws IOException {
    PdfBoxGraphics2D g =
        new PdfBoxGraphics2D(document, (float) scene.width(), (float) scene.height());
    g.setFontTextDrawer(new Shipped(document));
    g.setColor(Color.decode(Theme.LIGHT.vellum()));
    g.fill(new Rectangle2D.Double(0, 0, scene.width(), scene.height()));
    ScenePainter.paint(scene, gallery, g);
    g.dispose();
    try (PDPageContentStream content = new PDPageContentStream(document, page)) {
      content.transform(Matrix.getScaleInstance(scale, scale));
      content.drawForm(g.getXFormObject());
    }
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
      PDPageXYZDestination to = new PDPageXYZDestination();
      to.setPage(page);
      to.setLeft(Math.max(0, (int) (at.x() * scale) - 10));
      to.setTop((int) (height - at.y() * scale) + 10);
      item.setDestination(to);
    }
    above.addLast(item);
    map.children(topic).forEach(child -> bookmark(map, child, item, placed));
  }

  /** Draws text as text, in the fonts that ship. */
  private static final class Shipped extends PdfBoxGraphics2DFontTextDrawer {
    private final Map<String, PDFont> fonts = new HashMap<>();

    Shipped(PDDocument document) throws IOException {
      for (Faces.FontFile file : Faces.files()) {
        TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file.bytes()));
        font.setEnableGsub(false); // letters that are joined are not found as letters
        fonts.put(file.postScriptName(), PDType0Font.load(document, font, true));
      }
    }

    @Override
    protected PDFont mapFont(Font font, IFontTextDrawerEnv env) {
      return fonts.get(font.getPSName());
    }
  }
}
