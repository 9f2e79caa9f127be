package org.pergamena.server.sources;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sources of maps: their bytes as they came, and the text read out of them. */
@Service
public class Sources {
  private static final int MOST = 200;

  private final EntityManager entities;
  private final Cache<UUID, SourceText> texts =
      Caffeine.newBuilder()
          .maximumWeight(60_000_000)
          .weigher((UUID id, SourceText text) -> text.text().length())
          .build();
  private final Cache<UUID, Analysed> analysed =
      Caffeine.newBuilder()
          .maximumWeight(12_000_000)
          .weigher((UUID id, Analysed text) -> text.source().text().text().length())
          .build();

  Sources(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * A source in a list.
   *
   * @param kind null until it is read
   * @param problem why it could not be read, or null
   * @param durationMs milliseconds, 0 without times
   */
  public record Entry(
      UUID id,
      String name,
      String fileName,
      SourceKind kind,
      String problem,
      int words,
      int pages,
      long durationMs,
      UUID textId) {
    /** Whether its text is there. */
    public boolean ready() {
      return textId != null;
    }
  }

  /** The sources of a map, in the order in which they came. */
  @Transactional(readOnly = true)
  public List<Entry> of(UUID mapId) {
    return entities
        .createQuery(
            "select s, t.kind, t.words, t.pages, t.duration from SourceRow s"
                + " left join TextRow t on t.id = s.textId"
                + " where s.mapId = :map order by s.position",
            Object[].class)
        .setParameter("map", mapId)
        .getResultStream()
        .map(Sources::entry)
        .toList();
  }

  private static Entry entry(Object[] row) {
    SourceRow source = (SourceRow) row[0];
    boolean read = source.textId != null;
    return new Entry(
        source.id,
        source.name,
        source.fileName,
        (SourceKind) row[1],
        source.problem,
        read ? (Integer) row[2] : 0,
        read ? (Integer) row[3] : 0,
        read ? (Long) row[4] : 0,
        source.textId);
  }

  /** The sources of a map that have been read, with their text. */
  @Transactional(readOnly = true)
  public List<Source> texts(UUID mapId) {
    return texts(of(mapId));
  }

  /** Those of some entries that have been read, with their text. */
  @Transactional(readOnly = true)
  public List<Source> texts(List<Entry> entries) {
    return entries.stream().filter(Entry::ready).map(this::source).toList();
  }

  /** The identities of a map's sources, in the order that gives them their inks. */
  @Transactional(readOnly = true)
  public List<UUID> ids(UUID mapId) {
    return of(mapId).stream().map(Entry::id).toList();
  }

  /** The same, split into sentences; what was split before is not split again. */
  @Transactional(readOnly = true)
  public List<Analysed> analysed(UUID mapId) {
    return of(mapId).stream().filter(Entry::ready).map(this::analysed).toList();
  }

  /** Splits a source into sentences ahead of its being distilled. */
  @Transactional(readOnly = true)
  public void prepare(UUID mapId, UUID sourceId) {
    of(mapId).stream()
        .filter(entry -> entry.id().equals(sourceId) && entry.ready())
        .forEach(this::analysed);
  }

  private Analysed analysed(Entry entry) {
    Source source = source(entry);
    Analysed text = analysed.get(entry.textId(), id -> TextAnalyser.analyse(source));
    return new Analysed(source, text.sentences(), text.punctuated());
  }

  private Source source(Entry entry) {
    return new Source(entry.id(), entry.name(), text(entry.textId()));
  }

  private SourceText text(UUID textId) {
    return texts.get(
        textId,
        id -> {
          TextRow row = entities.find(TextRow.class, id);
          entities.detach(row);
          return StructureJson.read(row.body, row.structure);
        });
  }

  /**
   * One source of a map with its text.
   *
   * @throws Refused if there is none or it has not been read
   */
  @Transactional(readOnly = true)
  public Source source(UUID mapId, UUID sourceId) {
    return of(mapId).stream()
        .filter(entry -> entry.id().equals(sourceId) && entry.ready())
        .findFirst()
        .map(this::source)
        .orElseThrow(() -> Refused.notFound("This source"));
  }

  /** Keeps a file as a source that is still to be read. */
  @Transactional
  public UUID add(UUID mapId, String fileName, byte[] bytes) {
    List<Entry> there = of(mapId);
    if (there.size() >= MOST) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "A map has at most " + MOST + " sources. Take some out or begin another map.");
    }
    int position =
        entities
            .createQuery(
                "select coalesce(max(position), -1) + 1 from SourceRow where mapId = :map",
                Integer.class)
            .setParameter("map", mapId)
            .getSingleResult();
    String name = fileName.isBlank() ? "Unnamed file" : fileName;
    SourceRow row = new SourceRow(UUID.randomUUID(), mapId, content(bytes), position, name, name);
    entities.persist(row);
    return row.id;
  }

  private UUID content(byte[] bytes) {
    String hash = sha256(bytes);
    entities
        .createNativeQuery(
            "insert into content (id, sha256, size, bytes) values (:id, :hash, :size, :bytes)"
                + " on conflict (sha256) do nothing")
        .setParameter("id", UUID.randomUUID())
        .setParameter("hash", hash)
        .setParameter("size", (long) bytes.length)
        .setParameter("bytes", bytes)
        .executeUpdate();
    return entities
        .createQuery("select id from ContentRow where sha256 = :hash", UUID.class)
        .setParameter("hash", hash)
        .getSingleResult();
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("This Java has no SHA-256.", e);
    }
  }

  /** The file name and bytes of a source, as they came. */
  @Transactional(readOnly = true)
  public Map.Entry<String, byte[]> original(UUID mapId, UUID sourceId) {
    SourceRow row = row(mapId, sourceId);
    return Map.entry(row.fileName, entities.find(ContentRow.class, row.contentId).bytes.clone());
  }

  /** Keeps what was read out of a source. */
  @Transactional
  public void read(UUID mapId, UUID sourceId, ReadSource read) {
    SourceRow row = row(mapId, sourceId);
    row.textId =
        entities
            .createQuery(
                "select id from TextRow where contentId = :content and kind = :kind", UUID.class)
            .setParameter("content", row.contentId)
            .setParameter("kind", read.kind())
            .getResultStream()
            .findFirst()
            .orElseGet(
                () -> {
                  TextRow text = new TextRow(UUID.randomUUID(), row.contentId, read);
                  entities.persist(text);
                  return text.id;
                });
    row.name = title(row.fileName, read);
    row.problem = null;
  }

  private static String title(String fileName, ReadSource read) {
    if (read.title() != null && read.title().length() >= 3) {
      return read.title().length() <= 200 ? read.title() : read.title().substring(0, 200);
    }
    String bare =
        fileName.replaceFirst("\\.[A-Za-z0-9]{1,8}$", "").replaceAll("[_-]+", " ").strip();
    return bare.isEmpty() ? fileName : Character.toUpperCase(bare.charAt(0)) + bare.substring(1);
  }

  /** Keeps why a source could not be read. */
  @Transactional
  public void failed(UUID mapId, UUID sourceId, String problem) {
    row(mapId, sourceId).problem = problem;
  }

  /** Takes a source out of a map; nothing on the map may rest on it. */
  @Transactional
  public void remove(UUID mapId, UUID sourceId) {
    entities.remove(row(mapId, sourceId));
  }

  /** Gives a map the same sources that another has; what each became. */
  @Transactional
  public Map<UUID, UUID> copy(UUID fromMap, UUID toMap) {
    Map<UUID, UUID> copies = new HashMap<>();
    List<SourceRow> rows =
        entities
            .createQuery("from SourceRow where mapId = :map order by position", SourceRow.class)
            .setParameter("map", fromMap)
            .getResultList();
    for (SourceRow row : rows) {
      UUID id = UUID.randomUUID();
      SourceRow copy =
          new SourceRow(id, toMap, row.contentId, row.position, row.fileName, row.name);
      copy.textId = row.textId;
      entities.persist(copy);
      copies.put(row.id, id);
    }
    return copies;
  }

  private SourceRow row(UUID mapId, UUID sourceId) {
    SourceRow row = entities.find(SourceRow.class, sourceId);
    if (row == null || !row.mapId.equals(mapId)) {
      throw Refused.notFound("This source");
    }
    return row;
  }
}
