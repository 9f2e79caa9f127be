package org.pergamena.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.Outline.Item;
import org.pergamena.core.outline.Outline.Repair;

/**
 * Reads outlines that people and programs write: Markdown headings and lists, text indented by tabs
 * or spaces, numbered text, and OPML 2.0. What is wrong is repaired where the meaning is clear.
 *
 * <pre>{@code
 * Outline outline = OutlineReader.read("# Marsh\n- Wall\n  - Breach\n");
 * }</pre>
 */
public final class OutlineReader {
  /** Stands before what a topic means, as the first line of its note. */
  public static final String MEANING = "\ue000";

  private static final Pattern LEADING = Pattern.compile("^[*_:\\s\u2013\u2014=\u2192>-]+");

  private static final Pattern OPML = Pattern.compile("<opml\\b", Pattern.CASE_INSENSITIVE);

  /** List items that have only their mark. */
  private static final Set<String> EMPTY = Set.of("-", "*", "+", "\u2022", "\u2013");

  private static final Pattern BULLET = Pattern.compile("(?s)" + Marks.BULLETS + "\\s++(.*)");
  private static final Pattern DOTTED = Pattern.compile("(?s)(\\d++(?:\\.\\d++)++)[.)]?\\s++(.*)");
  private static final Pattern NUMBER = Pattern.compile("(?s)(\\d{1,3})[.)]?\\s++(.*)");
  private static final Pattern UNDERLINE = Pattern.compile("\\s*(={3,}|-{3,})\\s*");
  private static final Pattern FENCE = Pattern.compile("\\s*(```|~~~).*");

  private final List<OutlineLine> lines;
  private final boolean headed;

  /** How much deeper than the uppermost level all headings are. */
  private final int sunk;

  private final boolean dotted;
  private final boolean marked;
  private final ToIntFunction<String> labels;
  private final Indents indents = new Indents();
  private final Marks marks = new Marks();
  private final List<Item> items = new ArrayList<>();
  private final List<Repair> repairs = new ArrayList<>();
  private final StringBuilder stray = new StringBuilder();

  /** What stands under the last topic so far. */
  private final StringBuilder note = new StringBuilder();

  private int heading;

  /** The level of the last heading that is written with its marks. */
  private int written;

  private int fence;

  /** Whether the line before was blank, after a list item. */
  private boolean parted;

  /** The line at which text begins that stands apart after a list; 0 if a topic came since. */
  private int lastText;

  private boolean listed;

  private OutlineReader(List<OutlineLine> lines, ToIntFunction<String> labels) {
    this.lines = lines;
    this.labels = labels;
    boolean dots = false;
    boolean marks = false;
    boolean headed = false;
    int uppermost = Integer.MAX_VALUE;
    for (OutlineLine each : lines) {
      String line = each.text();
      boolean found = each.understood();
      HeadingLine head = found ? null : HeadingLine.of(line).orElse(null);
      headed |= head != null && !head.joined();
      uppermost = head == null ? uppermost : Math.min(uppermost, head.level());
      dots |= !found && DOTTED.matcher(line.strip()).matches();
      marks |= found || BULLET.matcher(line.strip()).matches();
    }
    this.headed = headed;
    this.sunk = headed ? uppermost - 1 : 0;
    dotted = dots;
    marked = marks || headed || dots;
  }

  /** Never fails; a text in which nothing is a topic gives an outline without items. */
  public static Outline read(String text) {
    String clean = text.replace("\r\n", "\n").replace('\r', '\n').replace("\uFEFF", "");
    if (OPML.matcher(clean.substring(0, Math.min(clean.length(), 2000))).find()) {
      return OpmlReader.read(clean);
    }
    String[] written = clean.split("\n", -1);
    List<OutlineLine> lines = new ArrayList<>();
    for (int i = 0; i < written.length; i++) {
      lines.add(OutlineLine.written(i + 1, written[i]));
    }
    OutlineReader reader = new OutlineReader(lines, String::length);
    Outline outline = reader.read();
    reader.roots();
    return titled(new Outline(null, outline.items(), reader.sorted()));
  }

  /**
   * Reads lines some of which are known to be topics; none becomes a title.
   *
   * @param labels where the label ends in the words of a topic; what follows becomes the first line
   *     of its note, after {@link #MEANING}
   */
  public static Outline read(List<OutlineLine> lines, ToIntFunction<String> labels) {
    return new OutlineReader(lines, labels).read();
  }

  private Outline read() {
    for (OutlineLine each : lines) {
      String line = each.text();
      if (each.understood()) {
        understood(each);
      } else if (FENCE.matcher(line).matches()) {
        fence = fence == 0 ? each.number() : 0;
      } else if (line.isBlank()) {
        parted = listed;
      } else if (!UNDERLINE.matcher(line).matches() || marked(line)) {
        line(each.number(), line);
        parted = false;
      }
    }
    noted();
    if (fence > 0) {
      repairs.add(new Repair(fence, "a block of code begins and does not end, read as text"));
    }
    if (lastText > 0) {
      repairs.add(
          new Repair(
              lastText,
              "text after the last topic, kept as a note of \""
                  + items.get(items.size() - 1).label()
                  + "\""));
    }
    return new Outline(null, bare(items), sorted());
  }

  /** Tells of two roots, of which perhaps one was to be below the other. */
  private void roots() {
    List<Item> roots = items.stream().filter(item -> item.level() == 1).toList();
    if (roots.size() == 2 && roots.get(1).line() > roots.get(0).line() + 1 && deep(roots)) {
      repairs.add(
          new Repair(
              roots.get(1).line(),
              "begins a second root beside line "
                  + roots.get(0).line()
                  + ", both became main branches"));
    }
  }

  /** The outline with its one root as its title. */
  private static Outline titled(Outline outline) {
    List<Item> items = outline.items();
    if (items.size() < 2 || items.stream().filter(item -> item.level() == 1).count() > 1) {
      return outline;
    }
    List<Item> below = new ArrayList<>();
    items.subList(1, items.size()).forEach(i -> below.add(raised(i)));
    List<Repair> repairs = new ArrayList<>(outline.repairs());
    Item title = items.get(0);
    if (!title.note().isBlank()) {
      Item first = below.get(0);
      String note = (title.note() + "\n" + first.note()).strip();
      below.set(0, new Item(first.line(), first.level(), first.label(), note));
      repairs.add(
          new Repair(
              title.line(), "text under the title, kept as a note of \"" + first.label() + "\""));
      repairs.sort((a, b) -> Integer.compare(a.line(), b.line()));
    }
    return new Outline(title.label(), bare(below), repairs);
  }

  /** Whether both roots have topics below them. */
  private boolean deep(List<Item> roots) {
    int second = items.indexOf(roots.get(1));
    return second > 1 && second < items.size() - 1;
  }

  /** The items without the numbers of their places before their labels. */
  private static List<Item> bare(List<Item> numbered) {
    boolean written =
        WrittenNumbers.in(
            numbered.stream()
                .map(item -> new WrittenNumbers.Line(item.level(), item.label()))
                .toList());
    return !written
        ? numbered
        : numbered.stream()
            .map(i -> new Item(i.line(), i.level(), WrittenNumbers.without(i.label()), i.note()))
            .toList();
  }

  private static Item raised(Item item) {
    return new Item(item.line(), item.level() - 1, item.label(), item.note());
  }

  private List<Repair> sorted() {
    repairs.sort((a, b) -> Integer.compare(a.line(), b.line()));
    return repairs;
  }

  private boolean marked(String line) {
    return BULLET.matcher(line.strip()).matches();
  }

  private void line(int number, String line) {
    Optional<HeadingLine> head = HeadingLine.of(line).filter(h -> !h.joined() || headed);
    if (head.isPresent()) {
      heading(number, head.get());
      return;
    }
    String words = line.strip();
    if (marked && EMPTY.contains(words)) {
      repairs.add(new Repair(number, "a topic without words, left out"));
      return;
    }
    Matcher dots = DOTTED.matcher(words);
    Matcher single = NUMBER.matcher(words);
    if (dotted && dots.matches()) {
      add(number, heading + dots.group(1).split("\\.").length, dots.group(2));
      return;
    }
    if (dotted && single.matches()) {
      add(number, heading + 1, single.group(2));
      return;
    }
    Matcher bullet = BULLET.matcher(words);
    Matcher ordered = Marks.ORDERED.matcher(words);
    boolean item = bullet.matches() || ordered.matches();
    if (!item && marked) {
      text(number, words);
      return;
    }
    int depth = indents.depth(number, line, repairs);
    int deeper = marks.deeper(number, depth, words, repairs);
    String label =
        bullet.matches() ? bullet.group(1) : ordered.matches() ? ordered.group(2) : words;
    add(number, heading + depth + deeper, label);
  }

  private void understood(OutlineLine line) {
    switch (line.kind()) {
      case TOPIC -> {
        add(line.number(), heading + line.depth(), line.text());
        StringBuilder to = items.isEmpty() ? stray : note;
        to.append(to.isEmpty() || line.note().isEmpty() ? "" : "\n").append(line.note());
      }
      case HEADING -> under(line.number(), line.text());
      default -> text(line.number(), line.text());
    }
    parted = false;
  }

  /** A line of its own that is a heading under the last one that is written as such. */
  private void under(int number, String words) {
    indents.clear();
    marks.clear();
    add(number, written + 1, words);
    heading = items.isEmpty() ? 0 : items.get(items.size() - 1).level();
    listed = false;
  }

  private void heading(int number, HeadingLine head) {
    String words = head.words();
    if (words.isBlank()) {
      repairs.add(new Repair(number, "a heading without words, left out"));
      return;
    }
    if (head.joined()) {
      repairs.add(
          new Repair(
              number, "no space after \"" + "#".repeat(head.level()) + "\", taken as a heading"));
    }
    indents.clear();
    marks.clear();
    add(number, head.level() - sunk, words);
    heading = items.isEmpty() ? 0 : items.get(items.size() - 1).level();
    written = heading;
    listed = false;
  }

  /** A paragraph is a note of the topic that it stands under. */
  private void text(int number, String words) {
    if (items.isEmpty()) {
      repairs.add(new Repair(number, "text before the first topic, taken as a note of that topic"));
      stray.append(stray.isEmpty() ? "" : "\n").append(words);
      return;
    }
    lastText = parted && lastText == 0 ? number : lastText;
    Markup cleaned = Markup.of(words);
    cleaned.repair(number).ifPresent(repairs::add);
    note.append(note.isEmpty() ? "" : "\n")
        .append(cleaned.text())
        .append(cleaned.linksOnOwnLines());
  }

  private void add(int number, int wanted, String all) {
    int end = labels.applyAsInt(all);
    String words = all.substring(0, end);
    Markup meant = Markup.of(LEADING.matcher(all.substring(end)).replaceFirst(""));
    Markup cleaned = Markup.of(words);
    cleaned.repair(number).ifPresent(repairs::add);
    if (cleaned.text().isBlank()) {
      repairs.add(new Repair(number, "a topic without words, left out"));
      return;
    }
    int above = items.isEmpty() ? 0 : items.get(items.size() - 1).level();
    int level = Math.min(wanted, above + 1);
    if (wanted > level && !(items.isEmpty() && heading == 0)) {
      repairs.add(new Repair(number, jump(wanted, level, above)));
    }
    listed = true;
    lastText = 0;
    String after = stray + cleaned.linksOnOwnLines();
    stray.setLength(0);
    noted();
    LongLabel label = LongLabel.of(cleaned.text());
    label.repair(number).ifPresent(repairs::add);
    items.add(new Item(number, level, label.label(), ""));
    String meaning = meant.text().isBlank() ? "" : MEANING + meant.text();
    String rest = label.rest() + meant.linksOnOwnLines() + after;
    note.append((meaning + "\n" + rest.strip()).strip());
  }

  /** The note of the last topic is whole. */
  private void noted() {
    if (!note.isEmpty()) {
      Item last = items.remove(items.size() - 1);
      items.add(new Item(last.line(), last.level(), last.label(), note.toString()));
      note.setLength(0);
    }
  }

  private String jump(int wanted, int level, int above) {
    String deeper = Indents.spelt(wanted - above) + " levels under ";
    return items.isEmpty()
        ? "begins at level " + wanted + ", taken as level " + level
        : "indented " + deeper + "line " + items.get(items.size() - 1).line() + ", taken as one";
  }
}
