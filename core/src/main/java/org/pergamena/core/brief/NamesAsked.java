package org.pergamena.core.brief;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** The part of a brief that asks for names: each topic with what stands about it and its words. */
final class NamesAsked {
  private static final int MOST_TOPICS = 100;
  private static final int MOST_BESIDE = 12;
  private static final int MOST_PASSAGES = 4;
  private static final int LONGEST_PASSAGE = 400;
  private static final int USUAL_WORDS = 6;

  private final TopicMap map;
  private final List<Topic> topics;
  private final Function<Topic, List<String>> offered;
  private int passages;

  /**
   * Of some topics of a map.
   *
   * @param offered gives the labels that a topic's passages offer; asked for those that go along
   */
  NamesAsked(TopicMap map, List<Topic> topics, Function<Topic, List<String>> offered) {
    this.map = map;
    this.topics = topics;
    this.offered = offered;
  }

  /** What a name is to be like. */
  static String form(int words) {
    int most = words == 0 ? USUAL_WORDS : words;
    return "A name has at most "
        + most
        + (most == 1 ? " word" : " words")
        + " and no full stop. It says what all passages of the topic are about and no more, in"
        + " words that they use, and in their language. No two topics have the same name; a topic"
        + " does not repeat the one that it stands under. Keep a name that is right.";
  }

  /** The topics, each with its key. */
  String text(boolean withPassages) {
    Map<UUID, String> keys = ShortKeys.topics(map);
    StringBuilder text = new StringBuilder();
    for (Topic topic : topics.subList(0, Math.min(MOST_TOPICS, topics.size()))) {
      text.append("\n").append(keys.get(topic.id())).append(": ").append(topic.label());
      text.append("\n");
      about(topic, text);
      if (withPassages) {
        passages(topic, text);
      }
    }
    if (topics.size() > MOST_TOPICS) {
      text.append("\nThese are the first ").append(MOST_TOPICS).append(" of ");
      text.append(topics.size()).append(" topics.\n");
    } else if (topics.isEmpty()) {
      text.append("\nThere is no topic to be named.\n");
    }
    return text.toString();
  }

  /** How many passages went along. */
  int passages() {
    return passages;
  }

  private void about(Topic topic, StringBuilder text) {
    if (topic.parent() != null) {
      Topic above = map.topic(topic.parent());
      line("Under", Stream.of(above.label()), text);
      line(
          "Beside",
          map.children(above).stream()
              .filter(each -> !each.id().equals(topic.id()))
              .map(Topic::label),
          text);
    }
    line("Over", map.children(topic).stream().map(Topic::label), text);
    line("Offered", offered.apply(topic).stream(), text);
  }

  private static void line(String what, Stream<String> labels, StringBuilder text) {
    String all = labels.limit(MOST_BESIDE).collect(Collectors.joining("; "));
    if (!all.isEmpty()) {
      text.append("  ").append(what).append(": ").append(all).append('\n');
    }
  }

  /** The first passages of a topic, or where it has none of those below it. */
  private void passages(Topic topic, StringBuilder text) {
    List<Evidence> own = topic.evidence();
    Stream<Evidence> all =
        own.isEmpty()
            ? map.children(topic).stream().flatMap(child -> child.evidence().stream().limit(1))
            : own.stream();
    all.limit(MOST_PASSAGES)
        .forEach(
            each -> {
              String words = each.passage().exact().strip().replaceAll("\\s+", " ");
              String some =
                  words.length() > LONGEST_PASSAGE
                      ? words.substring(0, LONGEST_PASSAGE) + " …"
                      : words;
              text.append("  > ").append(some).append('\n');
              passages++;
            });
  }
}
