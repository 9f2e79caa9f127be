package org.pergamena.server.desk;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.history.Today;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Planting;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.Outline;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.outline.OutlineSync;
import org.pergamena.core.source.Source;
import org.pergamena.server.maps.Access;
import org.pergamena.server.maps.Limits;
import org.pergamena.server.maps.Maps;
import org.pergamena.server.maps.Role;
import org.pergamena.server.marks.StudyMarks;
import org.pergamena.server.pictures.Pictures;
import org.pergamena.server.references.References;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New maps that begin as others are, or were. */
@Service
class Copies {
  /** A map to begin from; those of ours have names instead of identities. */
  record Template(String id, String title, String explains, int topics) {}

  /** Ours, by the names of their files, with the task each is for. */
  private static final Map<String, String> OURS =
      Map.of(
          "article", "Question, claims, evidence, doubts, and what to take from it.",
          "comparison", "What is the same, what differs, and which suits when.",
          "people-and-times", "Who did what, when and where, and how it hangs together.",
          "argument", "A claim with what speaks for it and against it, weighed.",
          "minutes", "Who was there, what was said and decided, who does what by when.",
          "course", "Lessons in their order, each with its aim, matter and exercise.");

  private static final List<String> ORDER =
      List.of("article", "comparison", "people-and-times", "argument", "minutes", "course");

  private final Maps maps;
  private final Sources sources;
  private final SourceFiles files;
  private final Limits limits;
  private final Access access;
  private final Pictures pictures;
  private final References references;
  private final StudyMarks marks;

  Copies(
      Maps maps,
      Sources sources,
      SourceFiles files,
      Limits limits,
      Access access,
      Pictures pictures,
      References references,
      StudyMarks marks) {
    this.maps = maps;
    this.sources = sources;
    this.files = files;
    this.limits = limits;
    this.access = access;
    this.pictures = pictures;
    this.references = references;
    this.marks = marks;
  }

  /** A new map of a person that is as some state of another is, with its sources. */
  @Transactional
  public UUID copy(UUID person, UUID fromMap, TopicMap state) {
    limits.requireRoomForMap(person);
    List<Source> texts = sources.texts(fromMap);
    Today today = new Today(texts);
    UUID copy = maps.reserve(person);
    Map<UUID, UUID> copies = files.copy(fromMap, copy);
    references.copy(fromMap, copy);
    maps.fill(copy, state.with(today::of, today::of).copied(copies::get, UUID::randomUUID), true);
    pictures.bring(fromMap, copy, images(state));
    marks.copy(fromMap, copy);
    return copy;
  }

  /** Keeps a map without its sources, to begin others from. */
  @Transactional
  public UUID keepTemplate(UUID person, UUID mapId) {
    TopicMap map = maps.get(mapId).map();
    TopicMap bare =
        map.with(Content::withoutGrounds, link -> link.withGrounds(List.of()))
            .copied(id -> id, UUID::randomUUID);
    UUID template = maps.keepTemplate(person, bare);
    pictures.bring(mapId, template, images(map));
    return template;
  }

  private static Set<String> images(TopicMap map) {
    return Planting.images(map, List.of(map.root()));
  }

  /** All that a person may begin a map from: ours first. */
  List<Template> templates(UUID person) {
    List<Template> all = new ArrayList<>();
    for (String name : ORDER) {
      TopicMap map = ours(name);
      all.add(new Template(name, map.root().label(), OURS.get(name), map.size()));
    }
    maps.templates(person)
        .forEach(
            own ->
                all.add(new Template(own.id().toString(), own.title(), "Your own.", own.topics())));
    return all;
  }

  /**
   * A new map that begins as a template is.
   *
   * @throws Refused if there is no such template
   */
  @Transactional
  public UUID begin(UUID person, String template) {
    limits.requireRoomForMap(person);
    TopicMap map = OURS.containsKey(template) ? ours(template) : own(person, template);
    UUID id = maps.reserve(person);
    maps.fill(id, map.copied(source -> source, UUID::randomUUID), true);
    if (!OURS.containsKey(template)) {
      pictures.bring(UUID.fromString(template), id, images(map));
    }
    return id;
  }

  private TopicMap own(UUID person, String template) {
    try {
      UUID id = UUID.fromString(template);
      access.require(person, id, Role.READ);
      return maps.get(id).map();
    } catch (IllegalArgumentException e) {
      throw Refused.notFound("This template");
    }
  }

  private static TopicMap ours(String name) {
    String path = "/templates/" + name + ".md";
    try (InputStream in = Copies.class.getResourceAsStream(path)) {
      Outline outline = OutlineReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
      TopicMap root = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), outline.title()));
      return root.apply(OutlineSync.plan(root, List.of(), outline, UUID::randomUUID).change())
          .map();
    } catch (IOException e) {
      throw new UncheckedIOException("The template " + name + " is damaged.", e);
    }
  }
}
