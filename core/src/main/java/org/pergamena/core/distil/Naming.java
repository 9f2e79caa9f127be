package org.pergamena.core.distil;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.label.Labeller;
import org.pergamena.core.distil.quote.Quote;
import org.pergamena.core.distil.quote.Quoting;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Span;

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
      return parts.isEmpty()
          ? List.of()
          : labeller.offers(new Group(null, parts, List.of()), "", most);
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
    Group all = group(map, topic, false);
    Group group = all.words() > MOST_WORDS ? group(map, topic, true) : all;
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

  private static String plain(String label) {
    return label.strip().toLowerCase(Locale.ROOT);
  }

  private Group group(TopicMap map, Topic topic, boolean quotedOnly) {
    Content content = topic.content();
    Content resting = quotedOnly ? content.withGrounds("", content.evidence(), List.of()) : content;
    Map<UUID, List<Span>> own = new HashMap<>();
    for (Analysed text : texts) {
      UUID source = text.source().id();
      own.put(source, whole(text, resting.spans(source)));
    }
    List<Group> below =
        map.children(topic).stream().map(child -> group(map, child, quotedOnly)).toList();
    return new Group(null, parts(own), below);
  }

  /** The sentences that have something of some spans. */
  private static List<Span> whole(Analysed text, List<Span> spans) {
    if (spans.isEmpty()) {
      return List.of();
    }
    return text.sentences().stream()
        .map(Sentence::span)
        .filter(s -> spans.stream().anyMatch(o -> o.start() < s.end() && o.end() > s.start()))
        .toList();
  }

  private List<Part> parts(Map<UUID, List<Span>> stretches) {
    List<Part> parts = new ArrayList<>();
    for (Analysed text : texts) {
      List<Span> spans = stretches.getOrDefault(text.source().id(), List.of());
      Analysed own = spans.isEmpty() ? null : text.only(spans);
      if (own != null && !own.sentences().isEmpty()) {
        parts.add(Part.plain(own, 0, own.sentences().size()));
      }
    }
    return parts;
  }
}
