package org.pergamena.server.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.distil.FoldingIn;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.server.maps.FreshTopics;
import org.pergamena.server.maps.Log;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Views;
import org.pergamena.server.outlines.Proposals;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts together what the desk shows. */
@Service
class Desks {
  private final Maps maps;
  private final Log log;
  private final Views views;
  private final Shelves shelves;
  private final Drawing drawing;
  private final FreshTopics freshTopics;
  private final DeskMemory memory;
  private final TransactionTemplate oneMoment;

  Desks(
      Maps maps,
      Log log,
      Views views,
      Shelves shelves,
      Drawing drawing,
      FreshTopics freshTopics,
      DeskMemory memory,
      PlatformTransactionManager transactions) {
    this.maps = maps;
    this.log = log;
    this.views = views;
    this.shelves = shelves;
    this.drawing = drawing;
    this.freshTopics = freshTopics;
    this.memory = memory;
    this.oneMoment = new TransactionTemplate(transactions);
    oneMoment.setReadOnly(true);
    oneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
  }

  /** What the database knows, read in one moment. */
  private record Known(
      Maps.Current map,
      Views.View view,
      Log.Can can,
      Map<UUID, FoldingIn.Touched> fresh,
      Shelves.Shelf shelf) {}

  /**
   * What has changed since a state of the desk that the person's page has; the whole without one.
   */
  Patch since(UUID person, UUID mapId, Long stamp) {
    Optional<DeskState> before = memory.find(person, mapId, stamp);
    DeskState now = state(person, mapId);
    return before.map(desk -> Patch.between(desk, now)).orElseGet(() -> Patch.whole(now.whole()));
  }

  /** The desk of a map for a person, all of it from one moment. */
  Desk desk(UUID person, UUID mapId) {
    return state(person, mapId).whole();
  }

  private DeskState state(UUID person, UUID mapId) {
    Known known =
        oneMoment.execute(
            transaction ->
                new Known(
                    maps.get(mapId),
                    views.of(person, mapId),
                    log.can(mapId, person),
                    freshTopics.of(mapId),
                    shelves.of(mapId)));
    DeskState desk = state(known);
    memory.keep(person, desk);
    return desk;
  }

  private DeskState state(Known known) {
    TopicMap map = known.map().map();
    Shelves.Shelf shelf = known.shelf();
    Map<UUID, Coverage> coverages = Coverage.of(map, shelf.texts());
    Set<UUID> closed = known.view().closed();
    UUID wished = known.view().focus();
    UUID focus = wished != null && map.has(wished) ? wished : null;
    Drawing.Prepared prepared =
        drawing.prepare(
            map, shelf.entries().stream().map(Sources.Entry::id).toList(), known.fresh().keySet());
    DeskFacts facts =
        new DeskFacts(
            memory.stamp(),
            known.map().revision(),
            shelf.state(),
            known.view().folded(),
            focus,
            known.can().undo(),
            known.can().redo(),
            Coverage.share(shelf.texts(), coverages),
            shelf.outlined(),
            shelf.again(),
            ArrangementView.of(map.look().arrangement()),
            map.look().theme(),
            map.look().numbered(),
            map.look().crossing(),
            map.look().tinted(),
            PaperView.of(map.look().paper()),
            StylesView.of(map.look().styles()),
            key(prepared),
            map.look().walk().stream().filter(map::has).toList(),
            map.legend().tags());
    return new DeskState(
        known.map().id(),
        facts,
        topics(prepared, closed, known.fresh()),
        map.links().stream().map(Desks::link).toList(),
        map.also(),
        map.comments(),
        shelves.views(map, shelf, coverages),
        prepared.scene(focus, closed),
        shelf.jobs(),
        proposed(map, shelf));
  }

  /** A map as it was, drawn as the map is today. */
  record PastView(List<Desk.TopicView> topics, List<Desk.CrossLinkView> links, SceneView scene) {}

  /** An earlier state of a map, with the branches open that the person has open today. */
  PastView past(UUID person, UUID mapId, TopicMap past) {
    Set<UUID> closed = views.of(person, mapId).closed();
    Drawing.Prepared prepared = drawing.prepare(past, shelves.inks(mapId), Set.of());
    return new PastView(
        topics(prepared, closed, Map.of()),
        past.links().stream().map(Desks::link).toList(),
        SceneView.of(prepared.scene(closed)));
  }

  private static Desk.CrossLinkView link(CrossLink link) {
    return new Desk.CrossLinkView(
        link.id(),
        link.from(),
        link.to(),
        link.phrase(),
        link.manner().direction(),
        link.manner().supposed(),
        link.note(),
        link.grounds().size(),
        link.bend());
  }

  private static List<Desk.ProposalView> proposed(TopicMap map, Shelves.Shelf shelf) {
    return Proposals.standing(shelf.proposals(), map, shelf.texts()).stream()
        .map(
            p ->
                new Desk.ProposalView(
                    p.id(),
                    p.topic(),
                    p.passage().source(),
                    p.passage().start(),
                    p.passage().end(),
                    p.passage().exact(),
                    place(p.passage(), shelf.texts()),
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

  private static List<DeskFacts.KeyView> key(Drawing.Prepared prepared) {
    return prepared.key().stream()
        .map(
            k ->
                new DeskFacts.KeyView(
                    k.entry().rule(),
                    k.entry().words(),
                    k.entry().subject(),
                    k.ink(),
                    k.ground(),
                    k.size(),
                    k.entry().tag(),
                    k.entry().topics()))
        .toList();
  }

  private static ArrangementView arranged(Topic topic) {
    Arrangement given = topic.content().look().arrangement();
    return given.equals(Arrangement.NONE) ? null : ArrangementView.of(given);
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
              closed.contains(topic.id()) && !topic.children().isEmpty(),
              StyleView.unlessNone(topic.content().look().style()),
              StyleView.unlessNone(topic.content().look().below()),
              prepared.poorContrast(topic.id(), branches.get(topic.id())),
              topic.content().look().off() != null,
              topic.content().look().width(),
              arranged(topic),
              topic.content().gloss().definition(),
              topic.content().gloss().pinned(),
              topic.content().gloss().phrase(),
              topic.content().gloss().tags(),
              topic.content().gloss().pictures(),
              topic.content().gloss().trace(),
              map.loose(topic) ? topic.content().look().spot() : null));
    }
    return views;
  }
}
