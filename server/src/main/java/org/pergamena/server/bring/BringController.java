package org.pergamena.server.bring;

import java.io.IOException;
import java.util.UUID;
import org.pergamena.core.source.FileName;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.json.MapArchive;
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

  BringController(Bringing bringing) {
    this.bringing = bringing;
  }

  /** The map that was made. */
  record BroughtMap(UUID id) {}

  @PostMapping(path = "/api/imports", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  BroughtMap bring(@AuthenticationPrincipal UUID visitor, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = FileName.of(file.getOriginalFilename());
    MapArchive.Contents contents = MapFiles.read(name, file.getBytes(), visitor);
    return new BroughtMap(bringing.bring(visitor, contents, Bringing.read(contents.pictures())));
  }
}
