package org.pergamena.server.export;

import java.util.List;
import java.util.UUID;
import org.pergamena.formats.image.Drawings;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.server.marks.StudyMarks;
import org.pergamena.server.sources.SourceFiles;

/** The files and pictures of a map as they came. */
record MapStore(UUID map, SourceFiles files, Gallery gallery, StudyMarks marks)
    implements MapArchive.Store {
  @Override
  public MapArchive.SourceFile file(UUID source) {
    return files.archived(map, source);
  }

  @Override
  public byte[] picture(String image) {
    Gallery.Embedded kept = Drawings.has(image) ? null : gallery.embedded(image);
    return kept == null ? null : kept.bytes();
  }

  @Override
  public List<MapArchive.Correction> corrections() {
    return marks.all(map);
  }
}
