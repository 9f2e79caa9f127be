package org.pergamena.server.distilling;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Progress;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Distils a map from its sources. What was on the map before comes back by one undo. */
@Component
class DistilWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final Views views;
  private final JsonMapper json;

  DistilWork(Sources sources, Maps maps, Views views, JsonMapper json) {
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
    progress.at("Finding sentences", 0.02);
    List<Analysed> texts = sources.analysed(task.map());
    try {
      TopicMap distilled =
          new Distiller(texts, json.readValue(task.options(), DistilOptions.class), progress)
              .distil()
              .map(UUID.randomUUID(), UUID::randomUUID);
      return () -> {
        boolean titled = maps.titled(task.map());
        maps.change(task.act(), task.map(), before -> replacing(before, distilled, titled));
        maps.distilled(task.map(), task.options());
        views.forget(task.map());
      };
    } catch (IllegalArgumentException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }

  /** All topics below the root for others; the root keeps a title. */
  private static Change replacing(TopicMap before, TopicMap distilled, boolean titled) {
    Topic root = before.root();
    Topic found = distilled.root();
    List<Change> changes = new ArrayList<>();
    for (UUID child : root.children()) {
      changes.add(new TreeChange.RemoveBranch(child));
    }
    if (!titled) {
      changes.add(new ContentChange.Relabel(root.id(), found.label()));
    }
    changes.add(
        new ContentChange.Refill(root.id(), found.summary(), found.evidence(), found.extent()));
    for (Topic main : distilled.children(found)) {
      changes.add(
          new TreeChange.AddBranch(root.id(), Place.LAST, new Branch(distilled.preorder(main))));
    }
    return new Together(changes);
  }
}
