package org.pergamena.core.look;

import java.util.Locale;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Which topics a rule is for. What a rule looks for and is not there any more matches none. */
final class Matches {
  private static final Pattern SPAN = Pattern.compile("(\\d{1,4})(?:\\s*[-–]\\s*(\\d{1,4}))?");

  private Matches() {}

  static Predicate<Topic> of(Rule rule, TopicMap map, Facts facts) {
    String match = rule.match().strip();
    return switch (rule.by()) {
      case BRANCH -> topic -> within(topic, match, map);
      case LEVEL -> topic -> String.valueOf(map.level(topic)).equals(match);
      case SUPPORT ->
          topic ->
              topic.parent() != null
                  && facts.supports().get(topic.id()).grade().name().equals(match);
      case SOURCE ->
          topic ->
              topic.parent() != null
                  && facts.supports().get(topic.id()).sources().stream()
                      .map(UUID::toString)
                      .anyMatch(match::equals);
      case RELATIONS -> {
        int least = number(match);
        yield topic -> facts.relations().getOrDefault(topic.id(), 0) >= least;
      }
      case TIME -> years(match, facts);
      case TAG -> topic -> topic.content().gloss().tags().contains(match);
      case WORDS -> {
        String words = match.toLowerCase(Locale.ROOT);
        yield topic -> topic.content().says(words);
      }
    };
  }

  private static boolean within(Topic topic, String branch, TopicMap map) {
    for (Topic at = topic; at.parent() != null; at = map.topic(at.parent())) {
      if (at.id().toString().equals(branch)) {
        return true;
      }
    }
    return false;
  }

  private static int number(String text) {
    return text.matches("\\d{1,6}") ? Integer.parseInt(text) : Integer.MAX_VALUE;
  }

  private static Predicate<Topic> years(String match, Facts facts) {
    Matcher span = SPAN.matcher(match);
    if (!span.matches()) {
      return topic -> false;
    }
    int from = Integer.parseInt(span.group(1));
    int to = span.group(2) == null ? from : Integer.parseInt(span.group(2));
    return topic -> {
      OptionalInt year = facts.year(topic);
      return year.isPresent() && year.getAsInt() >= from && year.getAsInt() <= to;
    };
  }
}
