package org.pergamena.server.jobs;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Span;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Folds a source into the map that stands, as one change, and marks the topics it came to. */
@Component
class FoldWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final FreshTopics fresh;
  private final Shelf shelf;

  FoldWork(Sources sources, Shelf shelf, Maps maps, FreshTopics fresh) {
    this.sources = sources;
    this.shelf = shelf;
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
    UUID source = UUID.fromString(options);
    List<Span> within = sources.toFold(sources.entry(mapId, source));
    progress.at("Folding the source in", 0.4);
    AtomicReference<List<FoldingIn.Touched>> touched = new AtomicReference<>(List.of());
    Maps.Current now =
        maps.change(
            maps.owner(mapId),
            mapId,
            map -> {
              FoldingIn.Plan plan = FoldingIn.plan(map, texts, source, within, UUID::randomUUID);
              touched.set(plan.touched());
              return plan.change();
            });
    fresh.mark(mapId, now.revision(), touched.get());
    shelf.folded(mapId, source);
    if (touched.get().isEmpty()) {
      throw new WorkFailedException(
          "Nothing of this source is like a topic, and it is too short for topics of its own."
              + " Open it, select words, and link them by hand.");
    }
  }
}
