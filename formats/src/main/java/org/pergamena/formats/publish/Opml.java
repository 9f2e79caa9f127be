package org.pergamena.formats.publish;

import java.io.OutputStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.source.Source;
import org.pergamena.formats.text.XmlWords;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/**
 * A map as an outline (OPML 2.0, D. Winer, 2007). What OPML has no place for stands in attributes
 * of a namespace of our own, as it allows; notes are in {@code _note}, as several programs read it.
 */
final class Opml {
  private static final String OWN = "urn:pergamena:opml:1";

  private final Publication publication;
  private final TopicMap map;
  private final Map<UUID, String> numbers;
  private final Map<UUID, List<CrossLink>> links;
  private final Document document;

  private Opml(Publication publication, Document document) {
    this.publication = publication;
    this.map = publication.map();
    this.numbers = Numbering.of(map);
    this.links = publication.leading();
    this.document = document;
  }

  static void write(Publication publication, OutputStream to) {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setNamespaceAware(true);
      Document document = factory.newDocumentBuilder().newDocument();
      new Opml(publication, document).fill();
      Transformer writer = TransformerFactory.newInstance().newTransformer();
      writer.setOutputProperty(OutputKeys.INDENT, "yes");
      writer.transform(new DOMSource(document), new StreamResult(to));
    } catch (ParserConfigurationException | TransformerException e) {
      throw new IllegalStateException("The outline cannot be written.", e);
    }
  }

  private void fill() {
    Element opml = document.createElement("opml");
    opml.setAttribute("version", "2.0");
    opml.setAttributeNS("http://www.w3.org/2000/xmlns/", "xmlns:pg", OWN);
    document.appendChild(opml);
    Element title = under(under(opml, "head"), "title");
    title.setTextContent(XmlWords.of(publication.title()));
    topic(map.root(), under(opml, "body"));
  }

  private Element under(Element parent, String name) {
    Element element = document.createElement(name);
    parent.appendChild(element);
    return element;
  }

  private Element line(Element parent, String words) {
    Element line = under(parent, "outline");
    line.setAttribute("text", XmlWords.of(words));
    return line;
  }

  private void topic(Topic topic, Element parent) {
    Element line = line(parent, topic.label());
    own(line, "id", topic.id().toString());
    own(line, "number", numbers.get(topic.id()));
    if (!topic.note().isBlank()) {
      line.setAttribute("_note", XmlWords.of(topic.note()));
    }
    own(line, "definition", topic.content().gloss().definition());
    own(line, "lead", topic.content().gloss().phrase());
    own(line, "tags", map.legend().words(topic));
    own(line, "mark", publication.mark(topic.id()));
    Trace trace = topic.content().gloss().trace();
    own(line, "reply", trace == null ? "" : trace.words());
    topic.evidence().forEach(evidence -> passage(evidence, line));
    for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
      String phrase = link.phrase().isEmpty() ? "" : link.phrase() + " ";
      Element to =
          line(
              line,
              phrase + link.manner().direction().arrow() + " " + map.topic(link.to()).label());
      own(to, "kind", "link");
      own(to, "to", link.to().toString());
      own(to, "phrase", link.phrase());
      own(to, "direction", link.manner().direction().name().toLowerCase(Locale.ROOT));
      own(to, "supposed", link.manner().supposed() ? "true" : "");
      own(to, "note", link.note());
      link.grounds().forEach(evidence -> passage(evidence, to));
    }
    map.children(topic).forEach(child -> topic(child, line));
  }

  private void passage(Evidence evidence, Element parent) {
    Element quote = line(parent, publication.quote(evidence));
    Source source = publication.source(evidence.passage().source());
    own(quote, "kind", "passage");
    own(quote, "exact", evidence.passage().exact());
    own(quote, "source", source == null ? "" : source.name());
    own(quote, "stance", evidence.stance().name().toLowerCase(Locale.ROOT));
  }

  private static void own(Element line, String name, String value) {
    if (!value.isBlank()) {
      line.setAttributeNS(OWN, "pg:" + name, XmlWords.of(value));
    }
  }
}
