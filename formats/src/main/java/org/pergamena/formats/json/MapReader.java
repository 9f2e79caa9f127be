package org.pergamena.formats.json;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Comment;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Work;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.formats.json.MapDocument.ArrangementJson;
import org.pergamena.formats.json.MapDocument.LinkJson;
import org.pergamena.formats.json.MapDocument.LookJson;
import org.pergamena.formats.json.MapDocument.PassageJson;
import org.pergamena.formats.json.MapDocument.PictureJson;
import org.pergamena.formats.json.MapDocument.SourceJson;
import org.pergamena.formats.json.MapDocument.TopicJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads what {@link MapJson} writes; what is missing is taken as it usually is. */
public final class MapReader {
  private static final JsonMapper MAPPER =
      Looks.mapper().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  private final MapDocument document;
  private final UUID author;

  private MapReader(MapDocument document, UUID author) {
    this.document = document;
    this.author = author;
  }

  /**
   * Reads a map.
   *
   * @param author who becomes the author of its remarks
   * @throws IllegalArgumentException with a sentence for the person if it is none
   */
  public static WholeMap read(byte[] json, UUID author) {
    MapDocument document;
    try {
      document = MAPPER.readValue(new String(json, StandardCharsets.UTF_8), MapDocument.class);
    } catch (JacksonException e) {
      String line = e.getLocation() == null ? "" : " at line " + e.getLocation().getLineNr();
      throw new IllegalArgumentException(
          "This file is no map of ours: it is not JSON of the right form" + line + ".", e);
    }
    if (document == null || document.topics() == null || document.topics().isEmpty()) {
      throw new IllegalArgumentException("This file is no map of ours: it has no topics.");
    } else if (document.version() != null && document.version() > MapDocument.VERSION) {
      throw new IllegalArgumentException(
          "The map was written by a newer Pergamena (format "
              + document.version()
              + "). Bring this one up to date first.");
    }
    try {
      return new MapReader(document, author).whole();
    } catch (NullPointerException e) {
      throw new IllegalArgumentException(
          "This file is no map of ours: a part that is needed is missing.", e);
    }
  }

  private WholeMap whole() {
    List<Source> sources = list(document.sources()).stream().map(MapReader::source).toList();
    Map<UUID, String> texts = new HashMap<>();
    sources.forEach(source -> texts.put(source.id(), source.text().text()));
    LookJson look = document.look();
    Map<UUID, Integer> colours = new HashMap<>();
    if (look != null && look.colours() != null) {
      look.colours().forEach((main, colour) -> colours.put(id(main), colour));
    }
    TopicMap map =
        TopicMap.of(
            topics(texts),
            list(document.links()).stream().map(link -> link(link, texts)).toList(),
            list(document.also()).stream()
                .map(a -> new Also(id(a.id()), id(a.topic()), id(a.parent())))
                .toList(),
            list(document.remarks()).stream()
                .map(
                    r ->
                        new Comment(
                            id(r.id()),
                            id(r.subject()),
                            author,
                            or(r.at(), Instant.EPOCH),
                            r.text(),
                            r.resolved()))
                .toList(),
            look == null
                ? MapLook.USUAL
                : new MapLook(
                    new Arrangement(
                        or(look.layout(), LayoutKind.BRACES),
                        look.lines(),
                        look.spacing(),
                        look.labels(),
                        look.fan()),
                    or(look.theme(), MapTheme.VELLUM),
                    or(look.numbered(), true),
                    or(look.crossing(), MapLook.Crossing.LINES),
                    or(look.tinted(), false),
                    or(look.paper(), Paper.NONE),
                    or(look.styles(), Styles.NONE),
                    list(look.walk()).stream().map(MapReader::id).toList()),
            document.tags() == null ? Legend.USUAL : new Legend(document.tags()),
            colours);
    return new WholeMap(map, sources, works(), document.citing());
  }

  private List<WholeMap.Known> works() {
    List<WholeMap.Known> works = new ArrayList<>();
    List<String> taken = new ArrayList<>();
    for (MapDocument.WorkJson work : list(document.works())) {
      Reference reference = CslJson.reference(or(work.item(), Map.of()));
      boolean own = work.key() != null && CitationKey.sound(work.key());
      String key =
          own && !taken.contains(work.key()) ? work.key() : CitationKey.of(reference, "", taken);
      taken.add(key);
      UUID source = work.source() == null ? null : id(work.source());
      works.add(new WholeMap.Known(source, new Work(key, reference)));
    }
    return works;
  }

  private static <T> List<T> list(List<T> given) {
    return given == null ? List.of() : given;
  }

  private static <T> T or(T given, T otherwise) {
    return given == null ? otherwise : given;
  }

  private static UUID id(String words) {
    try {
      return UUID.fromString(words);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(
          "This file is no map of ours: \"" + words + "\" is no identity (a UUID).", e);
    }
  }

  private static Source source(SourceJson read) {
    String text = or(read.text(), "");
    List<Block> blocks = list(read.blocks());
    SourceText whole =
        blocks.isEmpty() && !text.isEmpty()
            ? SourceText.plain(text)
            : new SourceText(
                text, blocks, list(read.pages()), list(read.cues()), list(read.places()));
    boolean within =
        whole.blocks().stream().allMatch(b -> 0 <= b.start() && b.end() <= text.length())
            && list(read.excluded()).stream().allMatch(span -> span.end() <= text.length());
    if (!within) {
      throw new IllegalArgumentException(
          "This file is no map of ours: a part of \"" + read.name() + "\" lies outside its text.");
    }
    return new Source(
        id(read.id()),
        or(read.name(), "Source"),
        whole,
        list(read.excluded()),
        or(read.language(), ""));
  }

  private List<Topic> topics(Map<UUID, String> texts) {
    Map<UUID, List<UUID>> children = new LinkedHashMap<>();
    for (TopicJson topic : document.topics()) {
      children.putIfAbsent(id(topic.id()), new ArrayList<>());
      if (topic.parent() != null) {
        children.computeIfAbsent(id(topic.parent()), p -> new ArrayList<>()).add(id(topic.id()));
      }
    }
    List<Topic> topics = new ArrayList<>();
    for (TopicJson topic : document.topics()) {
      UUID parent = topic.parent() == null ? null : id(topic.parent());
      UUID id = id(topic.id());
      topics.add(new Topic(id, parent, children.get(id), content(topic, texts)));
    }
    return topics;
  }

  private static Arrangement arrangement(ArrangementJson given) {
    return given == null
        ? Arrangement.NONE
        : new Arrangement(
            given.layout(), given.lines(), given.spacing(), given.labels(), given.fan());
  }

  private Content content(TopicJson topic, Map<UUID, String> texts) {
    return new Content(
        topic.label(),
        or(topic.note(), ""),
        or(topic.summary(), ""),
        list(topic.passages()).stream().map(passage -> evidence(passage, texts)).toList(),
        list(topic.extent()).stream()
            .map(e -> new Extent(id(e.source()), new Span(e.start(), e.end())))
            .toList(),
        or(topic.aside(), false),
        new Look(
            style(topic),
            or(topic.below(), Style.NONE),
            topic.spot(),
            topic.off(),
            topic.width(),
            arrangement(topic.arrangement())),
        new Gloss(
            or(topic.definition(), ""),
            or(topic.pinned(), false),
            or(topic.lead(), ""),
            list(topic.tags()),
            list(topic.pictures()).stream().map(MapReader::picture).toList(),
            trace(topic.trace())));
  }

  private static Trace trace(Trace read) {
    return read == null || read.on() == null
        ? null
        : new Trace(or(read.assistant(), ""), or(read.brief(), ""), read.on());
  }

  private static Style style(TopicJson topic) {
    return topic.ink() == null
        ? or(topic.style(), Style.NONE)
        : or(topic.style(), Style.inked(Colour.of(topic.ink())));
  }

  private static Picture picture(PictureJson read) {
    UUID id = read.id() == null ? UUID.randomUUID() : id(read.id());
    return new Picture(
        id,
        read.image(),
        or(read.alt(), ""),
        or(read.where(), Picture.Where.ABOVE),
        read.width(),
        read.height() / read.width());
  }

  private CrossLink link(LinkJson read, Map<UUID, String> texts) {
    UUID id = read.id() == null ? UUID.randomUUID() : id(read.id());
    return new CrossLink(
        id,
        id(read.from()),
        id(read.to()),
        or(read.phrase(), ""),
        new Manner(or(read.direction(), Manner.Direction.ONE), or(read.supposed(), false)),
        or(read.note(), ""),
        list(read.passages()).stream().map(passage -> evidence(passage, texts)).toList(),
        read.bend());
  }

  /** A passage whose place does not have its words is kept without a place. */
  private static Evidence evidence(PassageJson read, Map<UUID, String> texts) {
    UUID source = id(read.source());
    String text = texts.getOrDefault(source, "");
    String exact = or(read.exact(), "");
    boolean placed =
        read.start() != null
            && read.end() != null
            && 0 <= read.start()
            && read.start() < read.end()
            && read.end() <= text.length()
            && text.substring(read.start(), read.end()).equals(exact);
    Passage passage =
        new Passage(
            source,
            placed ? read.start() : 0,
            placed ? read.end() : 0,
            exact,
            or(read.prefix(), ""),
            or(read.suffix(), ""));
    return new Evidence(
        read.id() == null ? UUID.randomUUID() : id(read.id()),
        passage,
        or(read.stance(), Stance.SUPPORTS),
        or(read.origin(), Origin.HAND_LINKED),
        or(read.strength(), 1.0));
  }
}
