package org.pergamena.formats.publish;

import java.io.OutputStream;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.pergamena.formats.text.XmlWords;

/** Writes the content of an OpenDocument text. */
final class OdtXml {
  private static final String BASE = "urn:oasis:names:tc:opendocument:xmlns:";

  /** The namespaces of ODF 1.3 by their usual prefixes. */
  static final Map<String, String> SPACES =
      new TreeMap<>(
          Map.of(
              "office", BASE + "office:1.0",
              "style", BASE + "style:1.0",
              "text", BASE + "text:1.0",
              "draw", BASE + "drawing:1.0",
              "fo", BASE + "xsl-fo-compatible:1.0",
              "svg", BASE + "svg-compatible:1.0",
              "xlink", "http://www.w3.org/1999/xlink"));

  private final XMLStreamWriter out;

  private OdtXml(XMLStreamWriter out) {
    this.out = out;
  }

  static OdtXml begin(OutputStream to) throws XMLStreamException {
    XMLStreamWriter writer = XMLOutputFactory.newFactory().createXMLStreamWriter(to, "UTF-8");
    writer.writeStartDocument("UTF-8", "1.0");
    OdtXml xml = new OdtXml(writer);
    xml.open("office:document-content");
    for (Map.Entry<String, String> space : SPACES.entrySet()) {
      writer.writeNamespace(space.getKey(), space.getValue());
    }
    xml.attribute("office:version", "1.3");
    xml.open("office:body");
    xml.open("office:text");
    return xml;
  }

  /** Opens an element, with names and values of attributes. */
  void open(String name, String... attributes) throws XMLStreamException {
    out.writeStartElement(prefix(name), local(name), SPACES.get(prefix(name)));
    for (int i = 0; i < attributes.length; i += 2) {
      attribute(attributes[i], attributes[i + 1]);
    }
  }

  private void attribute(String name, String value) throws XMLStreamException {
    out.writeAttribute(prefix(name), SPACES.get(prefix(name)), local(name), XmlWords.of(value));
  }

  private static String prefix(String name) {
    return name.substring(0, name.indexOf(':'));
  }

  private static String local(String name) {
    return name.substring(name.indexOf(':') + 1);
  }

  void close() throws XMLStreamException {
    out.writeEndElement();
  }

  /** Words; several blanks and line ends stand as elements, as XML would lose them. */
  void words(String words) throws XMLStreamException {
    String safe = XmlWords.of(words);
    int from = 0;
    for (int i = 0; i < safe.length(); i++) {
      char c = safe.charAt(i);
      boolean second = c == ' ' && i > 0 && safe.charAt(i - 1) == ' ';
      if (c == '\n' || c == '\t' || second) {
        out.writeCharacters(safe.substring(from, i));
        open(c == '\n' ? "text:line-break" : c == '\t' ? "text:tab" : "text:s");
        close();
        from = i + 1;
      }
    }
    out.writeCharacters(safe.substring(from));
  }

  void end() throws XMLStreamException {
    out.writeEndDocument();
    out.flush();
  }

  static String points(double length) {
    return String.format(Locale.ROOT, "%.1fpt", length);
  }
}
