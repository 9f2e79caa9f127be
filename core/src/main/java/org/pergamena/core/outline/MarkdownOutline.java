package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;

/**
 * Writes a map as Markdown: headings down to the third level, lists below, and every passage as a
 * footnote with its quote, its source and the page or time. Topics have their numbers where the map
 * shows them. Cross-links stand under the topic from which they lead.
 */
public final class MarkdownOutline {
  private static final int DEEPEST_HEADING = 2;
  private final TopicMap map;
  private final Map<UUID, Source> sources;
  private final Map<UUID, List<CrossLink>> links;
  private final Map<UUID, List<Also>> also;
  private final Map<UUID, String> numbers;
  private final StringBuilder text = new StringBuilder();
  private final List<String> footnotes = new ArrayList<>();

  private MarkdownOutline(TopicMap map, List<Source> sources) {
    this.map = map;
    this.links = map.links().stream().collect(Collectors.groupingBy(CrossLink::from));
    this.also = map.also().stream().collect(Collectors.groupingBy(Also::parent));
    this.numbers = Numbering.of(map);
    this.sources = sources.stream().collect(Collectors.toMap(Source::id, Function.identity()));
  }

  /** The whole map, closed branches too. */
  public static String write(TopicMap map, List<Source> sources) {
    return new MarkdownOutline(map, sources).write();
  }

  private String write() {
    topic(map.root(), 0);
    if (!footnotes.isEmpty()) {
      text.append('\n');
      footnotes.forEach(note -> text.append(note).append('\n'));
    }
    return text.toString();
  }

  private void topic(Topic topic, int level) {
    String number = map.look().numbered() ? numbers.get(topic.id()) : "";
    String label = number.isEmpty() ? escape(topic.label()) : number + " " + escape(topic.label());
    String line = label + references(topic.evidence());
    if (level <= DEEPEST_HEADING) {
      text.append(text.isEmpty() ? "" : "\n").append("#".repeat(level + 1));
      text.append(' ').append(line).append('\n');
    } else {
      if (level == DEEPEST_HEADING + 1 && endsWithText()) {
        text.append('\n');
      }
      text.append(indent(level)).append("- ").append(line).append('\n');
    }
    gloss(topic, level);
    note(topic.note(), level);
    links(topic, level);
    for (Topic child : map.children(topic)) {
      topic(child, level + 1);
    }
    for (Also shown : also.getOrDefault(topic.id(), List.of())) {
      Topic again = map.topic(shown.topic());
      String there = numbers.get(again.id());
      text.append(level < DEEPEST_HEADING ? "\n" : "")
          .append(level < DEEPEST_HEADING ? "" : indent(level + 1))
          .append(level < DEEPEST_HEADING ? "" : "- ")
          .append("*also here:* ")
          .append(escape(again.label()))
          .append(there.isEmpty() ? "" : " (" + there + ")")
          .append('\n');
    }
  }

  /** The definition and the tags, each a paragraph of its own. */
  private void gloss(Topic topic, int level) {
    Gloss gloss = topic.content().gloss();
    String indent = level <= DEEPEST_HEADING ? "" : indent(level) + "  ";
    if (!gloss.definition().isBlank()) {
      String words = gloss.definition().strip().replaceAll("\\s+", " ");
      text.append('\n').append(indent).append(": ").append(escape(words)).append('\n');
    }
    italic(map.legend().words(topic), indent);
    italic(gloss.trace() == null ? "" : gloss.trace().words(), indent);
  }

  private void italic(String words, String indent) {
    if (!words.isEmpty()) {
      text.append('\n').append(indent).append("*").append(escape(words)).append("*\n");
    }
  }

  private boolean endsWithText() {
    int line = text.lastIndexOf("\n", text.length() - 2) + 1;
    return !text.substring(line).stripLeading().startsWith("- ");
  }

  private void note(String note, int level) {
    if (note.isBlank()) {
      return;
    }
    boolean heading = level <= DEEPEST_HEADING;
    String indent = heading ? "" : indent(level) + "  ";
    text.append('\n');
    note.strip()
        .lines()
        .forEach(line -> text.append(line.isBlank() ? "" : indent + kept(line)).append('\n'));
    if (!heading) {
      text.append('\n');
    }
  }

  /**
   * A line of a note, which is Markdown itself; what would begin a topic, a heading, a footnote or
   * HTML is taken for words, and a link leads to the web or to mail alone.
   */
  private static String kept(String line) {
    return line.replaceFirst("^(\\s*)(#+|[-+*](?=\\s))", "$1\\\\$2")
        .replaceFirst("^(\\s*\\d+)([.)])(\\s)", "$1\\\\$2$3")
        .replace("[^", "\\[^")
        .replaceAll("<(?=[a-zA-Z/!?])(?!(?:https?|mailto):)", "\\\\<")
        .replaceAll(
            "(\\]\\(\\s?<?|^\\s{0,3}\\[[^\\]]{1,200}\\]:\\s?)(?i:(?!https?:|mailto:)[a-z][a-z0-9+.-]{0,30}:)",
            "$1#");
  }

  /** The cross-links that lead from a topic, each with its phrase and the other end. */
  private void links(Topic topic, int level) {
    boolean heading = level <= DEEPEST_HEADING;
    for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
      String phrase = link.phrase().isEmpty() ? "" : "*" + escape(link.phrase()) + "* ";
      String number = numbers.get(link.to());
      text.append('\n')
          .append(heading ? "" : indent(level) + "  ")
          .append(phrase)
          .append(link.manner().direction().arrow())
          .append(' ')
          .append(escape(map.topic(link.to()).label()))
          .append(number.isEmpty() ? "" : " (" + number + ")")
          .append(link.manner().supposed() ? " (supposed)" : "")
          .append(link.note().isBlank() ? "" : ": " + escape(link.note().replaceAll("\\s+", " ")))
          .append(references(link.grounds()))
          .append('\n');
    }
  }

  private static String indent(int level) {
    return "  ".repeat(level - DEEPEST_HEADING - 1);
  }

  private String references(List<Evidence> passages) {
    StringBuilder references = new StringBuilder();
    for (Evidence evidence : passages) {
      int number = footnotes.size() + 1;
      references.append("[^").append(number).append(']');
      footnotes.add("[^" + number + "]: " + footnote(evidence));
    }
    return references.toString();
  }

  private String footnote(Evidence evidence) {
    String quote = evidence.passage().line();
    Source source = sources.get(evidence.passage().source());
    String place = source.place(evidence.passage());
    return "\u201c"
        + escape(quote)
        + "\u201d \u2014 *"
        + escape(source.name())
        + "*"
        + (place.isEmpty() ? "" : ", " + escape(place));
  }

  /** Takes their meaning from the marks that Markdown would read (CommonMark 0.31, chapter 2.4). */
  private static String escape(String words) {
    String escaped = words.replaceAll("([\\\\`*_\\[\\]<>#|~])", "\\\\$1");
    return escaped
        .replaceFirst("^(\\d+)([.)])(\\s)", "$1\\\\$2$3")
        .replaceFirst("^([-+])(\\s)", "\\\\$1$2");
  }
}
