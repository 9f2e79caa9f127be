package org.pergamena.formats.publish;

import java.io.OutputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import tools.jackson.databind.json.JsonMapper;

/**
 * A map's passages as W3C Web Annotations (2017) in JSON-LD, together with the topics that they
 * bear out as SKOS concepts and the texts in which they stand.
 */
final class Annotations {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().disable(tools.jackson.core.StreamWriteFeature.AUTO_CLOSE_TARGET).build();

  private final List<Map<String, Object>> graph = new ArrayList<>();

  private Annotations() {}

  static void write(Publication publication, OutputStream out) {
    Annotations all = new Annotations();
    publication.sources().forEach(all::source);
    publication.map().preorder().forEach(all::topic);
    publication.map().links().forEach(all::link);
    Map<String, Object> document = new LinkedHashMap<>();
    document.put("@context", List.of("http://www.w3.org/ns/anno.jsonld", context()));
    document.put("@graph", all.graph);
    MAPPER.writeValue(out, document);
  }

  /** What the context of Web Annotation does not say. */
  private static Map<String, Object> context() {
    Map<String, Object> context = new LinkedHashMap<>();
    context.put("skos", "http://www.w3.org/2004/02/skos/core#");
    context.put("schema", "http://schema.org/");
    context.put("pg", "urn:pergamena:");
    context.put("prefLabel", "skos:prefLabel");
    context.put("definition", "skos:definition");
    context.put("note", "skos:note");
    context.put("broader", Map.of("@id", "skos:broader", "@type", "@id"));
    context.put("narrower", Map.of("@id", "pg:narrower", "@type", "@id", "@container", "@list"));
    context.put("name", "schema:name");
    context.put("text", "schema:text");
    context.put("from", Map.of("@id", "pg:from", "@type", "@id"));
    context.put("to", Map.of("@id", "pg:to", "@type", "@id"));
    context.put("phrase", "pg:phrase");
    context.put("direction", "pg:direction");
    context.put("supposed", "pg:supposed");
    context.put("stance", "pg:stance");
    return context;
  }

  private static String urn(UUID id) {
    return "urn:uuid:" + id;
  }

  private void source(Source source) {
    Map<String, Object> node = new LinkedHashMap<>();
    node.put("id", urn(source.id()));
    node.put("type", "schema:CreativeWork");
    node.put("name", source.name());
    node.put("text", source.text().text());
    graph.add(node);
  }

  private void topic(Topic topic) {
    Map<String, Object> node = new LinkedHashMap<>();
    node.put("id", urn(topic.id()));
    node.put("type", topic.parent() == null ? "skos:ConceptScheme" : "skos:Concept");
    node.put("prefLabel", topic.label());
    put(node, "definition", topic.content().gloss().definition());
    put(node, "note", topic.note());
    if (topic.parent() != null) {
      node.put("broader", urn(topic.parent()));
    }
    if (!topic.children().isEmpty()) {
      node.put("narrower", topic.children().stream().map(Annotations::urn).toList());
    }
    graph.add(node);
    topic.evidence().forEach(evidence -> annotation(evidence, topic.id()));
  }

  private static void put(Map<String, Object> node, String name, String words) {
    if (!words.isBlank()) {
      node.put(name, words);
    }
  }

  private void annotation(Evidence evidence, UUID about) {
    Passage passage = evidence.passage();
    Map<String, Object> quote = new LinkedHashMap<>();
    quote.put("type", "TextQuoteSelector");
    quote.put("exact", passage.exact());
    quote.put("prefix", passage.prefix());
    quote.put("suffix", passage.suffix());
    List<Map<String, Object>> selectors = new ArrayList<>(List.of(quote));
    if (passage.anchored()) {
      Map<String, Object> position = new LinkedHashMap<>();
      position.put("type", "TextPositionSelector");
      position.put("start", passage.start());
      position.put("end", passage.end());
      selectors.add(position);
    }
    Map<String, Object> target = new LinkedHashMap<>();
    target.put("type", "SpecificResource");
    target.put("source", urn(passage.source()));
    target.put("selector", selectors);
    Map<String, Object> node = new LinkedHashMap<>();
    node.put("id", urn(evidence.id()));
    node.put("type", "Annotation");
    node.put("motivation", "classifying");
    node.put("stance", evidence.stance().name().toLowerCase(java.util.Locale.ROOT));
    node.put("body", urn(about));
    node.put("target", target);
    graph.add(node);
  }

  private void link(CrossLink link) {
    Map<String, Object> node = new LinkedHashMap<>();
    node.put("id", urn(link.id()));
    node.put("type", "pg:CrossLink");
    node.put("from", urn(link.from()));
    node.put("to", urn(link.to()));
    put(node, "phrase", link.phrase());
    node.put("direction", link.manner().direction().name().toLowerCase(java.util.Locale.ROOT));
    if (link.manner().supposed()) {
      node.put("supposed", true);
    }
    put(node, "note", link.note());
    graph.add(node);
    link.grounds().forEach(evidence -> annotation(evidence, link.id()));
  }
}
