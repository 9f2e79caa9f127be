package org.pergamena.server.distilling;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Redistilling;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Distils a map from its sources. A map that stands is not touched before a person takes it. */
@Component
class DistilWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final Views views;
  private final Distillations distillations;
  private final JsonMapper json;

  DistilWork(
      Sources sources, Maps maps, Views views, Distillations distillations, JsonMapper json) {
    this.distillations = distillations;
    this.sources = sources;
    this.maps = maps;
    this.views = views;
    this.json = json;
  }

  @Override
  public JobKind kind() {
    return JobKind.DISTIL;
  }

  @Override
  public Finish run(Task task, Progress progress) throws WorkFailedException {
    List<Analysed> texts =
        sources.analysed(task.map(), () -> progress.at("Finding sentences", 0.02));
    try {
      TopicMap distilled =
          new Distiller(texts, json.readValue(task.options(), DistilOptions.class), progress)
              .distil()
              .map(UUID.randomUUID(), UUID::randomUUID);
      return () -> apply(task, distilled);
    } catch (IllegalArgumentException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  /** Fills a map that has no topics yet; for one that has, what was found waits to be taken. */
  private void apply(Task task, TopicMap distilled) {
    if (maps.get(task.map()).map().size() > 1) {
      distillations.keep(task.map(), distilled, task.options());
      return;
    }
    boolean titled = maps.titled(task.map());
    maps.change(
        task.act(),
        task.map(),
        map -> new Redistilling(map, distilled, ByHand.NOTHING, titled).whole());
    maps.distilled(task.map(), task.options());
    views.forget(task.map());
  }
}
