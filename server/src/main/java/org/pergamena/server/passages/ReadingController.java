package org.pergamena.server.passages;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.Locator;
import org.pergamena.core.source.PageBox;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.PageSpan;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
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
   * @param adrift whether its words are no longer in the text of the source
   */
  record PassageView(
      UUID evidence,
      UUID source,
      int start,
      int end,
      boolean adrift,
      String before,
      String exact,
      String after,
      String place,
      @Schema(types = {"string", "null"}) String speaker,
      Stance stance,
      Origin origin,
      double strength) {}

  /** A passage that is marked in a source. */
  record MarkView(
      int start,
      int end,
      UUID topic,
      UUID evidence,
      int branch,
      String number,
      List<PageBox> boxes) {}

  /**
   * A whole source to read.
   *
   * @param sound media type of its recording, or null
   * @param pdf whether its file can be shown as pages
   * @param scanned pages, from 1, whose words were found in pictures
   */
  record SourceTextView(
      UUID id,
      String name,
      String text,
      List<Block> blocks,
      List<PageSpan> pages,
      List<CueSpan> cues,
      @Schema(types = {"string", "null"}) String sound,
      boolean pdf,
      List<Integer> scanned,
      List<Span> excluded) {}

  @GetMapping("/topics/{topic}/passages")
  @Transactional(readOnly = true)
  public List<PassageView> passages(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    return passages(map, maps.get(map).map().topic(topic).evidence());
  }

  /** The passages that bear a cross-link out. */
  @GetMapping("/links/{link}/passages")
  @Transactional(readOnly = true)
  public List<PassageView> grounds(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID link) {
    CrossLink shown = maps.get(map).map().link(link);
    if (shown == null) {
      throw Refused.notFound("This cross-link");
    }
    return passages(map, shown.grounds());
  }

  private List<PassageView> passages(UUID map, List<Evidence> evidence) {
    Map<UUID, Source> texts = new HashMap<>();
    sources.texts(map).forEach(source -> texts.put(source.id(), source));
    return evidence.stream()
        .map(each -> passage(each, texts.get(each.passage().source())))
        .toList();
  }

  private static PassageView passage(Evidence evidence, Source source) {
    Passage passage = evidence.passage();
    Excerpt words =
        passage.anchored()
            ? Excerpt.of(source.text().text(), passage.span(), CONTEXT)
            : new Excerpt(passage.prefix(), passage.exact(), passage.suffix());
    Locator where = source.text().locate(passage.start());
    return new PassageView(
        evidence.id(),
        source.id(),
        passage.start(),
        passage.end(),
        !passage.anchored(),
        words.before(),
        passage.exact(),
        words.after(),
        source.place(passage),
        passage.anchored() ? where.speaker() : null,
        evidence.stance(),
        evidence.origin(),
        evidence.strength());
  }

  @GetMapping("/sources/{source}/text")
  @Transactional(readOnly = true)
  public SourceTextView text(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    Source shown = sources.source(map, source);
    Sources.Entry entry = sources.entry(map, source);
    return new SourceTextView(
        shown.id(),
        shown.name(),
        shown.text().text(),
        shown.text().blocks(),
        shown.text().pages(),
        shown.text().cues(),
        entry.soundType(),
        entry.kind() == SourceKind.PDF,
        sources.reading(entry.textId()).scanned(),
        shown.excluded());
  }

  /** The rectangles of a span of a source on its pages. */
  @GetMapping("/sources/{source}/boxes")
  @Transactional(readOnly = true)
  public List<PageBox> boxes(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID source,
      @RequestParam int start,
      @RequestParam int end) {
    return layout(map, source).boxes(new Span(start, end));
  }

  private PageLayout layout(UUID map, UUID source) {
    Sources.Entry entry = sources.entry(map, source);
    if (!entry.ready()) {
      throw Refused.notFound("The text of this source");
    }
    return sources.layout(entry.textId());
  }

  @GetMapping("/sources/{source}/marks")
  @Transactional(readOnly = true)
  public List<MarkView> marks(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    TopicMap topics = maps.get(map).map();
    Map<UUID, String> numbers = Numbering.of(topics);
    Map<UUID, Integer> branches = Numbering.branches(topics);
    PageLayout layout = layout(map, source);
    List<MarkView> marks = new ArrayList<>();
    for (Topic topic : topics.preorder()) {
      String number = numbers.get(topic.id());
      for (Evidence evidence : topic.evidence()) {
        if (evidence.passage().source().equals(source) && evidence.passage().anchored()) {
          marks.add(
              new MarkView(
                  evidence.passage().start(),
                  evidence.passage().end(),
                  topic.id(),
                  evidence.id(),
                  branches.get(topic.id()),
                  number,
                  layout.boxes(evidence.passage().span())));
        }
      }
    }
    return marks;
  }
}
