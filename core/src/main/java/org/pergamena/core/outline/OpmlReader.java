package org.pergamena.core.outline;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.pergamena.core.outline.Outline.Item;
import org.pergamena.core.outline.Outline.Repair;

/** Reads OPML 2.0. Entities are not expanded and nothing is fetched. */
final class OpmlReader {
  private final List<Item> items = new ArrayList<>();
  private final List<Repair> repairs = new ArrayList<>();
  private String title;
  private int line = 1;

  private OpmlReader() {}

  static Outline read(String xml) {
    OpmlReader reader = new OpmlReader();
    try {
      reader.walk(xml);
    } catch (XMLStreamException e) {
      int at = e.getLocation() == null ? reader.line : e.getLocation().getLineNumber();
      reader.repairs.add(
          new Repair(
              Math.max(1, at), "an element is not closed or not well-formed, read up to here"));
    }
    return new Outline(reader.title, reader.items, reader.repairs);
  }

  private void walk(String xml) throws XMLStreamException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    XMLStreamReader in = factory.createXMLStreamReader(new StringReader(xml));
    int level = 0;
    int skipped = 0;
    while (in.hasNext()) {
      int event = in.next();
      line = in.getLocation().getLineNumber();
      if (event == XMLStreamConstants.START_ELEMENT && in.getLocalName().equals("title")) {
        String given = in.getElementText().strip();
        title = given.isEmpty() || given.length() > 300 ? null : given;
      } else if (event == XMLStreamConstants.START_ELEMENT && in.getLocalName().equals("outline")) {
        if (skipped > 0 || !item(in, level + 1)) {
          skipped++;
        } else {
          level++;
        }
      } else if (event == XMLStreamConstants.END_ELEMENT && in.getLocalName().equals("outline")) {
        if (skipped > 0) {
          skipped--;
        } else {
          level--;
        }
      }
    }
  }

  private boolean item(XMLStreamReader in, int level) {
    String text = value(in, "text").isEmpty() ? value(in, "title") : value(in, "text");
    String plain = text.replaceAll("<[^<>]*>", " ").replaceAll("\\s+", " ").strip();
    if (plain.isEmpty()) {
      repairs.add(new Repair(line, "a topic without words, left out with what is below it"));
      return false;
    }
    LongLabel label = LongLabel.of(plain);
    label.repair(line).ifPresent(repairs::add);
    StringBuilder note = new StringBuilder(label.rest()).append(value(in, "_note"));
    for (String link : List.of("url", "htmlUrl", "xmlUrl")) {
      note.append(value(in, link).isEmpty() ? "" : "\n" + value(in, link));
    }
    items.add(new Item(line, level, label.label(), note.toString().strip()));
    return true;
  }

  private static String value(XMLStreamReader in, String name) {
    String value = in.getAttributeValue(null, name);
    return value == null ? "" : value.strip();
  }
}
