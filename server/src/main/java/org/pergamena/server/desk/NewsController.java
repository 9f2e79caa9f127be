package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.NewsFeed;
import org.pergamena.server.maps.ShelfState;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What goes on with a map, told as it happens, and stopping it. */
@RestController
@RequestMapping("/api/maps/{map}")
class NewsController {
  private final Maps maps;
  private final Jobs jobs;
  private final NewsFeed news;
  private final ShelfState shelf;

  NewsController(Maps maps, Jobs jobs, NewsFeed news, ShelfState shelf) {
    this.maps = maps;
    this.jobs = jobs;
    this.news = news;
    this.shelf = shelf;
  }

  /** What is new about a map; a desk that says the same of its revision and shelf is current. */
  record News(long revision, String shelf, List<Jobs.View> jobs) {}

  @PostMapping("/jobs/{job}/cancel")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID map, @PathVariable UUID job) {
    jobs.cancel(map, job);
  }

  @GetMapping(path = "/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter news(@AuthenticationPrincipal UUID visitor, @PathVariable UUID map) {
    return news.listen(
        visitor, map, () -> new News(maps.revision(map), shelf.of(map), jobs.of(map)));
  }
}
