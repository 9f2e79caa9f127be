package org.pergamena.formats.bring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.text.SafeXml;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/**
 * Reads a map from an OPML 2.0 outline. As an outline has no texts, its sources become the passages
 * that it quotes of them, one after the other.
 */
final class OpmlMap {
  private static final String OWN = "urn:pergamena:opml:1";

  private final Map<UUID, Topic> topics = new LinkedHashMap<>();
  private final Excerpts excerpts = new Excerpts();
  private final List<CrossLink> links = new ArrayList<>();

  private OpmlMap() {}

  static WholeMap read(byte[] xml) {
    Document document = parse(xml);
    OpmlMap read = new OpmlMap();
    var bodies = document.getElementsByTagName("body");
    List<Element> lines = bodies.getLength() == 0 ? List.of() : lines((Element) bodies.item(0));
    if (lines.isEmpty()) {
      throw new IllegalArgumentException("This outline has no lines.");
    }
    if (lines.size() == 1) {
      read.topic(lines.get(0), null, 0);
    } else {
      var titles = document.getElementsByTagName("title");
      String title = titles.getLength() == 0 ? "" : titles.item(0).getTextContent();
      UUID root = UUID.randomUUID();
      read.topics.put(root, Topic.labelled(root, label(title.isBlank() ? "Outline" : title)));
      List<UUID> children = new ArrayList<>();
      lines.forEach(line -> children.add(read.topic(line, root, 1)));
      read.topics.put(root, read.topics.get(root).withChildren(children));
    }
    return read.whole();
  }

  private static Document parse(byte[] xml) {
    try {
      return SafeXml.parse(xml);
    } catch (SAXException e) {
      throw new IllegalArgumentException("This outline is no XML: " + e.getMessage() + ".", e);
    }
  }

  private static List<Element> lines(Element parent) {
    List<Element> lines = new ArrayList<>();
    for (Node node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element && element.getNodeName().equals("outline")) {
        lines.add(element);
      }
    }
    return lines;
  }

  private static String own(Element line, String name) {
    return line.getAttributeNS(OWN, name);
  }

  private static String label(String words) {
    return Words.label(words.strip().replaceAll("\\s+", " "));
  }

  private static UUID identity(String words) {
    try {
      return UUID.fromString(words);
    } catch (IllegalArgumentException e) {
      return UUID.randomUUID();
    }
  }

  private UUID topic(Element line, UUID parent, int depth) {
    MapFiles.requireLevel(depth, line.getAttribute("text"));
    UUID id = identity(own(line, "id"));
    if (topics.containsKey(id)) {
      id = UUID.randomUUID();
    }
    List<String> tags =
        Arrays.stream(own(line, "tags").split(",\\s*"))
            .flatMap(word -> Legend.USUAL.named(word).map(Tag::id).stream())
            .toList();
    Content content =
        Content.labelled(label(line.getAttribute("text")))
            .withNote(line.getAttribute("_note"))
            .withGloss(
                gloss ->
                    gloss
                        .withDefinition(own(line, "definition"), false)
                        .withPhrase(own(line, "lead"))
                        .withTags(tags));
    topics.put(id, new Topic(id, parent, List.of(), content));
    List<UUID> children = new ArrayList<>();
    for (Element below : lines(line)) {
      switch (own(below, "kind")) {
        case "passage" -> quote(below, id);
        case "link" -> link(below, id);
        default -> children.add(topic(below, id, depth + 1));
      }
    }
    topics.put(id, topics.get(id).withChildren(children));
    return id;
  }

  private void quote(Element line, UUID about) {
    String exact = own(line, "exact");
    String source = own(line, "source");
    excerpts.add(
        about, source, exact, Words.known(Stance.values(), own(line, "stance"), Stance.SUPPORTS));
  }

  private void link(Element line, UUID from) {
    CrossLink link =
        CrossLink.of(UUID.randomUUID(), from, identity(own(line, "to")), own(line, "phrase"))
            .withManner(
                new Manner(
                    Words.known(
                        Manner.Direction.values(), own(line, "direction"), Manner.Direction.ONE),
                    own(line, "supposed").equals("true")))
            .withNote(own(line, "note"));
    links.add(link);
    lines(line).forEach(below -> quote(below, link.id()));
  }

  private WholeMap whole() {
    List<CrossLink> sound =
        links.stream()
            .filter(link -> topics.containsKey(link.to()) && !link.from().equals(link.to()))
            .toList();
    return excerpts.whole(List.copyOf(topics.values()), sound);
  }
}
