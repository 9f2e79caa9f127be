package org.pergamena.formats.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.apache.poi.ooxml.POIXMLProperties;
import org.apache.poi.sl.usermodel.Placeholder;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFGroupShape;
import org.apache.poi.xslf.usermodel.XSLFShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTableRow;
import org.apache.poi.xslf.usermodel.XSLFTextParagraph;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** Reads PPTX, by Apache POI: a slide's title as heading, its points, and what its speaker says. */
final class SlidesReader {
  private static final Set<Placeholder> FURNITURE =
      Set.of(
          Placeholder.DATETIME, Placeholder.FOOTER, Placeholder.HEADER, Placeholder.SLIDE_NUMBER);

  private final SourceTextBuilder source = new SourceTextBuilder();

  private SlidesReader() {}

  static ReadSource read(byte[] bytes) throws IOException {
    try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(bytes))) {
      SlidesReader reader = new SlidesReader();
      show.getSlides().forEach(reader::slide);
      POIXMLProperties.CoreProperties core = show.getProperties().getCoreProperties();
      return ReadSource.of(
          SourceKind.SLIDES,
          new Facts(
              core.getTitle(),
              core.getCreator(),
              core.getCreated() == null ? null : core.getCreated().toInstant().toString()),
          reader.source.build());
    }
  }

  private void slide(XSLFSlide slide) {
    source.separate();
    int start = source.length();
    String title = slide.getTitle();
    source.block(Block.Kind.HEADING, 1, title == null ? "" : blanks(title));
    slide.getShapes().forEach(this::shape);
    if (slide.getNotes() != null) {
      for (XSLFTextShape shape : slide.getNotes().getPlaceholders()) {
        if (shape.getTextType() == Placeholder.BODY) {
          source.block(Block.Kind.NOTE, 0, blanks(shape.getText()));
        }
      }
    }
    source.page(start, slide.getSlideNumber(), "slide " + slide.getSlideNumber());
  }

  private void shape(XSLFShape shape) {
    if (shape instanceof XSLFGroupShape group) {
      group.getShapes().forEach(this::shape);
    } else if (shape instanceof XSLFTable table) {
      for (XSLFTableRow row : table.getRows()) {
        source.block(
            Block.Kind.PARAGRAPH,
            0,
            Rows.sentence(
                List.of(), row.getCells().stream().map(cell -> blanks(cell.getText())).toList()));
      }
    } else if (shape instanceof XSLFTextShape text && !isTitleOrFurniture(text.getTextType())) {
      for (XSLFTextParagraph paragraph : text.getTextParagraphs()) {
        Block.Kind kind = paragraph.isBullet() ? Block.Kind.ITEM : Block.Kind.PARAGRAPH;
        source.block(kind, 0, blanks(paragraph.getText()));
      }
    }
  }

  private static boolean isTitleOrFurniture(Placeholder type) {
    return type == Placeholder.TITLE
        || type == Placeholder.CENTERED_TITLE
        || type != null && FURNITURE.contains(type);
  }

  private static String blanks(String words) {
    return words.replaceAll("[\\s\u00a0\u000b]+", " ").strip();
  }
}
