package org.pergamena.core.look;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/**
 * How the topics of a map look: what a topic was given by hand, else what its branch was, else what
 * its level was, else what the first rule says that is for it. What none of them says is for the
 * theme to say. Each property goes its own way.
 *
 * @param styles of all topics
 * @param tags that topics show by rule
 * @param key what the looks by rule mean, in the order of the rules
 */
public record Dressing(Map<UUID, Style> styles, Map<UUID, List<String>> tags, List<Entry> key) {

  /**
   * What a look means.
   *
   * @param rule its place among the rules
   * @param subject a source whose name belongs after the words, or null
   * @param topics how many have it
   */
  public record Entry(int rule, String words, UUID subject, Style style, String tag, int topics) {}

  /**
   * The looks of a map.
   *
   * @param supports of all its topics
   * @param sources in their order
   */
  public static Dressing of(TopicMap map, Map<UUID, Support> supports, List<UUID> sources) {
    Map<UUID, List<Style>> byRule = new HashMap<>();
    Map<UUID, List<String>> tags = new HashMap<>();
    List<Entry> key = new ArrayList<>();
    Facts facts = new Facts(map, supports, sources);
    List<Rule> rules = map.look().styles().rules();
    for (int i = 0; i < rules.size(); i++) {
      Rule rule = rules.get(i);
      if (rule.each() != null) {
        key.addAll(kinds(i, rule, new Kinds(map, facts).of(rule.by()), byRule));
      } else {
        key.addAll(matching(i, rule, map, facts, byRule, tags));
      }
    }
    return new Dressing(styles(map, byRule), tags, key);
  }

  private static List<Entry> kinds(
      int place, Rule rule, Map<UUID, Kind> kinds, Map<UUID, List<Style>> byRule) {
    Map<Integer, Kind> present = new TreeMap<>();
    Map<Integer, Integer> counts = new HashMap<>();
    kinds.forEach(
        (topic, kind) -> {
          present.put(kind.place(), kind);
          counts.merge(kind.place(), 1, Integer::sum);
          add(byRule, topic, kind.style(rule.each()));
        });
    List<Entry> key = new ArrayList<>();
    for (Kind kind : present.values()) {
      boolean named = rule.by() == Rule.By.SOURCE;
      key.add(
          new Entry(
              place,
              named ? "only from" : kind.words(),
              named ? kind.subject() : null,
              kind.style(rule.each()),
              null,
              counts.get(kind.place())));
    }
    return key;
  }

  private static List<Entry> matching(
      int place,
      Rule rule,
      TopicMap map,
      Facts facts,
      Map<UUID, List<Style>> byRule,
      Map<UUID, List<String>> tags) {
    Predicate<Topic> matches = Matches.of(rule, map, facts);
    int count = 0;
    for (Topic topic : map.preorder()) {
      if (matches.test(topic)) {
        add(byRule, topic.id(), rule.style());
        if (rule.tag() != null) {
          tags.computeIfAbsent(topic.id(), id -> new ArrayList<>()).add(rule.tag());
        }
        count++;
      }
    }
    boolean source = rule.by() == Rule.By.SOURCE;
    String words = source ? "from" : Wording.of(rule, map);
    UUID subject = source ? Wording.identity(rule.match().strip()) : null;
    return count == 0
        ? List.of()
        : List.of(new Entry(place, words, subject, rule.style(), rule.tag(), count));
  }

  private static void add(Map<UUID, List<Style>> styles, UUID topic, Style style) {
    styles.computeIfAbsent(topic, id -> new ArrayList<>()).add(style);
  }

  private static Map<UUID, Style> styles(TopicMap map, Map<UUID, List<Style>> byRule) {
    Styles given = map.look().styles();
    Map<UUID, Style> below = new HashMap<>();
    Map<UUID, Style> styles = new HashMap<>();
    for (Topic topic : map.preorder()) {
      Style around = topic.parent() == null ? Style.NONE : below.get(topic.parent());
      Style branch = topic.content().look().below().over(around);
      below.put(topic.id(), branch);
      Style style = topic.content().look().style().over(branch).over(given.level(map.level(topic)));
      for (Style rule : byRule.getOrDefault(topic.id(), List.of())) {
        style = style.over(rule);
      }
      styles.put(topic.id(), style);
    }
    return styles;
  }
}
