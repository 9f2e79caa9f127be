package org.pergamena.formats.publish;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;

/** A map as plain text: a line a topic, two blanks deeper for each level. */
final class OutlineText {
  private static final Map<Manner.Direction, String> ARROWS =
      Map.of(
          Manner.Direction.NONE, "--",
          Manner.Direction.ONE, "->",
          Manner.Direction.BOTH, "<->");

  private final Publication publication;
  private final TopicMap map;
  private final Map<UUID, String> numbers;
  private final Map<UUID, List<CrossLink>> links;
  private final Map<UUID, List<Also>> also;
  private final StringBuilder text = new StringBuilder();

  private OutlineText(Publication publication) {
    this.publication = publication;
    this.map = publication.map();
    this.numbers = Numbering.of(map);
    this.links = publication.leading();
    this.also = map.also().stream().collect(Collectors.groupingBy(Also::parent));
  }

  static String of(Publication publication) {
    OutlineText outline = new OutlineText(publication);
    outline.topic(publication.map().root(), 0);
    return outline.text.toString();
  }

  private void topic(Topic topic, int level) {
    String number = map.look().numbered() ? numbers.get(topic.id()) : "";
    String mark = publication.mark(topic.id());
    line(
        level,
        (number.isEmpty() ? "" : number + " ")
            + topic.label()
            + (mark.isEmpty() ? "" : " (" + mark + ")"));
    String indent = "  ".repeat(level + 1);
    paragraphs(indent, topic.content().gloss().definition());
    Trace trace = topic.content().gloss().trace();
    paragraphs(indent, trace == null ? "" : trace.words());
    paragraphs(indent, topic.content().summaryBesidePassages());
    paragraphs(indent, topic.note());
    for (Evidence evidence : topic.evidence()) {
      paragraphs(indent, publication.quote(evidence));
    }
    for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
      String phrase = link.phrase().isEmpty() ? "" : link.phrase() + " ";
      paragraphs(indent, phrase + ARROWS.get(link.manner().direction()) + " " + named(link.to()));
    }
    map.children(topic).forEach(child -> topic(child, level + 1));
    also.getOrDefault(topic.id(), List.of())
        .forEach(again -> line(level + 1, "also here: " + named(again.topic())));
  }

  private String named(UUID topic) {
    String number = numbers.get(topic);
    return map.topic(topic).label() + (number.isEmpty() ? "" : " (" + number + ")");
  }

  private void line(int level, String words) {
    text.append("  ".repeat(level)).append(words).append('\n');
  }

  private void paragraphs(String indent, String words) {
    words
        .lines()
        .filter(line -> !line.isBlank())
        .forEach(line -> text.append(indent).append("| ").append(line.strip()).append('\n'));
  }
}
