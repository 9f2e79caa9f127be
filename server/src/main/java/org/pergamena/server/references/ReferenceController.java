package org.pergamena.server.references;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reference.Citations;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;
import org.pergamena.core.source.Source;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.publish.Works;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.News;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.ReferenceForm;
import org.pergamena.server.sources.Sources;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The works of a map, where they are cited, and in which style. */
@RestController
@RequestMapping("/api/maps/{map}")
class ReferenceController {
  private final Maps maps;
  private final Sources sources;
  private final References references;
  private final News news;
  private final Confined confined;

  ReferenceController(
      Maps maps, Sources sources, References references, News news, Confined confined) {
    this.maps = maps;
    this.sources = sources;
    this.references = references;
    this.news = news;
    this.confined = confined;
  }

  /** What somebody did for a work, and what a person calls it. */
  record RoleName(Role name, String word) {}

  /** A field of a type of work. */
  record TypeField(Field name, String word, boolean dates) {}

  /** A type of work with what is told of it. */
  record WorkTypeView(WorkType name, String word, List<RoleName> roles, List<TypeField> fields) {}

  /**
   * A work of the map.
   *
   * @param source whether it has a text
   * @param words its entry in the list of references; none where the style has no entry for it
   */
  record WorkView(
      UUID id,
      boolean source,
      String name,
      String key,
      ReferenceForm reference,
      List<CitedWords> words) {}

  /** How a map cites, its works, and where it cites them. */
  record ReferencesView(
      String style,
      String language,
      @Schema(types = {"string", "null"}) String own,
      List<Style.Named> styles,
      List<WorkView> works,
      List<CitedPlaces.CitationView> citations,
      List<WorkTypeView> types) {}

  /** A style and a language, ISO 639-1. */
  record StyleChoice(
      @NotNull @Size(max = 40) String style, @NotNull @Size(max = 10) String language) {}

  /** A citation as it is written in a note. */
  record WrittenNote(@NotNull @Size(max = 1000) String note) {}

  /** What a person says of a work. */
  record WorkDescription(
      @NotNull @Size(max = 40) String key, @NotNull @Valid ReferenceForm reference) {}

  /** A work that was added. */
  record AddedWork(UUID id) {}

  @GetMapping("/references")
  ReferencesView shown(@PathVariable UUID map) {
    TopicMap topics = maps.get(map).map();
    List<Source> texts = sources.texts(map);
    List<References.Shelved> shelf = references.all(map);
    Works works = references.works(map, shelf, false);
    CitedPlaces.All all = CitedPlaces.of(topics, texts, works, true);
    References.Citing citing = references.citing(map);
    return new ReferencesView(
        citing.style(),
        citing.language(),
        citing.own(),
        Style.all(),
        shelf.stream().map(work -> view(work, all)).toList(),
        all.citations(),
        Arrays.stream(WorkType.values()).map(ReferenceController::type).toList());
  }

  private static WorkView view(References.Shelved work, CitedPlaces.All all) {
    return new WorkView(
        work.id(),
        work.source(),
        work.name(),
        work.work().key(),
        ReferenceForm.of(work.work().reference()),
        all.references().stream()
            .filter(entry -> entry.key().equals(work.work().key()))
            .map(CitedPlaces.Entry::words)
            .findFirst()
            .orElse(List.of()));
  }

  private static WorkTypeView type(WorkType type) {
    return new WorkTypeView(
        type,
        type.word(),
        type.roles().stream().map(role -> new RoleName(role, role.word())).toList(),
        type.fields().stream().map(f -> new TypeField(f, f.word(), f.dates())).toList());
  }

  /** The words of citations as they are written in a note, before it is kept. */
  @PostMapping("/references/words")
  List<List<CitedWords>> words(@PathVariable UUID map, @RequestBody @Valid WrittenNote written) {
    var citations = Citations.in(written.note()).stream().map(Citations.Found::citation).toList();
    return references.works(map, false).style().word(citations).citations().stream()
        .map(CitedWords::of)
        .toList();
  }

  @PutMapping("/references/style")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void choose(@PathVariable UUID map, @RequestBody @Valid StyleChoice choice) {
    references.choose(map, choice.style(), choice.language());
    news.tell(map);
  }

  @PostMapping(path = "/references/style", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringStyle(@PathVariable UUID map, @RequestPart("file") MultipartFile file)
      throws IOException {
    references.bring(map, confined.style(file.getBytes()));
    news.tell(map);
  }

  @PostMapping(path = "/references/list", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  References.BroughtReferences bringList(
      @PathVariable UUID map, @RequestPart("file") MultipartFile file) throws IOException {
    References.BroughtReferences brought =
        references.bring(map, confined.references(file.getBytes()));
    news.tell(map);
    return brought;
  }

  @GetMapping("/references/list/{ending}")
  ResponseEntity<byte[]> list(@PathVariable UUID map, @PathVariable String ending) {
    ReferenceFormat format =
        ReferenceFormat.of(ending).orElseThrow(() -> Refused.notFound("A format ." + ending));
    String text = format.write(references.all(map).stream().map(References.Shelved::work).toList());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("references." + ending).build().toString())
        .contentType(MediaType.parseMediaType(format.type()))
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  @PostMapping("/works")
  @ResponseStatus(HttpStatus.CREATED)
  AddedWork add(@PathVariable UUID map, @RequestBody @Valid ReferenceForm form) {
    UUID id = references.add(map, form.reference());
    news.tell(map);
    return new AddedWork(id);
  }

  @PutMapping("/works/{work}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void describe(
      @PathVariable UUID map, @PathVariable UUID work, @RequestBody @Valid WorkDescription said) {
    references.describe(map, work, said.key(), said.reference().reference());
    news.tell(map);
  }

  @DeleteMapping("/works/{work}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID map, @PathVariable UUID work) {
    references.remove(map, work);
    news.tell(map);
  }
}
