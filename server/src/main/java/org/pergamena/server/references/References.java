package org.pergamena.server.references;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.SameWorks;
import org.pergamena.core.reference.Work;
import org.pergamena.formats.citation.Citer;
import org.pergamena.formats.citation.ReferenceList;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.publish.Works;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.Shelf;
import org.pergamena.server.sources.Sources;
import org.pergamena.server.sources.WorkKeys;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The works of a map, with a text or without, and the style in which it cites them. */
@Service
public class References {
  private static final int MOST = 2000;
  private static final int LONGEST_NAME = 200;

  private final EntityManager entities;
  private final Sources sources;
  private final Shelf shelf;
  private final WorkKeys keys;

  References(EntityManager entities, Sources sources, Shelf shelf, WorkKeys keys) {
    this.entities = entities;
    this.sources = sources;
    this.shelf = shelf;
    this.keys = keys;
  }

  /**
   * A work of a map.
   *
   * @param id of the source, or of the work that has no text
   * @param source whether it has a text
   * @param kind of its file as a person calls it; empty without one
   */
  record Shelved(UUID id, boolean source, String name, String kind, Work work) {}

  /**
   * How a map cites.
   *
   * @param style the key of one that ships, or {@code own}
   * @param language ISO 639-1
   * @param own what the style of one's own is called, or null without one
   */
  record Citing(String style, String language, String own) {}

  /** What became of a list of references: numbers of works, and what was wrong with the others. */
  record BroughtReferences(
      int added, int completed, int there, List<ReferenceList.EntryFault> faults) {}

  /** The works of a map: its sources in their order, then those without a text by their names. */
  @Transactional(readOnly = true)
  List<Shelved> all(UUID mapId) {
    List<Shelved> all = new ArrayList<>();
    for (Sources.Entry entry : sources.of(mapId)) {
      if (entry.ready() && !entry.key().isEmpty()) {
        Work work = new Work(entry.key(), entry.reference());
        all.add(new Shelved(entry.id(), true, entry.name(), entry.kind().word(), work));
      }
    }
    for (WorkRow row : rows(mapId)) {
      Work work = new Work(row.citeKey, row.reference());
      all.add(new Shelved(row.id, false, name(work), "", work));
    }
    return all;
  }

  private List<WorkRow> rows(UUID mapId) {
    return entities
        .createQuery("from WorkRow where mapId = :map order by citeKey", WorkRow.class)
        .setParameter("map", mapId)
        .getResultList();
  }

  private static String name(Work work) {
    String title = work.reference().get(Field.TITLE);
    String name = title.isEmpty() ? work.key() : title;
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }

  /** All that a map can cite, in its style. */
  @Transactional(readOnly = true)
  public Works works(UUID mapId, boolean footnotes) {
    return works(mapId, all(mapId), footnotes);
  }

  /** Some works of a map, in its style. */
  @Transactional(readOnly = true)
  Works works(UUID mapId, List<Shelved> all, boolean footnotes) {
    Citing citing = citing(mapId);
    List<Works.Shelved> list =
        all.stream()
            .map(w -> new Works.Shelved(w.source() ? w.id() : null, w.name(), w.kind(), w.work()))
            .toList();
    return Works.of(list, style(mapId, citing.style()), citing.language(), footnotes);
  }

  /** The style and language of a map, for some works. */
  @Transactional(readOnly = true)
  public Citer style(UUID mapId, Map<String, Reference> works) {
    Citing citing = citing(mapId);
    return new Citer(style(mapId, citing.style()), citing.language(), works);
  }

  private Style style(UUID mapId, String key) {
    CitingRow row = entities.find(CitingRow.class, mapId);
    return key.equals(Style.OWN) && row.own != null
        ? Style.kept(row.own)
        : Style.of(key).or(() -> Style.of(Style.USUAL)).orElseThrow();
  }

  /** How a map cites. */
  @Transactional(readOnly = true)
  Citing citing(UUID mapId) {
    CitingRow row = entities.find(CitingRow.class, mapId);
    return row == null
        ? new Citing(Style.USUAL, "en", null)
        : new Citing(row.style, row.language, row.own == null ? null : Style.kept(row.own).title());
  }

  /** Chooses a style and a language. */
  @Transactional
  void choose(UUID mapId, String style, String language) {
    CitingRow row = row(mapId);
    boolean known = style.equals(Style.OWN) ? row.own != null : Style.of(style).isPresent();
    if (!known || !Citer.languages().contains(language)) {
      throw new Refused(HttpStatus.BAD_REQUEST, "There is no such style or language.");
    }
    row.style = style;
    row.language = language;
  }

  /** Has a map cite as one that was saved did, as far as that is known. */
  @Transactional
  public void cite(UUID mapId, WholeMap.Manner manner) {
    if (manner == null) {
      return;
    }
    Style.of(manner.style(), manner.own())
        .ifPresent(
            style -> {
              if (style.key().equals(Style.OWN)) {
                bring(mapId, style);
              }
              boolean worded = Citer.languages().contains(manner.language());
              choose(mapId, style.key(), worded ? manner.language() : "en");
            });
  }

  /**
   * Takes a style that a person brings, and cites in it.
   *
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  @Transactional
  void bring(UUID mapId, Style own) {
    CitingRow row = row(mapId);
    row.own = own.xml();
    row.style = Style.OWN;
  }

  private CitingRow row(UUID mapId) {
    entities
        .createNativeQuery(
            "insert into citing (map_id, style, language) values (:map, :style, 'en')"
                + " on conflict do nothing")
        .setParameter("map", mapId)
        .setParameter("style", Style.USUAL)
        .executeUpdate();
    return entities.find(CitingRow.class, mapId);
  }

  /** Puts a work without a text on the shelf. */
  @Transactional
  UUID add(UUID mapId, Reference reference) {
    requireRoom(mapId, 1);
    return add(mapId, reference, keys.free(mapId, null, reference, ""));
  }

  /** Puts a work without a text on the shelf under its own key. */
  @Transactional
  public void add(UUID mapId, Work work) {
    requireRoom(mapId, 1);
    keys.require(mapId, null, work.key());
    add(mapId, work.reference(), work.key());
  }

  private UUID add(UUID mapId, Reference reference, String key) {
    WorkRow row = new WorkRow(mapId, key, reference);
    entities.persist(row);
    return row.id;
  }

  private void requireRoom(UUID mapId, int more) {
    long there =
        entities
            .createQuery("select count(w) from WorkRow w where w.mapId = :map", Long.class)
            .setParameter("map", mapId)
            .getSingleResult();
    if (there + more > MOST) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "A map has at most " + MOST + " works without a text. Take some out first.");
    }
  }

  /** What a person says of a work without a text. */
  @Transactional
  void describe(UUID mapId, UUID work, String key, Reference reference) {
    WorkRow row = find(mapId, work);
    keys.require(mapId, work, key);
    row.say(key, reference);
  }

  /** Takes a work without a text off the shelf. */
  @Transactional
  void remove(UUID mapId, UUID work) {
    entities.remove(find(mapId, work));
  }

  private WorkRow find(UUID mapId, UUID work) {
    return Optional.ofNullable(entities.find(WorkRow.class, work))
        .filter(row -> row.mapId.equals(mapId))
        .orElseThrow(() -> Refused.notFound("This work"));
  }

  /** Makes a work and its text, which has just been added, one. */
  @Transactional
  public void join(UUID mapId, UUID work, UUID source) {
    WorkRow row = find(mapId, work);
    entities.remove(row);
    entities.flush();
    shelf.known(mapId, source, row.citeKey, row.reference());
  }

  /**
   * Takes a list of references: what a work that is here does not say yet is completed, others are
   * put on the shelf.
   */
  @Transactional
  BroughtReferences bring(UUID mapId, ReferenceList list) {
    requireRoom(mapId, list.works().size());
    Set<String> taken = keys.taken(mapId);
    SameWorks<Shelved> here = new SameWorks<>(all(mapId), w -> w.work().reference());
    int added = 0;
    int completed = 0;
    for (Work work : list.works()) {
      Optional<Shelved> same = here.find(work.reference());
      if (same.isEmpty()) {
        String key = CitationKey.kept(work.key(), work.reference(), taken);
        add(mapId, work.reference(), key);
        taken.add(key);
        added++;
      } else {
        completed += completed(mapId, same.get(), work.reference()) ? 1 : 0;
      }
    }
    return new BroughtReferences(
        added, completed, list.works().size() - added - completed, list.faults());
  }

  private boolean completed(UUID mapId, Shelved here, Reference other) {
    Reference known = here.work().reference();
    Reference whole = known.completed(other);
    if (whole.equals(known)) {
      return false;
    }
    if (here.source()) {
      shelf.known(mapId, here.id(), here.work().key(), whole);
    } else {
      find(mapId, here.id()).say(here.work().key(), whole);
    }
    return true;
  }

  /** Gives a map the works and the style of another. */
  @Transactional
  public void copy(UUID fromMap, UUID toMap) {
    entities.flush();
    for (String query :
        List.of(
            "insert into work (id, map_id, cite_key, reference, made_at)"
                + " select gen_random_uuid(), :to, cite_key, reference, made_at from work"
                + " where map_id = :from",
            "insert into citing (map_id, style, language, own)"
                + " select :to, style, language, own from citing where map_id = :from")) {
      entities
          .createNativeQuery(query)
          .setParameter("from", fromMap)
          .setParameter("to", toMap)
          .executeUpdate();
    }
  }
}
