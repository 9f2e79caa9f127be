package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Tables.Cells;

/** Reads a table by what its columns are called: topics with what is said of them, or relations. */
final class TableReader {
  private enum Column {
    FROM,
    PHRASE,
    TO,
    TOPIC,
    DEFINITION,
    NUMBER,
    LEVEL,
    PARENT,
    CITES,
    NOTE
  }

  private static final Map<Column, Set<String>> NAMES = new EnumMap<>(Column.class);

  static {
    NAMES.put(Column.FROM, Set.of("from", "subject", "von", "de", "desde", "term 1", "concept 1"));
    NAMES.put(
        Column.PHRASE,
        Set.of(
            "relation",
            "relationship",
            "link",
            "linking phrase",
            "predicate",
            "verb",
            "beziehung",
            "relaci\u00f3n",
            "lien"));
    NAMES.put(
        Column.TO,
        Set.of(
            "to", "target", "object", "nach", "zu", "vers", "\u00e0", "a", "term 2", "concept 2"));
    NAMES.put(
        Column.TOPIC,
        Set.of(
            "term",
            "topic",
            "concept",
            "label",
            "point",
            "subtopic",
            "sub-topic",
            "sub topic",
            "name",
            "title",
            "item",
            "aspect",
            "branch",
            "main branch",
            "main topic",
            "category",
            "area",
            "group",
            "section",
            "theme",
            "detail",
            "begriff",
            "thema",
            "unterthema",
            "zweig",
            "terme",
            "th\u00e8me",
            "sujet",
            "sous-th\u00e8me",
            "t\u00e9rmino",
            "tema",
            "subtema",
            "concepto"));
    NAMES.put(
        Column.DEFINITION,
        Set.of(
            "definition",
            "meaning",
            "explanation",
            "description",
            "bedeutung",
            "erkl\u00e4rung",
            "beschreibung",
            "d\u00e9finition",
            "signification",
            "definici\u00f3n",
            "significado",
            "descripci\u00f3n"));
    NAMES.put(Column.NUMBER, Set.of("no", "no.", "nr", "nr.", "#", "number", "nummer", "n\u00b0"));
    NAMES.put(Column.LEVEL, Set.of("level", "ebene", "niveau", "nivel", "depth"));
    NAMES.put(
        Column.PARENT,
        Set.of("parent", "under", "above", "belongs to", "broader", "\u00fcbergeordnet"));
    NAMES.put(
        Column.CITES,
        Set.of(
            "passage",
            "passages",
            "source",
            "sources",
            "id",
            "ids",
            "evidence",
            "citation",
            "citations",
            "key",
            "keys",
            "quelle",
            "quellen",
            "fuente",
            "fuentes"));
  }

  private final List<Cells> rows;
  private final Sheet sheet;
  private final List<Column> columns = new ArrayList<>();
  private final List<String> names;

  private TableReader(List<Cells> table, boolean headed, Sheet sheet) {
    this.sheet = sheet;
    this.names = headed ? table.get(0).cells() : List.of();
    this.rows = headed ? table.subList(1, table.size()) : table;
    int width = table.stream().mapToInt(row -> row.cells().size()).max().orElse(0);
    for (int i = 0; i < width; i++) {
      columns.add(i < names.size() ? column(names.get(i)) : Column.NOTE);
    }
    boolean related = columns.contains(Column.TO);
    for (int i = 0; i < width; i++) {
      boolean from =
          related && columns.get(i) == Column.CITES && bare(names.get(i)).equals("source");
      columns.set(i, from && !columns.contains(Column.FROM) ? Column.FROM : columns.get(i));
    }
    if (!columns.contains(Column.FROM)) {
      columns.replaceAll(each -> each == Column.TO ? Column.NOTE : each);
    }
    if (!columns.contains(Column.TO)) {
      columns.replaceAll(each -> each == Column.FROM ? Column.NOTE : each);
    }
    if (!columns.contains(Column.TOPIC) && !columns.contains(Column.FROM) && width > 0) {
      int first = columns.indexOf(Column.NOTE);
      columns.set(Math.max(first, 0), Column.TOPIC);
    }
    if (headed) {
      sheet.leave(table.get(0).row(), Why.FORM);
    }
  }

  /** Whether cells are names of columns that say what a table holds. */
  static boolean names(List<String> cells) {
    boolean brief = cells.stream().noneMatch(cell -> Shapes.words(cell, 4));
    return brief
        && cells.stream()
            .map(TableReader::column)
            .anyMatch(c -> c != Column.NOTE && c != Column.CITES && c != Column.NUMBER);
  }

  static void read(List<Cells> table, boolean headed, Sheet sheet) {
    TableReader reader = new TableReader(table, headed, sheet);
    if (reader.columns.contains(Column.FROM) && reader.columns.contains(Column.TO)) {
      sheet.unhead();
      reader.rows.forEach(reader::link);
    } else if (reader.columns.contains(Column.PARENT)) {
      reader.parents();
    } else {
      reader.topics();
    }
  }

  private static String bare(String name) {
    return name.replaceAll("[*_`\"]", "").strip().toLowerCase(Locale.ROOT);
  }

  private static Column column(String name) {
    String bare = bare(name);
    if (bare.matches("(level|ebene|niveau|nivel) \\d")) {
      return Column.TOPIC;
    }
    return NAMES.entrySet().stream()
        .filter(each -> each.getValue().contains(bare))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(Column.NOTE);
  }

  private void link(Cells row) {
    String from = row.cell(columns.indexOf(Column.FROM));
    String to = row.cell(columns.indexOf(Column.TO));
    if (from.isBlank() || to.isBlank()) {
      sheet.leave(row.row(), Why.UNREAD);
      return;
    }
    int phrase = columns.indexOf(Column.PHRASE);
    sheet.link(new Linked(row.row().number(), plain(from), plain(row.cell(phrase)), plain(to)));
  }

  private static String plain(String cell) {
    return cell.replaceAll("\\*\\*|__|`", "").strip();
  }

  private void topics() {
    List<Integer> path = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i) == Column.TOPIC) {
        path.add(i);
      }
    }
    if (path.size() == 1 && grouped(path.get(0)) && columns.size() > path.get(0) + 1) {
      int second = path.get(0) + 1;
      if (columns.get(second) == Column.NOTE) {
        path.add(second);
        columns.set(second, Column.TOPIC);
      }
    }
    int level = columns.indexOf(Column.LEVEL);
    int number = columns.indexOf(Column.NUMBER);
    List<String> open = new ArrayList<>();
    for (Cells row : rows) {
      int depth = level >= 0 ? digits(row.cell(level)) : number >= 0 ? dots(row.cell(number)) : 0;
      if (path.size() == 1 || depth > 0) {
        topic(row, Math.max(1, depth), row.cell(path.get(0)), true);
      } else {
        path(row, path, open);
      }
    }
  }

  /** Whether a column says nothing, or the same again, in some of its rows. */
  private boolean grouped(int column) {
    for (int i = 1; i < rows.size(); i++) {
      String cell = rows.get(i).cell(column);
      if (cell.isBlank() || cell.equals(rows.get(i - 1).cell(column))) {
        return true;
      }
    }
    return false;
  }

  private static int digits(String cell) {
    String digits = cell.replaceAll("[^0-9]", "");
    return digits.isEmpty() || digits.length() > 2 ? 1 : Math.max(1, Integer.parseInt(digits));
  }

  private static int dots(String cell) {
    String bare = cell.strip().replaceAll("[.)]$", "");
    return bare.matches("\\d+(\\.\\d+)*") ? bare.split("\\.").length : 1;
  }

  private void path(Cells row, List<Integer> path, List<String> open) {
    int deepest = -1;
    for (int d = 0; d < path.size(); d++) {
      deepest = row.cell(path.get(d)).isBlank() ? deepest : d;
    }
    for (int d = 0; d <= deepest; d++) {
      String cell = row.cell(path.get(d));
      boolean same = d < open.size() && (cell.isBlank() || cell.equals(open.get(d)));
      if (same && d < deepest) {
        sheet.formal(cell);
        continue;
      }
      while (open.size() > d) {
        open.remove(open.size() - 1);
      }
      if (!cell.isBlank()) {
        open.add(cell);
        topic(row, open.size(), cell, d == deepest);
      }
    }
  }

  private void topic(Cells row, int depth, String label, boolean whole) {
    if (label.isBlank()) {
      sheet.leave(row.row(), Why.UNREAD);
      return;
    }
    StringBuilder note = new StringBuilder();
    StringBuilder cites = new StringBuilder();
    String meaning = "";
    for (int i = 0; whole && i < row.cells().size(); i++) {
      String cell = row.cell(i);
      Column column = columns.get(i);
      if (cell.isBlank()) {
        continue;
      } else if (column == Column.DEFINITION && meaning.isEmpty()) {
        meaning = OutlineReader.MEANING + plain(cell);
      } else if (column == Column.CITES && !Cited.of(cell).keys().isEmpty()) {
        cites.append(' ').append(cell);
      } else if (column == Column.NOTE || column == Column.CITES || column == Column.DEFINITION) {
        String name = i < names.size() ? plain(names.get(i)) : "";
        note.append(name.isEmpty() ? "" : name + ": ").append(cell).append('\n');
      }
    }
    String said = (meaning + "\n" + note.toString().strip() + cites).strip();
    sheet.line(OutlineLine.topic(row.row().number(), depth, label, said));
  }

  /** Rows that name the topic that each stands under. */
  private void parents() {
    int parent = columns.indexOf(Column.PARENT);
    int label = columns.indexOf(Column.TOPIC);
    Map<String, List<Cells>> below = new HashMap<>();
    Set<String> known = new HashSet<>();
    rows.forEach(row -> known.add(row.cell(label)));
    List<Cells> roots = new ArrayList<>();
    for (Cells row : rows) {
      String above = row.cell(parent);
      if (above.isBlank() || !known.contains(above) || above.equals(row.cell(label))) {
        roots.add(row);
      } else {
        sheet.formal(above);
        below.computeIfAbsent(above, key -> new ArrayList<>()).add(row);
      }
    }
    Set<Cells> done = new HashSet<>();
    Set<String> headed = new HashSet<>();
    for (Cells row : roots) {
      String above = row.cell(parent);
      sheet.formal(above);
      boolean under = !above.isBlank() && !above.equals(row.cell(label));
      if (under && headed.add(above)) {
        sheet.line(OutlineLine.topic(row.row().number(), 1, above, ""));
      }
      branch(row, under ? 2 : 1, below, done);
    }
    rows.stream().filter(row -> !done.contains(row)).forEach(row -> branch(row, 1, below, done));
  }

  private void branch(Cells row, int depth, Map<String, List<Cells>> below, Set<Cells> done) {
    if (!done.add(row) || depth > 60) {
      return;
    }
    String label = row.cell(columns.indexOf(Column.TOPIC));
    topic(row, depth, label, true);
    List<Cells> children = below.remove(label);
    if (children != null) {
      children.forEach(child -> branch(child, depth + 1, below, done));
    }
  }
}
