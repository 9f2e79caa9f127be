package org.pergamena.server.jobs;

import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.Progress;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Reads a source's text out of its file, and splits it into sentences at once. */
@Component
class ReadWork implements Work {
  private final Sources sources;
  private final SourceReader reader = new SourceReader();

  ReadWork(Sources sources) {
    this.sources = sources;
  }

  @Override
  public JobKind kind() {
    return JobKind.READ;
  }

  @Override
  public void run(UUID mapId, UUID sourceId, String options, Progress progress)
      throws WorkFailedException {
    Map.Entry<String, byte[]> file = sources.original(mapId, sourceId);
    try {
      progress.at("Reading", 0.05);
      ReadSource read =
          reader.read(
              file.getKey(), file.getValue(), share -> progress.at("Reading", 0.05 + 0.75 * share));
      progress.at("Finding sentences", 0.8);
      sources.read(mapId, sourceId, read);
      sources.prepare(mapId, sourceId);
    } catch (UnreadableException e) {
      sources.failed(mapId, sourceId, e.getMessage());
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  @Override
  public void cancelled(UUID mapId, UUID sourceId) {
    sources.failed(mapId, sourceId, "Reading was cancelled. Read it again or take it out.");
  }
}
