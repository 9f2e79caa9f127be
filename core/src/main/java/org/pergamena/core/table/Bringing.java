package org.pergamena.core.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Legend;
import org.pergamena.core.map.LegendChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.table.Columns.Column;

/**
 * Brings tables into a map: rows of topics or terms, and rows of relations between them. What is on
 * the map already is not doubled; rows that are not sound are left out and listed, the rest is
 * taken.
 */
public final class Bringing {
  private static final String NEW_SIGN = "tag";

  private final UUID under;
  private final Supplier<UUID> identities;
  private final List<Change> changes = new ArrayList<>();
  private final List<Fault> topicFaults = new ArrayList<>();
  private final List<Fault> relationFaults = new ArrayList<>();

  /** All topics there are by their labels, with what they carry. */
  private final Map<String, UUID> byLabel = new HashMap<>();

  /** The same by their parents too. */
  private final Map<String, UUID> byPlace = new HashMap<>();

  private final Map<UUID, Content> contents = new HashMap<>();
  private final Set<String> said = new HashSet<>();
  private final List<Tag> tags;
  private final int knownTags;
  private int topics;
  private int links;
  private int there;

  /**
   * What tables come to.
   *
   * @param topics number of topics that came
   * @param links number of cross-links that came
   * @param there number of rows that say what is on the map already
   */
  public record Plan(
      Change change,
      int topics,
      int links,
      int there,
      List<Fault> topicFaults,
      List<Fault> relationFaults) {}

  private Bringing(TopicMap map, UUID under, Supplier<UUID> identities) {
    this.under = map.topic(under).id();
    this.identities = identities;
    this.tags = new ArrayList<>(map.legend().tags());
    this.knownTags = tags.size();
    for (Topic topic : map.preorder()) {
      know(topic.id(), topic.parent(), topic.content());
    }
    map.links().forEach(link -> said.add(said(link.from(), link.to(), link.phrase())));
  }

  private void know(UUID topic, UUID parent, Content content) {
    String key = Columns.key(content.label());
    byLabel.putIfAbsent(key, topic);
    byPlace.putIfAbsent(parent + key, topic);
    contents.put(topic, content);
  }

  /**
   * Plans to bring tables.
   *
   * @param topicRows cells of the table of topics or terms, may be empty
   * @param relationRows cells of the table of relations, may be empty
   * @param under topic under which those come that have no parent
   */
  public static Plan plan(
      TopicMap map,
      UUID under,
      List<List<String>> topicRows,
      List<List<String>> relationRows,
      Supplier<UUID> identities) {
    Bringing bringing = new Bringing(map, under, identities);
    bringing.topics(topicRows);
    bringing.relations(relationRows);
    return bringing.plan();
  }

  private Plan plan() {
    List<Change> all = new ArrayList<>();
    if (tags.size() > knownTags) {
      all.add(new LegendChange.Define(new Legend(tags)));
    }
    all.addAll(changes);
    return new Plan(
        new Together(all),
        topics,
        links,
        there,
        topicFaults.stream().sorted(Comparator.comparing(Fault::row)).toList(),
        relationFaults);
  }

  private void topics(List<List<String>> table) {
    List<TopicRows.Row> rows = TopicRows.read(table, topicFaults);
    List<UUID> taken = new ArrayList<>();
    for (TopicRows.Row row : rows) {
      taken.add(topic(row, taken));
    }
  }

  /** The topic of a row, new or there already; null if it has no place. */
  private UUID topic(TopicRows.Row row, List<UUID> taken) {
    UUID parent = under;
    if (row.above() >= 0) {
      parent = taken.get(row.above());
    } else if (!row.parent().isEmpty()) {
      parent = byLabel.get(Columns.key(row.parent()));
    }
    if (parent == null) {
      topicFaults.add(
          new Fault(
              row.number(),
              "There is no \""
                  + row.parent()
                  + "\" to put \""
                  + row.label()
                  + "\" under. It was left out."));
      return null;
    }
    String key = Columns.key(row.label());
    boolean placed = row.above() >= 0 || !row.parent().isEmpty();
    UUID known = placed ? byPlace.get(parent + key) : byLabel.get(key);
    return known == null ? added(row, parent) : completed(row, known);
  }

  private UUID added(TopicRows.Row row, UUID parent) {
    try {
      Content content =
          Content.labelled(row.label())
              .withNote(row.note())
              .withGloss(
                  none ->
                      none.withDefinition(row.definition(), false)
                          .withTags(tags(row.tags(), List.of())));
      UUID id = identities.get();
      Branch branch = Branch.of(Topic.of(id, content));
      changes.add(new TreeChange.AddBranch(parent, Place.LAST, branch));
      know(id, parent, content);
      topics++;
      return id;
    } catch (MapRuleException e) {
      topicFaults.add(new Fault(row.number(), e.getMessage() + " It was left out."));
      return null;
    }
  }

  /** What a topic has already stays, what it lacks is taken from the row. */
  private UUID completed(TopicRows.Row row, UUID known) {
    Content content = contents.get(known);
    there++;
    if (content.gloss().definition().isBlank() && !row.definition().isBlank()) {
      changes.add(new ContentChange.DefineTopic(known, row.definition(), content.gloss().pinned()));
    }
    if (content.note().isBlank() && !row.note().isBlank()) {
      changes.add(new ContentChange.Annotate(known, row.note()));
    }
    List<String> marked = tags(row.tags(), content.gloss().tags());
    if (!marked.equals(content.gloss().tags())) {
      changes.add(new ContentChange.Mark(known, marked));
    }
    return known;
  }

  /** Tags by their words, those that are not known added to the legend. */
  private List<String> tags(String words, List<String> before) {
    List<String> ids = new ArrayList<>(before);
    for (String each : words.split("[,;]")) {
      String word = each.strip();
      if (!word.isEmpty() && word.length() <= Tag.LONGEST_WORD) {
        Tag tag = new Legend(tags).named(word).orElse(null);
        if (tag == null && tags.size() < Legend.MOST_TAGS) {
          tag = new Tag(identities.get().toString(), word, "", NEW_SIGN);
          tags.add(tag);
        }
        if (tag != null && !ids.contains(tag.id())) {
          ids.add(tag.id());
        }
      }
    }
    return ids;
  }

  private void relations(List<List<String>> table) {
    Columns columns = Columns.ofRelations(table);
    for (int i = columns.headed() ? 1 : 0; i < table.size(); i++) {
      List<String> row = table.get(i);
      if (row.stream().anyMatch(cell -> !cell.isBlank())) {
        relation(
            i + 1,
            columns.get(row, Column.FROM),
            columns.get(row, Column.PHRASE).replaceAll("\\s+", " "),
            columns.get(row, Column.TO));
      }
    }
  }

  private void relation(int row, String from, String phrase, String to) {
    UUID one = byLabel.get(Columns.key(from));
    UUID other = byLabel.get(Columns.key(to));
    String missing = one == null ? from : to;
    if (from.isEmpty() || to.isEmpty()) {
      relationFaults.add(new Fault(row, "A relation needs two ends. It was left out."));
    } else if (one == null || other == null) {
      relationFaults.add(
          new Fault(
              row, "There is no topic or term \"" + missing + "\". The relation was left out."));
    } else if (!said.add(said(one, other, phrase))) {
      there++;
    } else {
      try {
        CrossLink link = CrossLink.of(identities.get(), one, other, phrase);
        changes.add(new LinkChange.Connect(link));
        links++;
      } catch (MapRuleException e) {
        relationFaults.add(new Fault(row, e.getMessage() + " It was left out."));
      }
    }
  }

  private static String said(UUID from, UUID to, String phrase) {
    return from + " " + to + " " + Columns.key(phrase);
  }
}
