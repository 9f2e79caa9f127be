package org.pergamena.core.reply;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pergamena.core.outline.OutlineLine;
import org.pergamena.core.outline.OutlineReader;
import org.pergamena.core.reply.JsonText.Node;
import org.pergamena.core.reply.Reply.Linked;
import org.pergamena.core.reply.Sheet.Row;

/**
 * Finds topics in values of JSON, by what their keys are called and how they stand in each other.
 */
final class JsonReader {
  private static final Set<String> LABELS =
      Set.of(
          "label", "title", "name", "topic", "heading", "term", "text", "point", "subject",
          "concept");
  private static final Set<String> BELOW =
      Set.of(
          "children",
          "topics",
          "subtopics",
          "sub_topics",
          "items",
          "nodes",
          "branches",
          "points",
          "sections",
          "subpoints",
          "sub_points",
          "outline",
          "map",
          "root",
          "main_branches",
          "terms",
          "content",
          "contents");
  private static final Set<String> MEANINGS =
      Set.of("definition", "description", "meaning", "explanation", "summary");
  private static final Set<String> CITES =
      Set.of(
          "passages",
          "passage",
          "sources",
          "source",
          "cites",
          "citations",
          "evidence",
          "ids",
          "keys");
  private static final Set<String> EDGES = Set.of("edges", "links", "relations", "relationships");

  private final List<Row> rows;
  private final Sheet sheet;

  /** Labels of nodes by what edges call them. */
  private final Map<String, String> named = new HashMap<>();

  private JsonReader(List<Row> rows, Sheet sheet) {
    this.rows = rows;
    this.sheet = sheet;
  }

  static void read(Node root, List<Row> rows, Sheet sheet) {
    JsonReader reader = new JsonReader(rows, sheet);
    reader.formal(root);
    reader.value(root, 1);
    reader.edges(root);
  }

  /** Words of keys are form, unless they become labels. */
  private void formal(Node node) {
    if (node.key() != null) {
      sheet.formal(node.key());
    }
    node.entries().forEach(this::formal);
  }

  private int line(Node node) {
    return rows.get(Math.min(rows.size(), Math.max(1, node.line())) - 1).number();
  }

  private static String key(Node node) {
    return node.key() == null
        ? ""
        : node.key().toLowerCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
  }

  private static Optional<Node> entry(Node node, Set<String> keys) {
    return node.object()
        ? node.entries().stream()
            .filter(e -> e.plain() && keys.contains(key(e)) && !e.text().isBlank())
            .findFirst()
        : Optional.empty();
  }

  private void value(Node node, int depth) {
    if (node.plain()) {
      topic(line(node), depth, node.text(), "");
    } else if (!node.object()) {
      array(node, depth);
    } else {
      Optional<Node> label = label(node);
      if (label.isPresent()) {
        labelled(node, label.get(), depth);
      } else {
        node.entries().forEach(entry -> keyed(entry, depth));
      }
    }
  }

  /** What names an object; a text only if it stands beside something, or alone. */
  private static Optional<Node> label(Node node) {
    for (String key : new String[] {"label", "title", "name", "topic", "term", "heading"}) {
      Optional<Node> found = entry(node, Set.of(key));
      if (found.isPresent()) {
        return found;
      }
    }
    return entry(node, LABELS);
  }

  private void array(Node array, int depth) {
    boolean parents =
        array.entries().stream()
            .anyMatch(each -> entry(each, Set.of("parent", "parent_id", "parentid")).isPresent());
    if (!parents) {
      array.entries().forEach(each -> value(each, depth));
      return;
    }
    Map<String, List<Node>> below = new HashMap<>();
    List<Node> roots = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    array.entries().forEach(each -> identity(each).ifPresent(ids::add));
    for (Node each : array.entries()) {
      String parent =
          entry(each, Set.of("parent", "parent_id", "parentid")).map(Node::text).orElse("");
      if (ids.contains(parent) && !identity(each).orElse("").equals(parent)) {
        below.computeIfAbsent(parent, key -> new ArrayList<>()).add(each);
      } else {
        roots.add(each);
      }
    }
    roots.forEach(each -> branch(each, depth, below));
    while (!below.isEmpty()) { // what stands under itself
      String any = below.keySet().iterator().next();
      below.remove(any).forEach(each -> branch(each, depth, below));
    }
  }

  private void branch(Node node, int depth, Map<String, List<Node>> below) {
    value(node, depth);
    List<Node> children = identity(node).map(below::remove).orElse(null);
    if (children != null && depth < 60) {
      children.forEach(child -> branch(child, depth + 1, below));
    }
  }

  private static Optional<String> identity(Node node) {
    Optional<Node> id = entry(node, Set.of("id", "key"));
    return (id.isPresent() ? id : label(node)).map(Node::text);
  }

  private void labelled(Node node, Node label, int depth) {
    StringBuilder note = new StringBuilder();
    String meaning = "";
    StringBuilder cites = new StringBuilder();
    List<Node> below = new ArrayList<>();
    for (Node each : node.entries()) {
      String key = key(each);
      boolean formal =
          each == label
              || Set.of("id", "parent", "parent_id", "parentid", "level", "key", "type")
                  .contains(key);
      if (each == label) {
        continue;
      } else if (CITES.contains(key)) {
        cites(each, cites);
      } else if (!each.plain()) {
        below.add(each);
      } else if (formal) {
        sheet.formal(each.text());
      } else if (each.text().isBlank()) {
        continue;
      } else if (MEANINGS.contains(key) && meaning.isEmpty()) {
        meaning = OutlineReader.MEANING + each.text().replace('\n', ' ').strip();
      } else {
        String named =
            Set.of("note", "notes", "text", "content").contains(key) ? "" : each.key() + ": ";
        note.append(named).append(each.text()).append('\n');
      }
    }
    identity(node).ifPresent(id -> named.put(id, label.text()));
    String said = (meaning + "\n" + (note + cites.toString()).strip()).strip();
    topic(line(label), depth, label.text(), said);
    below.forEach(each -> children(each, depth + 1));
  }

  private void children(Node node, int depth) {
    if (EDGES.contains(key(node)) && !node.object()) {
      return;
    }
    if (BELOW.contains(key(node))) {
      value(node, depth);
    } else {
      keyed(node, depth);
    }
  }

  private void cites(Node node, StringBuilder cites) {
    if (node.plain()) {
      String text = node.text().strip();
      boolean bracketed = text.startsWith("[") || Cited.of("[" + text + "]").keys().isEmpty();
      cites.append(' ').append(bracketed ? text : "[" + text + "]");
    } else {
      node.entries().forEach(each -> cites(each, cites));
    }
  }

  /** An entry whose key is the label. */
  private void keyed(Node entry, int depth) {
    String key = key(entry);
    boolean edges = EDGES.contains(key) && !entry.object();
    if (edges) {
      return;
    }
    if (entry.key() == null || !entry.plain() && BELOW.contains(key)) {
      value(entry, depth);
    } else if (entry.plain()) {
      String meaning =
          entry.text().isBlank()
              ? ""
              : OutlineReader.MEANING + entry.text().replace('\n', ' ').strip();
      topic(line(entry), depth, entry.key(), meaning);
    } else {
      topic(line(entry), depth, entry.key(), "");
      value(new Node(entry.line(), null, null, entry.object(), entry.entries()), depth + 1);
    }
  }

  private void topic(int line, int depth, String label, String note) {
    String words = Words.line(label);
    if (!words.isEmpty()) {
      sheet.line(OutlineLine.topic(line, depth, words, note));
    }
  }

  private void edges(Node root) {
    if (root.object()) {
      for (Node entry : root.entries()) {
        if (EDGES.contains(key(entry)) && !entry.object() && !entry.plain()) {
          entry.entries().forEach(this::edge);
        }
      }
    }
  }

  private void edge(Node edge) {
    Optional<Node> from = entry(edge, Set.of("from", "source", "subject"));
    Optional<Node> to = entry(edge, Set.of("to", "target", "object"));
    if (from.isPresent() && to.isPresent()) {
      String phrase =
          entry(edge, Set.of("relation", "label", "phrase", "predicate", "type"))
              .map(Node::text)
              .orElse("");
      String a = named.getOrDefault(from.get().text(), from.get().text());
      String b = named.getOrDefault(to.get().text(), to.get().text());
      sheet.formal(from.get().text());
      sheet.formal(to.get().text());
      sheet.link(new Linked(line(edge), a, phrase, b));
    }
  }
}
