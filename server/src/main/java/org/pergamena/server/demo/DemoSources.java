package org.pergamena.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Work;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.sources.Recordings;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.WorkKeys;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The sources of the demonstration, with what is known of them as works. */
@Component
@ConditionalOnProperty("pergamena.demo")
class DemoSources {
  private static final List<String> FILES =
      List.of(
          "survey-report.pdf",
          "marsh-and-memory.md",
          "wardens-interview.vtt",
          "harbour-committee-minutes.txt",
          "lecture-on-realignment.srt",
          "ringing-group-report.docx",
          "web/breach-diary.html");
  private static final String RECORDING = "wardens-interview.opus";

  private final SourceFiles files;
  private final Shelf shelf;
  private final Recordings recordings;
  private final WorkKeys keys;
  private final Path folder;

  DemoSources(
      SourceFiles files,
      Shelf shelf,
      Recordings recordings,
      WorkKeys keys,
      @Value("${pergamena.demo-folder}") Path folder) {
    this.files = files;
    this.shelf = shelf;
    this.recordings = recordings;
    this.keys = keys;
    this.folder = folder;
  }

  /** Brings them to a map, in a transaction. */
  void into(UUID map) {
    SourceReader reader = new SourceReader();
    for (String name : FILES) {
      byte[] bytes = file(name);
      try {
        String shown = name.substring(name.lastIndexOf('/') + 1);
        UUID source = files.add(map, shown, bytes);
        ReadSource read = reader.read(shown, bytes, share -> {});
        UUID content = files.original(map, source).content();
        shelf.take(map, source, files.keep(map, source, content, shown, read));
        shelf.named(map, source, read);
        Reference known = known(shown);
        shelf.known(map, source, keys.free(map, source, known, shown), known);
      } catch (UnreadableException e) {
        throw new IllegalStateException("The demonstration file " + name + " is damaged.", e);
      }
    }
    recordings.join(map, RECORDING, file(RECORDING), "audio/ogg");
  }

  /** What is known of a file of the demonstration as a work; entries are called like files. */
  private Reference known(String name) {
    String bare = name.substring(0, name.lastIndexOf('.'));
    return ReferenceFormat.read(file("references.json")).works().stream()
        .filter(work -> work.key().equals(bare))
        .map(Work::reference)
        .findFirst()
        .orElseThrow();
  }

  private byte[] file(String name) {
    try {
      return Files.readAllBytes(folder.resolve(name));
    } catch (IOException e) {
      throw new UncheckedIOException("The demonstration file " + name + " is missing.", e);
    }
  }
}
