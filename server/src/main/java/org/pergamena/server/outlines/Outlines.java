package org.pergamena.server.outlines;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.outline.OutlineSync;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.StaleException;
import org.pergamena.server.site.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Outlines that maps follow: brought once, corrected in place as often as one likes. */
@Service
public class Outlines {
  private static final Logger LOG = LoggerFactory.getLogger(Outlines.class);
  private static final int LONGEST = 2_000_000;

  private final EntityManager entities;
  private final Maps maps;
  private final TransactionTemplate transactions;
  private final JsonMapper json;

  Outlines(EntityManager entities, Maps maps, TransactionTemplate transactions, JsonMapper json) {
    this.transactions = transactions;
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
  public OutlineView of(UUID mapId) {
    OutlineRow row = entities.find(OutlineRow.class, mapId); // read without a connection
    if (row == null) {
      return new OutlineView("", "", 0, List.of(), List.of());
    }
    Outline outline = OutlineReader.read(row.body);
    return new OutlineView(
        row.name, row.body, outline.items().size(), outline.repairs(), List.of());
  }

  /**
   * Makes a map follow an outline, the first or a corrected one, as one change. What is to change
   * is computed without holding the map, and again if somebody changed it meanwhile.
   *
   * @throws Refused if nothing in it is a topic
   */
  public OutlineView follow(UUID person, UUID mapId, String name, String body) {
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
    while (true) {
      try {
        OutlineSync.Plan plan = follow(person, mapId, name, body, outline);
        return new OutlineView(name, body, outline.items().size(), outline.repairs(), plan.kept());
      } catch (StaleException e) {
        LOG.debug("reading the map again, it has changed");
      }
    }
  }

  private OutlineSync.Plan follow(
      UUID person, UUID mapId, String name, String body, Outline outline) {
    TopicMap map = maps.get(mapId).map();
    String grown = grown(mapId);
    List<OutlineSync.Grown> before =
        grown == null
            ? List.of()
            : json.readValue(grown, new TypeReference<List<OutlineSync.Grown>>() {});
    OutlineSync.Plan plan = OutlineSync.plan(map, before, outline, UUID::randomUUID);
    boolean titles = outline.title() != null && !maps.titled(mapId);
    Change change = titles ? titled(map, plan.change(), outline.title()) : plan.change();
    OutlineRow row = new OutlineRow(mapId);
    row.name = name;
    row.body = body;
    row.grown = json.writeValueAsString(plan.grown());
    transactions.executeWithoutResult(
        transaction -> {
          maps.change(
              Act.byHand(person, null).called("Followed the outline “" + name + "”"),
              mapId,
              now -> {
                if (!now.equals(map) || !Objects.equals(grown, grown(mapId))) {
                  throw new StaleException();
                }
                return change;
              });
          entities.merge(row);
        });
    return plan;
  }

  private String grown(UUID mapId) {
    return entities
        .createQuery("select grown from OutlineRow where mapId = :map", String.class)
        .setParameter("map", mapId)
        .getResultList()
        .stream()
        .findFirst()
        .orElse(null);
  }

  /** The outline's title too, for a map that has none. */
  private static Change titled(TopicMap map, Change change, String title) {
    return new Together(List.of(new ContentChange.Relabel(map.root().id(), title), change));
  }

  /** Lets a map go its own way; its topics stay. */
  @Transactional
  public void part(UUID mapId) {
    OutlineRow row = entities.find(OutlineRow.class, mapId);
    if (row != null) {
      entities.remove(row);
    }
  }
}
