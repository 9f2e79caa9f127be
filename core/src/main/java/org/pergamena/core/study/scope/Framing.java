package org.pergamena.core.study.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Fills the fields of a question from the path to a topic, and puts it in words. */
public final class Framing {
  private static final int MOST_OUTCOMES = 2;

  /** Words that name what is done. */
  private static final Pattern ACTION =
      Pattern.compile(
          "(?:^|.*[ -])\\p{L}{3,}(?:ing|tion|sion|ment|ance|isation|ization)s?(?:[ -].*|$)",
          Pattern.CASE_INSENSITIVE);

  /** Words that name what comes of something. */
  private static final Set<String> OUTCOMES =
      Set.of(
          "effect",
          "effects",
          "cost",
          "costs",
          "loss",
          "losses",
          "change",
          "changes",
          "growth",
          "number",
          "numbers",
          "rate",
          "rates",
          "saving",
          "savings",
          "damage",
          "recovery",
          "height",
          "decline",
          "rise",
          "fall",
          "gain",
          "gains",
          "benefit",
          "benefits",
          "risk",
          "risks",
          "quality",
          "share",
          "result",
          "results",
          "impact",
          "impacts",
          "income",
          "price",
          "prices",
          "mortality",
          "survival",
          "yield",
          "figure",
          "figures",
          "level",
          "levels");

  /** Endings of words that name people. */
  private static final Pattern PEOPLE =
      Pattern.compile(
          "(?:^|.* )(?:people|residents|\\p{L}{3,}(?:ers|ors|ists|ants|men|women|folk)|village|villages"
              + "|board|committee|council|parish|tenants|children|pupils|students|patients|families"
              + "|community|communities|visitors|wardens?)(?: .*|$)",
          Pattern.CASE_INSENSITIVE);

  private Framing() {}

  /** The topics from the root to one. */
  public static List<Topic> path(TopicMap map, Topic topic) {
    List<Topic> path = new ArrayList<>();
    for (Topic at = topic; at != null; at = at.parent() == null ? null : map.topic(at.parent())) {
      path.add(0, at);
    }
    return path;
  }

  /** What the fields of a frame may hold, for a topic; empty fields where nothing offers itself. */
  public static List<Field> fields(TopicMap map, Topic topic, Frame frame) {
    return switch (frame) {
      case EFFECT -> effect(map, topic);
      case EXPERIENCE -> experience(map, topic);
      case OWN -> List.of(field("What", topic.label()), field("Where", root(map, topic)));
    };
  }

  private static String root(TopicMap map, Topic topic) {
    return topic.parent() == null ? null : map.root().label();
  }

  private static Field field(String name, String term) {
    return new Field(name, term == null ? List.of() : List.of(term));
  }

  private static List<Field> effect(TopicMap map, Topic topic) {
    List<Topic> path = path(map, topic);
    Topic intervention = topic;
    for (Topic each : path.subList(Math.min(1, path.size() - 1), path.size())) {
      intervention = action(each) ? each : intervention;
    }
    Topic above = intervention.parent() == null ? null : map.topic(intervention.parent());
    Topic comparison = null;
    for (Topic each : above == null ? List.<Topic>of() : map.children(above)) {
      boolean other = each != intervention && !each.aside() && !path.contains(each);
      boolean better = comparison == null || action(each) && !action(comparison);
      comparison = other && better ? each : comparison;
    }
    Topic of = intervention;
    List<String> outcomes =
        map.preorder(topic).stream()
            .filter(each -> each != of && !each.aside() && outcome(each))
            .map(Topic::label)
            .limit(MOST_OUTCOMES)
            .collect(Collectors.toCollection(ArrayList::new));
    if (outcomes.isEmpty() && intervention != topic) {
      outcomes.add(topic.label());
    } else if (outcomes.isEmpty()) {
      map.children(topic).stream().map(Topic::label).limit(1).forEach(outcomes::add);
    }
    List<String> names = Frame.EFFECT.fields();
    return List.of(
        field(names.get(0), above == null ? null : above.label()),
        field(names.get(1), intervention.label()),
        field(names.get(2), comparison == null ? null : comparison.label()),
        new Field(names.get(3), outcomes));
  }

  private static boolean action(Topic topic) {
    return ACTION.matcher(topic.label()).matches();
  }

  private static boolean outcome(Topic topic) {
    for (String word : topic.label().toLowerCase(Locale.ROOT).split("\\P{L}+")) {
      if (OUTCOMES.contains(word)) {
        return true;
      }
    }
    return false;
  }

  private static List<Field> experience(TopicMap map, Topic topic) {
    List<Topic> near = new ArrayList<>(map.preorder(topic));
    List<Topic> path = path(map, topic);
    for (int i = path.size() - 2; i >= 0; i--) {
      near.addAll(map.children(path.get(i)));
    }
    String people =
        near.stream()
            .filter(each -> !each.aside() && PEOPLE.matcher(each.label()).matches())
            .map(Topic::label)
            .findFirst()
            .orElse(null);
    List<String> names = Frame.EXPERIENCE.fields();
    return List.of(
        field(names.get(0), people),
        field(names.get(1), Objects.equals(people, topic.label()) ? null : topic.label()),
        field(names.get(2), root(map, topic)));
  }

  /**
   * A question in words; fields that hold nothing are left out.
   *
   * @param texts that tell which words are names
   */
  public static String worded(Frame frame, List<Field> fields, Collection<Analysed> texts) {
    Names names = new Names(texts);
    List<String> held = fields.stream().map(field -> inWords(field, names)).toList();
    String first = held.isEmpty() ? "" : held.get(0);
    String second = held.size() > 1 ? held.get(1) : "";
    String third = held.size() > 2 ? held.get(2) : "";
    String fourth = held.size() > 3 ? held.get(3) : "";
    String question =
        switch (frame) {
          case EFFECT ->
              part("For ", first, ", ")
                  + (fourth.isEmpty() ? "what comes of " : "what is the effect of ")
                  + or(second, "what was done")
                  + part(", compared with ", third, fourth.isEmpty() ? "" : ",")
                  + part(" on ", fourth, "");
          case EXPERIENCE ->
              "How do "
                  + or(first, "people")
                  + " experience "
                  + or(second, "this")
                  + part(" in the context of ", third, "");
          case OWN ->
              "What is known of " + listed(held.stream().filter(h -> !h.isEmpty()).toList());
        };
    return question.substring(0, 1).toUpperCase(Locale.ROOT) + question.substring(1) + "?";
  }

  private static String part(String before, String words, String after) {
    return words.isEmpty() ? "" : before + words + after;
  }

  private static String or(String words, String other) {
    return words.isEmpty() ? other : words;
  }

  private static String inWords(Field field, Names names) {
    return listed(
        field.terms().stream()
            .filter(term -> !term.isBlank())
            .map(term -> running(term, names))
            .toList());
  }

  private static String listed(List<String> terms) {
    int last = terms.size() - 1;
    return last < 0
        ? ""
        : last == 0
            ? terms.get(0)
            : String.join(", ", terms.subList(0, last)) + " and " + terms.get(last);
  }

  /** A label as it stands in a sentence; what has capitals of its own keeps them. */
  private static String running(String label, Names names) {
    String rest = label.strip();
    int space = rest.indexOf(' ');
    String word = space < 0 ? rest : rest.substring(0, space);
    boolean name =
        names.has(word)
            || word.length() > 1
                && !word.substring(1).equals(word.substring(1).toLowerCase(Locale.ROOT));
    return name ? rest : rest.substring(0, 1).toLowerCase(Locale.ROOT) + rest.substring(1);
  }
}
