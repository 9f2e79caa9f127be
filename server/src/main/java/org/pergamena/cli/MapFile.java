package org.pergamena.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.json.WholeMap;

/** A map that was saved, known by the ending of its file. */
final class MapFile {
  private static final Set<String> ENDINGS = Set.of("zip", "json", "jsonld", "opml");
  private static final UUID NOBODY = new UUID(0, 0);

  private MapFile() {}

  /** Whether a file is one by its name. */
  static boolean is(Path file) {
    String name = name(file);
    return ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT));
  }

  /** Reads one. */
  static WholeMap read(Path file) throws Refusal, IOException {
    if (!Files.isReadable(file)) {
      throw new Refusal(file + ": it is not there, or may not be read.");
    }
    return MapFiles.read(name(file), Files.readAllBytes(file), NOBODY).whole();
  }

  static String name(Path file) {
    return file.getFileName().toString();
  }
}
