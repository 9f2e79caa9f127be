package org.pergamena.server.jobs;

import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.map.NewerText;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.fetch.FetchException;
import org.pergamena.server.fetch.WebSources;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.reading.ReaderPool;
import org.pergamena.server.sources.Recordings;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a source's text out of its file, which is fetched first if it is an address, and splits it
 * into sentences at once. Passages that topics have in an older text are found again.
 */
@Component
class ReadWork implements Work {
  private final Sources sources;
  private final SourceFiles files;
  private final Shelf shelf;
  private final Recordings recordings;
  private final WebSources web;
  private final ReaderPool readers;
  private final Maps maps;
  private final JsonMapper json;

  ReadWork(
      Sources sources,
      SourceFiles files,
      Shelf shelf,
      Recordings recordings,
      WebSources web,
      ReaderPool readers,
      Maps maps,
      JsonMapper json) {
    this.sources = sources;
    this.files = files;
    this.shelf = shelf;
    this.recordings = recordings;
    this.web = web;
    this.readers = readers;
    this.maps = maps;
    this.json = json;
  }

  /** A file in place of the one that the source has. */
  private record File(UUID content, String name) {}

  @Override
  public JobKind kind() {
    return JobKind.READ;
  }

  @Override
  public void run(UUID mapId, UUID sourceId, String options, Progress progress)
      throws WorkFailedException {
    try {
      SourceFiles.Task task = files.task(mapId, sourceId);
      File file =
          !options.isEmpty()
              ? json.readValue(options, File.class)
              : task.content() == null
                  ? fetched(mapId, sourceId, task.address(), progress)
                  : new File(task.content(), task.fileName());
      progress.at("Reading", 0.05);
      ReadSource read =
          readers.read(
              file.name(),
              task.chosen(),
              files.bytes(file.content()),
              share -> progress.at("Reading", 0.05 + 0.75 * share));
      progress.at("Finding sentences", 0.8);
      files.had(mapId, sourceId, file.content(), file.name());
      show(mapId, sourceId, files.keep(file.content(), read));
      shelf.named(mapId, sourceId, read);
      recordings.meet(mapId, sourceId);
      sources.prepare(mapId, sourceId);
    } catch (UnreadableException | FetchException e) {
      shelf.failed(mapId, sourceId, e.getMessage());
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  private File fetched(UUID mapId, UUID sourceId, String address, Progress progress)
      throws FetchException {
    progress.at("Fetching", 0.02);
    WebSources.WebFile found = web.fetch(address, () -> stopped(progress));
    UUID content = files.content(found.bytes());
    found
        .recording()
        .ifPresent(
            sound ->
                recordings
                    .type(sound.bytes())
                    .ifPresent(
                        type -> shelf.play(mapId, sourceId, files.content(sound.bytes()), type)));
    return new File(content, found.name());
  }

  private static boolean stopped(Progress progress) {
    try {
      progress.at("Fetching", 0.04);
      return false;
    } catch (CancellationException e) {
      return true;
    }
  }

  /** Gives the source its text; where topics rest on the one before, as a change of the map. */
  private void show(UUID mapId, UUID sourceId, UUID textId) {
    Sources.Entry entry = sources.entry(mapId, sourceId);
    UUID owner = maps.owner(mapId);
    boolean rests =
        maps.get(owner, mapId).map().preorder().stream().anyMatch(t -> t.restsOn(sourceId));
    if (!rests || textId.equals(entry.textId())) {
      shelf.take(mapId, sourceId, textId);
      return;
    }
    Source before = sources.source(mapId, sourceId);
    Source after = new Source(sourceId, entry.name(), sources.text(textId));
    maps.change(
        owner,
        mapId,
        (TopicMap map) -> NewerText.change(map, before, after, entry.textId(), textId));
  }

  @Override
  public void cancelled(UUID mapId, UUID sourceId) {
    shelf.failed(mapId, sourceId, "Reading was cancelled. Read it again or take it out.");
  }
}
