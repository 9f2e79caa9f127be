package org.pergamena.server.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Preview;
import org.pergamena.formats.publish.Publication;
import org.pergamena.formats.publish.Template;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.maps.Views;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.references.References;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.pergamena.server.templates.ReportTemplates;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Maps as files, each format by the ending of its files. */
@RestController
@RequestMapping("/api/maps/{map}/export")
class ExportController {
  private final Maps maps;
  private final Sources sources;
  private final References references;
  private final Drawing drawing;
  private final Views views;
  private final Pictures pictures;
  private final SourceFiles files;
  private final ReportTemplates templates;

  ExportController(
      Maps maps,
      Sources sources,
      References references,
      Drawing drawing,
      Views views,
      Pictures pictures,
      SourceFiles files,
      ReportTemplates templates) {
    this.maps = maps;
    this.sources = sources;
    this.references = references;
    this.drawing = drawing;
    this.views = views;
    this.pictures = pictures;
    this.files = files;
    this.templates = templates;
  }

  /** How large a picture would be, in pixels. */
  record PictureSize(int width, int height) {}

  /** A template of text documents, and what a person calls it. */
  record TemplateView(String key, String word) {}

  /** The templates of text documents. */
  record TemplatesView(List<TemplateView> ours, boolean own) {}

  /** A map as a file. */
  @GetMapping("/{ending}")
  ResponseEntity<StreamingResponseBody> file(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable String ending,
      @ModelAttribute Wish wish) {
    FileFormat format = format(ending);
    Publication publication = publication(visitor, map, wish);
    format.requireRoom(publication);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(publication.title(), ending))
        .contentType(MediaType.parseMediaType(format.type()))
        .body(out -> format.write(publication, out));
  }

  /** How a file would begin: a picture of its first pages, or its first lines. */
  @GetMapping("/{ending}/preview")
  ResponseEntity<byte[]> preview(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable String ending,
      @ModelAttribute Wish wish)
      throws IOException {
    Preview.Shown shown = Preview.of(format(ending), publication(visitor, map, wish));
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(shown.type()))
        .body(shown.bytes());
  }

  private static FileFormat format(String ending) {
    return FileFormat.of(ending).orElseThrow(() -> Refused.notFound("A format ." + ending));
  }

  /** The templates of text documents: ours, and whether the person has one of their own. */
  @GetMapping("/templates")
  TemplatesView templates(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return new TemplatesView(
        Template.ours().stream().map(t -> new TemplateView(t.key(), t.word())).toList(),
        templates.of(visitor) != null);
  }

  /** Takes a .docx of the person's own as a template for all their maps. */
  @PostMapping(path = "/templates", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Requires(Role.READ)
  void bringTemplate(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    templates.bring(visitor, file.getBytes());
  }

  /** How large a picture with these wishes would be; refused if that is too large. */
  @GetMapping("/size")
  PictureSize size(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(defaultValue = "png") String ending,
      @ModelAttribute Wish wish) {
    Publication publication = publication(visitor, map, wish);
    format(ending).requireRoom(publication);
    PngPicture picture = PngPicture.of(publication.scene(), publication.form().pixels());
    return new PictureSize(picture.width(), picture.height());
  }

  private Publication publication(UUID visitor, UUID mapId, Wish wish) {
    TopicMap map = maps.get(mapId).map();
    Set<UUID> closed = wish.isOpen() ? views.of(visitor, mapId).closed() : Set.of();
    Scope.Published published = wish.scope(closed).of(map);
    List<UUID> inks = sources.ids(mapId);
    // drawn once, and only for formats that show it
    List<Source> texts = sources.texts(mapId);
    Supplier<Scene> scene =
        SingletonSupplier.of(
            () -> {
              Scope.Published drawn = wish.scope(Set.of()).of(printed(map));
              Scene bare = drawing.published(drawn, inks).scene(closed);
              return wish.isCaptioned() ? drawing.captioned(bare, drawn, texts) : bare;
            });
    Gallery gallery = pictures.gallery(mapId, wish.sharpness());
    return new Publication(
        wish.front(),
        published,
        texts,
        references.works(mapId, wish.isInNotes()),
        scene,
        gallery,
        new MapStore(mapId, files, gallery),
        wish.form(templates.of(visitor)));
  }

  /** On paper nothing can be chosen, so that links which show by that are marked. */
  private static TopicMap printed(TopicMap map) {
    MapLook look = map.look();
    return look.crossing() == MapLook.Crossing.CHOSEN
        ? map.apply(
                new LookChange.Arrange(
                    new MapLook(
                        look.layout(), look.numbered(), MapLook.Crossing.TIES, look.tinted())))
            .map()
        : map;
  }

  private static String attachment(String title, String ending) {
    String name = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip();
    return ContentDisposition.attachment()
        .filename((name.isEmpty() ? "map" : name) + "." + ending, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
