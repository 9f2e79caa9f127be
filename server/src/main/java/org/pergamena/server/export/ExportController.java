package org.pergamena.server.export;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.publish.FileFormat;
import org.pergamena.formats.publish.Preview;
import org.pergamena.formats.publish.Publication;
import org.pergamena.formats.publish.Template;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Requires;
import org.pergamena.server.maps.Role;
import org.pergamena.server.site.Aside;
import org.pergamena.server.site.Attachment;
import org.pergamena.server.site.Refused;
import org.pergamena.server.templates.ReportTemplates;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
  private final Publications publications;
  private final Exports exports;
  private final ReportTemplates templates;
  private final Aside aside;

  ExportController(
      Publications publications, Exports exports, ReportTemplates templates, Aside aside) {
    this.publications = publications;
    this.exports = exports;
    this.templates = templates;
    this.aside = aside;
  }

  /** A file that is being written. */
  record Writing(UUID job) {}

  /** How large a picture would be, in pixels. */
  record PictureSize(int width, int height) {}

  /** A template of text documents, and what a person calls it. */
  record TemplateView(String key, String word) {}

  /** The templates of text documents. */
  record TemplatesView(List<TemplateView> ours, boolean own) {}

  /** Begins to write a map as a file. */
  @PostMapping("/{ending}")
  @ResponseStatus(HttpStatus.ACCEPTED)
  @Requires(Role.READ)
  Writing write(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable String ending,
      @ModelAttribute Wish wish) {
    return new Writing(exports.begin(visitor, map, format(ending), wish));
  }

  /** How far a file is. */
  @GetMapping("/files/{job}/state")
  Jobs.View state(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID job) {
    return exports.state(visitor, map, job);
  }

  /** A file that has been written within the last hour. */
  @GetMapping("/files/{job}")
  ResponseEntity<StreamingResponseBody> file(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID job) {
    Exports.Written written = exports.written(visitor, map, job);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION, attachment(written.title(), written.format().ending()))
        .contentType(MediaType.parseMediaType(written.format().type()))
        .contentLength(written.size())
        .body(out -> exports.copy(job, out));
  }

  /** How a file would begin: a picture of its first pages, or its first lines. */
  @GetMapping("/{ending}/preview")
  CompletableFuture<ResponseEntity<byte[]>> preview(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @PathVariable String ending,
      @ModelAttribute Wish wish) {
    FileFormat format = format(ending);
    return aside.compute(
        visitor,
        progress -> {
          Preview.Shown shown = Preview.of(format, publications.of(visitor, map, wish, progress));
          return ResponseEntity.ok()
              .contentType(MediaType.parseMediaType(shown.type()))
              .body(shown.bytes());
        });
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
  CompletableFuture<Void> bringTemplate(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestPart("file") MultipartFile file)
      throws IOException {
    byte[] bytes = file.getBytes();
    return aside.compute(
        visitor,
        progress -> {
          templates.bring(visitor, bytes);
          return null;
        });
  }

  /** How large a picture with these wishes would be; refused if that is too large. */
  @GetMapping("/size")
  CompletableFuture<PictureSize> size(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestParam(defaultValue = "png") String ending,
      @ModelAttribute Wish wish) {
    FileFormat format = format(ending);
    return aside.compute(
        visitor,
        progress -> {
          Publication publication = publications.of(visitor, map, wish, progress);
          format.requireRoom(publication);
          PngPicture picture = PngPicture.of(publication.scene(), publication.form().pixels());
          return new PictureSize(picture.width(), picture.height());
        });
  }

  private static String attachment(String title, String ending) {
    String name = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}\\s]+", " ").strip();
    return Attachment.named((name.isEmpty() ? "map" : name) + "." + ending);
  }
}
