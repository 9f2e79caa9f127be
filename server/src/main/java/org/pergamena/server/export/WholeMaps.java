package org.pergamena.server.export;

import java.io.IOException;
import java.io.OutputStream;
import java.util.UUID;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.publish.FileFormat;
import org.springframework.stereotype.Component;

/** Maps as files that can be brought in again, the same to the last mark. */
@Component
public class WholeMaps {
  private final Publications publications;

  WholeMaps(Publications publications) {
    this.publications = publications;
  }

  /** Writes a map of a person; the stream stays open. */
  public void write(UUID person, UUID map, OutputStream out) throws IOException {
    FileFormat.ZIP.write(publications.of(person, map, Wish.EVERYTHING, Progress.NONE), out);
  }
}
