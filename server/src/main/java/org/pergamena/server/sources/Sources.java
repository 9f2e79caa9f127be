package org.pergamena.server.sources;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.SentenceVectors;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.source.NewerBlocks;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.server.site.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sources of maps and the texts read out of them. */
@Service
public class Sources {
  private final EntityManager entities;
  private final KeptVectors vectors;
  private final Cache<UUID, SourceText> texts =
      Caffeine.newBuilder()
          .maximumWeight(60_000_000)
          .weigher((UUID id, SourceText text) -> text.text().length())
          .build();
  private final Cache<Spoken, Analysed> analysed =
      Caffeine.newBuilder()
          .maximumWeight(12_000_000)
          .weigher((Spoken key, Analysed text) -> text.source().text().text().length())
          .build();

  private final Cache<UUID, PageLayout> layouts =
      Caffeine.newBuilder()
          .maximumWeight(400_000)
          .weigher((UUID id, PageLayout layout) -> layout.lines().size())
          .build();

  Sources(EntityManager entities, KeptVectors vectors) {
    this.entities = entities;
    this.vectors = vectors;
  }

  /**
   * A source in a list.
   *
   * @param kind null until it is read
   * @param chosen the kind that a person says it is, or null
   * @param problem why it could not be read, or null
   * @param durationMs milliseconds, 0 without times
   * @param key by which notes cite it, empty until it is read
   * @param language ISO 639-3, empty if it cannot be told
   * @param chosenLanguage that a person says it is in, or null to go by the text
   * @param newerThan the text before, of which what is new has not been folded in; or null
   * @param soundType media type of the recording that belongs to it, or null
   */
  public record Entry(
      UUID id,
      String name,
      String fileName,
      SourceKind kind,
      SourceKind chosen,
      String problem,
      int words,
      int pages,
      long durationMs,
      String key,
      Reference reference,
      String language,
      String chosenLanguage,
      String address,
      String soundType,
      List<Span> excluded,
      UUID textId,
      UUID newerThan) {
    /** Whether its text is there. */
    public boolean ready() {
      return textId != null;
    }

    /** Who made it, as it is said; empty if that is not known. */
    public String author() {
      return reference.makers().stream().map(Person::said).collect(Collectors.joining(", "));
    }

    /** When it is from; empty if that is not known. */
    public String dated() {
      return reference.get(Field.ISSUED);
    }
  }

  /** A text taken to be in a language. */
  private record Spoken(UUID textId, String language) {}

  /** What was read of a source beside its words. */
  public record Reading(List<Omission> omissions, List<Integer> scanned) {}

  /** The sources of a map, in the order in which they came. */
  @Transactional(readOnly = true)
  public List<Entry> of(UUID mapId) {
    return entities
        .createQuery(
            "select s, t.kind, t.words, t.pages, t.duration, t.language"
                + " from SourceRow s left join TextRow t on t.id = s.textId"
                + " where s.mapId = :map and not s.withdrawn order by s.position",
            Object[].class)
        .setParameter("map", mapId)
        .getResultList()
        .stream()
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
        source.chosen,
        source.problem,
        read ? (Integer) row[2] : 0,
        read ? (Integer) row[3] : 0,
        read ? (Long) row[4] : 0,
        source.citeKey == null ? "" : source.citeKey,
        source.reference == null ? Reference.NONE : CslJson.read(source.reference),
        firstOf(source.language, row[5]),
        source.language,
        source.address,
        source.soundType,
        StructureJson.spans(source.excluded),
        source.textId,
        source.newerThan);
  }

  private static String firstOf(String own, Object read) {
    return own != null ? own : read == null ? "" : (String) read;
  }

  /** One source of a map in its list. */
  @Transactional(readOnly = true)
  public Entry entry(UUID mapId, UUID sourceId) {
    return find(mapId, sourceId).orElseThrow(() -> Refused.notFound("This source"));
  }

  private Optional<Entry> find(UUID mapId, UUID sourceId) {
    return of(mapId).stream().filter(entry -> entry.id().equals(sourceId)).findFirst();
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

  /**
   * The same, split into sentences; what was split before is not split again. This takes long and
   * must not be called with a transaction open.
   */
  public List<Analysed> analysed(UUID mapId) {
    return analysed(mapId, () -> {});
  }

  /**
   * The texts of the sources of a map that have been read, split into sentences.
   *
   * @param check called again and again; what it throws ends the work
   */
  public List<Analysed> analysed(UUID mapId, Runnable check) {
    List<Entry> ready = of(mapId).stream().filter(Entry::ready).toList();
    MemoryForWords.require(
        ready.stream().mapToLong(Entry::words).sum(), Runtime.getRuntime().maxMemory());
    return ready.stream().map(entry -> analysed(source(entry), entry.textId(), check)).toList();
  }

  /**
   * Splits a text that a source is to get into sentences and tells what each means, ahead of its
   * being distilled.
   *
   * @param language that was told from the text
   * @param check called again and again; what it throws ends the work
   */
  public void prepare(Entry entry, UUID textId, String language, Runnable check) {
    String spoken = entry.chosenLanguage() == null ? language : entry.chosenLanguage();
    Source source = new Source(entry.id(), entry.name(), text(textId), List.of(), spoken);
    Optional<SentenceVectors> meant = analysed(source, textId, check).vectors();
    if (meant.isPresent() && !meant.get().complete()) {
      meant.get().make(check);
      vectors.keep(textId, meant.get().bytes());
    }
  }

  /** Computed without a connection; several that want the same at once may compute it each. */
  private Analysed analysed(Source source, UUID textId, Runnable check) {
    Spoken spoken = new Spoken(textId, source.language());
    Analysed text = analysed.getIfPresent(spoken);
    if (text == null) {
      text = TextAnalyser.analyse(source.without(List.of()), check);
      Optional<SentenceVectors> meant = text.vectors();
      meant.flatMap(made -> vectors.of(textId)).ifPresent(kept -> meant.get().take(kept));
      analysed.put(spoken, text);
    }
    return text.as(source);
  }

  private Source source(Entry entry) {
    return new Source(
        entry.id(), entry.name(), text(entry.textId()), entry.excluded(), entry.language());
  }

  /** A text by its identity. */
  public SourceText text(UUID textId) {
    SourceText text = texts.getIfPresent(textId);
    if (text == null) {
      Object[] row =
          entities
              .createQuery("select body, structure from TextRow where id = :id", Object[].class)
              .setParameter("id", textId)
              .getSingleResult();
      text = StructureJson.read((String) row[0], (String) row[1]);
      texts.put(textId, text);
    }
    return text;
  }

  /** What of a source would be folded in: all, or of a newer version what is new. */
  @Transactional(readOnly = true)
  public List<Span> toFold(Entry entry) {
    SourceText text = text(entry.textId());
    if (entry.newerThan() != null) {
      return NewerBlocks.of(text(entry.newerThan()), text);
    }
    return text.text().isEmpty() ? List.of() : List.of(new Span(0, text.text().length()));
  }

  /** What was left out of a text, and which of its pages are scans. */
  @Transactional(readOnly = true)
  public Reading reading(UUID textId) {
    Object[] row =
        entities
            .createQuery("select omissions, scanned from TextRow where id = :id", Object[].class)
            .setParameter("id", textId)
            .getSingleResult();
    return new Reading(
        StructureJson.omissions((String) row[0]), StructureJson.numbers((String) row[1]));
  }

  /** Where the lines of a text stand on its pages. */
  @Transactional(readOnly = true)
  public PageLayout layout(UUID textId) {
    return layouts.get(
        textId,
        id ->
            StructureJson.layout(
                entities
                    .createQuery("select layout from TextRow where id = :id", String.class)
                    .setParameter("id", id)
                    .getSingleResult()));
  }

  /**
   * One source of a map with its text.
   *
   * @throws Refused if there is none or it has not been read
   */
  @Transactional(readOnly = true)
  public Source source(UUID mapId, UUID sourceId) {
    return find(mapId, sourceId)
        .filter(Entry::ready)
        .map(this::source)
        .orElseThrow(() -> Refused.notFound("This source"));
  }
}
