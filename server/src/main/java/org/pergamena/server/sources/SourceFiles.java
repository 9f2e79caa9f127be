package org.pergamena.server.sources;

import jakarta.persistence.EntityManager;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.reference.Reference;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.maps.Limits;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The files of sources as they came, and bringing them in. */
@Service
public class SourceFiles {
  private static final int MOST = 200;

  private final EntityManager entities;
  private final Limits limits;
  private final WorkKeys keys;

  SourceFiles(EntityManager entities, Limits limits, WorkKeys keys) {
    this.entities = entities;
    this.limits = limits;
    this.keys = keys;
  }

  /** A file as it came. */
  public record Original(UUID content, String name, byte[] bytes) {}

  /** A source that is there, by identity and name. */
  public record There(UUID id, String name) {}

  /**
   * What reading needs to know of a source.
   *
   * @param content null if it is still to be fetched
   * @param chosen the kind that a person says it is, or null
   */
  public record Task(UUID content, String fileName, SourceKind chosen, String address) {}

  /** Keeps a file as a source that is still to be read. */
  @Transactional
  public UUID add(UUID mapId, String fileName, byte[] bytes) {
    limits.requireRoomForSource(mapId, bytes.length);
    String name = fileName.isBlank() ? "Unnamed file" : fileName;
    SourceRow row = new SourceRow(mapId, content(bytes), position(mapId), name);
    entities.persist(row);
    entities.persist(new FileRow(row.id, row.contentId, name));
    return row.id;
  }

  /** Keeps an address as a source that is still to be fetched. */
  @Transactional
  public UUID addAddress(UUID mapId, String address) {
    limits.requireRoomForSource(mapId, 0);
    SourceRow row = new SourceRow(mapId, null, position(mapId), address);
    row.address = address;
    entities.persist(row);
    return row.id;
  }

  private int position(UUID mapId) {
    Object[] there =
        entities
            .createQuery(
                "select count(*), coalesce(max(position), -1) + 1 from SourceRow"
                    + " where mapId = :map",
                Object[].class)
            .setParameter("map", mapId)
            .getSingleResult();
    if ((Long) there[0] >= MOST) {
      throw new Refused(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "A map has at most " + MOST + " sources. Take some out or begin another map.");
    }
    return (Integer) there[1];
  }

  /** The source of a map that has the same bytes, if there is one. */
  @Transactional(readOnly = true)
  public Optional<There> same(UUID mapId, byte[] bytes) {
    return entities
        .createQuery(
            "select s.id, s.name from SourceRow s join ContentRow c on c.id = s.contentId"
                + " where s.mapId = :map and not s.withdrawn and c.sha256 = :hash"
                + " order by s.position",
            Object[].class)
        .setParameter("map", mapId)
        .setParameter("hash", sha256(bytes))
        .getResultStream()
        .findFirst()
        .map(row -> new There((UUID) row[0], (String) row[1]));
  }

  /**
   * Keeps bytes once however often they are brought, for a source that is noted as having them in
   * the same transaction; bytes that no source has are swept away.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public UUID content(byte[] bytes) {
    String hash = sha256(bytes);
    List<?> found = List.of();
    while (found.isEmpty()) {
      entities
          .createNativeQuery(
              "insert into content (id, sha256, size, bytes) values (:id, :hash, :size, :bytes)"
                  + " on conflict (sha256) do nothing")
          .setParameter("id", UUID.randomUUID())
          .setParameter("hash", hash)
          .setParameter("size", (long) bytes.length)
          .setParameter("bytes", bytes)
          .executeUpdate();
      found =
          entities
              .createNativeQuery(
                  "select id from content where sha256 = :hash for key share", UUID.class)
              .setParameter("hash", hash)
              .getResultList();
    }
    return (UUID) found.get(0);
  }

  static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("This Java has no SHA-256.", e);
    }
  }

  /** What is to be read of a source. */
  @Transactional(readOnly = true)
  public Task task(UUID mapId, UUID sourceId) {
    SourceRow row = row(mapId, sourceId);
    return new Task(row.contentId, row.fileName, row.chosen, row.address);
  }

  /** The bytes that were kept. */
  @Transactional(readOnly = true)
  public byte[] bytes(UUID content) {
    return (byte[])
        entities
            .createNativeQuery("select bytes from content where id = :id", byte[].class)
            .setParameter("id", content)
            .getSingleResult();
  }

  /** How many bytes were kept. */
  @Transactional(readOnly = true)
  public long size(UUID content) {
    return ((Number)
            entities
                .createNativeQuery("select size from content where id = :id")
                .setParameter("id", content)
                .getSingleResult())
        .longValue();
  }

  /** Some of the bytes that were kept, from an offset on. */
  @Transactional(readOnly = true)
  public byte[] bytes(UUID content, long from, int count) {
    return (byte[])
        entities
            .createNativeQuery(
                "select substring(bytes from :from for :count) from content where id = :id",
                byte[].class)
            .setParameter("id", content)
            .setParameter("from", Math.toIntExact(from + 1))
            .setParameter("count", count)
            .getSingleResult();
  }

  /**
   * The file of a source.
   *
   * @throws Refused if it has none yet
   */
  @Transactional(readOnly = true)
  public Original original(UUID mapId, UUID sourceId) {
    SourceRow row = row(mapId, sourceId);
    if (row.contentId == null) {
      throw new Refused(HttpStatus.NOT_FOUND, "This address has not been fetched yet.");
    }
    return new Original(row.contentId, row.fileName, bytes(row.contentId));
  }

  /** The file of a source with what was read of it beside its words, to be taken elsewhere. */
  @Transactional(readOnly = true)
  public MapArchive.SourceFile archived(UUID mapId, UUID sourceId) {
    SourceRow row = row(mapId, sourceId);
    TextRow text = entities.find(TextRow.class, row.textId);
    return new MapArchive.SourceFile(
        row.fileName,
        bytes(row.contentId),
        text.kind,
        new Facts(text.title, text.author, text.dated),
        StructureJson.omissions(text.omissions),
        StructureJson.layout(text.layout),
        StructureJson.numbers(text.scanned));
  }

  /**
   * Keeps what was read out of a file that a source has or is to get, once for each reading that
   * gave other words.
   */
  @Transactional
  public UUID keep(UUID mapId, UUID sourceId, UUID content, String fileName, ReadSource read) {
    had(row(mapId, sourceId), content, fileName);
    TextRow text = new TextRow(content, read);
    return entities
        .createQuery(
            "select id from TextRow where contentId = :content and digest = :digest", UUID.class)
        .setParameter("content", content)
        .setParameter("digest", text.digest)
        .setMaxResults(1)
        .getResultList()
        .stream()
        .findFirst()
        .orElseGet(
            () -> {
              entities.persist(text);
              return text.id;
            });
  }

  /** Keeps a file that a source has or is to get. */
  @Transactional
  public UUID had(UUID mapId, UUID sourceId, byte[] bytes, String fileName) {
    UUID content = content(bytes);
    had(row(mapId, sourceId), content, fileName);
    return content;
  }

  private void had(SourceRow row, UUID content, String fileName) {
    if (entities.find(FileRow.class, new FileRow.Key(row.id, content)) == null) {
      entities.persist(new FileRow(row.id, content, fileName));
      entities.flush();
    }
  }

  /** Lets bytes and texts go that no source has any more. */
  @Transactional
  public void sweep() {
    entities
        .createNativeQuery(
            "delete from source_text t where not exists"
                + " (select 1 from source_file f where f.content_id = t.content_id)"
                + " and not exists (select 1 from source s where s.text_id = t.id)")
        .executeUpdate();
    entities
        .createNativeQuery(
            "delete from content c where not exists"
                + " (select 1 from source_file f where f.content_id = c.id)"
                + " and not exists (select 1 from source s where s.content_id = c.id"
                + " or s.recording = c.id)"
                + " and not exists (select 1 from picture p where p.content_id = c.id)"
                + " and not exists (select 1 from source_text t where t.content_id = c.id)")
        .executeUpdate();
  }

  /** Gives a map the same sources that another has; what each became. */
  @Transactional
  public Map<UUID, UUID> copy(UUID fromMap, UUID toMap) {
    Map<UUID, UUID> copies = new HashMap<>();
    List<SourceRow> rows =
        entities
            .createQuery(
                "from SourceRow where mapId = :map and not withdrawn order by position",
                SourceRow.class)
            .setParameter("map", fromMap)
            .getResultList();
    for (SourceRow row : rows) {
      SourceRow copy = row.copy(toMap);
      entities.persist(copy);
      keepFile(copy);
      copies.put(row.id, copy.id);
    }
    return copies;
  }

  /**
   * Gives a map sources of another; those that it has the same text of already are not doubled.
   *
   * @return what each became
   */
  @Transactional
  public Map<UUID, UUID> bring(UUID fromMap, Set<UUID> sources, UUID toMap) {
    Map<UUID, UUID> brought = new HashMap<>();
    List<SourceRow> there =
        entities
            .createQuery("from SourceRow where mapId = :map order by position", SourceRow.class)
            .setParameter("map", toMap)
            .getResultList();
    for (UUID id : sources) {
      SourceRow row = row(fromMap, id);
      UUID same =
          there.stream()
              .filter(other -> row.textId != null && row.textId.equals(other.textId))
              .map(other -> other.id)
              .findFirst()
              .orElse(null);
      if (same == null) {
        limits.requireRoomForSource(toMap, 0);
        SourceRow copy = row.copy(toMap);
        copy.position = position(toMap);
        if (copy.citeKey != null) {
          Reference known = CslJson.read(copy.reference);
          copy.citeKey = keys.free(toMap, null, known, copy.name);
          copy.reference = CslJson.write(copy.citeKey, known);
        }
        entities.persist(copy);
        keepFile(copy);
        entities.flush();
        same = copy.id;
      }
      brought.put(id, same);
    }
    return brought;
  }

  /** An address that has not been fetched yet has no file. */
  private void keepFile(SourceRow row) {
    if (row.contentId != null) {
      entities.persist(new FileRow(row.id, row.contentId, row.fileName));
    }
  }

  private SourceRow row(UUID mapId, UUID sourceId) {
    return Shelf.row(entities, mapId, sourceId);
  }
}
