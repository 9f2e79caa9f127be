package org.pergamena.server.distilling;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.core.distil.Redistilling;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.TopicMap;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Log;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.News;
import org.pergamena.server.maps.StaleException;
import org.pergamena.server.maps.StoredMap;
import org.pergamena.server.maps.Views;
import org.pergamena.server.site.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Maps distilled anew, until a person takes them whole, in part, or not at all. */
@Service
public class Distillations {
  private static final Logger LOG = LoggerFactory.getLogger(Distillations.class);

  private final EntityManager entities;
  private final Maps maps;
  private final Log log;
  private final Views views;
  private final News news;
  private final TransactionTemplate transactions;

  Distillations(
      EntityManager entities,
      Maps maps,
      Log log,
      Views views,
      News news,
      TransactionTemplate transactions) {
    this.entities = entities;
    this.maps = maps;
    this.log = log;
    this.views = views;
    this.news = news;
    this.transactions = transactions;
  }

  /** What a person takes of a map distilled anew. */
  public enum How {
    WHOLE,
    ONLY_NEW,
    NOTHING
  }

  /** Whether one waits for a map. */
  @Transactional(readOnly = true)
  public boolean waits(UUID mapId) {
    return entities.find(DistillationRow.class, mapId) != null;
  }

  /** Keeps one until a person decides. */
  @Transactional
  void keep(UUID mapId, TopicMap distilled, String options) {
    StoredMap stored = StoredMap.of(distilled);
    entities.merge(new DistillationRow(mapId, stored.format(), stored.json(), options));
    news.tell(mapId);
  }

  /** What taking it would do; nothing if none waits. */
  Optional<Redistilling> find(UUID mapId) {
    return row(mapId).map(row -> against(mapId, maps.get(mapId).map(), row));
  }

  private Optional<DistillationRow> row(UUID mapId) {
    List<DistillationRow> rows =
        entities
            .createQuery("from DistillationRow where mapId = :map", DistillationRow.class)
            .setParameter("map", mapId)
            .getResultList();
    return rows.stream().findFirst();
  }

  private Redistilling against(UUID mapId, TopicMap standing, DistillationRow row) {
    TopicMap distilled = new StoredMap(row.format, row.found).map();
    return new Redistilling(standing, distilled, log.byHand(mapId), maps.titled(mapId));
  }

  /** Takes it, as one change that is computed without holding the map. */
  void take(UUID person, UUID edit, UUID mapId, How how) {
    DistillationRow row = row(mapId).orElseThrow(() -> Refused.notFound("This map distilled anew"));
    if (how == How.NOTHING) {
      transactions.executeWithoutResult(transaction -> drop(mapId));
      return;
    }
    while (true) {
      try {
        take(Act.byJob(person, edit), mapId, how, row);
        return;
      } catch (StaleException e) {
        LOG.debug("bringing the maps together again, one has changed");
      }
    }
  }

  private void take(Act act, UUID mapId, How how, DistillationRow row) {
    TopicMap standing = maps.get(mapId).map();
    Redistilling again = against(mapId, standing, row);
    Change change = how == How.WHOLE ? again.whole() : again.onlyNew();
    transactions.executeWithoutResult(
        transaction -> {
          maps.change(
              act,
              mapId,
              now -> {
                if (!now.equals(standing)) {
                  throw new StaleException();
                }
                return change;
              });
          if (how == How.WHOLE) {
            maps.distilled(mapId, row.options);
            views.forget(mapId);
          }
          drop(mapId);
        });
  }

  private void drop(UUID mapId) {
    entities
        .createQuery("delete from DistillationRow where mapId = :map")
        .setParameter("map", mapId)
        .executeUpdate();
    news.tell(mapId);
  }
}
