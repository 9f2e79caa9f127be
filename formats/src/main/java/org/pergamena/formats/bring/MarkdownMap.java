package org.pergamena.formats.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.outline.WrittenNumbers;
import org.pergamena.formats.json.WholeMap;

/**
 * Reads a map from Markdown in the form in which maps are written here; also the headings and lists
 * of others, whose items stand below the heading before them, as far in as they are written.
 */
final class MarkdownMap {
  private static final Pattern HEADING = Pattern.compile("(#{1,6}) (.+)");
  private static final Pattern ITEM = Pattern.compile("(\\s*)[-*+] (.+)");
  private static final Pattern FOOTNOTE = Pattern.compile("\\[\\^(\\d+)\\]: (.+)");
  private static final Pattern MARK = Pattern.compile("\\[\\^(\\d+)\\]");
  private static final Pattern LINK =
      Pattern.compile(
          "(?:\\*(.+?)\\* )?([\u2192\u2194\u2014]) (.+?)(?: \\((\\d[\\d.]*)\\))?"
              + "( \\(supposed\\))?(?:: (.+))?");
  private static final int HEADED = -1;
  private static final String TAB = "    ";

  /** A topic while it is read. */
  private static final class Read {
    private final UUID id = UUID.randomUUID();
    private final UUID parent;
    private final String label;

    /** The blanks before it, {@code HEADED} of a heading. */
    private final int indent;

    private final List<UUID> children = new ArrayList<>();
    private final List<String> note = new ArrayList<>();
    private String definition = "";
    private List<String> tags = List.of();

    Read(UUID parent, String label, int indent) {
      this.parent = parent;
      this.label = label;
      this.indent = indent;
    }
  }

  /** A link that waits for the topic to which it leads. */
  private record Leading(UUID id, UUID from, Matcher line) {}

  private final Map<UUID, Read> topics = new LinkedHashMap<>();
  private final List<Read> above = new ArrayList<>();
  private final List<Leading> leading = new ArrayList<>();
  private final Map<String, String> footnotes = new HashMap<>();
  private final Map<UUID, List<String>> marked = new LinkedHashMap<>();

  private MarkdownMap() {}

  static WholeMap read(String text) {
    MarkdownMap read = new MarkdownMap();
    text.lines().forEach(read::line);
    if (read.topics.isEmpty()) {
      throw new IllegalArgumentException("This Markdown has no headings to make topics of.");
    }
    return read.whole();
  }

  private void line(String line) {
    Matcher footnote = FOOTNOTE.matcher(line);
    Matcher heading = HEADING.matcher(line);
    Matcher item = ITEM.matcher(line);
    if (footnote.matches()) {
      footnotes.put(footnote.group(1), footnote.group(2));
    } else if (heading.matches()) {
      topic(heading.group(1).length() - 1, heading.group(2), HEADED);
    } else if (item.matches() && !item.group(2).startsWith("*also here:*") && !above.isEmpty()) {
      int indent = item.group(1).replace("\t", TAB).length();
      topic(belowWhich(indent), item.group(2), indent);
    } else if (!above.isEmpty()) {
      said(above.get(above.size() - 1), line);
    }
  }

  /** How many topics are above an item of a list: the heading, and the items less far in. */
  private int belowWhich(int indent) {
    int depth = above.size();
    while (depth > 0 && above.get(depth - 1).indent >= indent) {
      depth--;
    }
    return depth;
  }

  private void topic(int level, String words, int indent) {
    int depth = Math.min(level, above.size());
    if (depth == 0 && !above.isEmpty()) {
      depth = 1; // a map has one root
    }
    while (above.size() > depth) {
      above.remove(above.size() - 1);
    }
    int marks = marksIn(words);
    String label = unescaped(words.substring(0, marks).strip());
    Read parent = above.isEmpty() ? null : above.get(above.size() - 1);
    Read topic = new Read(parent == null ? null : parent.id, Words.label(label), indent);
    if (parent != null) {
      parent.children.add(topic.id);
    }
    topics.put(topic.id, topic);
    above.add(topic);
    mark(topic.id, words.substring(marks));
  }

  /** Where the footnote marks begin that words end with; their end if there are none. */
  private static int marksIn(String words) {
    int from = words.length();
    int open = words.lastIndexOf("[^");
    while (open >= 0 && MARK.matcher(words).region(open, from).matches()) {
      from = open;
      open = words.lastIndexOf("[^", open - 1);
    }
    return from;
  }

  private void mark(UUID about, String marks) {
    Matcher mark = MARK.matcher(marks);
    while (mark.find()) {
      marked.computeIfAbsent(about, id -> new ArrayList<>()).add(mark.group(1));
    }
  }

  /** A paragraph below a topic: its definition, its tags, a link, or what its note says. */
  private void said(Read topic, String line) {
    String words = line.strip();
    int marks = marksIn(words);
    Matcher link = LINK.matcher(words.substring(0, marks));
    List<String> tags = tags(words);
    if (words.startsWith(": ") && topic.definition.isEmpty() && blank(topic.note)) {
      topic.definition = unescaped(words.substring(2));
    } else if (!tags.isEmpty() && blank(topic.note)) {
      topic.tags = tags;
    } else if (link.matches()) {
      UUID id = UUID.randomUUID();
      leading.add(new Leading(id, topic.id, link));
      mark(id, words.substring(marks));
    } else if (!words.startsWith("*also here:*") && !words.startsWith("- *also here:*")) {
      int indent = topic.indent == HEADED ? 0 : topic.indent + 2;
      boolean indented = indent > 0 && line.startsWith(" ".repeat(indent));
      String own = indented ? line.substring(indent) : line;
      topic.note.add(
          own.replaceFirst("^(\\s*)\\\\(#+|[-+*](?=\\s))", "$1$2")
              .replaceFirst("^(\\s*\\d+)\\\\([.)])(\\s)", "$1$2$3")
              .replace("\\[^", "[^"));
    }
  }

  private static boolean blank(List<String> lines) {
    return lines.stream().allMatch(String::isBlank);
  }

  /** The usual tags that a line in italics names, none if it is something else. */
  private static List<String> tags(String words) {
    if (!words.matches("\\*[^*]+\\*")) {
      return List.of();
    }
    List<String> tags = new ArrayList<>();
    for (String word : unescaped(words.substring(1, words.length() - 1)).split(", ")) {
      var tag = Legend.USUAL.named(word).map(Tag::id);
      if (tag.isEmpty()) {
        return List.of();
      }
      tags.add(tag.get());
    }
    return tags;
  }

  private static String unescaped(String words) {
    return words.replaceAll("\\\\([\\\\`*_\\[\\]<>#|~.)+-])", "$1");
  }

  /** The topics by their numbers, which are taken off the labels if they stand before them. */
  private static Map<String, UUID> numbers(List<Topic> all) {
    Map<String, UUID> byNumber = new HashMap<>();
    Map<UUID, Integer> levels = new HashMap<>();
    List<WrittenNumbers.Line> lines = new ArrayList<>();
    List<Topic> below = all.subList(1, all.size());
    for (Topic topic : below) {
      int level = levels.getOrDefault(topic.parent(), 0) + 1;
      levels.put(topic.id(), level);
      lines.add(new WrittenNumbers.Line(level, topic.label()));
    }
    if (WrittenNumbers.in(lines)) {
      below.forEach(topic -> byNumber.put(WrittenNumbers.of(topic.label()), topic.id()));
      below.replaceAll(topic -> topic.with(c -> c.withLabel(WrittenNumbers.without(c.label()))));
    } else {
      Numbering.of(TopicMap.of(all)).forEach((id, number) -> byNumber.put(number, id));
    }
    return byNumber;
  }

  private WholeMap whole() {
    List<Topic> all = new ArrayList<>();
    for (Read topic : topics.values()) {
      Content content =
          Content.labelled(topic.label)
              .withNote(String.join("\n", topic.note).strip())
              .withGloss(g -> g.withDefinition(topic.definition, false).withTags(topic.tags));
      all.add(new Topic(topic.id, topic.parent, topic.children, content));
    }
    Map<String, UUID> byNumber = numbers(all);
    List<CrossLink> links = new ArrayList<>();
    for (Leading each : leading) {
      Matcher line = each.line();
      UUID to = byNumber.get(line.group(4) == null ? "" : line.group(4));
      if (to != null && !to.equals(each.from())) {
        String phrase = line.group(1) == null ? "" : unescaped(line.group(1));
        String note = line.group(6) == null ? "" : unescaped(line.group(6));
        boolean supposed = line.group(5) != null;
        links.add(
            CrossLink.of(each.id(), each.from(), to, phrase)
                .withManner(new Manner(Manner.Direction.written(line.group(2)), supposed))
                .withNote(note));
      }
    }
    Excerpts excerpts = new Excerpts();
    marked.forEach(
        (about, numbers) ->
            numbers.forEach(
                number ->
                    excerpts.add(about, unescaped(footnotes.getOrDefault(number, "")), true)));
    return excerpts.whole(all, links);
  }
}
