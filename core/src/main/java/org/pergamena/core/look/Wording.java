package org.pergamena.core.look;

import java.util.Arrays;
import java.util.UUID;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Tag;
import org.pergamena.core.map.TopicMap;

/** Says which topics a rule is for. */
final class Wording {
  private Wording() {}

  static String of(Rule rule, TopicMap map) {
    String match = rule.match().strip();
    return switch (rule.by()) {
      case BRANCH -> branch(match, map);
      case LEVEL -> "level " + match;
      case SUPPORT ->
          Arrays.stream(Support.Grade.values())
              .filter(grade -> grade.name().equals(match))
              .findFirst()
              .map(Support.Grade::words)
              .orElse("how well borne out");
      case SOURCE -> "from a source";
      case RELATIONS -> match.equals("1") ? "linked" : match + " links or more";
      case TIME -> match.replaceAll("\\s*[-–]\\s*", " to ");
      case TAG -> map.legend().tag(match).map(Tag::word).orElse("a tag");
      case WORDS -> "says “" + match + "”";
    };
  }

  private static String branch(String id, TopicMap map) {
    return map.preorder().stream()
        .filter(topic -> topic.id().toString().equals(id))
        .findFirst()
        .map(topic -> topic.label())
        .orElse("a branch");
  }

  /** The identity that a text is, null if it is none. */
  static UUID identity(String text) {
    try {
      return UUID.fromString(text);
    } catch (IllegalArgumentException e) {
      return null;
    }
  }
}
