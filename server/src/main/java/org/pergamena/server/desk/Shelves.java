package org.pergamena.server.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.language.Language;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.server.distilling.Distillations;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.ShelfState;
import org.pergamena.server.outlines.Outlines;
import org.pergamena.server.outlines.Proposals;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies beside a map: its sources, what goes on, what is proposed. */
@Service
class Shelves {
  /** A source of which less than this share is on the map is not on it. */
  private static final double HARDLY = 0.02;

  private final ShelfState state;
  private final Sources sources;
  private final Jobs jobs;
  private final Outlines outlines;
  private final Distillations distillations;
  private final Proposals proposals;
  private final LikeSources likeSources;

  Shelves(
      ShelfState state,
      Sources sources,
      Jobs jobs,
      Outlines outlines,
      Distillations distillations,
      Proposals proposals,
      LikeSources likeSources) {
    this.state = state;
    this.likeSources = likeSources;
    this.sources = sources;
    this.jobs = jobs;
    this.outlines = outlines;
    this.distillations = distillations;
    this.proposals = proposals;
  }

  /**
   * What lies beside a map.
   *
   * @param toFold of each source what would be folded in, where that is worth asking
   * @param state another one means that something of this has changed
   */
  record Shelf(
      List<Sources.Entry> entries,
      List<Source> texts,
      Map<UUID, List<Span>> toFold,
      List<Jobs.View> jobs,
      boolean outlined,
      boolean again,
      List<Proposals.Proposal> proposals,
      String state) {}

  /** The sources of a map in the order that gives them their inks. */
  List<UUID> inks(UUID mapId) {
    return sources.ids(mapId);
  }

  @Transactional(readOnly = true)
  public Shelf of(UUID mapId) {
    List<Sources.Entry> entries = sources.of(mapId);
    Map<UUID, List<Span>> toFold = new HashMap<>();
    entries.stream()
        .filter(Sources.Entry::ready)
        .forEach(entry -> toFold.put(entry.id(), sources.toFold(entry)));
    return new Shelf(
        entries,
        sources.texts(entries),
        toFold,
        jobs.of(mapId),
        outlines.has(mapId),
        distillations.waits(mapId),
        proposals.of(mapId),
        state.of(mapId));
  }

  List<Desk.SourceView> views(TopicMap map, Shelf shelf, Map<UUID, Coverage> coverages) {
    List<Desk.SourceView> views = new ArrayList<>();
    Map<UUID, Integer> adrift = adrift(map);
    Map<UUID, SourceText> texts = new HashMap<>();
    shelf.texts().forEach(source -> texts.put(source.id(), source.text()));
    Map<UUID, String> like = likeSources.names(shelf.entries(), texts);
    for (Sources.Entry entry : shelf.entries()) {
      Coverage coverage = coverages.get(entry.id());
      SourceText text = texts.get(entry.id());
      views.add(
          new Desk.SourceView(
              entry.id(),
              entry.name(),
              entry.fileName(),
              entry.kind() == null ? null : entry.kind().word(),
              entry.problem(),
              views.size(),
              entry.words(),
              entry.pages(),
              entry.durationMs(),
              Language.name(entry.language()),
              entry.author(),
              entry.dated(),
              entry.soundType(),
              text == null ? 0 : text.text().length(),
              adrift.getOrDefault(entry.id(), 0),
              toFold(map, entry, shelf, text, coverage),
              like.get(entry.id()),
              entry.newerThan() != null,
              coverage == null ? 0 : coverage.share(),
              coverage == null ? List.of() : coverage.ribbon()));
    }
    return views;
  }

  /** Words that folding a source in would bring: of one that is not on the map, or is newer. */
  private static int toFold(
      TopicMap map, Sources.Entry entry, Shelf shelf, SourceText text, Coverage coverage) {
    boolean off = coverage != null && coverage.share() < HARDLY;
    if (text == null || map.size() < 2 || !off && entry.newerThan() == null) {
      return 0;
    }
    return FoldingIn.offTheMap(map, entry.id(), shelf.toFold().get(entry.id())).stream()
        .mapToInt(span -> SourceText.words(text.text().substring(span.start(), span.end())))
        .sum();
  }

  private static Map<UUID, Integer> adrift(TopicMap map) {
    Map<UUID, Integer> adrift = new HashMap<>();
    for (Topic topic : map.preorder()) {
      for (Evidence evidence : topic.evidence()) {
        if (!evidence.passage().anchored()) {
          adrift.merge(evidence.passage().source(), 1, Integer::sum);
        }
      }
    }
    return adrift;
  }
}
