package org.pergamena.server.outlines;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Passages that were matched with topics and wait for a person to accept or refuse them. */
@Service
public class Proposals {
  private final EntityManager entities;
  private final Maps maps;
  private final Sources sources;

  Proposals(EntityManager entities, Maps maps, Sources sources) {
    this.entities = entities;
    this.maps = maps;
    this.sources = sources;
  }

  /** A passage that is proposed for a topic. */
  public record Proposal(UUID id, UUID topic, Passage passage, double strength) {}

  /** Those of a map that nobody has decided on, the strongest first. */
  @Transactional(readOnly = true)
  public List<Proposal> of(UUID mapId) {
    return entities
        .createQuery(
            "from ProposalRow where mapId = :map and not refused order by strength desc, id",
            ProposalRow.class)
        .setParameter("map", mapId)
        .getResultStream()
        .map(row -> new Proposal(row.id, row.topicId, row.passage(), row.strength))
        .toList();
  }

  /** What is proposed once: words for a topic, wherever they stand. */
  private record Key(UUID topic, String words) {
    static Key of(Matching.Match match) {
      return new Key(match.topic(), match.passage().exact());
    }

    static Key of(ProposalRow row) {
      return new Key(row.topicId, row.quote);
    }
  }

  /** Those whose topic and words are still there, and not linked yet. */
  public static List<Proposal> standing(List<Proposal> all, TopicMap map, List<Source> texts) {
    return all.stream()
        .filter(p -> map.has(p.topic()) && stands(p.passage(), texts) && !linked(map, p))
        .toList();
  }

  private static boolean stands(Passage passage, List<Source> texts) {
    return texts.stream()
        .filter(source -> source.id().equals(passage.source()))
        .anyMatch(source -> source.text().text().startsWith(passage.exact(), passage.start()));
  }

  private static boolean linked(TopicMap map, Proposal proposal) {
    Passage passage = proposal.passage();
    return map.topic(proposal.topic()).evidence().stream()
        .anyMatch(e -> e.passage().samePlace(passage));
  }

  /**
   * Puts matches in place of those that nobody has decided on; what was refused stays refused. What
   * is proposed again keeps its identity, so that a person who is deciding on it can.
   */
  @Transactional
  public void replace(UUID mapId, List<Matching.Match> matches) {
    Map<Key, Matching.Match> wanted = new HashMap<>();
    matches.forEach(match -> wanted.putIfAbsent(Key.of(match), match));
    entities
        .createQuery("from ProposalRow where mapId = :map and not refused", ProposalRow.class)
        .setParameter("map", mapId)
        .getResultList()
        .forEach(
            row -> {
              Matching.Match match = wanted.get(Key.of(row));
              if (match == null) {
                entities.remove(row);
              } else {
                row.take(match);
              }
            });
    add(mapId, matches);
  }

  /** Adds matches to those that nobody has decided on, each once. */
  @Transactional
  public void add(UUID mapId, List<Matching.Match> matches) {
    Set<Key> known = new HashSet<>();
    entities
        .createQuery("from ProposalRow where mapId = :map", ProposalRow.class)
        .setParameter("map", mapId)
        .getResultStream()
        .forEach(row -> known.add(Key.of(row)));
    for (Matching.Match match : matches) {
      if (known.add(Key.of(match))) {
        entities.persist(new ProposalRow(mapId, match));
      }
    }
  }

  /** Links proposals to their topics, all as one change. */
  @Transactional
  public void accept(UUID person, UUID mapId, Set<UUID> ids) {
    maps.change(
        Act.byHand(person, null),
        mapId,
        map -> {
          List<Change> changes = new ArrayList<>();
          for (Proposal proposal : chosen(mapId, map, ids)) {
            changes.add(
                new EvidenceChange.Link(
                    proposal.topic(),
                    Place.LAST,
                    new Evidence(
                        proposal.id(),
                        proposal.passage(),
                        Stance.SUPPORTS,
                        Origin.MATCHED,
                        proposal.strength())));
          }
          return new Together(changes);
        });
  }

  private List<Proposal> chosen(UUID mapId, TopicMap map, Set<UUID> ids) {
    List<Proposal> chosen =
        standing(of(mapId), map, sources.texts(mapId)).stream()
            .filter(p -> ids.contains(p.id()))
            .toList();
    if (chosen.isEmpty()) {
      throw Refused.notFound("This proposed passage");
    }
    return chosen;
  }

  /** Refuses proposals; they are not proposed for these topics again. */
  @Transactional
  public void refuse(UUID mapId, Set<UUID> ids) {
    entities
        .createQuery("update ProposalRow set refused = true where mapId = :map and id in :ids")
        .setParameter("map", mapId)
        .setParameter("ids", ids)
        .executeUpdate();
  }
}
