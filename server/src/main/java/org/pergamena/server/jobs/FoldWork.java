package org.pergamena.server.jobs;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Folds a source into the map that stands, as one change, and marks the topics it came to. */
@Component
class FoldWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final FreshTopics fresh;

  FoldWork(Sources sources, Maps maps, FreshTopics fresh) {
    this.sources = sources;
    this.maps = maps;
    this.fresh = fresh;
  }

  @Override
  public JobKind kind() {
    return JobKind.FOLD;
  }

  @Override
  public void run(UUID mapId, UUID sourceId, String options, Progress progress)
      throws WorkFailedException {
    progress.at("Finding sentences", 0.05);
    List<Analysed> texts = sources.analysed(mapId);
    progress.at("Folding the source in", 0.4);
    AtomicReference<Set<UUID>> touched = new AtomicReference<>(Set.of());
    maps.change(
        maps.owner(mapId),
        mapId,
        map -> {
          FoldingIn.Plan plan =
              FoldingIn.plan(map, texts, UUID.fromString(options), UUID::randomUUID);
          touched.set(plan.touched());
          return plan.change();
        });
    fresh.mark(mapId, touched.get());
    if (touched.get().isEmpty()) {
      throw new WorkFailedException(
          "Nothing of this source is like a topic, and it is too short for topics of its own."
              + " Open it, select words, and link them by hand.");
    }
  }
}
