package org.pergamena.server.testing;

import java.nio.file.Files;
import java.nio.file.Path;

/** Where the checkout lies that the tests run in. */
public final class Repository {
  private Repository() {}

  /** The folder that has the {@code pergamena} script. */
  public static Path root() {
    Path at = Path.of("").toAbsolutePath();
    while (!Files.exists(at.resolve("pergamena"))) {
      at = at.getParent();
    }
    return at;
  }
}
