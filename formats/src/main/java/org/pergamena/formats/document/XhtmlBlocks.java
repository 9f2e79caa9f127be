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
 * list items, rows of tables, slides. A list of nothing but links is a table of contents and left
 * out.
 */
final class XhtmlBlocks extends DefaultHandler {
  private static final Set<String> SKIPPED = Set.of("script", "style", "head", "title", "nav");
  private static final Set<String> CLOSING =
      Set.of("p", "div", "br", "ul", "ol", "table", "section", "blockquote", "body");
  private static final double LINKED = 0.9;
  private static final int LEAST_LINKS = 3;

  private final boolean sheets;
  private final SourceTextBuilder source = new SourceTextBuilder();
  private final StringBuilder words = new StringBuilder();
  private final List<String> cells = new ArrayList<>();
  private final List<String> items = new ArrayList<>();
  private List<String> header = List.of();
  private int rowNumber;
  private int skipping;
  private int heading;
  private int lists;
  private int links;
  private int linked;
  private int slide;
  private int slideStart;
  private boolean row;
  private int contents;

  /**
   * @param sheets whether the document is made of sheets, whose first rows name their columns
   */
  XhtmlBlocks(boolean sheets) {
    this.sheets = sheets;
  }

  SourceText text() {
    flush();
    endSlide();
    return source.build();
  }

  /** How many entries of tables of contents were left out. */
  int contents() {
    return contents;
  }

  @Override
  public void startElement(String uri, String name, String qualified, Attributes attributes) {
    String tag = name.toLowerCase(Locale.ROOT);
    if (SKIPPED.contains(tag)) {
      skipping++;
    } else if (tag.matches("h[1-6]")) {
      flush();
      heading = tag.charAt(1) - '0';
    } else if (tag.equals("ul") || tag.equals("ol")) {
      flush();
      lists++;
    } else if (tag.equals("a") && attributes.getValue("href") != null) {
      links++;
    } else if (tag.equals("li")) {
      flush();
    } else if (tag.equals("table")) {
      flush();
      header = List.of();
      rowNumber = 0;
    } else if (tag.equals("tr")) {
      flush();
      cells.clear();
      row = true;
    } else if (CLOSING.contains(tag) && !row) {
      flush();
    }
    if ("slide-content".equals(attributes.getValue("class"))) {
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
    } else if (tag.equals("ul") || tag.equals("ol")) {
      flush();
      lists = Math.max(0, lists - 1);
      endLists();
    } else if (tag.equals("a")) {
      links = Math.max(0, links - 1);
    } else if (tag.equals("li") || CLOSING.contains(tag) && !row) {
      flush();
    } else if (row && tag.equals("p")) {
      words.append(' ');
    }
  }

  @Override
  public void characters(char[] characters, int start, int length) {
    if (skipping == 0) {
      words.append(characters, start, length);
      linked += links > 0 && lists > 0 ? new String(characters, start, length).strip().length() : 0;
    }
  }

  @Override
  public void ignorableWhitespace(char[] characters, int start, int length) {
    words.append(' ');
  }

  private void endRow() {
    row = false;
    words.setLength(0);
    rowNumber++;
    if (sheets && header.isEmpty()) {
      header = List.copyOf(cells);
      return;
    }
    String sentence = Rows.sentence(header, cells);
    if (sheets) {
      source.block(Block.Kind.PARAGRAPH, 0, sentence, "row " + rowNumber);
    } else {
      source.block(Block.Kind.PARAGRAPH, 0, sentence);
    }
  }

  private void flush() {
    String text = words.toString().replaceAll("[\\s\u00a0]+", " ").strip();
    words.setLength(0);
    if (lists > 0 && heading == 0) {
      if (!text.isEmpty()) {
        items.add(text);
      }
    } else if (!sheets || heading > 0) {
      source.block(heading > 0 ? Block.Kind.HEADING : Block.Kind.PARAGRAPH, heading, text);
    }
  }

  private void endLists() {
    if (lists > 0) {
      return;
    }
    int letters = items.stream().mapToInt(String::length).sum();
    if (items.size() >= LEAST_LINKS && linked >= LINKED * letters) {
      contents += items.size();
    } else {
      items.forEach(item -> source.block(Block.Kind.ITEM, 0, item));
    }
    items.clear();
    linked = 0;
  }

  private void endSlide() {
    if (slide > 0) {
      flush();
      source.page(slideStart, slide, "slide " + slide);
    }
  }
}
