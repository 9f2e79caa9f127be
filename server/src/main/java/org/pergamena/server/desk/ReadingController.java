package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.PageSpan;
import org.pergamena.core.source.Source;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the reading page shows: a topic's passages in their context, or a whole source. */
@RestController
@RequestMapping("/api/maps/{map}")
class ReadingController {
  private static final int CONTEXT = 140;

  private final Maps maps;
  private final Sources sources;

  ReadingController(Maps maps, Sources sources) {
    this.maps = maps;
    this.sources = sources;
  }

  /**
   * A passage with the words around it.
   *
   * @param place page, time or heading, as it is cited
   */
  record PassageView(
      UUID evidence,
      UUID source,
      int start,
      int end,
      String before,
      String exact,
      String after,
      String place,
      @Schema(types = {"string", "null"}) String speaker,
      Stance stance,
      Origin origin,
      double strength) {}

  /** A passage that is marked in a source. */
  record MarkView(int start, int end, UUID topic, UUID evidence, int branch, String number) {}

  /** A whole source to read. */
  record SourceTextView(
      UUID id,
      String name,
      String text,
      List<Block> blocks,
      List<PageSpan> pages,
      List<CueSpan> cues) {}

  @GetMapping("/topics/{topic}/passages")
  @Transactional(readOnly = true)
  public List<PassageView> passages(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    Topic shown = maps.get(visitor, map).map().topic(topic);
    Map<UUID, Source> texts = new HashMap<>();
    sources.texts(map).forEach(source -> texts.put(source.id(), source));
    return shown.evidence().stream()
        .map(evidence -> passage(evidence, texts.get(evidence.passage().source())))
        .toList();
  }

  private static PassageView passage(Evidence evidence, Source source) {
    int start = evidence.passage().start();
    int end = evidence.passage().end();
    String text = source.text().text();
    var where = source.text().locate(start);
    return new PassageView(
        evidence.id(),
        source.id(),
        start,
        end,
        before(text, start),
        evidence.passage().exact(),
        after(text, end),
        where.citation(),
        where.speaker(),
        evidence.stance(),
        evidence.origin(),
        evidence.strength());
  }

  /** The words before, back to the paragraph's beginning or a blank. */
  private static String before(String text, int start) {
    int from = Math.max(text.lastIndexOf("\n\n", start) + 2, 0);
    if (start - from > CONTEXT) {
      from = text.indexOf(' ', start - CONTEXT) + 1;
      return from > start ? "" : "\u2026" + text.substring(from, start);
    }
    return from > start ? "" : text.substring(from, start);
  }

  private static String after(String text, int end) {
    int to = text.indexOf("\n\n", end);
    to = to < 0 ? text.length() : to;
    if (to - end > CONTEXT) {
      to = text.lastIndexOf(' ', end + CONTEXT);
      return to < end ? "" : text.substring(end, to) + "\u2026";
    }
    return text.substring(end, to);
  }

  @GetMapping("/sources/{source}/text")
  @Transactional(readOnly = true)
  public SourceTextView text(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    maps.requireOwner(visitor, map);
    Source shown = sources.source(map, source);
    return new SourceTextView(
        shown.id(),
        shown.name(),
        shown.text().text(),
        shown.text().blocks(),
        shown.text().pages(),
        shown.text().cues());
  }

  @GetMapping("/sources/{source}/marks")
  @Transactional(readOnly = true)
  public List<MarkView> marks(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    TopicMap topics = maps.get(visitor, map).map();
    Map<UUID, String> numbers = Numbering.of(topics);
    List<MarkView> marks = new ArrayList<>();
    for (Topic topic : topics.preorder()) {
      String number = numbers.get(topic.id());
      for (Evidence evidence : topic.evidence()) {
        if (evidence.passage().source().equals(source)) {
          marks.add(
              new MarkView(
                  evidence.passage().start(),
                  evidence.passage().end(),
                  topic.id(),
                  evidence.id(),
                  Numbering.mainBranch(number),
                  number));
        }
      }
    }
    return marks;
  }
}
