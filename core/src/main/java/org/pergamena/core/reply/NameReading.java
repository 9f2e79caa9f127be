package org.pergamena.core.reply;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.pergamena.core.brief.ShortKeys;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Finds the names that a reply gives topics, line by line, whatever it is wrapped in. */
final class NameReading {
  private static final int LONGEST_LINE = 1_000;

  /** No brief asks for more; the rest of a reply that names more is not looked at. */
  private static final int MOST_NAMES = 500;

  private static final Pattern KEY = Pattern.compile("\\bt[0-9a-f]{6,32}\\b");

  /** An item of a list that has a label as it stands, a colon or an arrow, and another. */
  private static final Pattern PAIR =
      Pattern.compile(
          "^\\W{0,8}(?:\\d{1,3}[.)] )?([^:\u2192]{1,200})(?::|\u2192|->|=>)(.{1,500})$");

  private static final Pattern BEFORE =
      Pattern.compile("^[\\s\\])(*_`\"'\u201c:|,=>\u2192\u2013\u2014-]+");
  private static final String AFTER = " \t*_`\"'\u201d|,.;";

  /** What stands between the label as it is and another. */
  private static final Pattern DIVIDES = Pattern.compile("^[\\s*_\"\u201d]*(?::|\u2192|->|=>|\\|)");

  private final TopicMap map;
  private final Map<String, UUID> keys;
  private final Map<String, UUID> labels;
  private final Map<UUID, String> names = new HashMap<>();
  private final Set<String> unknown = new LinkedHashSet<>();

  private NameReading(TopicMap map) {
    this.map = map;
    this.keys = keys(map);
    this.labels = labels();
  }

  private static Map<String, UUID> keys(TopicMap map) {
    Map<String, UUID> keys = new HashMap<>();
    ShortKeys.topics(map).forEach((id, key) -> keys.put(key, id));
    return keys;
  }

  /**
   * What was found.
   *
   * @param names of topics, as they are written but for what they are wrapped in
   * @param unknown keys that are no topic's
   */
  record Read(Map<UUID, String> names, Set<String> unknown) {}

  /** Reads a reply to a brief that asked for names by keys, or for labels beside labels. */
  static Read read(String reply, TopicMap map) {
    NameReading reading = new NameReading(map);
    reply.lines().forEach(reading::line);
    return new Read(reading.names, reading.unknown);
  }

  /** The topics of a map that a text names by their keys. */
  static Stream<UUID> topics(String text, TopicMap map) {
    Map<String, UUID> keys = keys(map);
    return KEY.matcher(text)
        .results()
        .map(found -> keys.get(found.group()))
        .filter(topic -> topic != null)
        .distinct();
  }

  /** The topics by their labels; one that two topics have tells neither. */
  private Map<String, UUID> labels() {
    Map<String, UUID> labels = new HashMap<>();
    Set<String> twice = new HashSet<>();
    for (Topic topic : map.preorder()) {
      String label = Citing.key(topic.label());
      if (labels.putIfAbsent(label, topic.id()) != null) {
        twice.add(label);
      }
    }
    labels.keySet().removeAll(twice);
    return labels;
  }

  private void line(String all) {
    if (names.size() == MOST_NAMES) {
      return;
    }
    String line = all.length() > LONGEST_LINE ? all.substring(0, LONGEST_LINE) : all;
    Matcher key = KEY.matcher(line);
    Matcher pair = PAIR.matcher(line);
    if (key.find()) {
      UUID topic = keys.get(key.group());
      if (topic == null) {
        unknown.add(key.group());
      } else {
        found(topic, line.substring(key.end()));
      }
    } else if (pair.matches() && labels.containsKey(Citing.key(pair.group(1)))) {
      found(labels.get(Citing.key(pair.group(1))), pair.group(2));
    }
  }

  private void found(UUID topic, String rest) {
    String name = name(rest, map.topic(topic).label());
    if (!name.isEmpty()) {
      names.putIfAbsent(topic, name);
    }
  }

  /** What follows a key, without what it is wrapped in and without the label as it stands. */
  private static String name(String rest, String now) {
    String bare = BEFORE.matcher(rest.strip()).replaceFirst("");
    if (bare.startsWith(now)) {
      Matcher said = DIVIDES.matcher(bare.substring(now.length()));
      if (said.find()) {
        bare = BEFORE.matcher(bare.substring(now.length() + said.end())).replaceFirst("");
      }
    }
    int end = bare.length();
    while (end > 0 && AFTER.indexOf(bare.charAt(end - 1)) >= 0) {
      end--;
    }
    String name = bare.substring(0, end).replaceAll("[*_`]", "");
    if (name.isEmpty()) {
      return "";
    }
    int first = name.codePointAt(0);
    return Character.toString(Character.toTitleCase(first))
        + name.substring(Character.charCount(first));
  }
}
