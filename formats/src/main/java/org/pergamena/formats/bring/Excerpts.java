package org.pergamena.formats.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;
import org.pergamena.formats.json.WholeMap;

/**
 * The passages of a map that came without its texts: each source becomes what is quoted of it, one
 * passage after the other.
 */
final class Excerpts {
  private static final Pattern QUOTED =
      Pattern.compile("(?s)\u201c(.*)\u201d \u2014 (.+?)(?: \u2014 ([^\u2014]*))?");

  private static final Pattern QUOTED_IN_ITALICS =
      Pattern.compile("(?s)\u201c(.*)\u201d \u2014 \\*(.+)\\*(?:, (.*))?");

  /** A passage that waits for the text of its source. */
  private record Quoted(UUID about, String exact, Stance stance) {}

  private final Map<String, List<Quoted>> quoted = new LinkedHashMap<>();
  private final Map<UUID, List<Evidence>> passages = new HashMap<>();
  private final List<Source> sources = new ArrayList<>();

  /** Takes a passage of a source. */
  void add(UUID about, String source, String exact, Stance stance) {
    if (!exact.isBlank() && !source.isBlank()) {
      quoted.computeIfAbsent(source, s -> new ArrayList<>()).add(new Quoted(about, exact, stance));
    }
  }

  /**
   * Takes a passage as it is written: in quotation marks, with its source, and where it stands
   * there; what is not so written is left out.
   *
   * @param italic whether the name of the source is in italics, so that commas belong to it
   */
  void add(UUID about, String line, boolean italic) {
    Matcher matcher = (italic ? QUOTED_IN_ITALICS : QUOTED).matcher(line.strip());
    if (matcher.matches()) {
      add(about, matcher.group(2), matcher.group(1), Stance.SUPPORTS);
    }
  }

  /** The map of topics and links, with the passages that were taken for them. */
  WholeMap whole(List<Topic> topics, List<CrossLink> links) {
    quoted.forEach((name, all) -> sources.add(source(name, all)));
    List<Topic> grounded =
        topics.stream()
            .map(
                topic ->
                    topic.with(c -> c.withEvidence(passages.getOrDefault(topic.id(), List.of()))))
            .toList();
    List<CrossLink> bornOut =
        links.stream()
            .map(link -> link.withGrounds(passages.getOrDefault(link.id(), List.of())))
            .toList();
    return new WholeMap(TopicMap.of(grounded, bornOut, MapLook.USUAL), sources, List.of());
  }

  private Source source(String name, List<Quoted> all) {
    SourceTextBuilder builder = new SourceTextBuilder();
    Map<String, Integer> blocks = new LinkedHashMap<>();
    for (Quoted each : all) {
      if (blocks.putIfAbsent(each.exact(), blocks.size()) == null) {
        builder.block(Block.Kind.PARAGRAPH, 0, each.exact());
      }
    }
    Source source = new Source(UUID.randomUUID(), name, builder.build());
    List<Span> spans = source.text().blocks().stream().map(Block::span).toList();
    for (Quoted each : all) {
      Passage passage = Passage.of(source, spans.get(blocks.get(each.exact())));
      passages
          .computeIfAbsent(each.about(), about -> new ArrayList<>())
          .add(new Evidence(UUID.randomUUID(), passage, each.stance(), Origin.HAND_LINKED, 1));
    }
    return source;
  }
}
