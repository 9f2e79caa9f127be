package org.pergamena.core.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.map.Content;
import org.pergamena.core.table.Columns.Column;

/** Rows of topics, every parent before its children, those that are not sound left out. */
final class TopicRows {
  /**
   * A row that is sound.
   *
   * @param number of the row in the table, from 1
   * @param above index of its parent among all rows, or -1
   * @param parent the words that name its parent, if that is no row; may be empty
   */
  record Row(
      int number,
      int above,
      String parent,
      String label,
      String definition,
      String note,
      String tags) {}

  private final Columns columns;
  private final List<List<String>> cells;
  private final List<Fault> faults;
  private final Map<String, Integer> byNumber = new HashMap<>();
  private final Map<String, Integer> byLabel = new HashMap<>();
  private final List<Integer> sound = new ArrayList<>();
  private final Map<Integer, Integer> order = new HashMap<>();
  private final List<Row> rows = new ArrayList<>();

  private TopicRows(List<List<String>> cells, List<Fault> faults) {
    this.cells = cells;
    this.faults = faults;
    this.columns = Columns.ofTopics(cells);
  }

  static List<Row> read(List<List<String>> cells, List<Fault> faults) {
    TopicRows read = new TopicRows(cells, faults);
    read.sift();
    read.sound.forEach(read::place);
    return read.rows;
  }

  private String label(int i) {
    return columns.get(cells.get(i), Column.LABEL).replaceAll("\\s+", " ");
  }

  private static String bare(String number) {
    return number.replaceFirst("\\.+$", "");
  }

  /** The words that name a row's parent: a label, a number, or what its own number says. */
  private String parent(int i) {
    String named = columns.get(cells.get(i), Column.PARENT);
    String number = bare(columns.get(cells.get(i), Column.NUMBER));
    int dot = number.lastIndexOf('.');
    return named.isEmpty() && dot > 0 ? number.substring(0, dot) : named;
  }

  private void sift() {
    Set<String> twins = new HashSet<>();
    for (int i = columns.headed() ? 1 : 0; i < cells.size(); i++) {
      if (cells.get(i).stream().allMatch(String::isBlank)) {
        continue;
      }
      String label = label(i);
      String number = bare(columns.get(cells.get(i), Column.NUMBER));
      if (label.isEmpty()) {
        fault(i, "The row has no label.");
      } else if (label.length() > Content.LONGEST_LABEL) {
        fault(i, "The label has more than " + Content.LONGEST_LABEL + " characters.");
      } else if (!number.isEmpty() && byNumber.containsKey(number)) {
        fault(i, "Number " + number + " is that of a row above.");
      } else if (!twins.add(Columns.key(label) + "\n" + Columns.key(parent(i)))) {
        fault(i, "\"" + label + "\" stands in a row above already.");
      } else {
        sound.add(i);
        byLabel.putIfAbsent(Columns.key(label), i);
        if (!number.isEmpty()) {
          byNumber.put(number, i);
        }
      }
    }
  }

  private void fault(int i, String why) {
    faults.add(new Fault(i + 1, why + " It was left out."));
    order.put(i, -1);
  }

  /** The row of a row's parent, or null if that is none. */
  private Integer above(int i) {
    String parent = parent(i);
    Integer numbered = parent.isEmpty() ? null : byNumber.get(bare(parent));
    return numbered != null ? numbered : byLabel.get(Columns.key(parent));
  }

  private void place(int start) {
    List<Integer> chain = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    Integer at = start;
    while (at != null && !order.containsKey(at) && seen.add(at)) {
      chain.add(at);
      at = above(at);
    }
    if (at != null && !order.containsKey(at)) {
      chain
          .subList(chain.indexOf(at), chain.size())
          .forEach(i -> fault(i, "\"" + label(i) + "\" would come under itself."));
    }
    for (int i = chain.size() - 1; i >= 0; i--) {
      if (!order.containsKey(chain.get(i))) {
        take(chain.get(i));
      }
    }
  }

  private void take(int i) {
    Integer above = above(i);
    int parent = above == null ? -1 : order.get(above);
    if (above != null && parent < 0) {
      fault(i, "Row " + (above + 1) + ", under which \"" + label(i) + "\" is, was left out.");
      return;
    }
    List<String> row = cells.get(i);
    order.put(i, rows.size());
    rows.add(
        new Row(
            i + 1,
            parent,
            above == null ? parent(i) : "",
            label(i),
            columns.get(row, Column.DEFINITION),
            columns.get(row, Column.NOTE),
            columns.get(row, Column.TAGS)));
  }
}
