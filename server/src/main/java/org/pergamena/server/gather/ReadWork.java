package org.pergamena.server.gather;

import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.NewerText;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Source;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.fetch.FetchException;
import org.pergamena.server.fetch.WebSources;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.JobState;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.StaleException;
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
  private static final String CANCELLED = "Reading was cancelled. Read it again or take it out.";

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
  public Finish run(Task task, Progress progress) throws WorkFailedException {
    try {
      SourceFiles.Task reading = files.task(task.map(), task.source());
      File file =
          !task.options().isEmpty()
              ? json.readValue(task.options(), File.class)
              : reading.content() == null
                  ? fetched(task, reading.address(), progress)
                  : new File(reading.content(), reading.fileName());
      progress.at("Reading", 0.05);
      ReadSource read =
          readers.read(
              file.name(),
              reading.chosen(),
              files.bytes(file.content()),
              share -> progress.at("Reading", 0.05 + 0.75 * share));
      UUID text = files.keep(task.map(), task.source(), file.content(), file.name(), read);
      Sources.Entry before = sources.entry(task.map(), task.source());
      sources.prepare(before, text, read.language(), () -> progress.at("Finding sentences", 0.8));
      TopicMap map = maps.get(task.map()).map();
      Change change = change(map, task, before, text);
      return () -> {
        show(task, text, map, change);
        shelf.named(task.map(), task.source(), read);
        recordings.meet(task.map(), task.source());
      };
    } catch (UnreadableException | FetchException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  private File fetched(Task task, String address, Progress progress) throws FetchException {
    progress.at("Fetching", 0.02);
    WebSources.WebFile found = web.fetch(address, () -> stopped(progress));
    UUID content = files.had(task.map(), task.source(), found.bytes(), found.name());
    found
        .recording()
        .ifPresent(
            sound ->
                recordings
                    .type(sound.bytes())
                    .ifPresent(
                        type -> recordings.play(task.map(), task.source(), sound.bytes(), type)));
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

  /** What giving the source its text does to the map; null if no topic rests on another text. */
  private Change change(TopicMap map, Task task, Sources.Entry entry, UUID text) {
    boolean rests = map.preorder().stream().anyMatch(topic -> topic.restsOn(task.source()));
    if (!rests || text.equals(entry.textId())) {
      return null;
    }
    Source before = sources.source(task.map(), task.source());
    Source after = new Source(task.source(), entry.name(), sources.text(text));
    return NewerText.change(map, before, after, entry.textId(), text);
  }

  private void show(Task task, UUID text, TopicMap before, Change change) {
    if (!NewerText.fits(before, maps.get(task.map()).map(), task.source())) {
      throw new StaleException();
    }
    if (change == null) {
      shelf.take(task.map(), task.source(), text);
    } else {
      maps.change(task.act(), task.map(), now -> change);
    }
  }

  @Override
  public void stopped(Task task, JobState how, String problem) {
    shelf.failed(task.map(), task.source(), how == JobState.CANCELLED ? CANCELLED : problem);
  }
}
