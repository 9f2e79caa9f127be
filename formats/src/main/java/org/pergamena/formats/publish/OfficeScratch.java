package org.pergamena.formats.publish;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.apache.poi.util.DefaultTempFileCreationStrategy;
import org.apache.poi.util.TempFile;

/**
 * Where Apache POI puts what it does not hold in memory: a folder that only this process has, as
 * its own usual one has a fixed name and may belong to somebody else.
 */
final class OfficeScratch {
  static {
    try {
      TempFile.setTempFileCreationStrategy(
          new DefaultTempFileCreationStrategy(
              Files.createTempDirectory("pergamena-office").toFile()));
    } catch (IOException e) {
      throw new UncheckedIOException("no folder for temporary files can be made", e);
    }
  }

  private OfficeScratch() {}

  /** Has it be so from now on. */
  static void use() {
    // what is to be done is done when this class is loaded
  }
}
