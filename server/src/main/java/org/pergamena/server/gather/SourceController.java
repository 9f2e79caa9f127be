package org.pergamena.server.gather;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.source.FileName;
import org.pergamena.formats.SourceReader;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.News;
import org.pergamena.server.references.References;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Recordings;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.json.JsonMapper;

/** Bringing sources to a map and taking them out again. */
@RestController
@RequestMapping("/api/maps/{map}/sources")
class SourceController {
  private static final int LONGEST_PASTE = 10_000_000;
  private static final String TOO_LONG = "is too long to be pasted; save it as a file and add that";

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Maps maps;
  private final Sources sources;
  private final SourceFiles files;
  private final Shelf shelf;
  private final References references;
  private final Recordings recordings;
  private final Jobs jobs;
  private final News news;

  SourceController(
      Maps maps,
      Sources sources,
      SourceFiles files,
      Shelf shelf,
      References references,
      Recordings recordings,
      Jobs jobs,
      News news) {
    this.maps = maps;
    this.sources = sources;
    this.files = files;
    this.shelf = shelf;
    this.references = references;
    this.recordings = recordings;
    this.jobs = jobs;
    this.news = news;
  }

  /**
   * Text that was pasted.
   *
   * @param html the same as rich text, if it was copied from a page or a word processor
   */
  record Pasted(
      @NotBlank @Size(max = 1_000) String title,
      @NotNull @Size(max = LONGEST_PASTE, message = TOO_LONG) String text,
      @Schema(types = {"string", "null"}) @Size(max = LONGEST_PASTE, message = TOO_LONG)
          String html) {}

  /** An address of the web. */
  record Address(
      @NotBlank @Size(max = 2_000, message = "is longer than addresses are") String address) {}

  /**
   * A source that was added.
   *
   * @param already the name of the source that has the same bytes, if nothing new was added
   */
  record Added(UUID id, @Schema(types = {"string", "null"}) String already) {}

  /**
   * Adds a file.
   *
   * @param work one of the shelf that has no text, of which it is the text; or null
   */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Added upload(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(required = false) UUID work,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    Added added = add(visitor, map, FileName.of(file.getOriginalFilename()), file.getBytes());
    if (work != null && added.already() == null) {
      references.join(map, work, added.id());
    }
    return added;
  }

  @PostMapping(path = "/pasted", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Added paste(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Pasted pasted) {
    boolean rich = pasted.html() != null && !pasted.html().isBlank();
    if (!rich && pasted.text().isBlank()) {
      throw new Refused(HttpStatus.BAD_REQUEST, "There are no words to add. Paste some first.");
    }
    boolean markdown = pasted.text().lines().anyMatch(line -> line.matches("#{1,6} \\S.*"));
    String kind = rich && !markdown ? SourceReader.PASTED : markdown ? ".md" : ".txt";
    String words = rich && !markdown ? pasted.html() : pasted.text();
    return add(
        visitor,
        map,
        FileName.of(pasted.title().replace('/', '-')) + kind,
        words.getBytes(StandardCharsets.UTF_8));
  }

  @PostMapping(path = "/address", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Added address(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Address given) {
    Optional<Sources.Entry> there =
        sources.of(map).stream()
            .filter(entry -> given.address().strip().equals(entry.address()))
            .findFirst();
    if (there.isPresent()) {
      return new Added(there.get().id(), there.get().name());
    }
    UUID source = files.addAddress(map, given.address().strip());
    jobs.ask(visitor, map, source, JobKind.READ, "");
    return new Added(source, null);
  }

  private Added add(UUID visitor, UUID map, String name, byte[] bytes) {
    Optional<SourceFiles.There> same = files.same(map, bytes);
    if (same.isPresent()) {
      return new Added(same.get().id(), same.get().name());
    }
    Optional<String> sound = recordings.type(bytes);
    if (sound.isPresent()) {
      UUID joined =
          recordings
              .join(map, name, bytes, sound.get())
              .orElseGet(() -> recordings.waiting(map, name, bytes));
      news.tell(map);
      return new Added(joined, null);
    }
    UUID source = files.add(map, name, bytes);
    jobs.ask(visitor, map, source, JobKind.READ, "");
    return new Added(source, null);
  }

  /** Reads a source again, or fetches it again if that is what failed. */
  @PostMapping("/{source}/reading")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void readAgain(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    shelf.failed(map, source, null);
    jobs.ask(visitor, map, source, JobKind.READ, "");
  }

  /** Replaces the file of a source by a newer version, or joins a recording to it. */
  @PostMapping(path = "/{source}/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.ACCEPTED)
  @Transactional
  public void replace(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable UUID source,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    byte[] bytes = file.getBytes();
    Optional<SourceFiles.There> same = files.same(map, bytes);
    if (same.isPresent()) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "This file has the same bytes as \"" + same.get().name() + "\"; nothing is replaced.");
    }
    Optional<String> sound = recordings.type(bytes);
    if (sound.isPresent()) {
      recordings.play(map, source, bytes, sound.get());
      news.tell(map);
      return;
    }
    String name = FileName.of(file.getOriginalFilename());
    UUID content = files.had(map, source, bytes, name);
    shelf.failed(map, source, null);
    jobs.ask(
        visitor,
        map,
        source,
        JobKind.READ,
        JSON.writeValueAsString(Map.of("content", content, "name", name)));
  }

  /** Takes a source off the shelf, with what topics have of it; that can be undone. */
  @DeleteMapping("/{source}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void remove(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    if (sources.entry(map, source).ready()) {
      maps.change(Act.byHand(visitor, null), map, topics -> new ShelfChange.Withdraw(source));
    } else {
      shelf.remove(map, source);
    }
    news.tell(map);
  }
}
