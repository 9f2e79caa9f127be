package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.label.LabelFacts;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.label.WorkTitle;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

/** Offers labels and passages for stretches of sources, whatever topic they are on. */
public final class Naming {
  /** Of more words than this only the passages count. */
  private static final int MOST_WORDS = 20_000;

  private final List<Analysed> texts;
  private final Labeller labeller;
  private Quoting quoting;

  /** Gets to know all the text that there is. */
  public Naming(List<Analysed> texts) {
    this.texts = texts.stream().filter(text -> !text.sentences().isEmpty()).toList();
    this.labeller = new Labeller(this.texts, () -> {});
  }

  /**
   * What could be said of some stretches.
   *
   * @param stretches of each source, by its identity
   */
  public Stretches at(Map<UUID, List<Span>> stretches) {
    return new Stretches(parts(stretches));
  }

  /** Stretches of sources. */
  public final class Stretches {
    private final List<Part> parts;

    private Stretches(List<Part> parts) {
      this.parts = parts;
    }

    /**
     * Labels, the best first.
     *
     * @param most as many at most
     */
    public List<String> labels(int most) {
      return parts.isEmpty() ? List.of() : labeller.offers(new Group(null, parts, List.of()), most);
    }

    /**
     * Labels that they could have with all that is told of each.
     *
     * @throws IllegalArgumentException if its meaning cannot be told here
     */
    public List<LabelFacts> facts(int most) {
      return parts.isEmpty() ? List.of() : labeller.facts(new Group(null, parts, List.of()), most);
    }

    /** The passages that bear a label out, the strongest first. */
    public List<Quote> quotes(String label, int most) {
      quoting = quoting == null ? new Quoting(texts) : quoting;
      return quoting.choose(parts, label, most);
    }
  }

  /**
   * Labels that a topic could have by the text that it and the topics below it account for,
   * passages linked by hand included; the best first, none that it, its parent or a sibling has.
   */
  public List<String> offers(TopicMap map, Topic topic, int most) {
    Group all = group(map, topic, false, new HashMap<>());
    Group group = all.words() > MOST_WORDS ? group(map, topic, true, new HashMap<>()) : all;
    if (group.parts().isEmpty()) {
      return List.of();
    }
    Set<String> taken = new HashSet<>(Set.of(plain(topic.label())));
    Topic parent = topic.parent() == null ? null : map.topic(topic.parent());
    if (parent != null) {
      taken.add(plain(parent.label()));
      map.children(parent).forEach(sibling -> taken.add(plain(sibling.label())));
    }
    String above = parent == null ? "" : parent.label();
    return labeller.offers(group, above, most + taken.size()).stream()
        .filter(label -> !taken.contains(plain(label)))
        .limit(most)
        .toList();
  }

  /** A topic with the label that its passages offer instead of its own. */
  public record Offered(UUID topic, String label) {}

  /**
   * Labels for a topic and all below it that could be called otherwise by their passages, each
   * different from all others on the map. Topics with the author's heading or the work's title, or
   * without passages, keep their labels.
   *
   * @param kept topics whose labels a person gave, which stay
   */
  public List<Offered> names(TopicMap map, Topic branch, Set<UUID> kept) {
    Labeller names = labeller.anew();
    Map<UUID, Group> groups = new HashMap<>();
    group(map, map.root(), false, groups);
    Set<UUID> within = new HashSet<>();
    map.preorder(branch).forEach(topic -> within.add(topic.id()));
    Predicate<Topic> named = stays(kept, groups);
    Predicate<Topic> stays = topic -> !within.contains(topic.id()) || named.test(topic);
    map.preorder().stream().filter(stays).forEach(topic -> names.reserve(topic.label(), tongue()));
    List<Offered> offered = new ArrayList<>();
    Map<UUID, String> labels = new HashMap<>();
    for (Topic topic : map.preorder()) {
      String above = topic.parent() == null ? "" : labels.get(topic.parent());
      boolean same = stays.test(topic);
      String label = same ? topic.label() : names.label(groups.get(topic.id()), above);
      if (same) {
        names.keep(label, tongue());
      }
      labels.put(topic.id(), label);
      if (!plain(label).equals(plain(topic.label()))) {
        offered.add(new Offered(topic.id(), label));
      }
    }
    return offered;
  }

  /**
   * Whether a topic keeps its label: a person gave it, an author did, or nothing offers another.
   */
  private Predicate<Topic> stays(Set<UUID> kept, Map<UUID, Group> groups) {
    Set<String> headings = headings();
    return topic ->
        kept.contains(topic.id())
            || headings.contains(plain(topic.label()))
            || groups.get(topic.id()).parts().isEmpty();
  }

  /**
   * The topics that somebody else may name, in the map's order: as {@link #names}, but a topic that
   * is asked for alone, whoever named it.
   *
   * @param about topics that are asked for
   * @param levels how deep from each; 0 for all below
   * @param kept topics whose labels a person gave, which stay
   */
  public List<Topic> nameable(TopicMap map, List<Topic> about, int levels, Set<UUID> kept) {
    Map<UUID, Group> groups = new HashMap<>();
    group(map, map.root(), false, groups);
    Predicate<Topic> stays = stays(kept, groups);
    boolean alone = about.size() == 1 && levels == 1;
    Set<UUID> within = new HashSet<>();
    about.forEach(topic -> within(map, topic, levels, within));
    return map.preorder().stream()
        .filter(topic -> within.contains(topic.id()) && (alone || !stays.test(topic)))
        .toList();
  }

  private static void within(TopicMap map, Topic topic, int levels, Set<UUID> all) {
    all.add(topic.id());
    if (levels != 1) {
      map.children(topic).forEach(child -> within(map, child, Math.max(0, levels - 1), all));
    }
  }

  private Tongue tongue() {
    return texts.isEmpty() ? Tongue.of(Tongue.ENGLISH) : texts.get(0).tongue();
  }

  /** The headings of the sources, plain. */
  private Set<String> headings() {
    Set<String> headings = new HashSet<>();
    WorkTitle.of(texts.stream().map(Analysed::source).toList())
        .ifPresent(title -> headings.add(plain(title)));
    for (Analysed text : texts) {
      String all = text.source().text().text();
      for (Block block : text.source().text().blocks()) {
        if (block.kind() == Block.Kind.HEADING) {
          headings.add(
              plain(labeller.heading(all.substring(block.start(), block.end()), text.tongue())));
        }
      }
    }
    return headings;
  }

  private static String plain(String label) {
    return label.strip().toLowerCase(Locale.ROOT);
  }

  /** A topic as a group with those below it; each is kept by its topic's identity too. */
  private Group group(TopicMap map, Topic topic, boolean quotedOnly, Map<UUID, Group> groups) {
    Content content = topic.content();
    Content resting = quotedOnly ? content.withGrounds("", content.evidence(), List.of()) : content;
    Map<UUID, List<Span>> own = new HashMap<>();
    for (Analysed text : texts) {
      UUID source = text.source().id();
      own.put(source, resting.spans(source));
    }
    List<Group> below =
        map.children(topic).stream().map(child -> group(map, child, quotedOnly, groups)).toList();
    Group group = new Group(null, parts(own), below);
    groups.put(topic.id(), group);
    return group;
  }

  /**
   * Each stretch as a part of the sentences that begin in it, or of the one that it lies in; no
   * sentence is in two.
   */
  private List<Part> parts(Map<UUID, List<Span>> stretches) {
    List<Part> parts = new ArrayList<>();
    for (Analysed text : texts) {
      int done = 0;
      for (Span span : Spans.union(stretches.getOrDefault(text.source().id(), List.of()))) {
        List<Sentence> over = text.over(span);
        int first = text.firstOver(span);
        int to = first + over.size();
        boolean beganBefore = over.size() > 1 && over.get(0).span().start() < span.start();
        int from = Math.max(done, beganBefore ? first + 1 : first);
        done = Math.max(done, to);
        if (from < to) {
          parts.add(Part.plain(text, from, to));
        }
      }
    }
    return parts;
  }
}
