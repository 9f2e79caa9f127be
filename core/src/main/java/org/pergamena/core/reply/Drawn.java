package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.Sheet.Row;

/** Reads trees that are drawn with letters, and the texts that drawings are made from. */
final class Drawn {
  private static final Pattern BRANCH =
      Pattern.compile(
          "([\\s\u2502\u2503\u2551|]*(?:[\u251c\u2514\u2570\u2560\u255a\u2523\u2517][\u2500\u2501\u2550-]*|[+|`\\\\]-{2,})\\s*)(.*)",
          Pattern.DOTALL);
  private static final Pattern STEM = Pattern.compile("[\\s\u2502\u2503\u2551|]+");
  private static final Pattern STARS =
      Pattern.compile("\\s*([*+]{2,12})_?\\s+(\\S.*)", Pattern.DOTALL);
  private static final Pattern START =
      Pattern.compile(
          "\\s*+(mind ?map|@start\\w{0,20}|(graph|flowchart)(\\s+(TD|TB|LR|RL|BT))?)\\s*+;?\\s*+",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern FORMAL =
      Pattern.compile(
          "\\s*+(%%.*|::icon.*|:::.*|@end\\w*|style .*|classDef .*|class .*|subgraph.*|end|direction .*)");
  // blanks are taken whole, as each run of them that can be given back multiplies what is tried
  private static final String NODE =
      "([\\w-]{1,60})?\\s*+((?:\\({1,3}|\\[{1,2}|\\{{1,2}|\\){1,2})[^\\[\\](){}]{1,300}(?:\\){1,3}|\\]{1,2}|\\}{1,2}|\\({1,2}))?";
  private static final Pattern SHAPED = Pattern.compile(NODE + "(?::::\\w+)?\\s*;?");
  private static final Pattern ARROW =
      Pattern.compile(
          "\\s*+"
              + NODE
              + "\\s*+(?:-->|---|==>|-\\.->|->)\\s*+(?:\\|([^|]{0,200})\\|)?\\s*+"
              + NODE
              + "\\s*+;?\\s*+");
  private static final Pattern SPOKEN =
      Pattern.compile(
          "\\s*+" + NODE + "\\s*+--\\s+([^->|]{1,200}?)\\s+-->\\s*+" + NODE + "\\s*+;?\\s*+");
  private static final int LONGEST = 1_000;

  private Drawn() {}

  static boolean branch(String text) {
    return text.length() <= LONGEST && !text.endsWith("|") && BRANCH.matcher(text).matches();
  }

  static boolean at(List<Row> rows, int i) {
    String text = rows.get(i).text();
    return branch(text) || STARS.matcher(text).matches() || START.matcher(text).matches();
  }

  /** Reads the drawing that begins at a row; the row after it. */
  static int read(List<Row> rows, int i, Sheet sheet) {
    String text = rows.get(i).text();
    if (START.matcher(text).matches()) {
      sheet.leave(rows.get(i), Why.FORM);
      return described(rows, i + 1, sheet);
    }
    Matcher branch = BRANCH.matcher(text);
    if (branch(text) && branch.matches()) {
      String words = branch.group(2);
      if (words.isBlank()) {
        sheet.leave(rows.get(i), Why.FORM);
      } else {
        item(rows.get(i), branch.group(1).length(), words, sheet);
      }
      int next = i + 1;
      while (next < rows.size() && stem(rows.get(next))) {
        sheet.leave(rows.get(next++), Why.FORM);
      }
      return next;
    }
    Matcher stars = STARS.matcher(text);
    if (stars.matches()) {
      item(rows.get(i), 2 * (stars.group(1).length() - 1), stars.group(2), sheet);
      return i + 1;
    }
    return i;
  }

  private static boolean stem(Row row) {
    return !row.blank() && STEM.matcher(row.text()).matches();
  }

  private static void item(Row row, int indent, String words, Sheet sheet) {
    sheet.line(OutlineLine.written(row.number(), " ".repeat(indent) + "- " + words));
  }

  private static int described(List<Row> rows, int from, Sheet sheet) {
    int to = from;
    while (to < rows.size()
        && !rows.get(to).blank()
        && !Shapes.heading(rows.get(to).text())
        && !(rows.get(to).indent() == 0 && Chat.is(rows.get(to).text()))) {
      to++;
    }
    List<Row> inner = rows.subList(from, to);
    boolean arrows =
        inner.stream().anyMatch(row -> row.text().length() <= LONGEST && arrow(row.text()) != null);
    if (arrows) {
      graph(inner, sheet);
    } else {
      inner.forEach(row -> indented(row, sheet));
    }
    return to;
  }

  private static void indented(Row row, Sheet sheet) {
    if (FORMAL.matcher(row.text()).matches()) {
      sheet.leave(row, Why.FORM);
      return;
    }
    Matcher stars = STARS.matcher(row.text());
    boolean single = row.text().startsWith("* ") || row.text().startsWith("+ ");
    if (stars.matches()) {
      item(row, 2 * (stars.group(1).length() - 1), label(stars.group(2), sheet), sheet);
    } else {
      String words = row.text().strip();
      item(row, row.indent(), label(single ? words.substring(2) : words, sheet), sheet);
    }
  }

  /** The words within the shape of a node, which its name stands before without a blank. */
  private static String label(String node, Sheet sheet) {
    Matcher shaped = SHAPED.matcher(node);
    if (node.length() > LONGEST || !shaped.matches() || shaped.group(2) == null) {
      return node;
    }
    if (shaped.group(1) != null && shaped.end(1) < shaped.start(2)) {
      return node;
    }
    sheet.formal(shaped.group(1) == null ? "" : shaped.group(1));
    return inner(shaped.group(2));
  }

  private static String inner(String shape) {
    return shape.replaceAll("^[\\[({)]+|[\\])}(]+$", "").replace("\"", "").strip();
  }

  private record Arrow(String from, String fromLabel, String phrase, String to, String toLabel) {}

  private static Arrow arrow(String text) {
    Matcher spoken = SPOKEN.matcher(text);
    Matcher plain = ARROW.matcher(text);
    Matcher found = spoken.matches() ? spoken : plain.matches() ? plain : null;
    if (found == null) {
      return null;
    }
    String from = found.group(1) == null ? found.group(2) : found.group(1);
    String to = found.group(4) == null ? found.group(5) : found.group(4);
    return from == null || to == null
        ? null
        : new Arrow(
            from,
            found.group(2) == null ? null : inner(found.group(2)),
            found.group(3) == null ? "" : found.group(3).strip(),
            to,
            found.group(5) == null ? null : inner(found.group(5)));
  }

  private static final class Node {
    private final int line;
    private String label;
    private Node parent;
    private String phrase = "";
    private final List<Node> children = new ArrayList<>();

    Node(int line, String label) {
      this.line = line;
      this.label = label;
    }

    boolean below(Node other) {
      for (Node at = this; at != null; at = at.parent) {
        if (at == other) {
          return true;
        }
      }
      return false;
    }
  }

  private static void graph(List<Row> rows, Sheet sheet) {
    Map<String, Node> nodes = new LinkedHashMap<>();
    List<Linked> links = new ArrayList<>();
    for (Row row : rows) {
      Arrow arrow = row.text().length() <= LONGEST ? arrow(row.text()) : null;
      Matcher alone = SHAPED.matcher(row.text().strip());
      if (FORMAL.matcher(row.text()).matches()) {
        sheet.leave(row, Why.FORM);
      } else if (arrow != null) {
        Node from = node(nodes, row, arrow.from(), arrow.fromLabel(), sheet);
        Node to = node(nodes, row, arrow.to(), arrow.toLabel(), sheet);
        boolean tree = to.parent == null && !from.below(to) && arrow.phrase().isEmpty();
        if (tree) {
          to.parent = from;
          from.children.add(to);
        } else {
          links.add(new Linked(row.number(), from.label, arrow.phrase(), to.label));
        }
      } else if (row.text().length() <= LONGEST && alone.matches() && alone.group(1) != null) {
        String words = alone.group(2) == null ? null : inner(alone.group(2));
        node(nodes, row, alone.group(1), words, sheet);
      } else {
        sheet.leave(row, Why.UNREAD);
      }
    }
    nodes.values().stream().filter(node -> node.parent == null).forEach(n -> tree(n, 1, sheet));
    links.forEach(sheet::link);
  }

  private static Node node(Map<String, Node> nodes, Row row, String id, String label, Sheet sheet) {
    Node node = nodes.computeIfAbsent(id, key -> new Node(row.number(), inner(id)));
    if (label != null && !label.isBlank()) {
      node.label = label;
    }
    sheet.formal(id + " " + (label == null ? "" : label));
    return node;
  }

  private static void tree(Node node, int depth, Sheet sheet) {
    if (depth < 200) {
      sheet.line(OutlineLine.topic(node.line, depth, node.label, node.phrase));
      node.children.forEach(child -> tree(child, depth + 1, sheet));
    }
  }
}
