package org.pergamena.formats.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.layout.MapLayout;
import org.pergamena.core.layout.Palette;
import org.pergamena.core.layout.Plate;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.Sheet;
import org.pergamena.core.layout.TextMeasurer;
import org.pergamena.core.layout.TopicLook;
import org.pergamena.core.layout.Typesetter;
import org.pergamena.core.look.Dressing;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.fonts.FontMeasurer;
import org.pergamena.formats.image.Drawings;

/** Draws maps: the one way to a scene, for the page and for every picture. */
public class Drawing {
  private static final Map<String, String> MEANINGS =
      Map.of(
          "thin", "few passages bear it out",
          "unsupported", "no passage bears it out");

  /** Those that papers of people's own have at most before they are made anew. */
  private static final int MOST_TYPESETTERS = 40;

  private final TextMeasurer measurer = new FontMeasurer();
  private final Map<Palette, Typesetter> typesetters = new ConcurrentHashMap<>();

  private Typesetter typesetter(MapLook look) {
    Palette palette = Theme.of(look.theme()).palette().on(look.paper());
    if (typesetters.size() > MOST_TYPESETTERS) {
      typesetters.clear();
    }
    return typesetters.computeIfAbsent(palette, p -> new Typesetter(p, measurer));
  }

  /**
   * Gets a map ready to be drawn, once for all the ways of closing its branches.
   *
   * @param sources in the order that gives them their inks
   * @param fresh topics that are marked as having something new
   */
  public Prepared prepare(TopicMap map, List<UUID> sources, Set<UUID> fresh) {
    Map<UUID, Integer> inks = new HashMap<>();
    sources.forEach(source -> inks.put(source, inks.size()));
    Set<UUID> remarked = new HashSet<>();
    map.comments().stream()
        .filter(comment -> !comment.resolved())
        .forEach(comment -> remarked.add(comment.subject()));
    Map<UUID, Support> supports = Support.of(map);
    return new Prepared(
        typesetter(map.look()),
        map,
        Numbering.of(map),
        supports,
        Dressing.of(map, supports, sources),
        inks,
        remarked,
        fresh,
        null);
  }

  /**
   * Gets what is published of a map ready to be drawn: with its marks, as it has been said what is
   * thin.
   *
   * @param sources in the order that gives them their inks
   */
  public Prepared published(Scope.Published published, List<UUID> sources) {
    return prepare(published.map(), sources, Set.of()).marked(published::mark);
  }

  /** The bytes of a drawing that ships, null if it does not. */
  public static byte[] shipped(String image) {
    return Drawings.svg(image, Theme.LIGHT.ink()).orElse(null);
  }

  /** A scene with the title of its map and its legend below it. */
  public Scene captioned(Scene scene, Scope.Published published, List<Source> sources) {
    TopicMap map = published.map();
    Set<String> marks = new TreeSet<>(published.marks().values());
    Set<UUID> cited = new HashSet<>();
    Set<String> tags = new HashSet<>();
    for (Topic topic : map.preorder()) {
      topic.evidence().forEach(evidence -> cited.add(evidence.passage().source()));
      tags.addAll(topic.content().gloss().tags());
    }
    SortedSet<Boolean> links = new TreeSet<>();
    if (map.look().crossing() == MapLook.Crossing.LINES) {
      map.links().forEach(link -> links.add(link.manner().supposed()));
    }
    List<Plate.Mark> told = new ArrayList<>();
    marks.forEach(mark -> told.add(new Plate.Mark(mark, MEANINGS.get(mark))));
    return Plate.of(
        scene,
        map.root().label(),
        new Plate.Key(
            cited.isEmpty() ? List.of() : sources.stream().map(Source::name).toList(),
            told,
            map.legend().tags().stream().filter(tag -> tags.contains(tag.id())).toList(),
            looks(map, sources),
            links),
        typesetter(map.look()));
  }

  private static List<Plate.Sample> looks(TopicMap map, List<Source> sources) {
    if (map.look().styles().rules().isEmpty()) {
      return List.of();
    }
    Map<UUID, String> names = new HashMap<>();
    sources.forEach(source -> names.put(source.id(), source.name()));
    return Dressing.of(map, Support.of(map), sources.stream().map(Source::id).toList())
        .key()
        .stream()
        .map(entry -> new Plate.Sample(entry.style(), meaning(entry, names, map)))
        .toList();
  }

  private static String meaning(Dressing.Entry entry, Map<UUID, String> names, TopicMap map) {
    String name = names.getOrDefault(entry.subject(), "");
    String tag = entry.tag() == null ? "" : map.legend().tag(entry.tag()).map(Tag::word).orElse("");
    return (entry.words() + " " + name).strip() + (tag.isEmpty() ? "" : " (" + tag + ")");
  }

  /** A map with what is drawn of its topics beside their labels. */
  public record Prepared(
      Typesetter typesetter,
      TopicMap map,
      Map<UUID, String> numbers,
      Map<UUID, Support> supports,
      Dressing dressing,
      Map<UUID, Integer> inks,
      Set<UUID> remarked,
      Set<UUID> fresh,
      Function<UUID, String> marks) {

    private Prepared marked(Function<UUID, String> given) {
      return new Prepared(
          typesetter, map, numbers, supports, dressing, inks, remarked, fresh, given);
    }

    /** The contrast of a label with what is behind it, if that is too little; else null. */
    public Double poorContrast(UUID topic, int branch) {
      return typesetter.poorContrast(dressing.styles().get(topic), branch);
    }

    /** What the looks by rule mean, painted. */
    public List<Keyed> key() {
      Palette palette = typesetter.palette();
      return dressing.key().stream().map(entry -> Keyed.of(entry, palette)).toList();
    }

    /** The scene in which some topics' branches are closed. */
    public Scene scene(Set<UUID> closed) {
      return scene(null, closed);
    }

    /** The scene of a branch as if it were the whole, of the whole if that is null. */
    public Scene scene(UUID focus, Set<UUID> closed) {
      return MapLayout.lay(new Sheet(map, focus, closed, topic -> look(topic, this), typesetter));
    }
  }

  /** Whether a remark on a topic or one of its passages is open. */
  private static boolean remarked(Topic topic, Set<UUID> remarked) {
    return remarked.contains(topic.id())
        || topic.evidence().stream().anyMatch(evidence -> remarked.contains(evidence.id()));
  }

  private static TopicLook look(Topic topic, Prepared prepared) {
    Support support = prepared.supports().get(topic.id());
    List<Integer> tally = new ArrayList<>();
    if (topic.children().isEmpty()) {
      topic.evidence().stream()
          .map(e -> prepared.inks().getOrDefault(e.passage().source(), 0))
          .sorted()
          .forEach(tally::add);
    }
    boolean loose = prepared.map().loose(topic);
    // an idea that lies loose claims nothing yet, and without sources nothing can bear a topic out
    boolean claims = !loose && !prepared.inks().isEmpty();
    boolean leaf = claims && topic.children().isEmpty() && topic.parent() != null;
    String warning =
        prepared.marks() != null
            ? prepared.marks().apply(topic.id())
            : prepared.fresh().contains(topic.id())
                ? "new"
                : !leaf ? "" : support.unsupported() ? "unsupported" : support.thin() ? "thin" : "";
    MapLook shown = prepared.map().look();
    String number = shown.numbered() ? prepared.numbers().get(topic.id()) : "";
    Gloss gloss = topic.content().gloss();
    List<Tag> tags = tags(topic, prepared);
    String text = loose ? topic.note() : "";
    return new TopicLook(
        number,
        tally,
        warning,
        gloss.phrase(),
        !loose && !topic.note().isBlank(),
        remarked(topic, prepared.remarked()),
        tags,
        text,
        gloss.pictures(),
        prepared.dressing().styles().get(topic.id()));
  }

  /** The tags that a topic was given, then those that a rule has it show. */
  private static List<Tag> tags(Topic topic, Prepared prepared) {
    Legend legend = prepared.map().legend();
    Set<Tag> tags = new LinkedHashSet<>(legend.of(topic));
    for (String shown : prepared.dressing().tags().getOrDefault(topic.id(), List.of())) {
      legend.tag(shown).ifPresent(tags::add);
    }
    return List.copyOf(tags);
  }
}
