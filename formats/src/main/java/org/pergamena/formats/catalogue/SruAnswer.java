package org.pergamena.formats.catalogue;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.reference.Reference;
import org.pergamena.formats.text.SafeXml;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/**
 * What a catalogue answered (SRU 1.2 and 2.0).
 *
 * @param total number of works that were found
 * @param works those that were sent; records of another schema are left out
 */
public record SruAnswer(int total, List<Reference> works) {
  public SruAnswer {
    works = List.copyOf(works);
  }

  /** What a catalogue says against a question, or that its answer cannot be understood. */
  public static final class UnclearException extends Exception {
    private static final long serialVersionUID = 1;

    UnclearException(String sentence, Throwable cause) {
      super(sentence, cause);
    }
  }

  /**
   * Reads an answer.
   *
   * @throws UnclearException with a sentence for the person
   */
  public static SruAnswer read(byte[] xml) throws UnclearException {
    Element root = parse(xml).getDocumentElement();
    String said = first(root, "message") + first(root, "details");
    NodeList records = root.getElementsByTagNameNS("*", "recordData");
    if (!"searchRetrieveResponse".equals(root.getLocalName())) {
      throw new UnclearException("The catalogue's answer is none of SRU.", null);
    }
    if (records.getLength() == 0 && !said.isEmpty()) {
      String message = first(root, "message");
      throw new UnclearException(
          "The catalogue says: " + (message.isEmpty() ? said : message) + ".", null);
    }
    List<Reference> works = new ArrayList<>();
    for (int i = 0; i < records.getLength(); i++) {
      Element record = record((Element) records.item(i));
      if (record != null && "record".equals(record.getLocalName())) {
        works.add(MarcXml.read(record));
      } else if (record != null && "dc".equals(record.getLocalName())) {
        works.add(DublinCore.read(record));
      }
    }
    return new SruAnswer(number(first(root, "numberOfRecords"), works.size()), works);
  }

  private static int number(String words, int otherwise) {
    return words.matches("\\d{1,9}") ? Integer.parseInt(words) : otherwise;
  }

  /** A record stands there as it is, or packed as a string. */
  private static Element record(Element data) throws UnclearException {
    for (Node node = data.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        return element;
      }
    }
    String packed = data.getTextContent().strip();
    return packed.startsWith("<")
        ? parse(packed.getBytes(java.nio.charset.StandardCharsets.UTF_8)).getDocumentElement()
        : null;
  }

  static String first(Element parent, String name) {
    NodeList all = parent.getElementsByTagNameNS("*", name);
    return all.getLength() == 0 ? "" : all.item(0).getTextContent().strip();
  }

  private static Document parse(byte[] xml) throws UnclearException {
    try {
      return SafeXml.parse(xml);
    } catch (SAXException e) {
      throw new UnclearException("The catalogue's answer cannot be read as XML.", e);
    }
  }
}
