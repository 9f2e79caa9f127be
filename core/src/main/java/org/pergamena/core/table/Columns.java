package org.pergamena.core.table;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What the columns of a table are: as their names in the first row say, or else as their cells
 * look.
 *
 * @param headed whether the first row has names
 */
record Columns(Map<Column, Integer> at, boolean headed) {
  /** What a column of topics may hold. */
  enum Column {
    NUMBER("number", "no", "no.", "nr", "#", "id"),
    LABEL("label", "topic", "term", "name", "title", "concept", "heading"),
    PARENT("parent", "under", "belongs to", "part of", "above", "broader"),
    DEFINITION("definition", "meaning", "defined as"),
    NOTE("note", "notes", "remark", "remarks", "comment", "description"),
    TAGS("tags", "tag", "marks"),
    FROM("from", "source", "subject", "first"),
    PHRASE("phrase", "linking phrase", "relation", "link", "verb", "predicate", "words"),
    TO("to", "target", "object", "second");

    private final Set<String> names;

    Column(String... names) {
      this.names = Set.of(names);
    }
  }

  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+){0,60}\\.?");
  private static final double MOST = 0.7;

  /** The columns of a table of topics or terms. */
  static Columns ofTopics(List<List<String>> rows) {
    Columns named = named(rows, Column.FROM, Column.PHRASE, Column.TO);
    return named.at.containsKey(Column.LABEL) ? named : guessed(rows);
  }

  /** The columns of a table of relations: from, phrase, to, in that order if they have no names. */
  static Columns ofRelations(List<List<String>> rows) {
    Columns named =
        named(rows, Column.NUMBER, Column.LABEL, Column.PARENT, Column.DEFINITION, Column.TAGS);
    if (named.at.containsKey(Column.FROM) && named.at.containsKey(Column.TO)) {
      return named;
    }
    int width = rows.stream().mapToInt(List::size).max().orElse(0);
    Map<Column, Integer> at = new EnumMap<>(Column.class);
    at.put(Column.FROM, 0);
    if (width > 2) {
      at.put(Column.PHRASE, 1);
    }
    at.put(Column.TO, width > 2 ? 2 : 1);
    return new Columns(at, false);
  }

  private static Columns named(List<List<String>> rows, Column... except) {
    Map<Column, Integer> at = new EnumMap<>(Column.class);
    if (!rows.isEmpty()) {
      for (int i = 0; i < rows.get(0).size(); i++) {
        String name = rows.get(0).get(i).strip().toLowerCase(Locale.ROOT);
        for (Column column : Column.values()) {
          if (column.names.contains(name) && !List.of(except).contains(column)) {
            at.putIfAbsent(column, i);
          }
        }
      }
    }
    return new Columns(at, true);
  }

  private static Columns guessed(List<List<String>> rows) {
    int width = rows.stream().mapToInt(List::size).max().orElse(0);
    Map<Column, Integer> at = new EnumMap<>(Column.class);
    List<Integer> words = new ArrayList<>();
    for (int i = 0; i < width; i++) {
      if (!at.containsKey(Column.NUMBER) && share(rows, i, NUMBER) > MOST) {
        at.put(Column.NUMBER, i);
      } else {
        words.add(i);
      }
    }
    if (!words.isEmpty()) {
      at.put(Column.LABEL, words.remove(0));
      Set<String> labels = new HashSet<>();
      rows.forEach(row -> labels.add(key(cell(row, at.get(Column.LABEL)))));
      words.stream()
          .filter(i -> known(rows, i, labels) > MOST)
          .findFirst()
          .ifPresent(i -> at.put(Column.PARENT, i));
      words.stream()
          .filter(i -> !at.containsValue(i))
          .findFirst()
          .ifPresent(i -> at.put(Column.DEFINITION, i));
      words.stream()
          .filter(i -> !at.containsValue(i))
          .findFirst()
          .ifPresent(i -> at.put(Column.NOTE, i));
    }
    return new Columns(at, false);
  }

  private static double share(List<List<String>> rows, int column, Pattern pattern) {
    long all = rows.stream().filter(row -> !cell(row, column).isEmpty()).count();
    long like = rows.stream().filter(row -> pattern.matcher(cell(row, column)).matches()).count();
    return all == 0 ? 0 : like / (double) all;
  }

  /** The share of filled cells that are labels of other rows. */
  private static double known(List<List<String>> rows, int column, Set<String> labels) {
    long all = rows.stream().filter(row -> !cell(row, column).isEmpty()).count();
    long known = rows.stream().filter(row -> labels.contains(key(cell(row, column)))).count();
    return all == 0 ? 0 : known / (double) all;
  }

  /** The cell of a row in a column, without blanks around it; empty if there is none. */
  String get(List<String> row, Column column) {
    Integer index = at.get(column);
    return index == null ? "" : cell(row, index);
  }

  boolean has(Column column) {
    return at.containsKey(column);
  }

  private static String cell(List<String> row, int index) {
    return index < row.size() ? row.get(index).strip() : "";
  }

  /** Words as they are compared. */
  static String key(String words) {
    return words.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
  }
}
