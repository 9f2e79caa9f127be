package org.pergamena.server.reading;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/** Folders for what processes leave lying about, each gone with its process. */
final class Scratch {
  private static final Logger LOG = LoggerFactory.getLogger(Scratch.class);
  private static final Path ALL = Path.of(System.getProperty("java.io.tmpdir"));

  /** Of a server, by its process. */
  private static final Pattern NAME = Pattern.compile("pergamena-reading-(\\d+)-.*");

  private Scratch() {}

  /** A new folder. */
  static File folder(Confinement confinement) throws IOException {
    Path folder =
        Files.createTempDirectory(
            ALL,
            "pergamena-reading-" + ProcessHandle.current().pid() + "-",
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
    if (confinement.asNobody()) {
      Files.setAttribute(folder, "unix:uid", Confinement.NOBODY);
    }
    return folder.toFile();
  }

  static void delete(File folder) {
    FileSystemUtils.deleteRecursively(folder);
  }

  /** Deletes what servers have left that are no more. */
  static void sweep() {
    try (Stream<Path> there = Files.list(ALL)) {
      List<Path> left = there.filter(Scratch::abandoned).toList();
      left.forEach(folder -> delete(folder.toFile()));
    } catch (IOException e) {
      LOG.debug("nothing to sweep", e);
    }
  }

  private static boolean abandoned(Path folder) {
    Matcher name = NAME.matcher(folder.getFileName().toString());
    return name.matches() && ProcessHandle.of(Long.parseLong(name.group(1))).isEmpty();
  }
}
