package org.pergamena.server.outlines;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/**
 * Looks for passages that bear out topics which have none, nor any below them; or, if the options
 * name a topic, for more passages like those that it has.
 */
@Component
class MatchWork implements Work {
  private final Sources sources;
  private final Maps maps;
  private final Proposals proposals;

  MatchWork(Sources sources, Maps maps, Proposals proposals) {
    this.sources = sources;
    this.maps = maps;
    this.proposals = proposals;
  }

  @Override
  public JobKind kind() {
    return JobKind.MATCH;
  }

  @Override
  public Finish run(Task task, Progress progress) {
    Matching matching =
        new Matching(sources.analysed(task.map(), () -> progress.at("Finding sentences", 0.02)));
    TopicMap map = maps.get(task.map()).map();
    if (!task.options().isEmpty()) {
      UUID topic = UUID.fromString(task.options());
      List<Matching.Match> like =
          map.has(topic) ? matching.like(map.topic(topic)) : List.<Matching.Match>of();
      return () -> proposals.add(task.map(), like);
    }
    Map<UUID, Support> supports = Support.of(map);
    List<Topic> bare =
        map.preorder().stream()
            .filter(t -> t.parent() != null && supports.get(t.id()).unsupported())
            .toList();
    List<Matching.Match> found = new ArrayList<>();
    for (int i = 0; i < bare.size(); i++) {
      progress.at("Matching topics", 0.3 + 0.65 * i / bare.size());
      found.addAll(matching.of(map, bare.get(i)));
    }
    return () -> proposals.replace(task.map(), found);
  }
}
