package org.pergamena.server.desk;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.AlsoChange;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.CommentChange;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Draft;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Grounding;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.LegendChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Planting;
import org.pergamena.core.map.Regrouping;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.relate.Cleaning;
import org.pergamena.core.relate.Hanging;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Span;
import org.pergamena.server.maps.Access;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Role;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Turns what a person does into a change of the map. */
@Component
class Edits {
  /** As many of these at once as a map of many topics stands. */
  private static final int MOST_REGROUPING = 50;

  /** Edits that come to something else on another map. */
  private static final Set<Class<? extends Edit>> REGROUPING =
      Set.of(
          Edit.Merge.class,
          Edit.Between.class,
          Edit.Sort.class,
          Edit.Order.class,
          Edit.Ground.class,
          Edit.Unground.class,
          Edit.MovePassages.class,
          Edit.Split.class,
          Edit.Legend.class,
          Edit.Arrange.class,
          Edit.Clean.class,
          Edit.Hang.class,
          Edit.Bring.class,
          Edit.Plant.class,
          Edit.Empty.class,
          Edit.Lay.class,
          Edit.Several.class);

  private final Sources sources;
  private final SourceFiles files;
  private final Maps maps;
  private final Access access;
  private final Pictures pictures;

  Edits(Sources sources, SourceFiles files, Maps maps, Access access, Pictures pictures) {
    this.sources = sources;
    this.files = files;
    this.maps = maps;
    this.access = access;
    this.pictures = pictures;
  }

  /**
   * An edit of which all is read that can be read before the map is at hand.
   *
   * @param tables those that it and the edits within it bring
   */
  record Ready(Edit edit, Map<Edit.Bring, Tables> tables) {}

  /**
   * Reads what an edit brings.
   *
   * @throws MapRuleException if the text of a table is none
   */
  static Ready ready(Edit edit) {
    Map<Edit.Bring, Tables> tables = new HashMap<>();
    read(edit, tables);
    return new Ready(edit, tables);
  }

  private static void read(Edit edit, Map<Edit.Bring, Tables> tables) {
    if (edit instanceof Edit.Bring bring) {
      tables.put(bring, Tables.read(bring.topics(), bring.relations()));
    } else if (edit instanceof Edit.Several several) {
      several.edits().forEach(each -> read(each, tables));
    }
  }

  /** What a person would call an edit that brings something from elsewhere; null for others. */
  static String called(UUID mapId, Edit edit) {
    if (edit instanceof Edit.Plant plant && !plant.map().equals(mapId)) {
      return "Pasted from another map";
    }
    return edit instanceof Edit.Bring ? "Pasted tables" : null;
  }

  /**
   * The change that an edit comes to.
   *
   * @param person who does it
   * @param now the map as it is
   */
  Change change(UUID person, UUID mapId, TopicMap now, Ready ready) {
    return change(person, mapId, now, ready.edit(), ready.tables());
  }

  private Change change(
      UUID person, UUID mapId, TopicMap now, Edit edit, Map<Edit.Bring, Tables> tables) {
    if (edit instanceof Edit.Add add) {
      Topic topic = Topic.labelled(add.topic(), add.label().strip());
      return new TreeChange.AddBranch(add.parent(), Place.after(add.after()), Branch.of(topic));
    } else if (edit instanceof Edit.Rename rename) {
      return new ContentChange.Relabel(rename.topic(), rename.label());
    } else if (edit instanceof Edit.Note note) {
      return new ContentChange.Annotate(note.topic(), note.note());
    } else if (edit instanceof Edit.SetAside set) {
      return new ContentChange.SetAside(set.topic(), set.aside());
    } else if (edit instanceof Edit.Remove remove) {
      return new TreeChange.RemoveBranch(remove.topic());
    } else if (edit instanceof Edit.Move move) {
      return move(now, move);
    } else if (edit instanceof Edit.Unlink unlink) {
      return new EvidenceChange.Unlink(unlink.topic(), unlink.evidence());
    } else if (edit instanceof Edit.Judge judge) {
      return new EvidenceChange.Judge(judge.topic(), judge.evidence(), judge.stance());
    } else if (edit instanceof Edit.Several several) {
      return several(person, mapId, now, several, tables);
    } else if (edit instanceof Edit.Link link) {
      return link(mapId, link);
    } else if (edit instanceof Edit.Ground ground) {
      return ground(mapId, now, ground);
    } else if (edit instanceof Edit.Illustrate illustrate) {
      pictures.requireKnown(mapId, illustrate.pictures());
      return new ContentChange.Illustrate(illustrate.topic(), illustrate.pictures());
    } else if (edit instanceof Edit.Plant plant) {
      return plant(person, mapId, now, plant);
    } else if (edit instanceof Edit.Say say) {
      return new CommentChange.Say(
          new Comment(
              say.comment(), say.subject(), person, Instant.now(), say.text().strip(), false));
    } else if (edit instanceof Edit.Empty empty) {
      return new Regrouping(now).emptied(empty.keepSources() ? List.of() : sources.ids(mapId));
    } else if (edit instanceof Edit.Bring bring) {
      return tables.get(bring).plan(now, bring.under()).change();
    }
    return regrouped(now, edit);
  }

  /** What lay loose or stood off is laid out with the others once it is moved in the tree. */
  private static Change move(TopicMap now, Edit.Move move) {
    Change moved = new TreeChange.Move(move.topic(), move.parent(), Place.after(move.after()));
    Look look = now.has(move.topic()) ? now.topic(move.topic()).content().look() : Look.NONE;
    if (look.spot() == null && look.off() == null) {
      return moved;
    }
    return new Together(
        List.of(moved, new LookChange.Paint(move.topic(), look.at(null).off(null))));
  }

  private static Change lay(TopicMap now, Edit.Lay lay) {
    Topic topic = now.topic(lay.topic());
    Look look = topic.content().look().at(new Look.Spot(lay.x(), lay.y()));
    List<Change> changes = new ArrayList<>();
    if (!now.root().id().equals(topic.parent())) {
      changes.add(new TreeChange.Move(topic.id(), now.root().id(), Place.LAST));
    }
    changes.add(new LookChange.Paint(topic.id(), look));
    return new Together(changes);
  }

  private static Change addLoose(TopicMap now, Edit.AddLoose add) {
    Look look = Look.NONE.at(new Look.Spot(add.x(), add.y()));
    Content content = Content.labelled(add.label().strip()).withLook(look);
    Branch branch = Branch.of(Topic.of(add.topic(), content));
    return new TreeChange.AddBranch(now.root().id(), Place.LAST, branch);
  }

  /** Each edit as it comes to on the map that those before it have left. */
  private Change several(
      UUID person, UUID mapId, TopicMap now, Edit.Several several, Map<Edit.Bring, Tables> tables) {
    if (several.edits().stream().mapToLong(Edits::regroupings).sum() > MOST_REGROUPING) {
      throw new MapRuleException(
          "At most " + MOST_REGROUPING + " regroupings are done as one step. Do them in parts.");
    }
    Draft draft = now.draft();
    List<Change> changes = new ArrayList<>();
    int drawn = 0;
    for (Edit edit : several.edits()) {
      // what is drawn here is only for those that look at it: all is applied again after this
      while (looks(edit) && drawn < changes.size()) {
        draft.apply(changes.get(drawn++));
      }
      changes.add(change(person, mapId, looks(edit) ? draft.map() : now, edit, tables));
    }
    return new Together(changes);
  }

  /** How many regroupings an edit is, with those within it. */
  private static long regroupings(Edit edit) {
    long within =
        edit instanceof Edit.Several several
            ? several.edits().stream().mapToLong(Edits::regroupings).sum()
            : 0;
    return within + (looks(edit) ? 1 : 0);
  }

  private static boolean looks(Edit edit) {
    return REGROUPING.contains(edit.getClass());
  }

  private static Change regrouped(TopicMap now, Edit edit) {
    Regrouping regrouping = new Regrouping(now);
    if (edit instanceof Edit.Merge merge) {
      return regrouping.merge(merge.into(), merge.topics());
    } else if (edit instanceof Edit.Between between) {
      Topic added = Topic.labelled(between.topic(), between.label().strip());
      return regrouping.between(between.around(), added);
    } else if (edit instanceof Edit.Sort sort) {
      return regrouping.sorted(sort.topic(), sort.by());
    } else if (edit instanceof Edit.Order order) {
      return regrouping.ordered(order.topic(), order.children());
    } else if (edit instanceof Edit.MovePassages move) {
      return regrouping.passages(move.topic(), move.evidence(), move.to());
    } else if (edit instanceof Edit.Split split) {
      Topic added = Topic.labelled(split.added(), split.label().strip());
      return regrouping.split(split.topic(), split.evidence(), added, split.under());
    } else if (edit instanceof Edit.Clean clean) {
      return Cleaning.cleaned(now, clean.links());
    } else if (edit instanceof Edit.Hang hang) {
      return Hanging.byRelations(now, hang.topic());
    }
    return outsideTheTree(now, edit);
  }

  private static Change outsideTheTree(TopicMap now, Edit edit) {
    if (edit instanceof Edit.Connect connect) {
      return new LinkChange.Connect(
          CrossLink.of(connect.link(), connect.from(), connect.to(), connect.phrase().strip()));
    } else if (edit instanceof Edit.Rephrase rephrase) {
      return new LinkChange.Rephrase(rephrase.link(), rephrase.phrase());
    } else if (edit instanceof Edit.Reattach reattach) {
      return new LinkChange.Reattach(reattach.link(), reattach.from(), reattach.to());
    } else if (edit instanceof Edit.Qualify qualify) {
      Manner manner = new Manner(qualify.direction(), qualify.supposed());
      return new LinkChange.Qualify(qualify.link(), manner);
    } else if (edit instanceof Edit.Remark remark) {
      return new LinkChange.Remark(remark.link(), remark.note());
    } else if (edit instanceof Edit.Disconnect disconnect) {
      return new LinkChange.Disconnect(disconnect.link());
    } else if (edit instanceof Edit.Bow bow) {
      return new LinkChange.Bow(bow.link(), bow.bend());
    } else if (edit instanceof Edit.Unground unground) {
      return Grounding.without(now, unground.link(), unground.evidence());
    }
    return beside(now, edit);
  }

  private static Change beside(TopicMap now, Edit edit) {
    if (edit instanceof Edit.Define define) {
      return new ContentChange.DefineTopic(define.topic(), define.definition(), define.pinned());
    } else if (edit instanceof Edit.Lead lead) {
      return new ContentChange.Lead(lead.topic(), lead.phrase());
    } else if (edit instanceof Edit.Mark mark) {
      return new ContentChange.Mark(mark.topic(), mark.tags());
    } else if (edit instanceof Edit.Legend legend) {
      return LegendChange.defined(now, new Legend(legend.tags()));
    } else if (edit instanceof Edit.AddLoose add) {
      return addLoose(now, add);
    } else if (edit instanceof Edit.Lay lay) {
      return lay(now, lay);
    } else if (edit instanceof Edit.ShowAlso also) {
      return new AlsoChange.Show(new Also(also.also(), also.topic(), also.parent()));
    } else if (edit instanceof Edit.Unsay unsay) {
      return new CommentChange.Unsay(unsay.comment());
    } else if (edit instanceof Edit.Reword reword) {
      return new CommentChange.Reword(reword.comment(), reword.text());
    } else if (edit instanceof Edit.Settle settle) {
      return new CommentChange.Settle(settle.comment(), settle.resolved());
    } else if (edit instanceof Edit.HideAlso hide) {
      return new AlsoChange.Hide(hide.also());
    }
    return LookEdits.change(now, edit);
  }

  /** Copies of branches; sources that the map does not have come along. */
  private Change plant(UUID person, UUID mapId, TopicMap now, Edit.Plant plant) {
    boolean within = plant.map().equals(mapId);
    if (!within) {
      access.require(person, plant.map(), Role.READ);
    }
    TopicMap from = within ? now : maps.get(plant.map()).map();
    List<Topic> branches = Planting.upmost(from, plant.topics());
    if (branches.isEmpty()) {
      throw new MapRuleException("What was copied is no longer there. Copy it again.");
    }
    UnaryOperator<UUID> names = UnaryOperator.identity();
    List<Change> changes = new ArrayList<>();
    if (!within) {
      Map<UUID, UUID> brought = files.bring(plant.map(), Planting.sources(from, branches), mapId);
      names = brought::get;
      brought.values().forEach(source -> changes.add(new ShelfChange.Restore(source)));
      pictures.bring(plant.map(), mapId, Planting.images(from, branches));
    }
    Place place = Place.after(plant.after());
    changes.add(
        Planting.planted(from, branches, now, plant.parent(), place, names, UUID::randomUUID));
    return new Together(changes);
  }

  private Change link(UUID mapId, Edit.Link link) {
    Evidence evidence = evidence(mapId, link.source(), new Span(link.start(), link.end()));
    return new EvidenceChange.Link(link.topic(), Place.LAST, evidence);
  }

  private Change ground(UUID mapId, TopicMap now, Edit.Ground ground) {
    Evidence evidence = evidence(mapId, ground.source(), new Span(ground.start(), ground.end()));
    return Grounding.with(
        now,
        ground.link(),
        ground.stance() == null ? evidence : evidence.withStance(ground.stance()));
  }

  private Evidence evidence(UUID mapId, UUID source, Span span) {
    Passage passage = Passage.of(sources.source(mapId, source), span);
    if (span.length() > Passage.LONGEST) {
      throw new MapRuleException(
          "A passage has at most 20,000 characters. Choose the words that bear it out.");
    }
    return new Evidence(UUID.randomUUID(), passage, Stance.SUPPORTS, Origin.HAND_LINKED, 1);
  }
}
