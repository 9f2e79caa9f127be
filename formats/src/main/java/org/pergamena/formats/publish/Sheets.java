package org.pergamena.formats.publish;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.source.Source;

/**
 * A map as tables, the first row of each naming its columns. That of topics comes in again where
 * tables are pasted.
 *
 * @param name of the table
 */
record Sheets(String name, List<List<Object>> rows) {
  static List<Sheets> of(Publication publication) {
    return List.of(
        topics(publication), passages(publication), relations(publication), sources(publication));
  }

  static Sheets topics(Publication publication) {
    TopicMap map = publication.map();
    Map<UUID, String> numbers = Numbering.of(map);
    Map<UUID, List<CrossLink>> links = publication.leading();
    Map<UUID, Support> supports = Support.of(map); // with all that is below, as on the screen
    List<List<Object>> rows = new ArrayList<>();
    rows.add(
        List.of(
            "number",
            "topic",
            "parent",
            "definition",
            "note",
            "tags",
            "summary",
            "passages",
            "sources",
            "mark",
            "cross-links",
            "quotes",
            "reply"));
    for (Topic topic : map.preorder()) {
      Topic parent = topic.parent() == null ? null : map.topic(topic.parent());
      Support support = supports.get(topic.id());
      rows.add(
          List.of(
              numbers.get(topic.id()),
              topic.label(),
              parent == null ? "" : parent.label(),
              topic.content().gloss().definition(),
              topic.note(),
              map.legend().words(topic),
              topic.summary(),
              support.passages(),
              support.sources().size(),
              publication.mark(topic.id()),
              links.getOrDefault(topic.id(), List.of()).stream()
                  .map(link -> written(link, map, numbers))
                  .collect(Collectors.joining("\n")),
              topic.evidence().stream()
                  .map(evidence -> quoted(evidence, publication))
                  .collect(Collectors.joining("\n")),
              traced(topic)));
    }
    return new Sheets("Topics", rows);
  }

  private static String traced(Topic topic) {
    Trace trace = topic.content().gloss().trace();
    return trace == null ? "" : trace.words();
  }

  /** As {@code fills → 2.1 Creeks}; the root has no number but an asterisk. */
  private static String written(CrossLink link, TopicMap map, Map<UUID, String> numbers) {
    String number = numbers.get(link.to());
    return (link.phrase().isEmpty() ? "" : link.phrase() + " ")
        + link.manner().direction().arrow()
        + " "
        + (number.isEmpty() ? "*" : number)
        + " "
        + map.topic(link.to()).label()
        + (link.manner().supposed() ? " (supposed)" : "");
  }

  private static String quoted(Evidence evidence, Publication publication) {
    Source source = publication.source(evidence.passage().source());
    String place = source == null ? "" : source.place(evidence.passage());
    return "\u201c"
        + evidence.passage().line()
        + "\u201d \u2014 "
        + (source == null ? "" : source.name())
        + (place.isEmpty() ? "" : " \u2014 " + place);
  }

  private static Sheets passages(Publication publication) {
    Map<UUID, String> numbers = Numbering.of(publication.map());
    List<List<Object>> rows = new ArrayList<>();
    rows.add(List.of("number", "topic", "passage", "source", "place"));
    for (Topic topic : publication.map().preorder()) {
      for (Evidence evidence : topic.evidence()) {
        Source source = publication.source(evidence.passage().source());
        rows.add(
            List.of(
                numbers.get(topic.id()),
                topic.label(),
                evidence.passage().line(),
                source == null ? "" : source.name(),
                source == null ? "" : source.place(evidence.passage())));
      }
    }
    return new Sheets("Passages", rows);
  }

  private static Sheets relations(Publication publication) {
    TopicMap map = publication.map();
    List<List<Object>> rows = new ArrayList<>();
    rows.add(List.of("from", "linking phrase", "to", "points", "supposed", "note", "passages"));
    for (CrossLink link : map.links()) {
      rows.add(
          List.of(
              map.topic(link.from()).label(),
              link.phrase(),
              map.topic(link.to()).label(),
              link.manner().direction().name().toLowerCase(java.util.Locale.ROOT),
              link.manner().supposed() ? "yes" : "",
              link.note(),
              link.grounds().size()));
    }
    return new Sheets("Relations", rows);
  }

  private static Sheets sources(Publication publication) {
    List<List<Object>> rows = new ArrayList<>();
    rows.add(
        List.of(
            "name",
            "key",
            "author",
            "date",
            "type",
            "in",
            "publisher",
            "pages",
            "DOI",
            "ISBN",
            "address",
            "words"));
    for (Works.Shelved shelved : publication.works().list()) {
      Source source = shelved.source() == null ? null : publication.source(shelved.source());
      Reference known = shelved.work().reference();
      rows.add(
          List.of(
              shelved.name(),
              shelved.work().key(),
              Person.written(known.makers()),
              known.get(Field.ISSUED),
              known.type().word(),
              known.get(Field.CONTAINER),
              known.get(Field.PUBLISHER),
              known.get(Field.PAGES),
              known.get(Field.DOI),
              known.get(Field.ISBN),
              known.get(Field.URL),
              source == null ? 0 : source.text().words()));
    }
    return new Sheets("Sources", rows);
  }
}
