package org.pergamena.server.passages;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.source.Search;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.sources.Sources;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Searching the sources of a map: all at once, or one that is being read. */
@RestController
class SearchController {
  private static final int MOST_IN_ONE = 40;
  private static final int MOST_PLACES = 1000;
  private static final int CONTEXT = 60;

  private final Maps maps;
  private final Sources sources;

  SearchController(Maps maps, Sources sources) {
    this.maps = maps;
    this.sources = sources;
  }

  /** A place at which the words stand. */
  record Hit(int start, int end, String before, String exact, String after, String place) {}

  /** What was found in one source. */
  record Hits(UUID source, String name, List<Hit> hits) {}

  @GetMapping("/api/maps/{map}/search")
  public List<Hits> search(
      @AuthenticationPrincipal UUID visitor, @PathVariable UUID map, @RequestParam String words) {
    List<Hits> found = new ArrayList<>();
    for (Source source : sources.texts(map)) {
      List<Hit> hits =
          new Search(source.text())
              .find(words, MOST_IN_ONE).stream().map(span -> hit(source, span)).toList();
      if (!hits.isEmpty()) {
        found.add(new Hits(source.id(), source.name(), hits));
      }
    }
    return found;
  }

  /** Where the words stand in one source, in its order. */
  @GetMapping("/api/maps/{map}/sources/{source}/search")
  public List<Span> places(
      @PathVariable UUID map, @PathVariable UUID source, @RequestParam String words) {
    return new Search(sources.source(map, source).text()).find(words, MOST_PLACES);
  }

  private static Hit hit(Source source, Span span) {
    Excerpt words = Excerpt.of(source.text().text(), span, CONTEXT);
    return new Hit(
        span.start(),
        span.end(),
        words.before(),
        words.exact(),
        words.after(),
        source.text().locate(span.start()).citation());
  }
}
