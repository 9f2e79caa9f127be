package org.pergamena.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Work;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.citation.ReferenceFormat;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.references.References;
import org.pergamena.server.sources.Recordings;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.pergamena.server.sources.WorkKeys;
import org.pergamena.server.visitors.Visitors;
import org.pergamena.server.visitors.Welcome;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demonstration: a map that is distilled from the files in {@code demo/} once, edited a little
 * by hand, and copied for every new visitor.
 */
@Component
@ConditionalOnProperty("pergamena.demo")
class DemoMap implements Welcome {
  private static final Logger LOG = LoggerFactory.getLogger(DemoMap.class);
  private static final UUID KEEPER = new UUID(0, 1);
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

  private final Visitors visitors;
  private final Sources sources;
  private final SourceFiles files;
  private final Shelf shelf;
  private final Recordings recordings;
  private final References references;
  private final WorkKeys keys;
  private final Maps maps;
  private final TransactionTemplate transactions;
  private final Path folder;

  DemoMap(
      Visitors visitors,
      Sources sources,
      SourceFiles files,
      Shelf shelf,
      Recordings recordings,
      References references,
      WorkKeys keys,
      Maps maps,
      TransactionTemplate transactions,
      @Value("${pergamena.demo-folder}") Path folder) {
    this.visitors = visitors;
    this.sources = sources;
    this.files = files;
    this.shelf = shelf;
    this.recordings = recordings;
    this.references = references;
    this.keys = keys;
    this.maps = maps;
    this.transactions = transactions;
    this.folder = folder;
  }

  @EventListener
  void ready(ApplicationReadyEvent event) {
    template();
  }

  @Override
  public void receive(UUID visitor) {
    UUID template = template();
    transactions.executeWithoutResult(transaction -> copy(template, visitor));
  }

  private synchronized UUID template() {
    visitors.ensure(KEEPER);
    List<Maps.Summary> there = maps.of(KEEPER);
    if (!there.isEmpty()) {
      return there.get(0).id();
    }
    LOG.info("distilling the demonstration map");
    return transactions.execute(transaction -> make());
  }

  private UUID make() {
    UUID map = maps.reserve(KEEPER);
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
    maps.fill(
        map,
        new Distiller(sources.analysed(map), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID),
        true);
    new DemoEdits(sources.texts(map))
        .all()
        .forEach(edit -> maps.change(Act.byHand(KEEPER, null), map, edit));
    return map;
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

  private void copy(UUID template, UUID visitor) {
    TopicMap map = maps.get(template).map();
    UUID copy = maps.reserve(visitor);
    Map<UUID, UUID> copies = files.copy(template, copy);
    references.copy(template, copy);
    maps.fill(copy, map.copied(copies::get, UUID::randomUUID), true);
  }
}
