package org.pergamena.formats.publish;

import java.io.OutputStream;
import java.util.Map;
import java.util.UUID;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.text.XmlWords;

/**
 * A map as a graph (GraphML, Brandes and others, 2002): a node a topic, an edge for each line of
 * the tree and each cross-link.
 */
final class GraphMl {
  private static final String SPACE = "http://graphml.graphdrawing.org/xmlns";

  private final Publication publication;
  private final TopicMap map;
  private final XMLStreamWriter out;

  private GraphMl(Publication publication, XMLStreamWriter out) {
    this.publication = publication;
    this.map = publication.map();
    this.out = out;
  }

  static void write(Publication publication, OutputStream to) {
    try {
      XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(to, "UTF-8");
      new GraphMl(publication, out).write();
      out.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("The graph cannot be written.", e);
    }
  }

  private void write() throws XMLStreamException {
    out.writeStartDocument("UTF-8", "1.0");
    out.writeStartElement("graphml");
    out.writeDefaultNamespace(SPACE);
    for (String name : new String[] {"label", "number", "note", "mark"}) {
      key(name, "node", "string");
    }
    key("passages", "node", "int");
    key("phrase", "edge", "string");
    key("kind", "edge", "string");
    key("supposed", "edge", "boolean");
    out.writeStartElement("graph");
    out.writeAttribute("id", "map");
    out.writeAttribute("edgedefault", "directed");
    Map<UUID, String> numbers = Numbering.of(map);
    for (Topic topic : map.preorder()) {
      out.writeStartElement("node");
      out.writeAttribute("id", "t" + topic.id());
      data("label", topic.label());
      data("number", numbers.get(topic.id()));
      data("note", topic.note());
      data("mark", publication.mark(topic.id()));
      data("passages", String.valueOf(topic.evidence().size()));
      out.writeEndElement();
    }
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null) {
        edge(topic.parent(), topic.id(), true, topic.content().gloss().phrase(), "tree", false);
      }
    }
    for (CrossLink link : map.links()) {
      boolean directed = link.manner().direction() == org.pergamena.core.map.Manner.Direction.ONE;
      edge(link.from(), link.to(), directed, link.phrase(), "link", link.manner().supposed());
    }
    out.writeEndElement();
    out.writeEndElement();
    out.writeEndDocument();
  }

  private void key(String name, String owner, String type) throws XMLStreamException {
    out.writeEmptyElement("key");
    out.writeAttribute("id", name);
    out.writeAttribute("for", owner);
    out.writeAttribute("attr.name", name);
    out.writeAttribute("attr.type", type);
  }

  private void edge(
      UUID from, UUID to, boolean directed, String phrase, String kind, boolean supposed)
      throws XMLStreamException {
    out.writeStartElement("edge");
    out.writeAttribute("source", "t" + from);
    out.writeAttribute("target", "t" + to);
    out.writeAttribute("directed", String.valueOf(directed));
    data("phrase", phrase);
    data("kind", kind);
    if (supposed) {
      data("supposed", "true");
    }
    out.writeEndElement();
  }

  private void data(String key, String value) throws XMLStreamException {
    if (!value.isBlank()) {
      out.writeStartElement("data");
      out.writeAttribute("key", key);
      out.writeCharacters(XmlWords.of(value));
      out.writeEndElement();
    }
  }
}
