package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.analysis.LeftOut;
import org.pergamena.core.source.Source;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Working a topic further out of its sources, and what no topic has of them. */
@RestController
@RequestMapping("/api/maps/{map}")
class TopicController {
  private final Maps maps;
  private final Sources sources;
  private final Jobs jobs;

  TopicController(Maps maps, Sources sources, Jobs jobs) {
    this.maps = maps;
    this.sources = sources;
    this.jobs = jobs;
  }

  /**
   * A stretch of a source that is on no topic.
   *
   * @param place page, time or heading, as it is cited
   */
  record LeftOutView(
      UUID source, int start, int end, String exact, String place, LeftOut.Why why) {}

  /** Gives a topic sub-topics of its own text. */
  @PostMapping("/topics/{topic}/deepen")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void deepen(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    maps.get(visitor, map).map().topic(topic);
    jobs.ask(map, null, JobKind.DEEPEN, topic.toString());
  }

  /** Proposes passages like those that a topic has. */
  @PostMapping("/topics/{topic}/like")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void like(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    maps.get(visitor, map).map().topic(topic);
    jobs.ask(map, null, JobKind.MATCH, topic.toString());
  }

  @GetMapping("/left-out")
  @Transactional(readOnly = true)
  public List<LeftOutView> leftOut(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    List<Source> texts = sources.texts(map);
    return LeftOut.of(maps.get(visitor, map).map(), texts).stream()
        .map(left -> view(left, texts))
        .toList();
  }

  private static LeftOutView view(LeftOut left, List<Source> texts) {
    Source source =
        texts.stream().filter(s -> s.id().equals(left.source())).findFirst().orElseThrow();
    return new LeftOutView(
        left.source(),
        left.span().start(),
        left.span().end(),
        source.text().text().substring(left.span().start(), left.span().end()),
        source.text().locate(left.span().start()).citation(),
        left.why());
  }
}
