package org.pergamena.formats.citation;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pergamena.formats.text.SafeXml;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.SAXException;

/**
 * A style of citing (CSL 1.0.2).
 *
 * @param key of one that ships, or {@value #OWN}
 * @param xml as it stands in its file
 * @param inNotes whether its citations are footnotes
 */
public record Style(String key, String title, String xml, boolean inNotes) {
  /** The key of a style that a person brought. */
  public static final String OWN = "own";

  /** The key of the style where none was chosen. */
  public static final String USUAL = "apa";

  private static final int LONGEST = 1_000_000;
  private static final String CSL = "http://purl.org/net/xbiblio/csl";

  /** Keys and names of those at hand, with the files that they stand in. */
  private static final Map<String, List<String>> AT_HAND = atHand();

  private static Map<String, List<String>> atHand() {
    Map<String, List<String>> styles = new LinkedHashMap<>();
    styles.put("apa", List.of("APA (author and date)", "apa"));
    styles.put("mla", List.of("MLA (author and page)", "modern-language-association"));
    styles.put(
        "chicago-date", List.of("Chicago, author and date", "chicago-author-date-17th-edition"));
    styles.put(
        "chicago-notes", List.of("Chicago, notes", "chicago-notes-bibliography-17th-edition"));
    styles.put("harvard", List.of("Harvard", "harvard-cite-them-right"));
    styles.put("vancouver", List.of("Vancouver", "nlm-citation-sequence"));
    styles.put("ieee", List.of("IEEE", "ieee"));
    styles.put("iso690", List.of("ISO 690, author and date", "iso690-author-date-en"));
    styles.put("iso690-number", List.of("ISO 690, numbers", "iso690-numeric-en"));
    return styles;
  }

  /** A style and what it is called. */
  public record Named(String key, String title) {}

  /** Those at hand, in the order in which they are offered. */
  public static List<Named> all() {
    return AT_HAND.entrySet().stream()
        .map(style -> new Named(style.getKey(), style.getValue().get(0)))
        .toList();
  }

  /** One that ships. */
  public static Optional<Style> of(String key) {
    List<String> known = AT_HAND.get(key);
    if (known == null) {
      return Optional.empty();
    }
    try (InputStream in = Style.class.getResourceAsStream("/" + known.get(1) + ".csl")) {
      String xml = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return Optional.of(new Style(key, known.get(0), xml, notes(parse(xml))));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * One that ships, or one of a person's own that came with a map; empty if it is neither.
   *
   * @param own the text of one's own, or null
   */
  public static Optional<Style> of(String key, String own) {
    if (!OWN.equals(key) || own == null) {
      return key == null ? Optional.empty() : of(key);
    }
    try {
      return Optional.of(own(own));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /**
   * One that a person brings.
   *
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  public static Style own(String xml) {
    if (xml.length() > LONGEST) {
      throw new IllegalArgumentException("The style is longer than a style can be (1 MB).");
    }
    Document document = parse(xml);
    Element root = document.getDocumentElement();
    if (!"style".equals(root.getLocalName()) || !CSL.equals(root.getNamespaceURI())) {
      throw new IllegalArgumentException(
          "This is no citation style. Bring a .csl file (Citation Style Language 1.0).");
    }
    if (root.getElementsByTagNameNS(CSL, "citation").getLength() == 0) {
      String parent = parent(root);
      throw new IllegalArgumentException(
          "This style only points to another"
              + (parent.isEmpty() ? "" : " (" + parent + ")")
              + ". Bring that one.");
    }
    Style style = kept(xml);
    try {
      new Citer(style, "en", Map.of()).word(List.of());
    } catch (RuntimeException e) {
      throw new IllegalArgumentException(
          "This style cannot be used: " + e.getMessage() + " Bring another.", e);
    }
    return style;
  }

  /** One that a person brought before. */
  public static Style kept(String xml) {
    Document document = parse(xml);
    var titles = document.getDocumentElement().getElementsByTagNameNS(CSL, "title");
    String title = titles.getLength() == 0 ? "" : titles.item(0).getTextContent().strip();
    return new Style(OWN, title.isEmpty() ? "Own style" : title, xml, notes(document));
  }

  private static String parent(Element root) {
    var links = root.getElementsByTagNameNS(CSL, "link");
    for (int i = 0; i < links.getLength(); i++) {
      Element link = (Element) links.item(i);
      if ("independent-parent".equals(link.getAttribute("rel"))) {
        String href = link.getAttribute("href");
        return href.substring(href.lastIndexOf('/') + 1);
      }
    }
    return "";
  }

  private static boolean notes(Document document) {
    return "note".equals(document.getDocumentElement().getAttribute("class"));
  }

  /** A style as a tree. */
  static Document parse(String xml) {
    try {
      return SafeXml.parse(xml.getBytes(StandardCharsets.UTF_8));
    } catch (SAXException e) {
      throw new IllegalArgumentException(
          "This is no citation style, as it is no XML: " + e.getMessage(), e);
    }
  }
}
