package org.pergamena.server.jobs;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Distils a map from its sources. What was on the map before comes back by one undo. */
@Component
class DistilWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final JsonMapper json;

  DistilWork(Sources sources, Maps maps, JsonMapper json) {
    this.sources = sources;
    this.maps = maps;
    this.json = json;
  }

  @Override
  public JobKind kind() {
    return JobKind.DISTIL;
  }

  @Override
  public void run(UUID mapId, UUID sourceId, String options, Progress progress)
      throws WorkFailedException {
    progress.at("Finding sentences", 0.02);
    List<Analysed> texts = sources.analysed(mapId);
    try {
      TopicMap distilled =
          new Distiller(texts, json.readValue(options, DistilOptions.class), progress)
              .distil()
              .map(UUID.randomUUID(), UUID::randomUUID);
      UUID owner = maps.owner(mapId);
      maps.change(owner, mapId, before -> replacing(before, distilled));
      maps.distilled(mapId, options);
    } catch (IllegalArgumentException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  /** All topics below the root for others; the root keeps a label that a person gave it. */
  private static Change replacing(TopicMap before, TopicMap distilled) {
    Topic root = before.root();
    Topic found = distilled.root();
    List<Change> changes = new ArrayList<>();
    for (UUID child : root.children()) {
      changes.add(new Change.RemoveBranch(child));
    }
    if (root.label().equals(Maps.UNTITLED)) {
      changes.add(new Change.Relabel(root.id(), found.label()));
    }
    changes.add(new Change.Refill(root.id(), found.summary(), found.evidence(), found.extent()));
    int place = 0;
    for (Topic main : distilled.children(found)) {
      changes.add(new Change.AddBranch(root.id(), place++, new Branch(distilled.preorder(main))));
    }
    return new Change.Together(changes);
  }
}
