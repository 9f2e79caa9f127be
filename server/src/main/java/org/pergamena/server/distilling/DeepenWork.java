package org.pergamena.server.distilling;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.distil.Deepening;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Work;
import org.pergamena.server.jobs.WorkFailedException;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.StaleException;
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
  public Finish run(Task task, Progress progress) throws WorkFailedException {
    UUID id = UUID.fromString(task.options());
    TopicMap before = maps.get(task.map()).map();
    try {
      Topic topic = before.topic(id);
      List<Analysed> texts =
          sources.analysed(task.map(), () -> progress.at("Finding sentences", 0.05));
      progress.at("Dividing the topic", 0.4);
      Change change = Deepening.change(before, topic, texts, UUID::randomUUID);
      return () ->
          maps.change(
              task.act(),
              task.map(),
              now -> {
                if (!now.has(id) || !now.topic(id).content().equals(topic.content())) {
                  throw new StaleException();
                }
                return change;
              });
    } catch (MapRuleException e) {
      throw new WorkFailedException(e.getMessage(), e);
    }
  }
}
