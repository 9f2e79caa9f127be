package org.pergamena.formats.publish;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigInteger;
import java.util.List;
import java.util.UUID;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.util.Units;
import org.apache.poi.xwpf.usermodel.BreakType;
import org.apache.poi.xwpf.usermodel.Document;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFFootnote;
import org.apache.poi.xwpf.usermodel.XWPFHyperlinkRun;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFPicture;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTBookmark;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTHyperlink;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.publish.Report;
import org.pergamena.formats.text.XmlWords;

/** A report as a text document (ECMA-376, WordprocessingML). */
final class WordReport {
  private final Publication publication;
  private final Report report;
  private final XWPFDocument document;
  private final WordLists lists;
  private int bookmarks;

  WordReport(Publication publication) throws IOException {
    this.publication = publication;
    this.report = publication.report();
    this.document = WordTemplates.begin(publication.form().template());
    this.lists = new WordLists(document);
  }

  void write(OutputStream out) throws IOException {
    WordStyles.define(document, publication.form().template());
    document.getProperties().getCoreProperties().setTitle(report.title());
    WordStyles.runningHead(document, report.title());
    front();
    contents();
    picture();
    for (Block block : publication.told(report.blocks())) {
      write(block, 0);
    }
    references();
    document.write(out);
    document.getPackage().revert(); // to close it would write it once more
  }

  private XWPFParagraph paragraph(String style) {
    XWPFParagraph paragraph = document.createParagraph();
    paragraph.setStyle(style);
    return paragraph;
  }

  private void front() {
    paragraph("Title").createRun().setText(XmlWords.of(report.title()));
    for (String line : publication.front().lines()) {
      paragraph("Subtitle").createRun().setText(XmlWords.of(line));
    }
    breakPage();
  }

  private void breakPage() {
    document.createParagraph().createRun().addBreak(BreakType.PAGE);
  }

  /** Filled as far as that can be done without pages; each leads to its heading. */
  private void contents() {
    paragraph("ContentsHeading").createRun().setText("Contents");
    for (Block.Heading heading : report.contents()) {
      XWPFParagraph line = paragraph("TOC" + heading.level());
      CTHyperlink link = line.getCTP().addNewHyperlink();
      link.setAnchor(Bookmarks.of(heading.topic()));
      link.addNewR().addNewT().setStringValue(XmlWords.of(heading.named()));
      XWPFRun tab = line.createRun();
      tab.addTab();
      WordStyles.field(line, "PAGEREF " + Bookmarks.of(heading.topic()) + " \\h", "");
    }
    breakPage();
  }

  private void picture() throws IOException {
    Plates.Drawn drawn = Plates.drawn(publication);
    String alt = "The map: " + report.title();
    XWPFPicture picture = put(drawn.png(), alt, drawn.width(), drawn.height());
    WordPictures.alsoAsLines(document, picture, drawn.svg());
    paragraph("Caption").createRun().setText(XmlWords.of(alt));
  }

  /** Puts a picture as large as it is, or as the page has room for it. */
  private XWPFPicture put(byte[] png, String alt, double width, double height) throws IOException {
    double[] size = Plates.onPage(width, height);
    XWPFRun run = paragraph("Picture").createRun();
    try {
      XWPFPicture picture =
          run.addPicture(
              new ByteArrayInputStream(png),
              Document.PICTURE_TYPE_PNG,
              "picture.png",
              Units.toEMU(size[0]),
              Units.toEMU(size[1]));
      picture.getCTPicture().getNvPicPr().getCNvPr().setDescr(XmlWords.of(alt));
      return picture;
    } catch (InvalidFormatException e) {
      throw new IOException(e);
    }
  }

  private void write(Block block, int depth) throws IOException {
    if (block instanceof Block.Heading heading) {
      heading(heading);
    } else if (block instanceof Block.Paragraph paragraph) {
      runs(paragraph(style(paragraph.kind())), paragraph.runs(), depth);
    } else if (block instanceof Block.Items items) {
      items(items, depth);
    } else if (block instanceof Block.Quoted quoted) {
      for (Block within : quoted.blocks()) {
        write(within, depth + 1);
      }
    } else if (block instanceof Block.Passage passage) {
      XWPFParagraph line = paragraph("Quote");
      boolean noted = passage.cited().stream().anyMatch(run -> !run.footnote().isEmpty());
      String after = noted || passage.cited().isEmpty() ? "\u201d" : "\u201d ";
      line.createRun().setText("\u201c" + XmlWords.of(passage.words()) + after);
      runs(line, passage.cited(), 0);
    } else if (block instanceof Block.Figure figure) {
      byte[] png = publication.gallery().png(figure.image());
      if (png != null) {
        put(png, figure.alt(), figure.width(), figure.height());
        if (!figure.alt().isBlank()) {
          paragraph("Caption").createRun().setText(XmlWords.of(figure.alt()));
        }
      }
    }
  }

  private void heading(Block.Heading heading) {
    XWPFParagraph line = paragraph("Heading" + Math.min(heading.level(), WordStyles.DEEPEST));
    CTBookmark start = line.getCTP().addNewBookmarkStart();
    start.setName(Bookmarks.of(heading.topic()));
    start.setId(BigInteger.valueOf(bookmarks));
    line.createRun().setText(XmlWords.of(heading.named()));
    line.getCTP().addNewBookmarkEnd().setId(BigInteger.valueOf(bookmarks++));
    if (!heading.mark().isEmpty()) {
      XWPFRun mark = line.createRun();
      mark.setText("  " + heading.mark());
      mark.setItalic(true);
      mark.setBold(false);
      mark.setFontSize(10);
    }
  }

  private static String style(Block.Kind kind) {
    return switch (kind) {
      case DEFINITION -> "Definition";
      case TAGS, MARK -> "Tags";
      case NOTE_HEADING -> "NoteHeading";
      case RELATION, ALSO -> "Relation";
      default -> "BodyText";
    };
  }

  private void runs(XWPFParagraph line, List<Block.Run> runs, int depth) {
    if (depth > 0) {
      line.setIndentationLeft(depth * 360);
    }
    for (Block.Run each : runs) {
      if (!each.footnote().isEmpty()) {
        footnote(line, each.footnote());
        continue;
      }
      XWPFRun run = each.address() == null ? line.createRun() : linked(line, each.address());
      String[] lines = each.words().split("\n", -1);
      for (int i = 0; i < lines.length; i++) {
        if (i > 0) {
          run.addBreak();
        }
        run.setText(XmlWords.of(lines[i]));
      }
      run.setBold(each.bold());
      run.setItalic(each.italic());
    }
  }

  private void footnote(XWPFParagraph line, List<Block.Run> said) {
    XWPFFootnote footnote = document.createFootnote();
    line.addFootnoteReference(footnote);
    XWPFParagraph foot = footnote.createParagraph();
    foot.setStyle("FootnoteText");
    runs(foot, said, 0);
  }

  private static XWPFRun linked(XWPFParagraph line, String address) {
    if (address.startsWith("#")) {
      CTHyperlink link = line.getCTP().addNewHyperlink();
      link.setAnchor(Bookmarks.of(UUID.fromString(address.substring(1))));
      return new XWPFHyperlinkRun(link, link.addNewR(), line);
    }
    XWPFHyperlinkRun run = line.createHyperlinkRun(address);
    run.setUnderline(org.apache.poi.xwpf.usermodel.UnderlinePatterns.SINGLE);
    return run;
  }

  private void items(Block.Items items, int depth) throws IOException {
    BigInteger list = lists.begin(items.ordered());
    for (List<Block> item : items.items()) {
      boolean first = true;
      for (Block block : item) {
        if (first && block instanceof Block.Paragraph paragraph) {
          XWPFParagraph line = paragraph("BodyText");
          line.setNumID(list);
          line.setNumILvl(BigInteger.valueOf(Math.min(depth, WordLists.DEEPEST)));
          runs(line, paragraph.runs(), 0);
        } else {
          write(block, depth + 1);
        }
        first = false;
      }
    }
  }

  private void references() {
    if (report.references().isEmpty()) {
      return;
    }
    paragraph("Heading1").createRun().setText("References");
    for (Citing.Entry entry : report.references()) {
      XWPFParagraph line = paragraph("Reference");
      if (!entry.label().isEmpty()) {
        line.createRun().setText(XmlWords.of(entry.label()));
        line.createRun().addTab();
      }
      runs(line, entry.runs(), 0);
    }
  }
}
