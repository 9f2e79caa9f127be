package org.pergamena.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Bringing sources to a map and taking them out again. */
@RestController
@RequestMapping("/api/maps/{map}/sources")
class SourceController {
  private final Maps maps;
  private final Sources sources;
  private final Jobs jobs;

  SourceController(Maps maps, Sources sources, Jobs jobs) {
    this.maps = maps;
    this.sources = sources;
    this.jobs = jobs;
  }

  /** Text that was pasted. */
  record Pasted(@NotBlank String title, @NotBlank String text) {}

  /** A source that was added. */
  record Added(UUID id) {}

  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Added upload(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    maps.requireOwner(visitor, map);
    String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
    return add(map, name.substring(name.replace('\\', '/').lastIndexOf('/') + 1), file.getBytes());
  }

  @PostMapping(path = "/pasted", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Added paste(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Pasted pasted) {
    maps.requireOwner(visitor, map);
    boolean markdown = pasted.text().lines().anyMatch(line -> line.matches("#{1,6} \\S.*"));
    String name = pasted.title().strip() + (markdown ? ".md" : ".txt");
    return add(map, name, pasted.text().getBytes(StandardCharsets.UTF_8));
  }

  private Added add(UUID map, String name, byte[] bytes) {
    UUID source = sources.add(map, name, bytes);
    jobs.ask(map, source, JobKind.READ, "");
    return new Added(source);
  }

  @PostMapping("/{source}/reading")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void readAgain(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    maps.requireOwner(visitor, map);
    sources.failed(map, source, null);
    jobs.ask(map, source, JobKind.READ, "");
  }

  @DeleteMapping("/{source}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void remove(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    TopicMap topics = maps.get(visitor, map).map();
    long resting = topics.preorder().stream().filter(topic -> restsOn(topic, source)).count();
    if (resting > 0) {
      throw new Refused(
          HttpStatus.CONFLICT,
          resting
              + (resting == 1 ? " topic rests" : " topics rest")
              + " on this source, so it stays. Unlink its passages first.");
    }
    sources.remove(map, source);
    jobs.announce(map);
  }

  private static boolean restsOn(Topic topic, UUID source) {
    return topic.extent().stream().anyMatch(e -> e.source().equals(source))
        || topic.evidence().stream().anyMatch(e -> e.passage().source().equals(source));
  }

  @GetMapping("/{source}/original")
  ResponseEntity<byte[]> original(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    maps.requireOwner(visitor, map);
    Map.Entry<String, byte[]> file = sources.original(map, source);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(file.getKey(), StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .body(file.getValue());
  }
}
