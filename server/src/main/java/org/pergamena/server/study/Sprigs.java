package org.pergamena.server.study;

import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.TreeChange;
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
    if (sprig.children().isEmpty()) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "The sources have changed, and have none of this any more. Look again.");
    }
    Branch branch = sprig.branch(UUID::randomUUID);
    maps.change(
        Act.byHand(person, edit).called(called),
        mapId,
        map -> {
          if (!map.has(parent)) {
            throw new Refused(
                HttpStatus.CONFLICT,
                "The topic that this was to come under is gone. Choose another.");
          }
          return new TreeChange.AddBranch(parent, Place.LAST, branch);
        });
    return new Planted(branch.id());
  }
}
