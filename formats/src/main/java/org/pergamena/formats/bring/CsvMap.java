package org.pergamena.formats.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Topic;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.table.Cells;

/** Reads a map from the table of topics that is written here; numbers tell what is below what. */
final class CsvMap {
  private static final Pattern LINK =
      Pattern.compile("(?:(.*) )?(\u2192|\u2194|\u2014) (\\d[\\d.]*|\\*) (.*?)( \\(supposed\\))?");

  private final List<List<String>> rows;
  private final Map<String, Integer> columns = new HashMap<>();
  private final Map<String, UUID> byNumber = new LinkedHashMap<>();
  private final Map<UUID, List<UUID>> children = new HashMap<>();

  private CsvMap(List<List<String>> rows) {
    this.rows = rows;
    List<String> names = rows.get(0);
    for (int i = 0; i < names.size(); i++) {
      columns.putIfAbsent(names.get(i).strip().toLowerCase(Locale.ROOT), i);
    }
  }

  static boolean is(String text) {
    return text.replace("\uFEFF", "").startsWith("number,topic,");
  }

  static WholeMap read(String text) {
    try {
      List<List<String>> rows = Cells.of(text.replace("\uFEFF", ""));
      if (rows.size() < 2) {
        throw new IllegalArgumentException("This table has no topics.");
      }
      return new CsvMap(rows).whole();
    } catch (Cells.BrokenTableException e) {
      throw new IllegalArgumentException(e.getMessage(), e);
    }
  }

  private String cell(List<String> row, String column) {
    Integer at = columns.get(column);
    return at == null || at >= row.size() ? "" : row.get(at);
  }

  private WholeMap whole() {
    List<Topic> topics = new ArrayList<>();
    Excerpts excerpts = new Excerpts();
    List<List<String>> body = rows.subList(1, rows.size());
    for (List<String> row : body) {
      UUID id = UUID.randomUUID();
      String number = cell(row, "number");
      if (byNumber.putIfAbsent(number, id) != null) {
        throw new IllegalArgumentException(
            "Two rows of this table have the number \"" + number + "\". Give one another.");
      }
      children.put(id, new ArrayList<>());
    }
    for (List<String> row : body) {
      UUID id = byNumber.get(cell(row, "number"));
      UUID parent = parent(cell(row, "number"));
      if (parent != null) {
        children.get(parent).add(id);
      }
    }
    List<CrossLink> links = new ArrayList<>();
    for (List<String> row : body) {
      String number = cell(row, "number");
      UUID id = byNumber.get(number);
      Content content =
          Content.labelled(cell(row, "topic"))
              .withNote(cell(row, "note"))
              .withGloss(gloss -> gloss.withDefinition(cell(row, "definition"), false));
      topics.add(new Topic(id, parent(number), children.get(id), content));
      cell(row, "quotes").lines().forEach(line -> excerpts.add(id, line, false));
      cell(row, "cross-links").lines().forEach(line -> link(line, id, links));
    }
    return excerpts.whole(topics, links);
  }

  /** The row above, null for the first one, which is the root. */
  private UUID parent(String number) {
    if (number.isEmpty()) {
      return null;
    }
    int dot = number.lastIndexOf('.');
    UUID parent = byNumber.get(dot < 0 ? "" : number.substring(0, dot));
    if (parent == null) {
      throw new IllegalArgumentException(
          "The row " + number + " of this table has none to stand under. Add it.");
    }
    return parent;
  }

  private void link(String line, UUID from, List<CrossLink> links) {
    Matcher link = LINK.matcher(line.strip());
    if (link.matches()) {
      UUID to = byNumber.get(link.group(3).equals("*") ? "" : link.group(3));
      if (to != null && !to.equals(from)) {
        String phrase = link.group(1) == null ? "" : link.group(1);
        links.add(
            CrossLink.of(UUID.randomUUID(), from, to, phrase)
                .withManner(
                    new Manner(Manner.Direction.written(link.group(2)), link.group(5) != null)));
      }
    }
  }
}
