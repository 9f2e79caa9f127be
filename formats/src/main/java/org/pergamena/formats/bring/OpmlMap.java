package org.pergamena.formats.bring;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;
import org.pergamena.formats.json.WholeMap;
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
  private static final int DEEPEST = 400;

  /** A passage that waits for the text of its source. */
  private record Quoted(UUID about, String exact, Stance stance) {}

  private final Map<UUID, Topic> topics = new LinkedHashMap<>();
  private final Map<String, List<Quoted>> quoted = new LinkedHashMap<>();
  private final List<CrossLink> links = new ArrayList<>();
  private final Map<UUID, List<Evidence>> passages = new HashMap<>();

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
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setNamespaceAware(true);
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      DocumentBuilder builder = factory.newDocumentBuilder();
      builder.setErrorHandler(null);
      return builder.parse(new ByteArrayInputStream(xml));
    } catch (SAXException e) {
      throw new IllegalArgumentException("This outline is no XML: " + e.getMessage(), e);
    } catch (ParserConfigurationException | IOException e) {
      throw new IllegalStateException(e);
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
    String line = words.strip().replaceAll("\\s+", " ");
    line = line.isEmpty() ? "\u2026" : line;
    return line.length() > Content.LONGEST_LABEL
        ? line.substring(0, Content.LONGEST_LABEL - 1) + "\u2026"
        : line;
  }

  private static UUID identity(String words) {
    try {
      return UUID.fromString(words);
    } catch (IllegalArgumentException e) {
      return UUID.randomUUID();
    }
  }

  private UUID topic(Element line, UUID parent, int depth) {
    if (depth > DEEPEST) {
      throw new IllegalArgumentException("This outline is deeper than " + DEEPEST + " levels.");
    }
    UUID id = identity(own(line, "id"));
    if (topics.containsKey(id)) {
      id = UUID.randomUUID();
    }
    List<String> tags =
        java.util.Arrays.stream(own(line, "tags").split(",\\s*"))
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
    String stance = own(line, "stance").toUpperCase(Locale.ROOT);
    if (!exact.isEmpty() && !source.isEmpty()) {
      Stance known = stance.isEmpty() ? Stance.SUPPORTS : Stance.valueOf(stance);
      quoted.computeIfAbsent(source, s -> new ArrayList<>()).add(new Quoted(about, exact, known));
    }
  }

  private void link(Element line, UUID from) {
    String direction = own(line, "direction").toUpperCase(Locale.ROOT);
    CrossLink link =
        CrossLink.of(UUID.randomUUID(), from, identity(own(line, "to")), own(line, "phrase"))
            .withManner(
                new Manner(
                    direction.isEmpty()
                        ? Manner.Direction.ONE
                        : Manner.Direction.valueOf(direction),
                    own(line, "supposed").equals("true")))
            .withNote(own(line, "note"));
    links.add(link);
    lines(line).forEach(below -> quote(below, link.id()));
  }

  private WholeMap whole() {
    List<Source> sources = new ArrayList<>();
    quoted.forEach((name, all) -> sources.add(source(name, all)));
    List<Topic> grounded =
        topics.values().stream()
            .map(
                topic ->
                    topic.with(c -> c.withEvidence(passages.getOrDefault(topic.id(), List.of()))))
            .toList();
    List<CrossLink> sound =
        links.stream()
            .filter(link -> topics.containsKey(link.to()) && !link.from().equals(link.to()))
            .map(link -> link.withGrounds(passages.getOrDefault(link.id(), List.of())))
            .toList();
    return new WholeMap(TopicMap.of(grounded, sound, MapLook.USUAL), sources, List.of());
  }

  private Source source(String name, List<Quoted> all) {
    SourceTextBuilder builder = new SourceTextBuilder();
    List<Span> spans = new ArrayList<>();
    Map<String, Integer> blocks = new LinkedHashMap<>();
    for (Quoted each : all) {
      blocks.computeIfAbsent(
          each.exact(),
          words -> {
            builder.block(Block.Kind.PARAGRAPH, 0, words);
            return blocks.size();
          });
    }
    Source source = new Source(UUID.randomUUID(), name, builder.build());
    source.text().blocks().forEach(block -> spans.add(block.span()));
    for (Quoted each : all) {
      Passage passage = Passage.of(source, spans.get(blocks.get(each.exact())));
      passages
          .computeIfAbsent(each.about(), about -> new ArrayList<>())
          .add(new Evidence(UUID.randomUUID(), passage, each.stance(), Origin.HAND_LINKED, 1));
    }
    return source;
  }
}
