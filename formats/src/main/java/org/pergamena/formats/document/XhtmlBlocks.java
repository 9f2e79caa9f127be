package org.pergamena.formats.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.xml.sax.Attributes;
import org.xml.sax.helpers.DefaultHandler;

/**
 * Collects blocks from the XHTML events in which Tika gives every document: headings, paragraphs,
 * list items, rows of tables, slides.
 */
final class XhtmlBlocks extends DefaultHandler {
  private static final Set<String> SKIPPED = Set.of("script", "style", "head", "title");
  private static final Set<String> CLOSING =
      Set.of("p", "div", "br", "ul", "ol", "table", "section", "blockquote", "body");

  private final boolean named;
  private final SourceTextBuilder source = new SourceTextBuilder();
  private final StringBuilder words = new StringBuilder();
  private final List<String> cells = new ArrayList<>();
  private List<String> header = List.of();
  private int skipping;
  private int heading;
  private int lists;
  private int slide;
  private int slideStart;
  private boolean row;

  /**
   * @param named whether the first row of a table names its columns
   */
  XhtmlBlocks(boolean named) {
    this.named = named;
  }

  SourceText text() {
    flush();
    endSlide();
    return source.build();
  }

  @Override
  public void startElement(String uri, String name, String qualified, Attributes attributes) {
    String tag = name.toLowerCase(Locale.ROOT);
    String kind = String.valueOf(attributes.getValue("class"));
    if (SKIPPED.contains(tag)) {
      skipping++;
    } else if (tag.matches("h[1-6]")) {
      flush();
      heading = tag.charAt(1) - '0';
    } else if (tag.equals("li")) {
      flush();
      lists++;
    } else if (tag.equals("table")) {
      flush();
      header = List.of();
    } else if (tag.equals("tr")) {
      flush();
      cells.clear();
      row = true;
    } else if (CLOSING.contains(tag) && !row) {
      flush();
    }
    if (kind.equals("slide-content")) {
      endSlide();
      slide++;
      source.separate();
      slideStart = source.length();
    }
  }

  @Override
  public void endElement(String uri, String name, String qualified) {
    String tag = name.toLowerCase(Locale.ROOT);
    if (SKIPPED.contains(tag)) {
      skipping--;
    } else if (tag.equals("td") || tag.equals("th")) {
      cells.add(words.toString().replaceAll("[\\s\u00a0]+", " ").strip());
      words.setLength(0);
    } else if (tag.equals("tr")) {
      endRow();
    } else if (tag.matches("h[1-6]")) {
      flush();
      heading = 0;
    } else if (tag.equals("li")) {
      flush();
      lists = Math.max(0, lists - 1);
    } else if (CLOSING.contains(tag) && !row) {
      flush();
    } else if (row && tag.equals("p")) {
      words.append(' ');
    }
  }

  @Override
  public void characters(char[] characters, int start, int length) {
    if (skipping == 0) {
      words.append(characters, start, length);
    }
  }

  @Override
  public void ignorableWhitespace(char[] characters, int start, int length) {
    words.append(' ');
  }

  private void endRow() {
    row = false;
    words.setLength(0);
    if (named && header.isEmpty()) {
      header = List.copyOf(cells);
      return;
    }
    source.block(Block.Kind.PARAGRAPH, 0, Rows.sentence(header, cells));
  }

  private void flush() {
    String text = words.toString().replaceAll("[\\s\u00a0]+", " ").strip();
    words.setLength(0);
    Block.Kind kind =
        heading > 0 ? Block.Kind.HEADING : lists > 0 ? Block.Kind.ITEM : Block.Kind.PARAGRAPH;
    source.block(kind, heading, text);
  }

  private void endSlide() {
    if (slide > 0) {
      flush();
      source.page(slideStart, slide, "slide " + slide);
    }
  }
}
