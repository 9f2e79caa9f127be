package org.pergamena.formats.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.poi.ooxml.POIXMLProperties;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFAbstractFootnoteEndnote;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFSDT;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTBr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STBrType;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/**
 * Reads DOCX, by Apache POI: headings by their styles, lists, tables, notes, and pages where the
 * program that wrote the file has put down where they break.
 */
final class WordReader {
  private static final Pattern HEADING =
      Pattern.compile("(?i)(?:heading|berschrift|titre) ?([1-9])");
  private static final Pattern NOTE_SIGN = Pattern.compile("\\[(?:foot|end)noteRef:\\d+]");

  private final XWPFDocument document;
  private final SourceTextBuilder source = new SourceTextBuilder();
  private int page = 1;
  private int pageStart;
  private boolean paged;
  private int contents;

  private WordReader(XWPFDocument document) {
    this.document = document;
  }

  static ReadSource read(byte[] bytes) throws IOException {
    try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(bytes))) {
      return new WordReader(document).read();
    }
  }

  private ReadSource read() {
    document.getBodyElements().forEach(this::element);
    endPage();
    POIXMLProperties.CoreProperties core = document.getProperties().getCoreProperties();
    Facts facts =
        new Facts(
            core.getTitle(),
            core.getCreator(),
            core.getCreated() == null ? null : core.getCreated().toInstant().toString());
    List<Omission> omissions = new ArrayList<>();
    if (contents > 0) {
      omissions.add(
          new Omission(
              Omission.counted(contents, "line", "lines") + " of the table of contents", ""));
    }
    int heads = document.getHeaderList().size() + document.getFooterList().size();
    if (heads > 0) {
      omissions.add(
          new Omission(
              Omission.counted(heads, "running head or foot", "running heads and feet"), ""));
    }
    return ReadSource.of(SourceKind.DOCUMENT, facts, source.build(), omissions);
  }

  private void element(IBodyElement element) {
    if (element instanceof XWPFParagraph paragraph) {
      paragraph(paragraph);
    } else if (element instanceof XWPFTable table) {
      for (XWPFTableRow row : table.getRows()) {
        List<String> cells = row.getTableCells().stream().map(c -> blanks(c.getText())).toList();
        source.block(Block.Kind.PARAGRAPH, 0, Rows.sentence(List.of(), cells));
      }
    } else if (element instanceof XWPFSDT control) {
      boolean list = String.valueOf(control.getTitle()).matches("(?i).*contents.*");
      if (list) {
        contents++;
      } else {
        control
            .getContent()
            .getText()
            .lines()
            .forEach(l -> source.block(Block.Kind.PARAGRAPH, 0, l));
      }
    }
  }

  private void paragraph(XWPFParagraph paragraph) {
    breaks(paragraph);
    String style = style(paragraph);
    if (style.matches("(?i)toc ?\\d.*|verzeichnis ?\\d")) {
      contents++;
      return;
    }
    int level = level(paragraph, style);
    boolean item = paragraph.getNumID() != null && level == 0;
    boolean caption = style.equalsIgnoreCase("caption") || style.equalsIgnoreCase("beschriftung");
    Block.Kind kind =
        level > 0
            ? Block.Kind.HEADING
            : caption ? Block.Kind.CAPTION : item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH;
    StringBuilder words = new StringBuilder();
    paragraph.getRuns().forEach(run -> words.append(run.text()));
    source.block(kind, level, blanks(NOTE_SIGN.matcher(words).replaceAll("")));
    notes(paragraph);
  }

  private void notes(XWPFParagraph paragraph) {
    for (XWPFRun run : paragraph.getRuns()) {
      run.getCTR().getFootnoteReferenceList().stream()
          .map(r -> document.getFootnoteByID(r.getId().intValue()))
          .forEach(this::note);
      run.getCTR().getEndnoteReferenceList().stream()
          .map(r -> document.getEndnoteByID(r.getId().intValue()))
          .forEach(this::note);
    }
  }

  private void note(XWPFAbstractFootnoteEndnote note) {
    if (note != null) {
      StringBuilder words = new StringBuilder();
      note.getParagraphs().forEach(p -> words.append(p.getText()).append(' '));
      source.block(Block.Kind.FOOTNOTE, 0, blanks(NOTE_SIGN.matcher(words).replaceAll("")));
    }
  }

  /** Notes where a page ends: as the writing program last set it, or by a break put in by hand. */
  private void breaks(XWPFParagraph paragraph) {
    int breaks = 0;
    for (XWPFRun run : paragraph.getRuns()) {
      breaks += run.getCTR().sizeOfLastRenderedPageBreakArray();
      for (CTBr br : run.getCTR().getBrList()) {
        breaks += br.getType() == STBrType.PAGE && !paged ? 1 : 0;
      }
      paged |= run.getCTR().sizeOfLastRenderedPageBreakArray() > 0;
    }
    if (breaks > 0) {
      endPage();
      page += breaks;
      source.separate();
      pageStart = source.length();
    }
  }

  private void endPage() {
    if (page > 1) {
      source.page(pageStart, page, String.valueOf(page));
    } else if (source.length() > 0) {
      source.page(0, 1, "1");
    }
  }

  private String style(XWPFParagraph paragraph) {
    String id = paragraph.getStyle();
    XWPFStyle style =
        id == null || document.getStyles() == null ? null : document.getStyles().getStyle(id);
    return style == null || style.getName() == null ? String.valueOf(id) : style.getName();
  }

  private int level(XWPFParagraph paragraph, String style) {
    Matcher heading = HEADING.matcher(style);
    if (heading.lookingAt()) {
      return Math.min(6, Integer.parseInt(heading.group(1)));
    }
    if (style.equalsIgnoreCase("title")) {
      return 1;
    }
    var properties = paragraph.getCTP().getPPr();
    return properties != null && properties.isSetOutlineLvl()
        ? Math.min(6, properties.getOutlineLvl().getVal().intValue() + 1)
        : 0;
  }

  private static String blanks(CharSequence words) {
    return words.toString().replaceAll("[\\s\u00a0]+", " ").strip();
  }
}
