package org.pergamena.server.distilling;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Span;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.StaleException;
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
  public Finish run(Task task, Progress progress) throws WorkFailedException {
    List<Analysed> texts =
        sources.analysed(task.map(), () -> progress.at("Finding sentences", 0.05));
    UUID source = UUID.fromString(task.options());
    List<Span> within = sources.toFold(sources.entry(task.map(), source));
    progress.at("Folding the source in", 0.4);
    TopicMap before = maps.get(task.map()).map();
    FoldingIn.Plan plan = FoldingIn.plan(before, texts, source, within, UUID::randomUUID);
    if (plan.touched().isEmpty()) {
      throw new WorkFailedException(
          "Nothing of this source is like a topic, and it is too short for topics of its own."
              + " Open it, select words, and link them by hand.");
    }
    return () -> {
      Maps.Current now =
          maps.change(
              task.act(),
              task.map(),
              map -> {
                if (!map.equals(before)) {
                  throw new StaleException();
                }
                return plan.change();
              });
      fresh.mark(task.map(), now.revision(), plan.touched());
      shelf.folded(task.map(), source);
    };
  }
}
