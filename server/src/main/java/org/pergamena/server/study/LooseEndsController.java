package org.pergamena.server.study;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.gap.LooseEnds;
import org.pergamena.core.study.gap.LooseEnds.Bearing;
import org.pergamena.core.study.gap.LooseEnds.Related;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Aside;
import org.pergamena.server.sources.Sources;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a map leans on, and where it has loose ends. */
@RestController
@RequestMapping("/api/maps/{map}/loose-ends")
class LooseEndsController {
  private static final int MOST_LEFT = 100;

  private final Maps maps;
  private final Sources sources;
  private final Aside aside;

  LooseEndsController(Maps maps, Sources sources, Aside aside) {
    this.maps = maps;
    this.sources = sources;
    this.aside = aside;
  }

  /**
   * What a map leans on, and its loose ends.
   *
   * @param mean number of relations on average of the topics that have any
   * @param left the longest parts of sources that are on no topic
   */
  record LooseEndsView(
      double mean,
      List<Related> key,
      List<UUID> ends,
      List<UUID> single,
      List<UUID> unsupported,
      List<Bearing> bearing,
      List<StudiedPassage> left) {}

  @GetMapping
  CompletableFuture<LooseEndsView> all(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          List<Source> texts = sources.texts(map);
          LooseEnds ends = ends(map, texts);
          Studied studied = new Studied(texts, null);
          var byId = texts.stream().collect(Collectors.toMap(Source::id, Function.identity()));
          return new LooseEndsView(
              Math.round(10 * ends.mean()) / 10.0,
              ends.key(),
              ends.ends(),
              ends.single(),
              ends.unsupported(),
              ends.bearing(),
              ends.left().stream()
                  .limit(MOST_LEFT)
                  .map(left -> studied.view(Passage.of(byId.get(left.source()), left.span())))
                  .toList());
        });
  }

  private LooseEnds ends(UUID map, List<Source> texts) {
    return LooseEnds.of(maps.get(map).map(), texts, maps.distilledWith(map).wishes().without());
  }

  /** The topics as a table. */
  @GetMapping("/table")
  CompletableFuture<ResponseEntity<byte[]>> table(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return aside.compute(
        visitor,
        progress -> {
          LooseEnds ends = ends(map, sources.texts(map));
          TopicMap topics = maps.get(map).map();
          var numbers = Numbering.of(topics);
          List<List<String>> rows = new ArrayList<>();
          Rows write =
              (what, topic, count) ->
                  rows.add(
                      List.of(
                          what,
                          numbers.getOrDefault(topic, ""),
                          topics.topic(topic).label(),
                          count));
          ends.key().forEach(each -> write.row("key topic", each.topic(), "" + each.relations()));
          ends.ends().forEach(each -> write.row("end topic", each, "1"));
          ends.single().forEach(each -> write.row("one source", each, ""));
          ends.unsupported().forEach(each -> write.row("unsupported", each, ""));
          return StudyFiles.csv(
              "loose-ends", List.of("what", "number", "topic", "relations"), rows);
        });
  }

  /** Writes a row. */
  private interface Rows {
    void row(String what, UUID topic, String count);
  }
}
