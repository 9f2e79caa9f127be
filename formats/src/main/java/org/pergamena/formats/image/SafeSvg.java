package org.pergamena.formats.image;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.pergamena.formats.read.UnreadableException;

/**
 * Keeps of an SVG what draws: shapes, words, colours. Scripts, links, pages within it, animation
 * and everything that asks for an address go.
 */
final class SafeSvg {
  private static final String SVG = "http://www.w3.org/2000/svg";
  private static final String XLINK = "http://www.w3.org/1999/xlink";
  private static final Set<String> DRAWING =
      Set.of(
          "svg",
          "g",
          "defs",
          "symbol",
          "use",
          "path",
          "rect",
          "circle",
          "ellipse",
          "line",
          "polyline",
          "polygon",
          "text",
          "tspan",
          "textPath",
          "title",
          "desc",
          "style",
          "switch",
          "linearGradient",
          "radialGradient",
          "stop",
          "clipPath",
          "mask",
          "pattern",
          "marker",
          "image",
          "a");

  private SafeSvg() {}

  static byte[] of(byte[] bytes) throws UnreadableException {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      XMLStreamReader in = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      XMLStreamWriter writer = XMLOutputFactory.newFactory().createXMLStreamWriter(out, "UTF-8");
      writer.setDefaultNamespace(SVG);
      copy(in, writer);
      writer.flush();
    } catch (XMLStreamException e) {
      int line = e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNumber());
      throw new UnreadableException(
          "This SVG is damaged at line " + line + ". Save it again, or save it as PNG.", e);
    }
    return out.toByteArray();
  }

  private static void copy(XMLStreamReader in, XMLStreamWriter out) throws XMLStreamException {
    int left = 0;
    boolean root = true;
    boolean style = false;
    while (in.hasNext()) {
      int event = in.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        boolean kept = left == 0 && draws(in);
        left += kept ? 0 : 1;
        if (kept) {
          style = in.getLocalName().equals("style");
          out.writeStartElement(SVG, in.getLocalName());
          if (root) {
            out.writeDefaultNamespace(SVG);
            out.writeNamespace("xlink", XLINK);
            root = false;
          }
          attributes(in, out);
        }
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        if (left > 0) {
          left--;
        } else {
          out.writeEndElement();
        }
        style = false;
      } else if (left == 0 && !root && in.hasText() && event != XMLStreamConstants.COMMENT) {
        String words = in.getText();
        out.writeCharacters(style && asks(words) ? "" : words);
      }
    }
  }

  private static boolean draws(XMLStreamReader in) {
    boolean svg = in.getNamespaceURI() == null || in.getNamespaceURI().equals(SVG);
    if (!svg || !DRAWING.contains(in.getLocalName())) {
      return false;
    }
    return !in.getLocalName().equals("image") || embedded(href(in));
  }

  private static String href(XMLStreamReader in) {
    String plain = in.getAttributeValue(null, "href");
    return plain == null ? in.getAttributeValue(XLINK, "href") : plain;
  }

  private static boolean embedded(String href) {
    return href != null
        && href.strip().toLowerCase(Locale.ROOT).matches("(?s)data:image/(png|jpeg|gif);base64,.*");
  }

  private static void attributes(XMLStreamReader in, XMLStreamWriter out)
      throws XMLStreamException {
    for (int i = 0; i < in.getAttributeCount(); i++) {
      String space = in.getAttributeNamespace(i);
      String name = in.getAttributeLocalName(i);
      String value = in.getAttributeValue(i);
      boolean plain = space == null || space.isEmpty();
      boolean href = name.equals("href") && (plain || XLINK.equals(space));
      if (href && (value.strip().startsWith("#") || embedded(value))) {
        out.writeAttribute("xlink", XLINK, "href", value.strip());
      } else if (plain && !href && !name.toLowerCase(Locale.ROOT).startsWith("on")) {
        if (!asks(value)) {
          out.writeAttribute(name, value);
        }
      }
    }
  }

  /** Whether a style or an attribute asks for an address outside the drawing, or may run. */
  private static boolean asks(String value) {
    String lower = value.toLowerCase(Locale.ROOT).replaceAll("\\s+", "");
    return lower.contains("\\") // a letter may be written so
        || lower.contains("@import")
        || lower.contains("javascript:")
        || lower.contains("expression(")
        || lower.replaceAll("url\\([\"']?#", "").contains("url(");
  }
}
