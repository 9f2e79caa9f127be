package org.pergamena.server.pictures;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.pergamena.formats.image.Drawings;
import org.pergamena.formats.image.Figures;
import org.pergamena.formats.image.ImageKind;
import org.pergamena.formats.image.KeptImage;
import org.pergamena.formats.picture.Theme;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.SourceFiles;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Images for topics: brought by a person, found in sources, and those that ship. */
@RestController
@RequestMapping("/api")
class PictureController {
  private static final int MOST_DRAWINGS = 120;

  private final Pictures pictures;
  private final SourceFiles files;
  private final Confined confined;

  PictureController(Pictures pictures, SourceFiles files, Confined confined) {
    this.pictures = pictures;
    this.files = files;
    this.confined = confined;
  }

  /** Keeps an image for the topics of a map. */
  @PostMapping(path = "/maps/{map}/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Pictures.Kept add(@PathVariable UUID map, @RequestPart("file") MultipartFile file)
      throws IOException {
    if (file.getSize() > KeptImage.MOST_BYTES) {
      throw new Refused(
          HttpStatus.CONTENT_TOO_LARGE,
          "The picture has more than 10 MB. Save it smaller and add it again.");
    }
    return pictures.keep(map, confined.image(file.getBytes()));
  }

  /** An image for the screen; the same name always has the same bytes. */
  @GetMapping("/maps/{map}/pictures/{image}")
  ResponseEntity<byte[]> screen(@PathVariable UUID map, @PathVariable String image) {
    Pictures.Shown shown = pictures.screen(map, image);
    return lasting(shown.kind()).body(shown.bytes());
  }

  /** An image as it came, as a file. */
  @GetMapping("/maps/{map}/pictures/{image}/whole")
  ResponseEntity<byte[]> whole(@PathVariable UUID map, @PathVariable String image) {
    Pictures.Shown shown = pictures.whole(map, image);
    ContentDisposition file =
        ContentDisposition.attachment().filename("picture." + shown.kind().ending()).build();
    return lasting(shown.kind())
        .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
        .body(shown.bytes());
  }

  private static ResponseEntity.BodyBuilder lasting(ImageKind kind) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .contentType(MediaType.parseMediaType(kind.type()));
  }

  /** The figures in the file of a source. */
  @GetMapping("/maps/{map}/sources/{source}/figures")
  List<Figures.Figure> figures(@PathVariable UUID map, @PathVariable UUID source) {
    return confined.figures(files.original(map, source).bytes());
  }

  /** A figure in the file of a source, for the screen. */
  @GetMapping("/maps/{map}/sources/{source}/figures/{number}")
  ResponseEntity<byte[]> figure(
      @PathVariable UUID map, @PathVariable UUID source, @PathVariable int number) {
    byte[] bytes = figureOf(map, source, number).shown();
    return lasting(ImageKind.of(bytes)).body(bytes);
  }

  /** Keeps a figure in the file of a source for the topics of a map. */
  @PostMapping("/maps/{map}/sources/{source}/figures/{number}")
  @ResponseStatus(HttpStatus.CREATED)
  Pictures.Kept keepFigure(
      @PathVariable UUID map, @PathVariable UUID source, @PathVariable int number) {
    return pictures.keep(map, figureOf(map, source, number));
  }

  private KeptImage figureOf(UUID map, UUID source, int number) {
    return confined.figure(files.original(map, source).bytes(), number);
  }

  /** Drawings that ship, found by words. */
  @GetMapping("/drawings")
  List<Drawings.Drawing> drawings(@RequestParam(defaultValue = "") String words) {
    return Drawings.search(words, MOST_DRAWINGS);
  }

  /** A drawing that ships. */
  @GetMapping("/drawings/ink/{name}")
  ResponseEntity<byte[]> drawing(@PathVariable String name) {
    byte[] svg =
        Drawings.svg(Drawings.PREFIX + name, Theme.LIGHT.ink())
            .orElseThrow(() -> Refused.notFound("This drawing"));
    return lasting(ImageKind.SVG).body(svg);
  }
}
