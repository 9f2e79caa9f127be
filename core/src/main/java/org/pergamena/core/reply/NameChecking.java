package org.pergamena.core.reply;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.pair.Meaning;
import org.pergamena.core.reply.ProposedNames.Fault;
import org.pergamena.core.reply.ProposedNames.Proposed;

/** Reads the names that a reply proposes, and holds each against the map and its sources. */
public final class NameChecking {
  private static final int MOST_WORDS = 8;
  private static final int LONGEST = 80;

  /** From so many stems in common (Dice, 1945) two labels are alike. */
  private static final double LIKE = 0.8;

  private static final Pattern MARKS = Pattern.compile("[\\[\\]{}<>|=\\\\?!;:]|\\.\\s");

  private final TopicMap map;
  private final Meaning meaning;
  private final Set<String> said;

  private NameChecking(TopicMap map, Collection<Analysed> sources) {
    this.map = map;
    this.meaning = new Meaning(sources.stream().map(Analysed::tongue).distinct().toList());
    this.said = stems(sources);
  }

  /**
   * What a reply proposes.
   *
   * @param asked the brief as it was sent, may be empty
   */
  public static ProposedNames of(
      String reply, String asked, TopicMap map, Collection<Analysed> sources) {
    return new NameChecking(map, sources).checked(reply, asked);
  }

  private static Set<String> stems(Collection<Analysed> sources) {
    Set<String> stems = new HashSet<>();
    for (Analysed source : sources) {
      for (Sentence sentence : source.sentences()) {
        sentence.tokens().forEach(token -> stems.add(token.stem()));
      }
    }
    return stems;
  }

  private ProposedNames checked(String reply, String asked) {
    NameReading.Read read = NameReading.read(reply, map);
    Map<UUID, Proposed> found = new LinkedHashMap<>();
    int same = 0;
    for (Topic topic : map.preorder()) {
      String name = read.names().get(topic.id());
      if (name != null && name.equals(topic.label())) {
        same++;
      } else if (name != null) {
        found.put(topic.id(), alone(topic, name));
      }
    }
    List<UUID> unanswered =
        NameReading.topics(asked, map).filter(topic -> !read.names().containsKey(topic)).toList();
    return new ProposedNames(apart(found), same, unanswered, List.copyOf(read.unknown()));
  }

  /** What is wrong with a name whatever the others are. */
  private Proposed alone(Topic topic, String name) {
    if (name.length() > LONGEST || name.split("\\s+").length > MOST_WORDS) {
      return new Proposed(topic.id(), name, Fault.LONG, "");
    } else if (MARKS.matcher(name).find()
        || name.codePoints().noneMatch(Character::isLetter)
        || Chat.is(name)) {
      return new Proposed(topic.id(), name, Fault.FORM, "");
    }
    String unsaid = said.isEmpty() ? "" : unsaid(topic, name);
    return new Proposed(topic.id(), name, unsaid.isEmpty() ? Fault.NONE : Fault.UNSAID, unsaid);
  }

  /** The words of a name that neither a source nor what the topic is called has. */
  private String unsaid(Topic topic, String name) {
    Set<String> own = meaning.stems(topic.label() + " " + topic.content().gloss().definition());
    Set<String> telling = meaning.stems(name);
    return Stream.of(name.split("[^\\p{L}\\p{N}'\u2019-]+"))
        .filter(word -> !word.isBlank())
        .filter(
            word -> {
              Set<String> stems = meaning.stems(word);
              return telling.containsAll(stems)
                  && stems.stream().noneMatch(stem -> said.contains(stem) || own.contains(stem));
            })
        .collect(Collectors.joining(", "));
  }

  /** Finds those that are like what another topic will be called; of two new ones the later. */
  private List<Proposed> apart(Map<UUID, Proposed> found) {
    Map<UUID, String> labels = new LinkedHashMap<>();
    map.preorder().forEach(topic -> labels.put(topic.id(), topic.label()));
    Map<UUID, Set<String>> stems = new HashMap<>();
    Map<Set<String>, UUID> called = new HashMap<>();
    List<Proposed> sound =
        found.values().stream().filter(each -> each.fault() == Fault.NONE).toList();
    sound.forEach(each -> labels.remove(each.topic()));
    labels.forEach((topic, label) -> stems.put(topic, meaning.stems(label)));
    stems.forEach((topic, words) -> called.putIfAbsent(words, topic));
    Map<UUID, Proposed> alike = new HashMap<>();
    for (Proposed each : sound) {
      Set<String> words = meaning.stems(each.label());
      UUID like = called.containsKey(words) ? called.get(words) : beside(each, words, stems);
      if (like == null) {
        labels.put(each.topic(), each.label());
        called.put(words, each.topic());
      } else {
        String other = labels.get(like);
        alike.put(each.topic(), new Proposed(each.topic(), each.label(), Fault.ALIKE, other));
        labels.put(each.topic(), map.topic(each.topic()).label());
      }
      stems.put(each.topic(), meaning.stems(labels.get(each.topic())));
    }
    return found.values().stream().map(each -> alike.getOrDefault(each.topic(), each)).toList();
  }

  /** What stands above or beside a topic and is called almost so; null if nothing is. */
  private UUID beside(Proposed name, Set<String> words, Map<UUID, Set<String>> stems) {
    UUID parent = map.topic(name.topic()).parent();
    if (parent == null) {
      return null;
    }
    return Stream.concat(Stream.of(parent), map.children(map.topic(parent)).stream().map(Topic::id))
        .filter(other -> !other.equals(name.topic()))
        .filter(other -> alike(words, stems.getOrDefault(other, Set.of())))
        .findFirst()
        .orElse(null);
  }

  private static boolean alike(Set<String> one, Set<String> other) {
    long both = one.stream().filter(other::contains).count();
    return both > 0 && 2.0 * both >= LIKE * (one.size() + other.size());
  }
}
