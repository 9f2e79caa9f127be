package org.pergamena.core.study.recall;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.label.TermFinder;
import org.pergamena.core.distil.label.TermFinder.Term;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.recall.Quiz.Kind;

/**
 * Makes questions from a map. The same topic, kind and seed make the same question, as long as the
 * map is the same.
 */
public final class Quizzing {
  private static final int MOST_OPTIONS = 7;
  private static final int ONE_OF = 4;
  private static final int LONGEST_PASSAGE = 420;
  private static final int FEWEST_WORDS = 8;
  private static final int MOST_COVERED = 2;
  private static final int MOST_EVENTS = 4;

  /** Kinds in the order of what it costs to tell whether they can be asked. */
  private static final List<Kind> CHEAPEST =
      List.of(
          Kind.MEANING, Kind.FREE, Kind.SOURCE, Kind.BELOW, Kind.MISSING, Kind.ORDER, Kind.COVERED);

  private final TopicMap map;
  private final Map<UUID, Analysed> texts;
  private final Supplier<List<Dated>> dated;
  private Map<UUID, List<Dated>> events;
  private final List<Topic> topics;

  /**
   * An event that is dated for sure, under the topics where it stands.
   *
   * @param from its first day since 1970
   * @param to the day after its last
   */
  public record Dated(String label, double from, double to, Passage passage, List<UUID> topics) {}

  /**
   * Questions about a map.
   *
   * @param dated the events whose order may be asked for, told only if it comes to that
   */
  public Quizzing(TopicMap map, List<Analysed> texts, Supplier<List<Dated>> dated) {
    this.map = map;
    this.texts =
        texts.stream().collect(Collectors.toMap(t -> t.source().id(), Function.identity()));
    this.dated = dated;
    this.topics =
        map.preorder().stream().filter(t -> t.parent() != null && placed(map, t)).toList();
  }

  /**
   * Whether a topic has a place in the tree: what lies loose, or is kept apart, is not asked for.
   */
  private static boolean placed(TopicMap map, Topic topic) {
    for (Topic at = topic; at != null; at = at.parent() == null ? null : map.topic(at.parent())) {
      if (at.aside() || map.loose(at)) {
        return false;
      }
    }
    return true;
  }

  /** The events under a topic and below it. */
  private List<Dated> events(Topic topic) {
    if (events == null) {
      events = new HashMap<>();
      for (Dated event : dated.get()) {
        Set<UUID> above = new LinkedHashSet<>();
        for (UUID id : event.topics()) {
          for (Topic at = map.topic(id); at != null; at = above(at)) {
            above.add(at.id());
          }
        }
        above.forEach(id -> events.computeIfAbsent(id, k -> new ArrayList<>()).add(event));
      }
    }
    return events.getOrDefault(topic.id(), List.of());
  }

  private Topic above(Topic topic) {
    return topic.parent() == null ? null : map.topic(topic.parent());
  }

  /** What can be asked about a topic. */
  public List<Kind> kinds(Topic topic) {
    return Stream.of(Kind.values()).filter(kind -> can(topic, kind)).toList();
  }

  private boolean can(Topic topic, Kind kind) {
    return switch (kind) {
      case BELOW -> below(topic).size() >= 2 && elsewhere(topic, 2).size() == 2;
      case MISSING -> below(topic).size() >= 3 && elsewhere(topic, ONE_OF - 1).size() == ONE_OF - 1;
      case FREE -> below(topic).size() >= 3;
      case MEANING -> !topic.content().gloss().definition().isBlank();
      case SOURCE -> texts.size() > 1 && !passages(topic).isEmpty();
      case COVERED -> passages(topic).stream().anyMatch(passage -> !terms(passage).isEmpty());
      case ORDER -> map.level(topic) <= 1 && inOrder(topic, new Random(0)).size() > 2;
    };
  }

  /** The topics about which something can be asked, in the map's order, the root first. */
  public List<UUID> asked() {
    return map.preorder().stream()
        .filter(topic -> placed(map, topic) && CHEAPEST.stream().anyMatch(kind -> can(topic, kind)))
        .map(Topic::id)
        .toList();
  }

  /** A question about a topic, another with each seed; nothing if none can be asked. */
  public Optional<Quiz> about(Topic topic, long seed) {
    List<Kind> kinds = kinds(topic);
    return kinds.isEmpty()
        ? Optional.empty()
        : of(topic, kinds.get((int) Math.floorMod(seed, (long) kinds.size())), seed);
  }

  /** A question of a kind; nothing if it cannot be asked. */
  public Optional<Quiz> of(Topic topic, Kind kind, long seed) {
    if (!kinds(topic).contains(kind)) {
      return Optional.empty();
    }
    Random random = new Random(topic.id().getMostSignificantBits() ^ 31 * seed);
    return Optional.of(
        switch (kind) {
          case BELOW -> below(topic, seed, random);
          case MISSING -> missing(topic, seed, random);
          case SOURCE -> source(topic, seed, random);
          case COVERED -> covered(topic, seed, random);
          case ORDER -> order(topic, seed, random);
          case FREE -> free(topic, seed);
          case MEANING -> meaning(topic, seed);
        });
  }

  private List<Topic> below(Topic topic) {
    return map.children(topic).stream().filter(child -> placed(map, child)).toList();
  }

  /** Some topics that might be taken for those below one: none near it, none called alike. */
  private List<Topic> elsewhere(Topic topic, int most) {
    Set<String> taken = new HashSet<>();
    Set<UUID> near = new HashSet<>();
    map.preorder(topic).forEach(each -> near.add(each.id()));
    for (Topic at = topic; at != null; at = above(at)) {
      near.add(at.id());
    }
    below(topic).forEach(child -> taken.add(plain(child.label())));
    return topics.stream()
        .filter(each -> !near.contains(each.id()) && taken.add(plain(each.label())))
        .limit(most)
        .toList();
  }

  private static String plain(String label) {
    return label.strip().toLowerCase(Locale.ROOT);
  }

  private Quiz below(Topic topic, long seed, Random random) {
    List<Topic> below = below(topic);
    List<Topic> right = some(below, MOST_OPTIONS - 2, random);
    List<Topic> wrong =
        some(elsewhere(topic, Integer.MAX_VALUE), MOST_OPTIONS - right.size(), random);
    List<Topic> options = mixed(right, wrong, random);
    return new Quiz(
        topic.id(),
        Kind.BELOW,
        seed,
        "Which of these belong under \u201c" + topic.label() + "\u201d?",
        "",
        options.stream().map(Topic::label).toList(),
        places(options, right),
        List.of(),
        grounds(right));
  }

  private Quiz missing(Topic topic, long seed, Random random) {
    List<Topic> below = below(topic);
    Topic gone = below.get(random.nextInt(below.size()));
    List<Topic> options =
        mixed(List.of(gone), some(elsewhere(topic, Integer.MAX_VALUE), ONE_OF - 1, random), random);
    String others =
        below.stream()
            .filter(child -> child != gone)
            .map(Topic::label)
            .collect(Collectors.joining("; "));
    return new Quiz(
        topic.id(),
        Kind.MISSING,
        seed,
        "Something is missing under \u201c" + topic.label() + "\u201d. What?",
        others,
        options.stream().map(Topic::label).toList(),
        places(options, List.of(gone)),
        List.of(),
        grounds(List.of(gone)));
  }

  private Quiz source(Topic topic, long seed, Random random) {
    Passage passage = one(passages(topic), random);
    List<Analysed> others =
        new ArrayList<>(
            texts.values().stream()
                .filter(text -> !text.source().id().equals(passage.source()))
                .sorted(Comparator.comparing(text -> text.source().name()))
                .toList());
    Collections.shuffle(others, random);
    List<String> options = new ArrayList<>();
    others.stream().limit(ONE_OF - 1).forEach(text -> options.add(text.source().name()));
    int place = random.nextInt(options.size() + 1);
    options.add(place, texts.get(passage.source()).source().name());
    return new Quiz(
        topic.id(),
        Kind.SOURCE,
        seed,
        "Which source says this?",
        passage.line(),
        options,
        List.of(place),
        List.of(),
        List.of(passage));
  }

  private Quiz covered(Topic topic, long seed, Random random) {
    List<Passage> passages = coverable(topic);
    Passage passage = one(passages, random);
    String words = passage.line();
    List<String> terms = new ArrayList<>(terms(passage));
    Collections.shuffle(terms, random);
    List<String> cover = new ArrayList<>();
    String text = words;
    for (String term : terms) {
      int at = text.indexOf(term);
      if (cover.size() < MOST_COVERED && at >= 0) {
        text = text.substring(0, at) + Quiz.COVER + text.substring(at + term.length());
        cover.add(term);
      }
    }
    cover.sort(Comparator.comparingInt(words::indexOf));
    return new Quiz(
        topic.id(),
        Kind.COVERED,
        seed,
        "What is covered here?",
        text,
        List.of(),
        List.of(),
        cover,
        List.of(passage));
  }

  private Quiz order(Topic topic, long seed, Random random) {
    List<Dated> inOrder = inOrder(topic, random);
    List<Dated> shown = new ArrayList<>(inOrder);
    Collections.shuffle(shown, random);
    return new Quiz(
        topic.id(),
        Kind.ORDER,
        seed,
        "In which order did this happen?",
        "",
        shown.stream().map(Dated::label).toList(),
        inOrder.stream().map(shown::indexOf).toList(),
        List.of(),
        inOrder.stream().map(Dated::passage).toList());
  }

  private Quiz free(Topic topic, long seed) {
    List<Topic> below = below(topic);
    return new Quiz(
        topic.id(),
        Kind.FREE,
        seed,
        "What belongs under \u201c" + topic.label() + "\u201d?",
        "",
        List.of(),
        List.of(),
        below.stream().map(Topic::label).toList(),
        grounds(below));
  }

  private Quiz meaning(Topic topic, long seed) {
    return new Quiz(
        topic.id(),
        Kind.MEANING,
        seed,
        "What is \u201c" + topic.label() + "\u201d?",
        "",
        List.of(),
        List.of(),
        List.of(topic.content().gloss().definition()),
        grounds(List.of(topic)));
  }

  private static <T> List<T> some(List<T> all, int most, Random random) {
    List<T> mixed = new ArrayList<>(all);
    Collections.shuffle(mixed, random);
    return mixed.subList(0, Math.min(most, mixed.size()));
  }

  private static <T> T one(List<T> all, Random random) {
    return all.get(random.nextInt(all.size()));
  }

  private static <T> List<T> mixed(List<T> one, List<T> other, Random random) {
    List<T> all = new ArrayList<>(one);
    all.addAll(other);
    Collections.shuffle(all, random);
    return all;
  }

  private static List<Integer> places(List<Topic> options, List<Topic> right) {
    return right.stream().map(options::indexOf).sorted().toList();
  }

  /** A passage of each topic that has one. */
  private static List<Passage> grounds(List<Topic> topics) {
    return topics.stream()
        .flatMap(topic -> topic.evidence().stream().map(Evidence::passage).limit(1))
        .toList();
  }

  private List<Passage> passages(Topic topic) {
    return topic.evidence().stream()
        .map(Evidence::passage)
        .filter(p -> texts.containsKey(p.source()) && p.line().length() <= LONGEST_PASSAGE)
        .toList();
  }

  private List<Passage> coverable(Topic topic) {
    return passages(topic).stream().filter(passage -> !terms(passage).isEmpty()).toList();
  }

  /** The terms of a passage, the longest first, none within another. */
  private List<String> terms(Passage passage) {
    Analysed text = texts.get(passage.source());
    if (!passage.anchored()) {
      return List.of();
    }
    List<String> terms = new ArrayList<>();
    String line = passage.line();
    for (Sentence sentence : text.over(passage.span())) {
      if (sentence.words() >= FEWEST_WORDS) {
        for (Term term : TermFinder.in(sentence, text)) {
          boolean free = term.whole() && terms.stream().noneMatch(t -> t.contains(term.words()));
          if (free && once(line, term.words())) {
            terms.add(term.words());
          }
        }
      }
    }
    return terms;
  }

  /** Whether some words stand in a line once, as words of their own. */
  private static boolean once(String line, String words) {
    int at = line.indexOf(words);
    int end = at + words.length();
    return at >= 0
        && line.indexOf(words, at + 1) < 0
        && (at == 0 || !Character.isLetterOrDigit(line.charAt(at - 1)))
        && (end == line.length() || !Character.isLetterOrDigit(line.charAt(end)));
  }

  /** Up to four events of a branch of which each ended before the next began. */
  private List<Dated> inOrder(Topic topic, Random random) {
    List<Dated> chosen = new ArrayList<>();
    for (Dated event : some(events(topic), 40, random)) {
      boolean apart =
          chosen.stream().allMatch(c -> c.to() <= event.from() || event.to() <= c.from());
      if (apart && chosen.size() < MOST_EVENTS) {
        chosen.add(event);
      }
    }
    chosen.sort(Comparator.comparingDouble(Dated::from));
    return chosen;
  }
}
