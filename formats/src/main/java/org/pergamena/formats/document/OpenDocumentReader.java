package org.pergamena.formats.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

/**
 * Reads ODT and ODP (OASIS OpenDocument 1.3): headings, lists, tables, notes, slides with what
 * their speaker says, and pages where the writing program has put down where they break.
 */
final class OpenDocumentReader {
  private static final int MOST_BYTES = 120_000_000;

  private final SourceTextBuilder source = new SourceTextBuilder();
  private final StringBuilder words = new StringBuilder();
  private final List<String> notes = new ArrayList<>();
  private int page = 1;
  private int pageStart;
  private int contents;

  private OpenDocumentReader() {}

  static ReadSource read(byte[] bytes, SourceKind kind) throws IOException, UnreadableException {
    Document content = part(bytes, "content.xml");
    if (content == null) {
      throw new UnreadableException(
          "There is no text in the document: its content is missing. Save it anew and add it"
              + " again.");
    }
    if (content.select("office|body").isEmpty()) {
      throw new UnreadableException(
          "The document is locked with a password or damaged. Save it without a password and add"
              + " it again.");
    }
    OpenDocumentReader reader = new OpenDocumentReader();
    for (Element body : content.select("office|body > *")) {
      reader.walk(body);
    }
    if (kind == SourceKind.DOCUMENT) {
      reader.endPage();
    }
    List<Omission> omissions =
        reader.contents == 0
            ? List.of()
            : List.of(
                new Omission(
                    Omission.counted(reader.contents, "list", "lists") + " of contents", ""));
    return ReadSource.of(kind, facts(part(bytes, "meta.xml")), reader.source.build(), omissions);
  }

  private static Document part(byte[] bytes, String name) throws IOException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().equals(name)) {
          byte[] part = zip.readNBytes(MOST_BYTES);
          if (part.length == MOST_BYTES) {
            throw new IOException(name + " unpacks to more than " + MOST_BYTES + " bytes");
          }
          return Jsoup.parse(new String(part, StandardCharsets.UTF_8), "", Parser.xmlParser());
        }
      }
    }
    return null;
  }

  private static Facts facts(Document meta) {
    if (meta == null) {
      return Facts.NONE;
    }
    String author = meta.select("meta|initial-creator").text();
    return new Facts(
        meta.select("dc|title").text(),
        author.isBlank() ? meta.select("dc|creator").text() : author,
        meta.select("meta|creation-date").text());
  }

  private void walk(Element element) {
    for (Element child : element.children()) {
      switch (child.normalName()) {
        case "text:h" -> heading(child);
        case "text:p" -> paragraph(child, Block.Kind.PARAGRAPH);
        case "text:list-item", "text:list-header" -> item(child);
        case "table:table-row" -> row(child);
        case "draw:page" -> slide(child);
        case "text:table-of-content", "text:alphabetical-index" -> contents++;
        case "text:tracked-changes", "office:annotation", "presentation:notes", "office:forms" -> {}
        case "text:soft-page-break" -> turnPage();
        default -> walk(child);
      }
    }
  }

  private void heading(Element heading) {
    String level = heading.attr("text:outline-level");
    block(heading, Block.Kind.HEADING, level.matches("[1-9]") ? Integer.parseInt(level) : 1);
  }

  private void paragraph(Element paragraph, Block.Kind kind) {
    block(paragraph, kind, 0);
    paragraph.select("draw|text-box").forEach(this::walk);
  }

  private void item(Element item) {
    for (Element child : item.children()) {
      if (child.normalName().equals("text:p") || child.normalName().equals("text:h")) {
        paragraph(child, Block.Kind.ITEM);
      } else {
        walk(child);
      }
    }
  }

  private void row(Element row) {
    List<String> cells = row.select("> table|table-cell").eachText();
    source.block(Block.Kind.PARAGRAPH, 0, Rows.sentence(List.of(), cells));
  }

  private void slide(Element slide) {
    source.separate();
    int start = source.length();
    for (Element title : slide.select("> draw|frame[presentation:class=title]")) {
      source.block(Block.Kind.HEADING, 1, title.text());
      title.remove();
    }
    walk(slide);
    for (Element note :
        slide.select("> presentation|notes > draw|frame[presentation:class=notes]")) {
      source.block(Block.Kind.NOTE, 0, note.text());
    }
    source.page(start, page, "slide " + page);
    page++;
  }

  private void block(Element element, Block.Kind kind, int level) {
    words.setLength(0);
    collect(element);
    source.block(kind, level, words.toString().replaceAll("[\\s\u00a0]+", " "));
    notes.forEach(note -> source.block(Block.Kind.FOOTNOTE, 0, note));
    notes.clear();
  }

  private void collect(Element element) {
    for (Node node : element.childNodes()) {
      if (node instanceof TextNode text) {
        words.append(text.getWholeText());
      } else if (node instanceof Element child) {
        switch (child.normalName()) {
          case "text:s", "text:tab", "text:line-break" -> words.append(' ');
          case "text:note" -> notes.add(child.select("text|note-body").text());
          case "text:soft-page-break" -> turnPage();
          case "office:annotation", "draw:text-box" -> {}
          default -> collect(child);
        }
      }
    }
  }

  /** A page that breaks within a paragraph begins, for us, with the next one. */
  private void turnPage() {
    endPage();
    page++;
    source.separate();
    pageStart = source.length();
  }

  private void endPage() {
    source.page(pageStart, page, String.valueOf(page));
  }
}
