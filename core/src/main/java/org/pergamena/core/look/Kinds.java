package org.pergamena.core.look;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.ToIntFunction;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** The kinds of topics that a map has, whatever a rule goes by. */
final class Kinds {
  private static final int SPANS = 5;
  private static final int DECADE = 10;
  private static final List<String> LINKED =
      List.of("no link", "one link", "2 or 3 links", "4 links or more");

  /** Of what is unsupported, thin and well borne out. */
  private static final List<Ink> INKS = List.of(Ink.MADDER, Ink.OCHRE, Ink.VERDIGRIS);

  private final TopicMap map;
  private final Facts facts;

  Kinds(TopicMap map, Facts facts) {
    this.map = map;
    this.facts = facts;
  }

  /** The kind of each topic that has one. */
  Map<UUID, Kind> of(Rule.By by) {
    return switch (by) {
      case BRANCH -> branches();
      case LEVEL -> levels();
      case SUPPORT -> supports();
      case SOURCE -> sources();
      case RELATIONS -> relations();
      case TIME -> times();
      case TAG -> tags();
      case WORDS -> Map.of();
    };
  }

  private Map<UUID, Kind> branches() {
    Map<UUID, Integer> branches = Numbering.branches(map);
    Map<Integer, Topic> mains = new HashMap<>();
    map.children(map.root()).forEach(main -> mains.put(branches.get(main.id()), main));
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      Topic main = mains.get(branches.get(topic.id()));
      if (main != null && branches.get(topic.id()) >= 0) {
        int place = branches.get(topic.id());
        kinds.put(topic.id(), Kind.of(main.id(), main.label(), place, mains.size(), false));
      }
    }
    return kinds;
  }

  private Map<UUID, Kind> levels() {
    int deepest = map.preorder().stream().mapToInt(map::level).max().orElse(0);
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      int level = map.level(topic);
      if (level > 0) {
        kinds.put(topic.id(), Kind.of(null, "level " + level, deepest - level, deepest, true));
      }
    }
    return kinds;
  }

  private Map<UUID, Kind> supports() {
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null) {
        Support.Grade grade = facts.supports().get(topic.id()).grade();
        int place = grade.ordinal();
        kinds.put(
            topic.id(), new Kind(null, grade.words(), place, INKS.size(), false, INKS.get(place)));
      }
    }
    return kinds;
  }

  /** The source with most of its passages, those below it included for a topic with children. */
  private Map<UUID, Kind> sources() {
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      List<UUID> of = facts.supports().get(topic.id()).sources();
      if (of.size() == 1 && facts.sources().contains(of.get(0))) {
        int place = facts.sources().indexOf(of.get(0));
        kinds.put(topic.id(), Kind.of(of.get(0), "", place, facts.sources().size(), false));
      }
    }
    return kinds;
  }

  private Map<UUID, Kind> relations() {
    Map<UUID, Integer> counts = facts.relations();
    return ranked(
        topic -> {
          int links = counts.getOrDefault(topic.id(), 0);
          return links > 3 ? 3 : Math.min(links, 2);
        },
        LINKED);
  }

  private Map<UUID, Kind> ranked(ToIntFunction<Topic> place, List<String> words) {
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      if (topic.parent() != null) {
        int at = place.applyAsInt(topic);
        kinds.put(topic.id(), Kind.of(null, words.get(at), at, words.size(), true));
      }
    }
    return kinds;
  }

  /** Spans of years that are as long as each other, in whole decades if the map tells of many. */
  private Map<UUID, Kind> times() {
    Map<UUID, Integer> years = new HashMap<>();
    for (Topic topic : map.preorder()) {
      OptionalInt year = facts.year(topic);
      year.ifPresent(told -> years.put(topic.id(), told));
    }
    Map<UUID, Kind> kinds = new HashMap<>();
    if (years.isEmpty()) {
      return kinds;
    }
    int first = years.values().stream().mapToInt(Integer::intValue).min().orElse(0);
    int last = years.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    int unit = last - first < SPANS * 2 ? 1 : DECADE;
    int begin = Math.floorDiv(first, unit) * unit;
    int units = (last + 1 - begin + unit - 1) / unit;
    int span = (units + SPANS - 1) / SPANS * unit;
    int of = (last + 1 - begin + span - 1) / span;
    years.forEach(
        (topic, year) -> {
          int place = (year - begin) / span;
          int from = begin + place * span;
          String words = span == 1 ? String.valueOf(from) : from + " to " + (from + span - 1);
          kinds.put(topic, Kind.of(null, words, place, of, true));
        });
    return kinds;
  }

  private Map<UUID, Kind> tags() {
    List<Tag> all = new ArrayList<>(map.legend().tags());
    Map<UUID, Kind> kinds = new HashMap<>();
    for (Topic topic : map.preorder()) {
      List<Tag> own = map.legend().of(topic);
      if (!own.isEmpty()) {
        Tag tag = own.get(0);
        int place = all.indexOf(tag);
        kinds.put(topic.id(), Kind.of(null, tag.word(), place, all.size(), false));
      }
    }
    return kinds;
  }
}
