package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLStreamException;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.publish.Report;

/**
 * A report as an OpenDocument text (ISO/IEC 26300, ODF 1.3). Written by hand: ODF Toolkit brings
 * Xerces, which takes the place of the XML parser of the whole application.
 */
final class OdtReport {
  private static final String TYPE = "application/vnd.oasis.opendocument.text";
  private static final int DEEPEST = 6;

  private final Publication publication;
  private final Report report;
  private final Map<String, byte[]> pictures = new LinkedHashMap<>();
  private OdtXml out;
  private int footnotes;

  OdtReport(Publication publication) {
    this.publication = publication;
    this.report = publication.report();
  }

  void write(OutputStream to) throws IOException {
    byte[] content = content();
    ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
    byte[] type = TYPE.getBytes(StandardCharsets.US_ASCII);
    ZipEntry first =
        new ZipEntry("mimetype"); // first and as it is, so that the file is known by it
    first.setMethod(ZipEntry.STORED);
    first.setSize(type.length);
    CRC32 sum = new CRC32();
    sum.update(type);
    first.setCrc(sum.getValue());
    put(zip, first, type);
    put(zip, new ZipEntry("content.xml"), content);
    String styles = OdtStyles.of(report.title(), publication.form().template());
    put(zip, new ZipEntry("styles.xml"), styles.getBytes(StandardCharsets.UTF_8));
    StringBuilder manifest = new StringBuilder(OdtStyles.MANIFEST);
    for (Map.Entry<String, byte[]> picture : pictures.entrySet()) {
      put(zip, new ZipEntry(picture.getKey()), picture.getValue());
      String kind = picture.getKey().endsWith(".svg") ? "image/svg+xml" : "image/png";
      manifest.append("<manifest:file-entry manifest:full-path=\"").append(picture.getKey());
      manifest.append("\" manifest:media-type=\"").append(kind).append("\"/>");
    }
    manifest.append("</manifest:manifest>");
    put(
        zip,
        new ZipEntry("META-INF/manifest.xml"),
        manifest.toString().getBytes(StandardCharsets.UTF_8));
    zip.finish();
  }

  private static void put(ZipOutputStream zip, ZipEntry entry, byte[] bytes) throws IOException {
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
  }

  private byte[] content() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      out = OdtXml.begin(bytes);
      front();
      contents();
      map();
      for (Block block : publication.told(report.blocks())) {
        write(block);
      }
      references();
      out.end();
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
    return bytes.toByteArray();
  }

  private void line(String style, String words) throws XMLStreamException {
    out.open("text:p", "text:style-name", style);
    out.words(words);
    out.close();
  }

  private void front() throws XMLStreamException {
    line("Title", report.title());
    for (String words : publication.front().lines()) {
      line("Subtitle", words);
    }
  }

  /** Filled here; a word processor can make it anew. */
  private void contents() throws XMLStreamException {
    line("ContentsHeading", "Contents");
    out.open("text:table-of-content", "text:name", "Contents", "text:protected", "false");
    out.open(
        "text:table-of-content-source",
        "text:outline-level",
        String.valueOf(Report.CONTENTS_LEVELS));
    out.close();
    out.open("text:index-body");
    for (Block.Heading heading : report.contents()) {
      out.open("text:p", "text:style-name", "Contents" + heading.level());
      out.open(
          "text:a",
          "xlink:type",
          "simple",
          "xlink:href",
          "#" + Bookmarks.of(heading.topic()),
          "text:style-name",
          "Plain",
          "text:visited-style-name",
          "Plain");
      out.words(heading.named());
      out.close();
      out.open("text:tab");
      out.close();
      out.open(
          "text:bookmark-ref",
          "text:reference-format",
          "page",
          "text:ref-name",
          Bookmarks.of(heading.topic()));
      out.close();
      out.close();
    }
    out.close();
    out.close();
  }

  private void map() throws XMLStreamException, IOException {
    Plates.Drawn drawn = Plates.drawn(publication);
    String svg = keep(drawn.svg(), "svg");
    String png = keep(drawn.png(), "png");
    double[] size = Plates.onPage(drawn.width(), drawn.height());
    picture("The map: " + report.title(), size[0], size[1], svg, png);
    line("Caption", "The map: " + report.title());
  }

  private String keep(byte[] bytes, String ending) {
    String name = "Pictures/" + (pictures.size() + 1) + "." + ending;
    pictures.put(name, bytes);
    return name;
  }

  /** A picture in points; the first of several forms that the reader knows is shown. */
  private void picture(String alt, double width, double height, String... forms)
      throws XMLStreamException {
    out.open("text:p", "text:style-name", "Picture");
    out.open(
        "draw:frame",
        "text:anchor-type",
        "as-char",
        "svg:width",
        OdtXml.points(width),
        "svg:height",
        OdtXml.points(height));
    for (String form : forms) {
      out.open(
          "draw:image",
          "xlink:href",
          form,
          "xlink:type",
          "simple",
          "xlink:show",
          "embed",
          "xlink:actuate",
          "onLoad");
      out.close();
    }
    if (!alt.isBlank()) {
      out.open("svg:title");
      out.words(alt);
      out.close();
    }
    out.close();
    out.close();
  }

  private void write(Block block) throws XMLStreamException {
    if (block instanceof Block.Heading heading) {
      heading(heading);
    } else if (block instanceof Block.Paragraph paragraph) {
      paragraph(style(paragraph.kind()), paragraph.runs());
    } else if (block instanceof Block.Items items) {
      items(items);
    } else if (block instanceof Block.Quoted quoted) {
      for (Block within : quoted.blocks()) {
        if (within instanceof Block.Paragraph paragraph) {
          paragraph("Quoted", paragraph.runs());
        } else {
          write(within);
        }
      }
    } else if (block instanceof Block.Passage passage) {
      out.open("text:p", "text:style-name", "Quotations");
      out.words("\u201c" + passage.words() + "\u201d");
      boolean noted = passage.cited().stream().anyMatch(run -> !run.footnote().isEmpty());
      out.words(passage.cited().isEmpty() || noted ? "" : " ");
      runs(passage.cited());
      out.close();
    } else if (block instanceof Block.Figure figure) {
      byte[] png = publication.gallery().png(figure.image());
      if (png != null) {
        double[] size = Plates.onPage(figure.width(), figure.height());
        picture(figure.alt(), size[0], size[1], keep(png, "png"));
        if (!figure.alt().isBlank()) {
          line("Caption", figure.alt());
        }
      }
    }
  }

  private void heading(Block.Heading heading) throws XMLStreamException {
    String level = String.valueOf(Math.min(heading.level(), DEEPEST));
    out.open("text:h", "text:style-name", "Heading" + level, "text:outline-level", level);
    out.open("text:bookmark-start", "text:name", Bookmarks.of(heading.topic()));
    out.close();
    out.words(heading.named());
    out.open("text:bookmark-end", "text:name", Bookmarks.of(heading.topic()));
    out.close();
    if (!heading.mark().isEmpty()) {
      out.open("text:span", "text:style-name", "Mark");
      out.words("  " + heading.mark());
      out.close();
    }
    out.close();
  }

  private static String style(Block.Kind kind) {
    return switch (kind) {
      case DEFINITION -> "Definition";
      case TAGS, MARK -> "Tags";
      case NOTE_HEADING -> "NoteHeading";
      default -> "TextBody";
    };
  }

  private void paragraph(String style, List<Block.Run> runs) throws XMLStreamException {
    out.open("text:p", "text:style-name", style);
    runs(runs);
    out.close();
  }

  private void items(Block.Items items) throws XMLStreamException {
    out.open("text:list", "text:style-name", items.ordered() ? "Numbered" : "Dotted");
    for (List<Block> item : items.items()) {
      out.open("text:list-item");
      for (Block block : item) {
        write(block);
      }
      out.close();
    }
    out.close();
  }

  private void runs(List<Block.Run> runs) throws XMLStreamException {
    for (Block.Run run : runs) {
      if (!run.footnote().isEmpty()) {
        footnote(run.footnote());
        continue;
      }
      boolean linked = run.address() != null;
      if (linked) {
        boolean own = run.address().startsWith("#");
        String to =
            own ? "#" + Bookmarks.of(UUID.fromString(run.address().substring(1))) : run.address();
        out.open("text:a", "xlink:type", "simple", "xlink:href", to);
      }
      String style = (run.bold() ? "Bold" : "") + (run.italic() ? "Italic" : "");
      if (!style.isEmpty()) {
        out.open("text:span", "text:style-name", style);
      }
      out.words(run.words());
      if (!style.isEmpty()) {
        out.close();
      }
      if (linked) {
        out.close();
      }
    }
  }

  private void footnote(List<Block.Run> said) throws XMLStreamException {
    String number = String.valueOf(++footnotes);
    out.open("text:note", "text:id", "ftn" + number, "text:note-class", "footnote");
    out.open("text:note-citation");
    out.words(number);
    out.close();
    out.open("text:note-body");
    paragraph("Footnote", said);
    out.close();
    out.close();
  }

  private void references() throws XMLStreamException {
    if (report.references().isEmpty()) {
      return;
    }
    out.open("text:h", "text:style-name", "Heading1", "text:outline-level", "1");
    out.words("References");
    out.close();
    for (Citing.Entry entry : report.references()) {
      out.open("text:p", "text:style-name", "Reference");
      if (!entry.label().isEmpty()) {
        out.words(entry.label());
        out.open("text:tab");
        out.close();
      }
      runs(entry.runs());
      out.close();
    }
  }
}
