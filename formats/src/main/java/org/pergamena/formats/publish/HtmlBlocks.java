package org.pergamena.formats.publish;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import org.apache.commons.text.StringEscapeUtils;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.text.XmlWords;

/** Pieces of a report as well-formed HTML, with footnotes gathered for the end. */
final class HtmlBlocks {
  private static final List<String> SAFE = List.of("http://", "https://", "mailto:");

  private final Gallery gallery;
  private final boolean paged;
  private final List<List<Block.Run>> footnotes = new ArrayList<>();

  private HtmlBlocks(Gallery gallery, boolean paged) {
    this.gallery = gallery;
    this.paged = paged;
  }

  /** For a page in a browser: footnotes stand together at its end. */
  static HtmlBlocks scrolled(Gallery gallery) {
    return new HtmlBlocks(gallery, false);
  }

  /** For pages of paper: footnotes stand at the foot of their pages, pictures are PNG. */
  static HtmlBlocks paged(Gallery gallery) {
    return new HtmlBlocks(gallery, true);
  }

  static String escaped(String words) {
    return StringEscapeUtils.escapeXml11(XmlWords.of(words));
  }

  /** A block; headings are not written here. */
  String of(Block block) {
    StringBuilder out = new StringBuilder();
    write(block, out);
    return out.toString();
  }

  private void write(Block block, StringBuilder out) {
    if (block instanceof Block.Paragraph paragraph) {
      String kind = paragraph.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
      out.append("<p class=\"").append(kind).append("\">");
      out.append(runs(paragraph.runs())).append("</p>\n");
    } else if (block instanceof Block.Items items) {
      String list = items.ordered() ? "ol" : "ul";
      out.append('<').append(list).append(" class=\"note\">\n");
      for (List<Block> item : items.items()) {
        out.append("<li>");
        item.forEach(within -> write(within, out));
        out.append("</li>\n");
      }
      out.append("</").append(list).append(">\n");
    } else if (block instanceof Block.Quoted quoted) {
      out.append("<blockquote class=\"note\">\n");
      quoted.blocks().forEach(within -> write(within, out));
      out.append("</blockquote>\n");
    } else if (block instanceof Block.Passage passage) {
      out.append("<blockquote><p>\u201c").append(escaped(passage.words())).append("\u201d");
      if (!passage.cited().isEmpty()) {
        boolean noted = !passage.cited().get(0).footnote().isEmpty();
        out.append(noted ? "" : " <cite>").append(runs(passage.cited()));
        out.append(noted ? "" : "</cite>");
      }
      out.append("</p></blockquote>\n");
    } else if (block instanceof Block.Figure figure) {
      figure(figure, out);
    }
  }

  private void figure(Block.Figure figure, StringBuilder out) {
    Gallery.Embedded image = gallery.embedded(figure.image());
    if (image != null && paged) {
      byte[] png = gallery.png(figure.image());
      image = png == null ? null : new Gallery.Embedded("image/png", png);
    }
    if (image != null) {
      String alt = escaped(figure.alt());
      out.append("<figure><img alt=\"").append(alt).append("\" width=\"");
      out.append(Math.round(figure.width())).append("\" height=\"");
      out.append(Math.round(figure.height())).append("\" src=\"data:").append(image.type());
      out.append(";base64,").append(Base64.getEncoder().encodeToString(image.bytes()));
      out.append("\"/>").append(alt.isEmpty() ? "" : "<figcaption>" + alt + "</figcaption>");
      out.append("</figure>\n");
    }
  }

  String runs(List<Block.Run> runs) {
    StringBuilder line = new StringBuilder();
    for (Block.Run run : runs) {
      if (!run.footnote().isEmpty() && paged) {
        line.append("<span class=\"fn\">").append(runs(run.footnote())).append("</span>");
        continue;
      } else if (!run.footnote().isEmpty()) {
        footnotes.add(run.footnote());
        int number = footnotes.size();
        line.append("<sup id=\"r").append(number).append("\"><a href=\"#n").append(number);
        line.append("\">").append(number).append("</a></sup>");
        continue;
      }
      String words = escaped(run.words()).replace("\n", "<br/>");
      words = run.bold() ? "<strong>" + words + "</strong>" : words;
      words = run.italic() ? "<em>" + words + "</em>" : words;
      line.append(linked(run.address(), words));
    }
    return line.toString();
  }

  private static String linked(String address, String words) {
    if (address != null && address.startsWith("#")) {
      return "<a href=\"#o" + address.substring(1) + "\">" + words + "</a>";
    }
    boolean safe =
        address != null && SAFE.stream().anyMatch(address.toLowerCase(Locale.ROOT)::startsWith);
    return safe ? "<a href=\"" + escaped(address) + "\">" + words + "</a>" : words;
  }

  /** The footnotes so far; empty without any. */
  String footnotes() {
    if (footnotes.isEmpty()) {
      return "";
    }
    StringBuilder out = new StringBuilder("<h2>Notes</h2>\n<ol class=\"footnotes\">\n");
    for (int i = 0; i < footnotes.size(); i++) {
      int number = i + 1;
      out.append("<li id=\"n").append(number).append("\">").append(runs(footnotes.get(i)));
      out.append(" <a href=\"#r").append(number).append("\" title=\"back to note ");
      out.append(number).append(" in the text\">\u2191</a></li>\n");
    }
    return out.append("</ol>\n").toString();
  }

  /** The list of references; empty without any. */
  String references(List<Citing.Entry> entries) {
    if (entries.isEmpty()) {
      return "";
    }
    StringBuilder out = new StringBuilder("<h2>References</h2>\n<ul class=\"references\">\n");
    for (Citing.Entry entry : entries) {
      out.append("<li>");
      out.append(entry.label().isEmpty() ? "" : "<b>" + escaped(entry.label()) + "</b> ");
      out.append(runs(entry.runs())).append("</li>\n");
    }
    return out.append("</ul>\n").toString();
  }
}
