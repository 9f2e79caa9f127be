package org.pergamena.formats.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.json.WholeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a map from the Web Annotations, in the JSON-LD form in which they are written here. */
final class AnnotationMap {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final String URN = "urn:uuid:";

  private final Map<UUID, Source> sources = new LinkedHashMap<>();
  private final Map<UUID, JsonNode> topics = new LinkedHashMap<>();
  private final List<JsonNode> links = new ArrayList<>();
  private final Map<UUID, List<Evidence>> passages = new HashMap<>();

  private AnnotationMap() {}

  static WholeMap read(String json) {
    AnnotationMap read = new AnnotationMap();
    try {
      JsonNode graph = MAPPER.readTree(json).path("@graph");
      List<JsonNode> annotations = new ArrayList<>();
      for (JsonNode node : graph) {
        switch (node.path("type").asString("")) {
          case "schema:CreativeWork" -> read.source(node);
          case "skos:ConceptScheme", "skos:Concept" -> read.topics.put(id(node, "id"), node);
          case "pg:CrossLink" -> read.links.add(node);
          case "Annotation" -> annotations.add(node);
          default -> {
            // says nothing of the map
          }
        }
      }
      annotations.forEach(read::annotation);
    } catch (JacksonException e) {
      throw new IllegalArgumentException("This file is no JSON-LD: it cannot be read.", e);
    }
    if (read.topics.isEmpty()) {
      throw new IllegalArgumentException(
          "This file has no topics (SKOS concepts) beside its annotations.");
    }
    return read.whole();
  }

  private static UUID id(JsonNode node, String name) {
    return id(node.path(name).asString(""));
  }

  private static UUID id(String urn) {
    try {
      return UUID.fromString(urn.startsWith(URN) ? urn.substring(URN.length()) : urn);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("\"" + urn + "\" is no identity (urn:uuid).", e);
    }
  }

  private void source(JsonNode node) {
    UUID id = id(node, "id");
    SourceText text = SourceText.plain(node.path("text").asString(""));
    sources.put(id, new Source(id, node.path("name").asString("Source"), text));
  }

  private void annotation(JsonNode node) {
    JsonNode target = node.path("target");
    UUID source = id(target, "source");
    int start = 0;
    int end = 0;
    JsonNode quote = MAPPER.createObjectNode();
    for (JsonNode selector : target.path("selector")) {
      if (selector.path("type").asString("").equals("TextQuoteSelector")) {
        quote = selector;
      } else {
        start = selector.path("start").asInt(0);
        end = selector.path("end").asInt(0);
      }
    }
    String exact = quote.path("exact").asString("");
    String text = sources.containsKey(source) ? sources.get(source).text().text() : "";
    boolean there =
        start >= 0
            && start < end
            && end <= text.length()
            && text.substring(start, end).equals(exact);
    Stance stance = Words.known(Stance.values(), node.path("stance").asString(""), Stance.SUPPORTS);
    Passage passage =
        new Passage(
            source,
            there ? start : 0,
            there ? end : 0,
            exact,
            quote.path("prefix").asString(""),
            quote.path("suffix").asString(""));
    passages
        .computeIfAbsent(id(node, "body"), body -> new ArrayList<>())
        .add(new Evidence(id(node, "id"), passage, stance, Origin.HAND_LINKED, 1));
  }

  private WholeMap whole() {
    Set<UUID> below = new HashSet<>();
    Map<UUID, List<UUID>> children = new HashMap<>();
    topics.forEach(
        (id, node) -> {
          List<UUID> own = new ArrayList<>();
          for (JsonNode child : node.path("narrower")) {
            own.add(id(child.asString("")));
          }
          children.put(id, own);
          below.addAll(own);
        });
    List<Topic> all = new ArrayList<>();
    topics.forEach(
        (id, node) -> {
          UUID parent = node.has("broader") ? id(node, "broader") : null;
          Content content =
              Content.labelled(node.path("prefLabel").asString(""))
                  .withNote(node.path("note").asString(""))
                  .withGloss(g -> g.withDefinition(node.path("definition").asString(""), false))
                  .withEvidence(passages.getOrDefault(id, List.of()));
          all.add(new Topic(id, below.contains(id) ? parent : null, children.get(id), content));
        });
    TopicMap map = TopicMap.of(all, links.stream().map(this::link).toList(), MapLook.USUAL);
    return new WholeMap(map, List.copyOf(sources.values()), List.of());
  }

  private CrossLink link(JsonNode node) {
    Manner.Direction direction =
        Words.known(
            Manner.Direction.values(), node.path("direction").asString(""), Manner.Direction.ONE);
    boolean supposed = node.path("supposed").asBoolean(false);
    return CrossLink.of(
            id(node, "id"), id(node, "from"), id(node, "to"), node.path("phrase").asString(""))
        .withManner(new Manner(direction, supposed))
        .withNote(node.path("note").asString(""))
        .withGrounds(passages.getOrDefault(id(node, "id"), List.of()));
  }
}
