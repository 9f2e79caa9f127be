package org.pergamena.server.references;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Report;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Citations;
import org.pergamena.core.source.Source;
import org.pergamena.formats.publish.Works;

/** Where on a map what is cited, in the words of its style. */
final class CitedPlaces {
  /**
   * A citation.
   *
   * @param topic at which it stands
   * @param written as it stands in the note; empty for a passage, which cites itself
   * @param quote the words of the passage; empty for a note
   * @param keys the works that it names
   * @param unknown those of them that are not on the shelf
   */
  record CitationView(
      UUID topic,
      String number,
      String label,
      String written,
      String quote,
      List<CitedWords> words,
      List<String> keys,
      List<String> unknown) {}

  /** An entry of the list of references. */
  record Entry(String key, String label, List<CitedWords> words) {}

  /** All of a map. */
  record All(List<CitationView> citations, List<Entry> references) {}

  private CitedPlaces() {}

  /**
   * The citations of a map in the order in which they stand in its report, and the references.
   *
   * @param listed whether the list has all works, or only those that are cited
   */
  static All of(TopicMap map, List<Source> sources, Works works, boolean listed) {
    Map<UUID, Source> byId = sources.stream().collect(Collectors.toMap(Source::id, s -> s));
    Map<UUID, String> keys =
        works.list().stream()
            .filter(shelved -> shelved.source() != null)
            .collect(Collectors.toMap(Works.Shelved::source, shelved -> shelved.work().key()));
    Map<UUID, List<CrossLink>> links =
        map.links().stream().collect(Collectors.groupingBy(CrossLink::from));
    Map<UUID, String> numbers = Numbering.of(map);
    Set<String> known = works.list().stream().map(s -> s.work().key()).collect(Collectors.toSet());
    List<Citation> asked = new ArrayList<>();
    List<CitationView> bare = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      String number = numbers.get(topic.id());
      for (Citations.Found found : Citations.in(topic.note())) {
        asked.add(found.citation());
        String written = topic.note().substring(found.start(), found.end());
        bare.add(cited(topic, number, written, "", found.citation(), known));
      }
      List<Evidence> passages = new ArrayList<>(topic.evidence());
      links.getOrDefault(topic.id(), List.of()).forEach(l -> passages.addAll(l.grounds()));
      for (Evidence evidence : passages) {
        Source source = byId.get(evidence.passage().source());
        String key = source == null ? null : keys.get(source.id());
        if (key != null) {
          Citation citation = Citation.of(key, Report.where(source, evidence.passage()));
          asked.add(citation);
          bare.add(cited(topic, number, "", evidence.passage().line(), citation, known));
        }
      }
    }
    int places = asked.size();
    if (listed) {
      known.stream().sorted().forEach(key -> asked.add(Citation.of(key, Citation.Where.WHOLE)));
    }
    var worded = works.style().word(asked);
    Iterator<List<Block.Run>> words = worded.citations().subList(0, places).iterator();
    return new All(
        bare.stream().map(cited -> worded(cited, words.next())).toList(),
        worded.references().stream()
            .map(entry -> new Entry(entry.key(), entry.label(), CitedWords.of(entry.runs())))
            .toList());
  }

  private static CitationView cited(
      Topic topic,
      String number,
      String written,
      String quote,
      Citation citation,
      Set<String> known) {
    List<String> keys = citation.cites().stream().map(Citation.Cite::key).distinct().toList();
    List<String> unknown = keys.stream().filter(key -> !known.contains(key)).toList();
    return new CitationView(
        topic.id(), number, topic.label(), written, quote, List.of(), keys, unknown);
  }

  private static CitationView worded(CitationView cited, List<Block.Run> words) {
    return new CitationView(
        cited.topic(),
        cited.number(),
        cited.label(),
        cited.written(),
        cited.quote(),
        CitedWords.of(words),
        cited.keys(),
        cited.unknown());
  }
}
