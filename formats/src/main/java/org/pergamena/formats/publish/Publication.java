package org.pergamena.formats.publish;

import com.ibm.icu.util.ULocale;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.publish.Report;
import org.pergamena.core.publish.Scope;
import org.pergamena.core.source.Source;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;

/**
 * All that a file is made of.
 *
 * @param front what stands on a title page
 * @param published what of the map is published
 * @param sources those of the map, in their order
 * @param works what can be cited, and how
 * @param drawn the map as it is drawn, which costs something only for formats that show it
 * @param gallery its images
 * @param store the files of sources and pictures as they came
 * @param form how it looks
 * @param progress told how far the file is while it is written
 */
public record Publication(
    Front front,
    Scope.Published published,
    List<Source> sources,
    Works works,
    Supplier<Scene> drawn,
    Gallery gallery,
    MapArchive.Store store,
    Form form,
    Progress progress) {
  /** How far a file is when what it is made of is there. */
  private static final double GATHERED = 0.2;

  /** How far it is when all of that has been put down, and the file is still to be packed. */
  private static final double PUT_DOWN = 0.8;

  private static final int TELLING_EACH = 32;

  /**
   * What stands on a title page beside the title; each may be empty.
   *
   * @param foot words of one's own at the foot of a page that opens alone, in CommonMark
   */
  public record Front(
      String subtitle, String author, String institution, String course, String date, String foot) {
    /** Nothing beside the title. */
    public static final Front NONE = new Front("", "", "", "", "", "");

    /** Those that say something, in the order in which they stand. */
    List<String> lines() {
      return Stream.of(subtitle, author, institution, course, date)
          .filter(line -> !line.isBlank())
          .toList();
    }
  }

  /** The same with another look. */
  Publication formed(Form other) {
    return new Publication(
        front, published, sources, works, drawn, gallery, store, other, progress);
  }

  /** The same with another part of the map. */
  Publication publishing(Scope.Published other) {
    return new Publication(front, other, sources, works, drawn, gallery, store, form, progress);
  }

  /** The map as it is drawn. */
  public Scene scene() {
    progress.at("Drawing the map", 0.1);
    return drawn.get();
  }

  /** The language in which most of its words are, ISO 639-1; English if that cannot be told. */
  String language() {
    return sources.stream()
        .map(Source::language)
        .filter(language -> !language.isEmpty())
        .collect(Collectors.groupingBy(language -> language, Collectors.counting()))
        .entrySet()
        .stream()
        .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(language -> ULocale.forLanguageTag(language.getKey()).getLanguage())
        .orElse("en");
  }

  /** What of the map is published. */
  public TopicMap map() {
    return published.map();
  }

  /** Thin or unsupported, or empty. */
  public String mark(UUID topic) {
    return published.mark(topic);
  }

  /** The cross-links by the topics from which they lead. */
  Map<UUID, List<CrossLink>> leading() {
    return map().links().stream().collect(Collectors.groupingBy(CrossLink::from));
  }

  /** The title: what the root says. */
  public String title() {
    return map().root().label();
  }

  /** Where a passage stands: the name of its source, with the page or time if there is one. */
  public String place(Evidence evidence) {
    Source source = source(evidence.passage().source());
    if (source == null) {
      return "";
    }
    String at = source.place(evidence.passage());
    return source.name() + (at.isEmpty() ? "" : ", " + at);
  }

  /** The map with all that it rests on. */
  WholeMap whole() {
    return new WholeMap(
        map(),
        sources,
        works.list().stream().map(w -> new WholeMap.Known(w.source(), w.work())).toList(),
        works.manner());
  }

  /** The map as a text, with its citations in words. */
  public Report report() {
    progress.at("Wording the citations", 0.02);
    return Report.of(
        published,
        sources,
        Notes::read,
        new Report.Manner(works.keys(), works.style(), works.footnotes()));
  }

  /** What is put down one after another; how far that is is told meanwhile. */
  <T> Iterable<T> told(List<T> all) {
    return () -> {
      Iterator<T> each = all.iterator();
      return new Iterator<>() {
        private int at;

        @Override
        public boolean hasNext() {
          return each.hasNext();
        }

        @Override
        public T next() {
          if (at++ % TELLING_EACH == 0) {
            progress.at("Writing", GATHERED + (PUT_DOWN - GATHERED) * at / all.size());
          }
          return each.next();
        }
      };
    };
  }

  /** The words of a passage in quotation marks, on one line, with where they stand. */
  public String quote(Evidence evidence) {
    String place = place(evidence);
    return "\u201c"
        + evidence.passage().line()
        + "\u201d"
        + (place.isEmpty() ? "" : " \u2014 " + place);
  }

  /** A source by its identity, null if there is none. */
  Source source(UUID id) {
    return sources.stream().filter(source -> source.id().equals(id)).findFirst().orElse(null);
  }
}
