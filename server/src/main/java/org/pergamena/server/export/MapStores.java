package org.pergamena.server.export;

import java.util.UUID;
import org.pergamena.formats.image.Gallery;
import org.pergamena.server.marks.StudyMarks;
import org.pergamena.server.sources.SourceFiles;
import org.springframework.stereotype.Component;

/** The files and pictures of maps as they came, and what was corrected by hand beside them. */
@Component
class MapStores {
  private final SourceFiles files;
  private final StudyMarks marks;

  MapStores(SourceFiles files, StudyMarks marks) {
    this.files = files;
    this.marks = marks;
  }

  /** Those of a map. */
  MapStore of(UUID map, Gallery gallery) {
    return new MapStore(map, files, gallery, marks);
  }
}
