package org.pergamena.formats.publish;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.Topic;
import org.pergamena.core.publish.Scope;
import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.picture.PngPicture;

/**
 * How a publication begins: a picture of its first pages, or its first lines. Text documents are
 * shown as the report reads on paper, whatever word processor opens them.
 */
public final class Preview {
  /** The most topics that are laid out for it. */
  private static final int TOPICS = 40;

  private static final int PAGES = 3;
  private static final int GAP = 8;
  private static final float DPI = 46;
  private static final double WIDE = 720;
  private static final double HIGH = 460;
  private static final int LETTERS = 1_600;

  private Preview() {}

  /**
   * What is shown.
   *
   * @param type media type, an image or plain text
   */
  public record Shown(String type, byte[] bytes) {}

  /** The beginning of a publication. */
  public static Shown of(FileFormat format, Publication whole) throws IOException {
    return switch (format) {
      case DOCX, ODT, RTF, TEX -> pages(cut(whole).formed(whole.form().on(Paper.REPORT)));
      case PDF -> whole.form().paper().isReport() ? pages(cut(whole)) : pages(whole);
      case PPTX -> slides(cut(whole));
      case SVG, PNG, JPG, WEBP, HTML -> picture(whole);
      case ZIP -> lines(FileFormat.JSON, cut(whole));
      case XLSX -> lines(FileFormat.CSV, cut(whole));
      default -> lines(format, cut(whole));
    };
  }

  /** The first topics alone; the drawing stays whole. */
  private static Publication cut(Publication whole) {
    if (whole.map().size() <= TOPICS) {
      return whole;
    }
    List<Topic> first = whole.map().preorder().subList(0, TOPICS);
    var kept = first.stream().map(Topic::id).toList();
    List<Topic> tree =
        first.stream()
            .map(t -> t.withChildren(t.children().stream().filter(kept::contains).toList()))
            .toList();
    return whole.publishing(
        new Scope.Published(whole.map().among(tree, Map.of()), whole.published().marks()));
  }

  private static Shown pages(Publication publication) throws IOException {
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    FileFormat.PDF.write(publication, pdf);
    List<BufferedImage> pages = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
      PDFRenderer renderer = new PDFRenderer(document);
      for (int i = 0; i < Math.min(PAGES, document.getNumberOfPages()); i++) {
        var box = document.getPage(i).getCropBox();
        double shrunk = Math.min(DPI / 72, Math.min(WIDE / box.getWidth(), HIGH / box.getHeight()));
        pages.add(renderer.renderImage(i, (float) shrunk));
      }
    }
    return beside(pages);
  }

  private static Shown slides(Publication publication) throws IOException {
    ByteArrayOutputStream pptx = new ByteArrayOutputStream();
    FileFormat.PPTX.write(publication, pptx);
    List<BufferedImage> pages = new ArrayList<>();
    try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(pptx.toByteArray()))) {
      double scale = WIDE / PAGES / show.getPageSize().getWidth();
      for (XSLFSlide slide :
          show.getSlides().subList(0, Math.min(PAGES, show.getSlides().size()))) {
        BufferedImage page =
            new BufferedImage(
                (int) (show.getPageSize().getWidth() * scale),
                (int) (show.getPageSize().getHeight() * scale),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = page.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(
            RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, page.getWidth(), page.getHeight());
        g.scale(scale, scale);
        slide.draw(g);
        g.dispose();
        pages.add(page);
      }
    }
    return beside(pages);
  }

  private static Shown beside(List<BufferedImage> pages) throws IOException {
    int width = pages.stream().mapToInt(page -> page.getWidth() + GAP).sum() - GAP;
    int height = pages.stream().mapToInt(BufferedImage::getHeight).max().orElse(1);
    BufferedImage all = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = all.createGraphics();
    int left = 0;
    for (BufferedImage page : pages) {
      g.drawImage(page, left, 0, null);
      left += page.getWidth() + GAP;
    }
    g.dispose();
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(all, "png", png);
    return new Shown("image/png", png.toByteArray());
  }

  private static Shown picture(Publication publication) {
    Scene scene = publication.scene();
    double scale = Math.min(1, Math.min(WIDE / scene.width(), HIGH / scene.height()));
    boolean clear = publication.form().pixels().clear();
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    PngPicture.of(scene, new Pixels(Math.max(0.05, scale), 0, clear))
        .write(publication.gallery(), publication.progress(), png);
    return new Shown("image/png", png.toByteArray());
  }

  private static Shown lines(FileFormat format, Publication publication) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    format.write(publication, out);
    String text = out.toString(StandardCharsets.UTF_8).replace("\uFEFF", "");
    String head = text.length() > LETTERS ? text.substring(0, LETTERS) + "\u2026" : text;
    return new Shown("text/plain;charset=UTF-8", head.getBytes(StandardCharsets.UTF_8));
  }
}
