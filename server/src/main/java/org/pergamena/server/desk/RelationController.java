package org.pergamena.server.desk;

import jakarta.validation.Valid;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.pergamena.core.analysis.Selecting;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.relate.Cleaning;
import org.pergamena.core.relate.Redundant;
import org.pergamena.core.relate.Standing;
import org.pergamena.core.table.Bringing;
import org.pergamena.core.table.Fault;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Aside;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What topics have in common and how they stand to each other; none of it changes the map. */
@RestController
@RequestMapping("/api/maps/{map}")
class RelationController {
  private final Maps maps;
  private final Aside aside;

  RelationController(Maps maps, Aside aside) {
    this.maps = maps;
    this.aside = aside;
  }

  /** How topics stand, and which cross-links say nothing more. */
  record RelationsView(
      List<Redundant> redundant, List<UUID> key, List<UUID> ends, List<UUID> central) {}

  /** What pasted tables come to. */
  record BroughtView(
      int topics, int links, int there, List<Fault> topicFaults, List<Fault> relationFaults) {}

  @GetMapping("/relations")
  RelationsView relations(@PathVariable UUID map) {
    TopicMap now = maps.get(map).map();
    Standing standing = Standing.of(now);
    return new RelationsView(
        Cleaning.redundant(now),
        standing.key(),
        standing.ends(),
        standing.central() == null ? List.of() : List.of(standing.central()));
  }

  /** The topics that have all of what is asked for, in the map's order. */
  @GetMapping("/selection")
  List<UUID> selection(
      @PathVariable UUID map,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) Integer level,
      @RequestParam(required = false) String tag,
      @RequestParam(required = false) Selecting.Bearing bearing,
      @RequestParam(required = false) UUID source,
      @RequestParam(required = false) Standing.Kind standing,
      @RequestParam(required = false) Ink ink) {
    return new Selecting(words, level, tag, bearing, source, standing, ink).in(maps.get(map).map());
  }

  /** The topics of passages on which there are remarks, by the passage. */
  @GetMapping("/passages/topics")
  Map<UUID, UUID> homes(@PathVariable UUID map) {
    TopicMap now = maps.get(map).map();
    Set<UUID> subjects = new HashSet<>();
    now.comments().forEach(comment -> subjects.add(comment.subject()));
    Map<UUID, UUID> homes = new HashMap<>();
    for (Topic topic : now.preorder()) {
      topic.evidence().stream()
          .filter(evidence -> subjects.contains(evidence.id()))
          .forEach(evidence -> homes.put(evidence.id(), topic.id()));
    }
    return homes;
  }

  /** What tables would come to if they were brought; the map stays as it is. */
  @PostMapping("/tables/read")
  CompletableFuture<BroughtView> read(
      @AuthenticationPrincipal UUID visitor,
      @PathVariable UUID map,
      @RequestBody @Valid Edit.Bring tables) {
    return aside.compute(
        visitor,
        progress -> {
          Tables read = Tables.read(tables.topics(), tables.relations());
          Bringing.Plan plan = read.plan(maps.get(map).map(), tables.under());
          return new BroughtView(
              plan.topics(), plan.links(), plan.there(), plan.topicFaults(), plan.relationFaults());
        });
  }
}
