package org.pergamena.server.replies;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.reply.Beside;
import org.pergamena.core.reply.Checked;
import org.pergamena.core.reply.Checking;
import org.pergamena.core.reply.Compared;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Comparing;
import org.pergamena.core.reply.Merging;
import org.pergamena.core.reply.Reply;
import org.pergamena.core.reply.ReplyReader;
import org.pergamena.core.reply.Taking;
import org.pergamena.core.source.Source;
import org.pergamena.server.maps.Act;
import org.pergamena.server.maps.Log;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.StaleException;
import org.pergamena.server.reading.Confined;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Sources;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The replies that belong to maps. */
@Service
public class Replies {
  private static final Logger LOG = LoggerFactory.getLogger(Replies.class);

  /** The most replies that are kept with one map. */
  private static final int MOST = 200;

  /** The most that all replies of a person and what was asked for them have, in code units. */
  private static final long MOST_OF_ONE = 60_000_000;

  private final EntityManager entities;
  private final Maps maps;
  private final Log log;
  private final Sources sources;
  private final TransactionTemplate transactions;
  private final Confined confined;

  Replies(
      EntityManager entities,
      Maps maps,
      Log log,
      Sources sources,
      TransactionTemplate transactions,
      Confined confined) {
    this.entities = entities;
    this.maps = maps;
    this.log = log;
    this.sources = sources;
    this.transactions = transactions;
    this.confined = confined;
  }

  /**
   * What came and what it answers.
   *
   * @param wish or null if it is not known
   * @param asked the brief as it was sent, may be empty
   */
  public record Coming(String body, String assistant, Wish wish, List<UUID> about, String asked) {}

  /** A reply in a list. */
  public record KeptReply(
      UUID id, String assistant, String brief, Instant cameAt, String begins, boolean asked) {}

  /**
   * A reply as it is read, and how it stands to a map.
   *
   * @param refused what a person does not want, of this reply or of another of the map
   */
  record Standing(ReplyRow row, TopicMap map, Reply reply, Compared compared, Set<String> refused) {
    UUID anchor() {
      return Arrays.stream(row.about).filter(map::has).findFirst().orElse(map.root().id());
    }

    Trace trace() {
      LocalDate day = LocalDate.ofInstant(row.cameAt, ZoneOffset.UTC);
      return new Trace(row.assistant, row.brief, day);
    }
  }

  /** Keeps a reply with a map; its identity. */
  public UUID keep(UUID person, UUID mapId, Coming coming) {
    confined.requireReply(coming.body());
    TopicMap map = maps.get(mapId).map();
    ReplyRow row = new ReplyRow(mapId, person);
    row.body = ReplyReader.text(coming.body());
    row.assistant = coming.assistant().strip();
    row.wish = coming.wish();
    row.about = coming.about().stream().filter(map::has).toArray(UUID[]::new);
    row.brief = coming.wish() == null ? "" : line(coming.wish(), map, row.about);
    row.asked = coming.asked();
    transactions.executeWithoutResult(
        transaction -> {
          if (of(mapId).size() >= MOST) {
            throw new Refused(
                HttpStatus.CONFLICT,
                MOST + " replies are kept with a map. Throw one away that is not needed.");
          }
          requireRoom(person, row.body.length() + row.asked.length());
          entities.persist(row);
        });
    return row.id;
  }

  private void requireRoom(UUID person, long more) {
    Long there =
        entities
            .createQuery(
                "select coalesce(sum(length(body) + length(asked)), 0) from ReplyRow"
                    + " where person = :person",
                Long.class)
            .setParameter("person", person)
            .getSingleResult();
    if (there + more > MOST_OF_ONE) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "Your replies have more than sixty million characters together. Throw some away that are"
              + " not needed.");
    }
  }

  private static String line(Wish wish, TopicMap map, UUID[] about) {
    String topics =
        about.length == 0
            ? "“" + map.root().label() + "”"
            : Arrays.stream(about)
                .map(id -> "“" + map.topic(id).label() + "”")
                .collect(Collectors.joining(", "));
    String line = wish.of(topics);
    return line.length() > Trace.LONGEST ? line.substring(0, Trace.LONGEST - 1) + "…" : line;
  }

  /** Those of a map, the latest first. */
  public List<KeptReply> of(UUID mapId) {
    return rows(mapId).stream()
        .map(
            row ->
                new KeptReply(
                    row.id,
                    row.assistant,
                    row.brief,
                    row.cameAt,
                    begins(row.body),
                    !row.asked.isBlank()))
        .toList();
  }

  /** A reply as it is taken along: from whom and to what, then its words. */
  public record Written(String text) {}

  /** Those of a map as they are taken along, the latest first. */
  public List<Written> written(UUID mapId) {
    return rows(mapId).stream()
        .map(
            row ->
                new Written(
                    "<!-- "
                        + (row.assistant + ", " + row.brief + ", " + row.cameAt).replace("--", "—")
                        + " -->\n\n"
                        + row.body))
        .toList();
  }

  private List<ReplyRow> rows(UUID mapId) {
    return entities
        .createQuery("from ReplyRow where mapId = :map order by cameAt desc", ReplyRow.class)
        .setParameter("map", mapId)
        .getResultList();
  }

  private static String begins(String body) {
    String words = body.strip().replaceAll("\\s+", " ");
    return words.length() > 80 ? words.substring(0, 80) + "…" : words;
  }

  /** Puts other words in the place of those that came. */
  public void correct(UUID mapId, UUID id, String body, String assistant) {
    confined.requireReply(body);
    transactions.executeWithoutResult(
        transaction -> {
          ReplyRow row = row(mapId, id);
          requireRoom(row.person, Math.max(0, body.length() - row.body.length()));
          row.body = ReplyReader.text(body);
          row.assistant = assistant.strip();
        });
  }

  /** Throws a reply away; topics that came with it stay. */
  public void forget(UUID mapId, UUID id) {
    transactions.executeWithoutResult(transaction -> entities.remove(row(mapId, id)));
  }

  ReplyRow row(UUID mapId, UUID id) {
    ReplyRow row = entities.find(ReplyRow.class, id);
    if (row == null || !row.mapId.equals(mapId)) {
      throw new Refused(HttpStatus.NOT_FOUND, "This reply is no longer kept with the map.");
    }
    return row;
  }

  /** A reply and how it stands to its map now. */
  Standing standing(UUID mapId, UUID id) {
    ReplyRow row = row(mapId, id);
    TopicMap map = maps.get(mapId).map();
    ByHand byHand = log.byHand(mapId);
    Reply reply = ReplyReader.read(row.body, Comparing.inPairs(row.wish));
    List<UUID> about = List.of(row.about);
    Compared compared = Comparing.of(reply, map, about, row.wish, byHand, tongues(mapId));
    Set<String> refused = new LinkedHashSet<>();
    rows(mapId).forEach(each -> refused.addAll(List.of(each.refused)));
    return new Standing(row, map, reply, compared, refused);
  }

  private List<Tongue> tongues(UUID mapId) {
    return sources.texts(mapId).stream()
        .map(Source::language)
        .distinct()
        .map(Tongue::of)
        .distinct()
        .toList();
  }

  /** What the sources of a map say to a reply. */
  Checked checked(UUID mapId, UUID id, Progress progress) {
    ReplyRow row = row(mapId, id);
    Reply reply = ReplyReader.read(row.body, Comparing.inPairs(row.wish));
    TopicMap map = maps.get(mapId).map();
    return Checking.of(
        reply,
        map,
        sources.analysed(mapId, () -> progress.at("Finding sentences", 0.02)),
        progress);
  }

  /** Two replies beside each other. */
  Beside beside(UUID mapId, UUID id, UUID other) {
    ReplyRow one = row(mapId, id);
    ReplyRow two = row(mapId, other);
    return Beside.of(
        ReplyReader.read(one.body, Comparing.inPairs(one.wish)),
        ReplyReader.read(two.body, Comparing.inPairs(two.wish)),
        tongues(mapId));
  }

  /** One map of several replies, which is none of this map's topics. */
  public TopicMap merged(UUID mapId, List<UUID> ids, String title) {
    List<Merging.Named> named = new ArrayList<>();
    for (UUID id : ids) {
      ReplyRow row = row(mapId, id);
      String name =
          row.assistant.isBlank() ? "outline " + (named.size() + 1) : row.assistant.strip();
      named.add(
          new Merging.Named(
              name,
              ReplyReader.read(row.body, Comparing.inPairs(row.wish)),
              LocalDate.ofInstant(row.cameAt, ZoneOffset.UTC)));
    }
    TopicMap map = maps.get(mapId).map();
    return Merging.of(named, title, map, tongues(mapId), UUID::randomUUID);
  }

  /** A map as it would be with all that is new in a reply, and what each point is there. */
  public record Preview(TopicMap map, List<UUID> points) {}

  /** What a map would be with all that is new in a reply; nothing is changed. */
  public Preview preview(UUID mapId, UUID id) {
    Standing standing = standing(mapId, id);
    Set<String> refused = standing.refused();
    List<String> wanted =
        standing.compared().differences().stream()
            .filter(each -> each.kind() == Kind.NEW && !refused.contains(each.says()))
            .map(Difference::id)
            .toList();
    Taking.Taken taken = taken(standing, List.of(), wanted);
    return new Preview(standing.map().apply(taken.change()).map(), taken.topics());
  }

  private static Taking.Taken taken(
      Standing standing, List<Checked.Judged> judged, List<String> wanted) {
    return Taking.of(
        standing.map(),
        standing.reply(),
        standing.compared(),
        judged,
        wanted,
        standing.anchor(),
        standing.trace(),
        UUID::randomUUID);
  }

  /**
   * Takes differences into the map, all as one change, with the passages that bear them out. What
   * is to change is computed without holding the map, and again if somebody changed it meanwhile.
   *
   * @param edit the identity of the request, so that it is done once
   */
  void take(UUID person, UUID mapId, UUID id, UUID edit, List<String> wanted, Progress progress) {
    List<Checked.Judged> judged = checked(mapId, id, progress).points();
    while (true) {
      Standing standing = standing(mapId, id);
      Taking.Taken taken = taken(standing, judged, wanted);
      String by = standing.row().assistant.isBlank() ? "" : " of " + standing.row().assistant;
      try {
        maps.change(
            Act.byHand(person, edit).called("Took in a reply" + by),
            mapId,
            now -> {
              if (!now.equals(standing.map())) {
                throw new StaleException();
              } else if (taken.change().parts().isEmpty()) {
                throw new Refused(
                    HttpStatus.CONFLICT,
                    "The map has changed, and has all of this already. Look again.");
              }
              return taken.change();
            });
        return;
      } catch (StaleException e) {
        LOG.debug("comparing with the map again, it has changed");
      }
    }
  }

  /** Notes that a person does not want some differences, in whichever reply, or does again. */
  void refuse(UUID mapId, UUID id, List<String> ids, boolean refused) {
    List<String> said =
        standing(mapId, id).compared().differences().stream()
            .filter(each -> ids.contains(each.id()))
            .map(Difference::says)
            .toList();
    transactions.executeWithoutResult(
        transaction -> {
          for (ReplyRow row : rows(mapId)) {
            Set<String> says = new LinkedHashSet<>(List.of(row.refused));
            boolean changed =
                refused ? row.id.equals(id) && says.addAll(said) : says.removeAll(said);
            if (changed) {
              row.refused = says.toArray(String[]::new);
            }
          }
        });
  }
}
