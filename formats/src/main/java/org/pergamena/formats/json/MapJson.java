package org.pergamena.formats.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Locator;
import org.pergamena.core.source.Source;
import tools.jackson.databind.json.JsonMapper;

/** Writes a map with its sources as one JSON document; offsets count UTF-16 code units. */
public final class MapJson {
  private MapJson() {}

  private record Document(
      List<SourceJson> sources, List<TopicJson> topics, List<LinkJson> links, List<Tag> tags) {}

  private record LinkJson(
      String from,
      String to,
      String phrase,
      Manner.Direction direction,
      boolean supposed,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) String note,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PassageJson> passages) {}

  private record PictureJson(
      String image, String alt, Picture.Where where, double width, double height) {}

  private record SourceJson(String id, String name, String text) {}

  private record TopicJson(
      String id,
      @JsonInclude(JsonInclude.Include.ALWAYS) String parent,
      String label,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) String note,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) String definition,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) String lead,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> tags,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PictureJson> pictures,
      String summary,
      @JsonInclude(JsonInclude.Include.NON_NULL) Ink ink,
      List<ExtentJson> extent,
      List<PassageJson> passages) {}

  private record ExtentJson(String source, int start, int end) {}

  @JsonInclude(JsonInclude.Include.NON_NULL)
  private record PassageJson(
      String source, Integer start, Integer end, String exact, Integer page, Long startMs) {}

  /** Writes the document in UTF-8; the stream stays open. */
  public static void write(TopicMap map, List<Source> sources, OutputStream out) {
    Map<UUID, Source> byId = new HashMap<>();
    sources.forEach(source -> byId.put(source.id(), source));
    Document document =
        new Document(
            sources.stream()
                .map(s -> new SourceJson(s.id().toString(), s.name(), s.text().text()))
                .toList(),
            map.preorder().stream().map(topic -> topic(topic, byId)).toList(),
            map.links().stream().map(link -> link(link, byId)).toList(),
            map.legend().tags());
    JsonMapper.builder()
        .disable(tools.jackson.core.StreamWriteFeature.AUTO_CLOSE_TARGET)
        .build()
        .writeValue(out, document);
  }

  private static LinkJson link(CrossLink link, Map<UUID, Source> sources) {
    return new LinkJson(
        link.from().toString(),
        link.to().toString(),
        link.phrase(),
        link.manner().direction(),
        link.manner().supposed(),
        link.note(),
        link.grounds().stream().map(e -> passage(e, sources.get(e.passage().source()))).toList());
  }

  private static TopicJson topic(Topic topic, Map<UUID, Source> sources) {
    return new TopicJson(
        topic.id().toString(),
        topic.parent() == null ? null : topic.parent().toString(),
        topic.label(),
        topic.note(),
        topic.content().gloss().definition(),
        topic.content().gloss().phrase(),
        topic.content().gloss().tags(),
        topic.content().gloss().pictures().stream()
            .map(p -> new PictureJson(p.image(), p.alt(), p.where(), p.width(), p.height()))
            .toList(),
        topic.summary(),
        topic.content().look().ink(),
        topic.extent().stream()
            .map(e -> new ExtentJson(e.source().toString(), e.span().start(), e.span().end()))
            .toList(),
        topic.evidence().stream().map(e -> passage(e, sources.get(e.passage().source()))).toList());
  }

  private static PassageJson passage(Evidence evidence, Source source) {
    if (!evidence.passage().anchored()) {
      String exact = evidence.passage().exact();
      return new PassageJson(source.id().toString(), null, null, exact, null, null);
    }
    Locator where = source.text().locate(evidence.passage().start());
    return new PassageJson(
        source.id().toString(),
        evidence.passage().start(),
        evidence.passage().end(),
        evidence.passage().exact(),
        where.page(),
        where.startMs());
  }
}
