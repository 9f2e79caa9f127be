package org.pergamena.core.brief;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pergamena.core.brief.Brief.Along;
import org.pergamena.core.brief.Brief.Limits;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;

/**
 * A brief as a text that is sent as it stands: what is wanted, in which form, what is there
 * already, and the passages that the answer can cite.
 *
 * @param words how many it has
 * @param tokens about how many an assistant counts: a quarter of its characters
 * @param passages how many go along
 */
public record WrittenBrief(String text, int words, int tokens, int passages) {
  private static final int LETTERS_A_TOKEN = 4;
  private static final int MOST_PASSAGES = 2_000;
  private static final int LONGEST_NOTE = 2_000;

  /**
   * Writes a brief about a map.
   *
   * @param sources of the map
   */
  public static WrittenBrief of(Brief brief, TopicMap map, List<Source> sources) {
    return new Writer(brief, map, sources).written();
  }

  /**
   * Writes a brief that asks for names.
   *
   * @param sources of the map
   * @param named the topics that are to be named, in order
   * @param offered gives the labels that a topic's passages offer
   */
  public static WrittenBrief ofNames(
      Brief brief,
      TopicMap map,
      List<Source> sources,
      List<Topic> named,
      Function<Topic, List<String>> offered) {
    return new Writer(brief, map, sources).naming(named, offered);
  }

  private static final class Writer {
    private final Brief brief;
    private final TopicMap map;
    private final Map<UUID, Source> sources;
    private final Map<UUID, String> keys;
    private final List<Topic> about;
    private final StringBuilder text = new StringBuilder();
    private int passages;

    Writer(Brief brief, TopicMap map, List<Source> sources) {
      this.brief = brief;
      this.map = map;
      this.sources = sources.stream().collect(Collectors.toMap(Source::id, Function.identity()));
      this.keys =
          ShortKeys.passages(
              map.preorder().stream()
                  .flatMap(topic -> topic.evidence().stream())
                  .map(Evidence::id)
                  .toList());
      List<Topic> chosen = brief.topics().stream().filter(map::has).map(map::topic).toList();
      this.about = chosen.isEmpty() ? List.of(map.root()) : chosen;
    }

    WrittenBrief naming(List<Topic> named, Function<Topic, List<String>> offered) {
      head();
      NamesAsked asked = new NamesAsked(map, named, offered);
      text.append(asked.text(brief.along().contains(Along.PASSAGES)));
      passages = asked.passages();
      return whole();
    }

    private void head() {
      if (!brief.role().isBlank()) {
        line("Write as " + brief.role().strip() + ".");
      }
      line(wanted() + audience() + ".");
      line(limits());
      line(form());
      if (!brief.language().isBlank()) {
        line("Write in " + brief.language().strip() + ".");
      }
    }

    WrittenBrief written() {
      if (brief.wish() == Wish.WORDING) {
        return naming(below(), topic -> List.of());
      }
      head();
      if (brief.along().contains(Along.PASSAGES)) {
        line(
            "Rest on the passages below alone. After each point name those that bear it out, as"
                + " [p3f9a2c]; where none does, write [none].");
      }
      if (brief.along().contains(Along.LABELS)) {
        text.append("\nWhat there is so far:\n\n");
        about.forEach(topic -> outline(topic, 0));
      }
      if (brief.along().contains(Along.PASSAGES)) {
        passages();
      }
      return whole();
    }

    private WrittenBrief whole() {
      String whole = text.toString().strip() + "\n";
      int words = whole.isBlank() ? 0 : whole.strip().split("\\s+").length;
      int tokens = (whole.length() + LETTERS_A_TOKEN - 1) / LETTERS_A_TOKEN;
      return new WrittenBrief(whole, words, tokens, passages);
    }

    private void line(String words) {
      if (!words.isEmpty()) {
        text.append(words).append('\n');
      }
    }

    private String called() {
      if (about.size() == 1) {
        return "“" + about.get(0).label() + "”";
      }
      return about.stream()
          .map(topic -> "“" + topic.label() + "”")
          .collect(Collectors.joining(", "));
    }

    private String wanted() {
      if (brief.wish() == Wish.WORDING && brief.subject().isBlank()) {
        return "Name topics of a map on “" + map.root().label() + "”";
      }
      String subject = brief.subject().isBlank() ? called() : "“" + brief.subject().strip() + "”";
      return switch (brief.wish()) {
        case SUBJECT -> "Write an outline of the subject " + subject;
        case SOURCES -> "Write an outline of what the passages say on " + subject;
        case MORE -> "Tell more on " + subject + ", as points that are not there yet";
        case BELOW -> "Divide " + subject + " into the topics that belong below it";
        case DEFINITIONS -> "Define each topic under " + subject + " in one sentence";
        case MISSING ->
            "Name what is missing on " + subject + ", each under the topic it belongs to";
        case RELATIONS -> "Name the terms of " + subject + " and the relations between them";
        case WORDING -> "Name topics of a map on " + subject;
        case TRANSLATION -> "Translate the label of each topic under " + subject;
      };
    }

    private String audience() {
      return brief.audience().isBlank() ? "" : ", for " + brief.audience().strip();
    }

    /** Each topic that it is about and those below it. */
    private List<Topic> below() {
      return about.stream().flatMap(first -> map.preorder(first).stream()).distinct().toList();
    }

    private String limits() {
      Limits limits = brief.limits();
      if (brief.wish() == Wish.WORDING) {
        return NamesAsked.form(limits.words());
      }
      List<String> all = new ArrayList<>();
      if (limits.levels() > 0) {
        all.add("Use at most " + counted(limits.levels(), "level") + ".");
      }
      if (limits.points() > 0) {
        all.add("Put at most " + counted(limits.points(), "point") + " under each point.");
      }
      if (limits.words() > 0) {
        all.add("Keep each point to at most " + counted(limits.words(), "word") + ".");
      }
      return String.join(" ", all);
    }

    private static String counted(int count, String what) {
      return count + " " + what + (count == 1 ? "" : "s");
    }

    private String form() {
      Set<Wish> said = Set.of(Wish.DEFINITIONS, Wish.TRANSLATION);
      if (brief.wish() == Wish.WORDING) {
        return "Answer with one Markdown list in one code block and nothing else, a line for each"
            + " topic: its key, a colon, and its name.";
      } else if (brief.wish() == Wish.RELATIONS) {
        return "Answer with two Markdown tables in one code block and nothing else: one with the"
            + " columns Term and Definition, one with the columns From, Relation and To.";
      } else if (said.contains(brief.wish())) {
        return "Answer with one Markdown list in one code block and nothing else, a line for each"
            + " topic in the order below: its label as it stands, a colon, and what you write.";
      }
      return "Answer with one nested Markdown list in one code block and nothing else.";
    }

    private void outline(Topic topic, int level) {
      text.append("  ".repeat(level)).append("- ").append(topic.label()).append('\n');
      if (brief.along().contains(Along.NOTES)) {
        said(topic.content().gloss().definition(), level);
        said(topic.note(), level);
      }
      map.children(topic).forEach(child -> outline(child, level + 1));
    }

    private void said(String words, int level) {
      String one = words.strip().replaceAll("\\s+", " ");
      if (!one.isEmpty()) {
        String some = one.length() > LONGEST_NOTE ? one.substring(0, LONGEST_NOTE) + " …" : one;
        text.append("  ".repeat(level + 1)).append("Note: ").append(some).append('\n');
      }
    }

    private void passages() {
      Set<UUID> seen = new LinkedHashSet<>();
      StringBuilder all = new StringBuilder();
      for (Topic first : about) {
        for (Topic topic : map.preorder(first)) {
          for (Evidence evidence : topic.evidence()) {
            if (seen.size() < MOST_PASSAGES && seen.add(evidence.id())) {
              all.append(passage(evidence));
            }
          }
        }
      }
      passages = seen.size();
      text.append(passages == 0 ? "\nThere are no passages.\n" : "\nPassages:\n\n");
      text.append(all);
    }

    private String passage(Evidence evidence) {
      Source source = sources.get(evidence.passage().source());
      boolean placed = source != null && evidence.passage().anchored();
      String where = placed ? source.text().locate(evidence.passage().start()).citation() : "";
      String words = evidence.passage().exact().strip().replaceAll("\\s+", " ");
      String from =
          source == null ? "" : " (" + source.name() + (where.isEmpty() ? "" : ", " + where) + ")";
      return "[" + keys.get(evidence.id()) + "] " + words + from + "\n";
    }
  }
}
