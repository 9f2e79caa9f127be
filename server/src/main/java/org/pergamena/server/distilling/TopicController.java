package org.pergamena.server.distilling;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.analysis.Belonging;
import org.pergamena.core.analysis.LeftOut;
import org.pergamena.core.distil.Naming;
import org.pergamena.core.distil.time.Timeline;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.News;
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
  private final News news;
  private final FreshTopics fresh;
  private final Names names;

  TopicController(
      Maps maps, Sources sources, Jobs jobs, News news, FreshTopics fresh, Names names) {
    this.names = names;
    this.maps = maps;
    this.fresh = fresh;
    this.sources = sources;
    this.jobs = jobs;
    this.news = news;
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
    maps.get(map).map().topic(topic);
    jobs.ask(visitor, map, null, JobKind.DEEPEN, topic.toString());
  }

  /** Proposes passages like those that a topic has. */
  @PostMapping("/topics/{topic}/like")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void like(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    maps.get(map).map().topic(topic);
    jobs.ask(visitor, map, null, JobKind.MATCH, topic.toString());
  }

  /** Folds a source into the map that stands. */
  @PostMapping("/sources/{source}/fold")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void fold(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID source) {
    sources.source(map, source);
    jobs.ask(visitor, map, null, JobKind.FOLD, source.toString());
  }

  /** How sure it is that a topic's text is rightly grouped. */
  @GetMapping("/topics/{topic}/grouping")
  Belonging grouping(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    TopicMap topics = maps.get(map).map();
    return Belonging.of(topics, topics.topic(topic), sources.analysed(map));
  }

  /** What is right below a topic in the order of the dates that its passages tell. */
  @GetMapping("/topics/{topic}/times")
  List<UUID> times(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    TopicMap topics = maps.get(map).map();
    return new Timeline(sources.analysed(map)).order(topics, topics.topic(topic));
  }

  /** Labels that a topic could have by its passages, the best first; its own is not among them. */
  @GetMapping("/topics/{topic}/labels")
  List<String> labels(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    return names.offers(map, topic);
  }

  /** Labels by their passages for a topic and those below it that a person did not name. */
  @GetMapping("/topics/{topic}/names")
  List<Naming.Offered> names(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    return names.names(map, topic);
  }

  /** Notes that a topic with something new has been looked at. */
  @PostMapping("/topics/{topic}/seen")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void seen(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @PathVariable UUID topic) {
    fresh.seen(map, topic);
    news.tell(map);
  }

  /** Notes that all have been looked at. */
  @PostMapping("/seen")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void allSeen(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    fresh.seen(map, null);
    news.tell(map);
  }

  @GetMapping("/left-out")
  @Transactional(readOnly = true)
  public List<LeftOutView> leftOut(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    List<Source> texts = sources.texts(map);
    List<String> terms = maps.distilledWith(map).wishes().without();
    return LeftOut.of(maps.get(map).map(), texts, terms).stream()
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
