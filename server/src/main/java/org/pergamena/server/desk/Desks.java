package org.pergamena.server.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.language.Language;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Log;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.outlines.Outlines;
import org.pergamena.server.outlines.Proposals;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what the desk shows. */
@Service
class Desks {
  /** A source of which less than this share is on the map is not on it. */
  private static final double HARDLY = 0.02;

  private final Maps maps;
  private final Log log;
  private final Views views;
  private final Sources sources;
  private final Jobs jobs;
  private final Drawing drawing;
  private final FreshTopics freshTopics;
  private final Outlines outlines;
  private final Proposals proposals;

  Desks(
      Maps maps,
      Log log,
      Views views,
      Sources sources,
      Jobs jobs,
      Drawing drawing,
      FreshTopics freshTopics,
      Outlines outlines,
      Proposals proposals) {
    this.maps = maps;
    this.log = log;
    this.views = views;
    this.sources = sources;
    this.jobs = jobs;
    this.drawing = drawing;
    this.freshTopics = freshTopics;
    this.outlines = outlines;
    this.proposals = proposals;
  }

  /** The desk of a map for a person, all of it from one moment. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public Desk desk(UUID person, UUID mapId) {
    Maps.Current current = maps.get(mapId);
    TopicMap map = current.map();
    List<Sources.Entry> entries = sources.of(current.id());
    List<Source> texts = sources.texts(entries);
    Map<UUID, Coverage> coverages = Coverage.of(map, texts);
    Views.View view = views.of(person, mapId);
    Set<UUID> closed = view.closed();
    Log.Can can = log.can(mapId, person);
    Map<UUID, FoldingIn.Touched> fresh = freshTopics.of(current.id());
    Drawing.Prepared prepared =
        drawing.prepare(map, entries.stream().map(Sources.Entry::id).toList(), fresh.keySet());
    return new Desk(
        current.id(),
        current.revision(),
        view.folded(),
        can.undo(),
        can.redo(),
        Coverage.share(texts, coverages),
        topics(prepared, closed, fresh),
        shelf(map, entries, texts, coverages),
        SceneView.of(prepared.scene(closed)),
        jobs.of(current.id()),
        outlines.has(current.id()),
        proposed(current.id(), map, texts));
  }

  private List<Desk.ProposalView> proposed(UUID mapId, TopicMap map, List<Source> texts) {
    return proposals.of(mapId, map, texts).stream()
        .map(
            p ->
                new Desk.ProposalView(
                    p.id(),
                    p.topic(),
                    p.passage().source(),
                    p.passage().start(),
                    p.passage().end(),
                    p.passage().exact(),
                    place(p.passage(), texts),
                    p.strength()))
        .toList();
  }

  private static String place(Passage passage, List<Source> texts) {
    return texts.stream()
        .filter(source -> source.id().equals(passage.source()))
        .findFirst()
        .map(source -> source.text().locate(passage.start()).citation())
        .orElse("");
  }

  private static List<Desk.TopicView> topics(
      Drawing.Prepared prepared, Set<UUID> closed, Map<UUID, FoldingIn.Touched> fresh) {
    TopicMap map = prepared.map();
    Map<UUID, Integer> branches = Numbering.branches(map);
    List<Desk.TopicView> views = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      String number = prepared.numbers().get(topic.id());
      Support support = prepared.supports().get(topic.id());
      FoldingIn.Touched touched =
          fresh.getOrDefault(topic.id(), new FoldingIn.Touched(topic.id(), false, 0));
      views.add(
          new Desk.TopicView(
              topic.id(),
              topic.parent(),
              topic.children(),
              topic.label(),
              topic.note(),
              topic.summary(),
              number,
              map.level(topic),
              branches.get(topic.id()),
              support.passages(),
              support.own(),
              support.sources().size(),
              (int) topic.evidence().stream().filter(e -> !e.passage().anchored()).count(),
              fresh.containsKey(topic.id()),
              touched.came(),
              touched.passages(),
              support.thin(),
              topic.aside(),
              closed.contains(topic.id()) && !topic.children().isEmpty()));
    }
    return views;
  }

  /** Words that folding a source in would bring: of one that is not on the map, or is newer. */
  private int toFold(TopicMap map, Sources.Entry entry, Coverage coverage) {
    boolean off = coverage != null && coverage.share() < HARDLY;
    if (!entry.ready() || map.size() < 2 || !off && entry.newerThan() == null) {
      return 0;
    }
    String text = sources.text(entry.textId()).text();
    return FoldingIn.offTheMap(map, entry.id(), sources.toFold(entry)).stream()
        .mapToInt(span -> SourceText.words(text.substring(span.start(), span.end())))
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

  private List<Desk.SourceView> shelf(
      TopicMap map,
      List<Sources.Entry> entries,
      List<Source> texts,
      Map<UUID, Coverage> coverages) {
    List<Desk.SourceView> views = new ArrayList<>();
    Map<UUID, Integer> adrift = adrift(map);
    for (Sources.Entry entry : entries) {
      Coverage coverage = coverages.get(entry.id());
      int length =
          texts.stream()
              .filter(s -> s.id().equals(entry.id()))
              .mapToInt(s -> s.text().text().length())
              .sum();
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
              length,
              adrift.getOrDefault(entry.id(), 0),
              toFold(map, entry, coverage),
              entry.newerThan() != null,
              coverage == null ? 0 : coverage.share(),
              coverage == null ? List.of() : coverage.ribbon()));
    }
    return views;
  }
}
