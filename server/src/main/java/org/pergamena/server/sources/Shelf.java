package org.pergamena.server.sources;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ShelfChange;
import org.pergamena.core.reference.Guess;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.When;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.maps.ShelfKeeper;
import org.pergamena.server.site.Refused;
import org.pergamena.server.site.Sentence;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What becomes of sources on their shelf: their names and facts, their texts, their leaving. */
@Service
public class Shelf implements ShelfKeeper {
  private final EntityManager entities;
  private final SourceFiles files;
  private final WorkKeys keys;

  Shelf(EntityManager entities, SourceFiles files, WorkKeys keys) {
    this.entities = entities;
    this.files = files;
    this.keys = keys;
  }

  static SourceRow row(EntityManager entities, UUID mapId, UUID sourceId) {
    SourceRow row = entities.find(SourceRow.class, sourceId);
    if (row == null || !row.mapId.equals(mapId)) {
      throw Refused.notFound("This source");
    }
    return row;
  }

  /** The row to write, as it is once nobody else can. */
  private SourceRow row(UUID mapId, UUID sourceId) {
    SourceRow row = row(entities, mapId, sourceId);
    entities.flush();
    entities.refresh(row, LockModeType.PESSIMISTIC_WRITE);
    return row;
  }

  @Override
  public void sweep() {
    files.sweep();
  }

  @Override
  public void keep(UUID mapId, Change part) {
    if (part instanceof ShelfChange.Withdraw withdraw) {
      row(mapId, withdraw.source()).withdrawn = true;
    } else if (part instanceof ShelfChange.Restore restore) {
      row(mapId, restore.source()).withdrawn = false;
    } else if (part instanceof ShelfChange.Retext retext) {
      SourceRow row = row(mapId, retext.source());
      row.newerThan = retext.to().equals(row.newerThan) ? null : retext.from();
      show(row, retext.to());
    }
  }

  private void show(SourceRow row, UUID textId) {
    UUID content =
        entities
            .createQuery("select contentId from TextRow where id = :id", UUID.class)
            .setParameter("id", textId)
            .getSingleResult();
    row.textId = textId;
    row.contentId = content;
    FileRow file = entities.find(FileRow.class, new FileRow.Key(row.id, content));
    row.fileName = file == null ? row.fileName : file.fileName;
  }

  /** Notes that what is new in a source has been folded in. */
  @Transactional
  public void folded(UUID mapId, UUID sourceId) {
    row(mapId, sourceId).newerThan = null;
  }

  /** Gives a source that no topic rests on the text that was read out of its file. */
  @Transactional
  public void take(UUID mapId, UUID sourceId, UUID textId) {
    show(row(mapId, sourceId), textId);
  }

  /** Names a source that nobody has named by what its file says, and notes that it was read. */
  @Transactional
  public void named(UUID mapId, UUID sourceId, ReadSource read) {
    SourceRow row = row(mapId, sourceId);
    row.name = row.renamed ? row.name : read.name(row.fileName);
    row.problem = null;
    Reference guess = guess(row, read);
    Reference known = row.reference == null ? guess : CslJson.read(row.reference).completed(guess);
    row.citeKey = row.citeKey == null ? keys.free(mapId, sourceId, known, row.name) : row.citeKey;
    row.reference = CslJson.write(row.citeKey, known);
  }

  private static Reference guess(SourceRow row, ReadSource read) {
    return Guess.of(
        new Guess.Said(
            row.name,
            said(read.facts().author()),
            said(read.facts().date()),
            read.kind().work(),
            said(row.address),
            When.of(LocalDate.ofInstant(row.createdAt, ZoneOffset.UTC)),
            read.text().text()));
  }

  private static String said(String words) {
    return words == null ? "" : words;
  }

  /** Keeps why a source could not be read, or that nothing is known against it. */
  @Transactional
  public void failed(UUID mapId, UUID sourceId, String problem) {
    row(mapId, sourceId).problem = Sentence.kept(problem);
  }

  /**
   * What a person says of a source.
   *
   * @throws Refused if another work of the map has the key
   */
  @Transactional
  public void describe(UUID mapId, UUID sourceId, String name, String key, Reference reference) {
    SourceRow row = row(mapId, sourceId);
    keys.require(mapId, sourceId, key);
    if (!name.isBlank() && !name.strip().equals(row.name)) {
      row.name = name.strip();
      row.renamed = true;
    }
    row.citeKey = key;
    row.reference = CslJson.write(key, reference);
  }

  /** Gives a source the name that a person gave it elsewhere. */
  @Transactional
  public void rename(UUID mapId, UUID sourceId, String name) {
    SourceRow row = row(mapId, sourceId);
    row.renamed = row.renamed || !name.equals(row.name);
    row.name = name.length() > 200 ? name.substring(0, 200) : name;
  }

  /** Notes what is known of a source as a work, and its key. */
  @Transactional
  public void known(UUID mapId, UUID sourceId, String key, Reference reference) {
    SourceRow row = row(mapId, sourceId);
    row.citeKey = key;
    row.reference = CslJson.write(key, reference);
  }

  /** Sets the language of a source; empty goes by the text. */
  @Transactional
  public void speak(UUID mapId, UUID sourceId, String language) {
    row(mapId, sourceId).language = language.isBlank() ? null : language;
  }

  /** Says what kind of file a source is; whether that is new. */
  @Transactional
  public boolean choose(UUID mapId, UUID sourceId, SourceKind kind) {
    SourceRow row = row(mapId, sourceId);
    boolean changed = row.chosen != kind;
    row.chosen = kind;
    return changed;
  }

  /** Leaves stretches of a source out of distilling, and no others. */
  @Transactional
  public void exclude(UUID mapId, UUID sourceId, List<Span> spans) {
    row(mapId, sourceId).excluded = StructureJson.json(Spans.union(spans));
  }

  /** Joins a recording to the source that is its transcript. */
  @Transactional
  public void play(UUID mapId, UUID sourceId, UUID content, String type) {
    SourceRow row = row(mapId, sourceId);
    row.recording = content;
    row.soundType = type;
  }

  /** Content of the recording of a source. */
  @Transactional(readOnly = true)
  public Optional<UUID> recording(UUID mapId, UUID sourceId) {
    return Optional.ofNullable(row(entities, mapId, sourceId).recording);
  }

  /** Takes a source that nothing was ever read out of away for good. */
  @Transactional
  public void remove(UUID mapId, UUID sourceId) {
    entities.remove(row(mapId, sourceId));
    entities.flush();
    files.sweep();
  }
}
