package org.pergamena.server.jobs;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.Deepening;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Gives one topic sub-topics; the job's options are the topic's identity. */
@Component
class DeepenWork implements Work {
  private final Sources sources;
  private final Maps maps;

  DeepenWork(Sources sources, Maps maps) {
    this.sources = sources;
    this.maps = maps;
  }

  @Override
  public JobKind kind() {
    return JobKind.DEEPEN;
  }

  @Override
  public void run(UUID mapId, UUID sourceId, String options, Progress progress)
      throws WorkFailedException {
    progress.at("Dividing the topic", 0.1);
    List<Analysed> texts = sources.analysed(mapId);
    UUID topic = UUID.fromString(options);
    try {
      maps.change(
          maps.owner(mapId),
          mapId,
          map -> Deepening.change(map, map.topic(topic), texts, UUID::randomUUID));
    } catch (MapRuleException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }
}
