package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.outline.Outline.Item;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.Reply.Point;

/** Makes points of the items of an outline: their labels bare, with what they mean and cite. */
final class Points {
  private static final Pattern SIGNS =
      Pattern.compile(
          "^[\\p{So}\\p{Sk}\\u2190-\\u21ff\\ufe0f\\u200d]+\\s*|\\s*[\\p{So}\\ufe0f\\u200d]+$");
  private static final Pattern ORDINAL =
      Pattern.compile(
          "^\\(?(\\d{1,2}(?:\\.\\d{1,2}){0,40}|[IVX]{1,4})(?:[.)]|(?<=\\.\\d{1,2}))\\s+(?=\\S)");

  private final List<Item> items;
  private final boolean counted;
  private final Consumer<Integer> signed;
  private boolean told;

  /**
   * Asks for points.
   *
   * @param signed is told the first line from whose label signs were taken
   */
  Points(List<Item> items, Consumer<Integer> signed) {
    this.items = items;
    this.signed = signed;
    this.counted =
        items.stream()
                .map(item -> ordinal(item.label()))
                .filter(n -> !n.isEmpty())
                .distinct()
                .limit(2)
                .count()
            == 2;
  }

  List<Point> all() {
    List<Point> points = new ArrayList<>();
    items.forEach(item -> points.add(point(item)));
    return points;
  }

  private static String ordinal(String label) {
    Matcher found = ORDINAL.matcher(label);
    return found.find() ? found.group(1) : "";
  }

  private Point point(Item item) {
    String note = item.note();
    String meaning = "";
    if (note.startsWith(OutlineReader.MEANING)) {
      int end = note.indexOf('\n');
      meaning = note.substring(1, end < 0 ? note.length() : end);
      note = end < 0 ? "" : note.substring(end + 1);
    }
    Cited label = Cited.of(Words.line(item.label()));
    Cited definition = Cited.of(Words.line(meaning));
    Cited said = Cited.of(Words.clean(note));
    List<String> cites = new ArrayList<>(label.keys());
    cites.addAll(definition.keys());
    cites.addAll(said.keys());
    String defined = definition.words();
    String more = said.words();
    if (defined.length() > Gloss.LONGEST_DEFINITION) {
      more = (defined + "\n" + more).strip();
      defined = "";
    }
    if (more.length() > Content.LONGEST_NOTE) {
      more = more.substring(0, Content.LONGEST_NOTE);
    }
    return new Point(
        item.line(),
        item.level(),
        label(label.words(), item),
        defined,
        more,
        cites.stream().distinct().toList());
  }

  private String label(String words, Item item) {
    String unsigned = SIGNS.matcher(words).replaceAll("");
    if (!told && !unsigned.equals(words)) {
      told = true;
      signed.accept(item.line());
    }
    String bare = counted ? ORDINAL.matcher(unsigned).replaceFirst("") : unsigned;
    String end = bare.endsWith(":") ? bare.substring(0, bare.length() - 1) : bare;
    return end.isBlank() ? Words.line(item.label()) : end.strip();
  }
}
