package org.pergamena.server.study;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.Sprig;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Puts what was found in the sources on the map. */
@Service
class Sprigs {
  private final Maps maps;

  Sprigs(Maps maps) {
    this.maps = maps;
  }

  /**
   * A cross-link between two of what came.
   *
   * @param from which of the branch's own children, from 0
   */
  record Link(int from, int to, String phrase, List<Passage> passages) {}

  /** The topic that came. */
  record Planted(UUID topic) {}

  /**
   * Puts a branch under a topic, as one change.
   *
   * @param edit the identity of the request, so that it is done once
   * @param called what a person would call this
   * @throws Refused if the topic is gone or nothing is to be put
   */
  Planted plant(UUID person, UUID mapId, UUID edit, UUID parent, Sprig sprig, String called) {
    return plant(person, mapId, edit, parent, sprig, List.of(), called);
  }

  /** The same as two subjects beside each other, with what both share between them. */
  Planted beside(UUID person, UUID mapId, UUID edit, UUID parent, Sprig sprig, String called) {
    requireSome(sprig);
    Branch branch = sprig.branch(UUID::randomUUID);
    Look look = Look.NONE.arranged(Arrangement.of(LayoutKind.SIDE_BY_SIDE));
    List<Change> changes =
        List.of(
            new TreeChange.AddBranch(parent, Place.LAST, branch),
            new LookChange.Paint(branch.id(), look));
    return planted(Act.byHand(person, edit).called(called), mapId, parent, branch, changes);
  }

  /** The same with cross-links between the children of the branch. */
  Planted plant(
      UUID person,
      UUID mapId,
      UUID edit,
      UUID parent,
      Sprig sprig,
      List<Link> links,
      String called) {
    requireSome(sprig);
    Branch branch = sprig.branch(UUID::randomUUID);
    List<UUID> children = branch.topics().get(0).children();
    List<Change> changes = new ArrayList<>();
    changes.add(new TreeChange.AddBranch(parent, Place.LAST, branch));
    for (Link link : links) {
      changes.add(
          new LinkChange.Connect(
              CrossLink.of(
                      UUID.randomUUID(),
                      children.get(link.from()),
                      children.get(link.to()),
                      Naming.shortened(link.phrase(), CrossLink.LONGEST_PHRASE))
                  .withGrounds(Sprig.evidence(link.passages(), UUID::randomUUID))));
    }
    return planted(Act.byHand(person, edit).called(called), mapId, parent, branch, changes);
  }

  private static void requireSome(Sprig sprig) {
    if (sprig.children().isEmpty()) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "The sources have changed, and have none of this any more. Look again.");
    }
  }

  private Planted planted(Act act, UUID mapId, UUID parent, Branch branch, List<Change> changes) {
    maps.change(
        act,
        mapId,
        map -> {
          if (!map.has(parent)) {
            throw new Refused(
                HttpStatus.CONFLICT,
                "The topic that this was to come under is gone. Choose another.");
          }
          return new Together(changes);
        });
    return new Planted(branch.id());
  }
}
