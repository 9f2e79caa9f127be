package org.pergamena.server.bring;

import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.source.FileName;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Aside;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Maps brought in from files. */
@RestController
class BringController {
  private final Bringing bringing;
  private final Confined confined;
  private final Aside aside;

  BringController(Bringing bringing, Confined confined, Aside aside) {
    this.bringing = bringing;
    this.confined = confined;
    this.aside = aside;
  }

  /** The map that was made. */
  record BroughtMap(UUID id) {}

  @PostMapping(path = "/api/imports", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  CompletableFuture<BroughtMap> bring(
      @AuthenticationPrincipal UUID visitor, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = FileName.of(file.getOriginalFilename());
    byte[] bytes = file.getBytes();
    return aside.compute(
        visitor,
        progress -> {
          confined.requireMap(name, bytes);
          MapArchive.Contents contents = MapFiles.read(name, bytes, visitor);
          return new BroughtMap(
              bringing.bring(visitor, contents, bringing.read(contents.pictures(), progress)));
        });
  }
}
