package org.pergamena.server.outlines;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.outline.OutlineSync;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Outlines that maps follow: brought once, corrected in place as often as one likes. */
@Service
public class Outlines {
  private static final int LONGEST = 2_000_000;

  private final EntityManager entities;
  private final Maps maps;
  private final JsonMapper json;

  Outlines(EntityManager entities, Maps maps, JsonMapper json) {
    this.entities = entities;
    this.maps = maps;
    this.json = json;
  }

  /**
   * An outline with what was found wrong in it.
   *
   * @param name of the file that it came as
   * @param kept labels of topics that stay although their lines are gone
   */
  public record OutlineView(
      String name, String body, int topics, List<Outline.Repair> repairs, List<String> kept) {}

  /** Whether a map follows an outline. */
  @Transactional(readOnly = true)
  public boolean has(UUID mapId) {
    return entities.find(OutlineRow.class, mapId) != null;
  }

  /** The outline that a map follows; empty text if it follows none. */
  @Transactional(readOnly = true)
  public OutlineView of(UUID owner, UUID mapId) {
    maps.requireOwner(owner, mapId);
    OutlineRow row = entities.find(OutlineRow.class, mapId);
    if (row == null) {
      return new OutlineView("", "", 0, List.of(), List.of());
    }
    Outline outline = OutlineReader.read(row.body);
    return new OutlineView(
        row.name, row.body, outline.items().size(), outline.repairs(), List.of());
  }

  /**
   * Makes a map follow an outline, the first or a corrected one, as one change.
   *
   * @throws Refused if nothing in it is a topic
   */
  @Transactional
  public OutlineView follow(UUID owner, UUID mapId, String name, String body) {
    if (body.length() > LONGEST) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "The outline has more than two million characters. Split it into several.");
    }
    Outline outline = OutlineReader.read(body);
    if (outline.items().isEmpty()) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "No line of this is a topic. Write one topic a line, as Markdown headings or list items,"
              + " indented or numbered, or bring OPML.");
    }
    OutlineRow row = entities.find(OutlineRow.class, mapId);
    List<OutlineSync.Grown> before =
        row == null
            ? List.of()
            : json.readValue(row.grown, new TypeReference<List<OutlineSync.Grown>>() {});
    OutlineSync.Plan[] plan = new OutlineSync.Plan[1];
    maps.change(
        owner,
        mapId,
        map -> {
          plan[0] = OutlineSync.plan(map, before, outline, UUID::randomUUID);
          return titled(map, plan[0].change(), outline.title());
        });
    if (row == null) {
      row = new OutlineRow(mapId);
    }
    row.name = name;
    row.body = body;
    row.grown = json.writeValueAsString(plan[0].grown());
    entities.merge(row);
    return new OutlineView(name, body, outline.items().size(), outline.repairs(), plan[0].kept());
  }

  /** The outline's title for a map that nobody has named. */
  private static Change titled(TopicMap map, Change change, String title) {
    if (title == null || !map.root().label().equals(Maps.UNTITLED)) {
      return change;
    }
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.Relabel(map.root().id(), title));
    changes.add(change);
    return new Change.Together(changes);
  }

  /** Lets a map go its own way; its topics stay. */
  @Transactional
  public void part(UUID owner, UUID mapId) {
    maps.requireOwner(owner, mapId);
    OutlineRow row = entities.find(OutlineRow.class, mapId);
    if (row != null) {
      entities.remove(row);
    }
  }
}
