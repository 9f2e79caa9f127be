package org.pergamena.formats.publish;

import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * A map as an outline (OPML 2.0, D. Winer, 2007). What OPML has no place for stands in attributes
 * of a namespace of our own, as it allows; notes are in {@code _note}, as several programs read it.
 */
final class Opml {
  private static final String OWN = "urn:pergamena:opml:1";

  private final Publication publication;
  private final TopicMap map;
  private final XMLStreamWriter out;

  private Opml(Publication publication, XMLStreamWriter out) {
    this.publication = publication;
    this.map = publication.map();
    this.out = out;
  }

  static void write(Publication publication, OutputStream to) {
    try {
      XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(to, "UTF-8");
      new Opml(publication, out).write();
      out.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("The outline cannot be written.", e);
    }
  }

  private void write() throws XMLStreamException {
    out.writeStartDocument("UTF-8", "1.0");
    out.writeStartElement("opml");
    out.writeAttribute("version", "2.0");
    out.writeNamespace("pg", OWN);
    out.writeStartElement("head");
    out.writeStartElement("title");
    out.writeCharacters(publication.title());
    out.writeEndElement();
    out.writeEndElement();
    out.writeStartElement("body");
    var numbers = Numbering.of(map);
    topic(map.root(), numbers);
    out.writeEndElement();
    out.writeEndElement();
    out.writeEndDocument();
  }

  private void topic(Topic topic, java.util.Map<java.util.UUID, String> numbers)
      throws XMLStreamException {
    out.writeStartElement("outline");
    out.writeAttribute("text", topic.label());
    out.writeAttribute("pg", OWN, "id", topic.id().toString());
    attribute("number", numbers.get(topic.id()));
    if (!topic.note().isBlank()) {
      out.writeAttribute("_note", topic.note());
    }
    attribute("definition", topic.content().gloss().definition());
    attribute("lead", topic.content().gloss().phrase());
    attribute("tags", String.join(", ", tags(topic)));
    attribute("mark", publication.mark(topic.id()));
    for (Evidence evidence : topic.evidence()) {
      out.writeEmptyElement("outline");
      out.writeAttribute("text", publication.quote(evidence));
      attribute("kind", "passage");
    }
    for (CrossLink link : map.links()) {
      if (link.from().equals(topic.id())) {
        out.writeEmptyElement("outline");
        String phrase = link.phrase().isEmpty() ? "" : link.phrase() + " ";
        out.writeAttribute("text", phrase + "\u2192 " + map.topic(link.to()).label());
        attribute("kind", "link");
        attribute("to", link.to().toString());
      }
    }
    for (Topic child : map.children(topic)) {
      topic(child, numbers);
    }
    out.writeEndElement();
  }

  private List<String> tags(Topic topic) {
    List<String> words = new ArrayList<>();
    topic
        .content()
        .gloss()
        .tags()
        .forEach(id -> map.legend().tag(id).ifPresent(tag -> words.add(tag.word())));
    return words;
  }

  private void attribute(String name, String value) throws XMLStreamException {
    if (!value.isBlank()) {
      out.writeAttribute("pg", OWN, name, value);
    }
  }
}
