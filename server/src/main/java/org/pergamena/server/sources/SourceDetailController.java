package org.pergamena.server.sources;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.language.Language;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Span;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.News;
import org.pergamena.server.site.Attachment;
import org.pergamena.server.site.Refused;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was read of a source, and what a person says of it. */
@RestController
@RequestMapping("/api/maps/{map}/sources/{source}")
class SourceDetailController {
  private static final int MOST_EXCLUSIONS = 10_000;

  private final Maps maps;
  private final Sources sources;
  private final SourceFiles files;
  private final Shelf shelf;
  private final Jobs jobs;
  private final News news;

  SourceDetailController(
      Maps maps, Sources sources, SourceFiles files, Shelf shelf, Jobs jobs, News news) {
    this.maps = maps;
    this.sources = sources;
    this.files = files;
    this.shelf = shelf;
    this.jobs = jobs;
    this.news = news;
  }

  /** A heading of the source and where it stands. */
  record Heading(int start, int end, int level, String words) {}

  /**
   * A topic that rests on the source.
   *
   * @param alone whether it has passages from nowhere else
   */
  record Resting(UUID topic, String number, String label, int passages, boolean alone) {}

  /** A linked passage that is not in the source's text any more. */
  record Adrift(UUID topic, UUID evidence, String label, String exact) {}

  /**
   * All about a source but its text.
   *
   * @param kind one of the kinds of file, {@code PDF}
   * @param kinds those that a person can choose instead; empty if there is no choice
   * @param chosen the kind that a person says it is, or null
   * @param language ISO 639-3, empty if it cannot be told
   * @param address where it was fetched from, or null
   * @param length of its text in code units
   * @param omissions what was left out or is to be checked
   */
  record Details(
      UUID id,
      String name,
      String fileName,
      SourceKind kind,
      List<SourceKind> kinds,
      @Schema(types = {"string", "null"}) SourceKind chosen,
      String key,
      ReferenceForm reference,
      String language,
      String languageName,
      @Schema(types = {"string", "null"}) String address,
      @Schema(types = {"string", "null"}) String sound,
      int words,
      int length,
      int pages,
      long durationMs,
      List<Heading> headings,
      List<Omission> omissions,
      List<Span> excluded,
      List<Resting> resting,
      List<Adrift> adrift) {}

  /** What a person says of a source. */
  record Description(
      @NotNull @Size(max = 200) String name,
      @NotNull @Size(max = 40) String key,
      @NotNull @Valid ReferenceForm reference,
      @NotNull @Size(max = 3) String language,
      @Schema(types = {"string", "null"}) SourceKind chosen) {}

  @GetMapping
  @Transactional(readOnly = true)
  public Details details(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    TopicMap topics = maps.get(map).map();
    Sources.Entry entry = sources.entry(map, source);
    if (!entry.ready()) {
      throw Refused.notFound("The text of this source");
    }
    Sources.Reading reading = sources.reading(entry.textId());
    return new Details(
        source,
        entry.name(),
        entry.fileName(),
        entry.kind(),
        SourceReader.CHOICES.contains(entry.kind()) ? SourceReader.CHOICES : List.of(),
        entry.chosen(),
        entry.key(),
        ReferenceForm.of(entry.reference()),
        entry.language(),
        Language.name(entry.language()),
        entry.address(),
        entry.soundType(),
        entry.words(),
        sources.text(entry.textId()).text().length(),
        entry.pages(),
        entry.durationMs(),
        headings(entry),
        reading.omissions(),
        entry.excluded(),
        resting(topics, source),
        adrift(topics, source));
  }

  private List<Heading> headings(Sources.Entry entry) {
    var text = sources.text(entry.textId());
    return text.blocks().stream()
        .filter(block -> block.kind() == Block.Kind.HEADING)
        .map(block -> new Heading(block.start(), block.end(), block.level(), text.words(block)))
        .toList();
  }

  private static List<Resting> resting(TopicMap topics, UUID source) {
    Map<UUID, String> numbers = Numbering.of(topics);
    List<Resting> resting = new ArrayList<>();
    for (Topic topic : topics.preorder()) {
      long from =
          topic.evidence().stream().filter(e -> e.passage().source().equals(source)).count();
      if (from > 0) {
        resting.add(
            new Resting(
                topic.id(),
                numbers.get(topic.id()),
                topic.label(),
                (int) from,
                from == topic.evidence().size()));
      }
    }
    return resting;
  }

  private static List<Adrift> adrift(TopicMap topics, UUID source) {
    List<Adrift> adrift = new ArrayList<>();
    for (Topic topic : topics.preorder()) {
      for (Evidence evidence : topic.evidence()) {
        boolean here = evidence.passage().source().equals(source);
        if (here && !evidence.passage().anchored()) {
          adrift.add(
              new Adrift(topic.id(), evidence.id(), topic.label(), evidence.passage().exact()));
        }
      }
    }
    return adrift;
  }

  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void describe(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID source,
      @RequestBody @Valid Description said) {
    if (said.chosen() != null && !SourceReader.CHOICES.contains(said.chosen())) {
      throw new Refused(HttpStatus.BAD_REQUEST, "A file cannot be read as that. Choose another.");
    }
    shelf.describe(map, source, said.name(), said.key(), said.reference().reference());
    shelf.speak(map, source, said.language());
    if (shelf.choose(map, source, said.chosen())) {
      jobs.ask(visitor, map, source, JobKind.READ, "");
    }
    news.tell(map);
  }

  /** Leaves parts of the source out of distilling, and no others. */
  @PutMapping("/exclusions")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void exclude(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID source,
      @RequestBody List<Span> spans) {
    int length = sources.source(map, source).text().text().length();
    boolean lying = spans.stream().allMatch(span -> span != null && span.end() <= length);
    if (!lying || spans.size() > MOST_EXCLUSIONS) {
      throw new Refused(HttpStatus.BAD_REQUEST, "That part does not lie in the source. Reload it.");
    }
    shelf.exclude(map, source, spans);
    news.tell(map);
  }

  @GetMapping("/original")
  ResponseEntity<byte[]> original(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    SourceFiles.Original file = files.original(map, source);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named(file.name()))
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .body(file.bytes());
  }

  /** The recording, or the part of it that a player asks for. */
  @GetMapping("/recording")
  ResponseEntity<Resource> recording(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    UUID content =
        shelf.recording(map, source).orElseThrow(() -> Refused.notFound("This recording"));
    String type = sources.entry(map, source).soundType();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .body(new KeptBytes(files, content));
  }
}
