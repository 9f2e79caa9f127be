package org.pergamena.core.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Compares two states of a map, topic by topic. */
public final class Comparison {
  private final TopicMap before;
  private final TopicMap after;
  private final List<Difference> found = new ArrayList<>();

  /** Of each parent the children that stand elsewhere among those that stay. */
  private final Map<UUID, Set<UUID>> passed = new HashMap<>();

  private Comparison(TopicMap before, TopicMap after) {
    this.before = before;
    this.after = after;
  }

  /** In what two states differ: what the later one has in its order, then what is gone. */
  public static List<Difference> of(TopicMap before, TopicMap after) {
    Comparison comparison = new Comparison(before, after);
    comparison.topics();
    comparison.links();
    return List.copyOf(comparison.found);
  }

  private void add(Difference.Kind kind, Topic topic, String was, String is) {
    found.add(new Difference(kind, topic.id(), topic.label(), was, is));
  }

  private void topics() {
    for (Topic topic : after.preorder()) {
      if (before.has(topic.id())) {
        changed(before.topic(topic.id()), topic);
      } else {
        add(Difference.Kind.ADDED, topic, "", under(after, topic));
      }
    }
    for (Topic topic : before.preorder()) {
      if (!after.has(topic.id())) {
        add(Difference.Kind.GONE, topic, under(before, topic), "");
      }
    }
  }

  private static String under(TopicMap map, Topic topic) {
    return topic.parent() == null ? "" : map.topic(topic.parent()).label();
  }

  private void changed(Topic was, Topic is) {
    if (!was.label().equals(is.label())) {
      add(Difference.Kind.RENAMED, is, was.label(), is.label());
    }
    if (is.parent() != null && !is.parent().equals(was.parent())) {
      add(Difference.Kind.MOVED, is, under(before, was), under(after, is));
    } else if (is.parent() != null && passed(was, is)) {
      add(Difference.Kind.REORDERED, is, "", "");
    }
    String before = words(was.content());
    String now = words(is.content());
    if (!before.equals(now)) {
      add(Difference.Kind.WORDS, is, before, now);
    }
    if (!was.evidence().equals(is.evidence())) {
      add(Difference.Kind.PASSAGES, is, count(was), count(is));
    }
  }

  /** Whether its siblings that stay have passed it, or it them. */
  private boolean passed(Topic was, Topic is) {
    return passed
        .computeIfAbsent(
            is.parent(),
            parent -> outside(siblings(before, was, after), siblings(after, is, before)))
        .contains(is.id());
  }

  /**
   * Those that are not in the longest run that is in the same order in both, by patience sorting
   * (M. L. Fredman, On computing the length of longest increasing subsequences, 1975).
   */
  private static Set<UUID> outside(List<UUID> old, List<UUID> now) {
    Map<UUID, Integer> places = new HashMap<>();
    old.forEach(id -> places.put(id, places.size()));
    int[] ends = new int[now.size()];
    int[] above = new int[now.size()];
    int length = 0;
    for (int i = 0; i < now.size(); i++) {
      int place = places.get(now.get(i));
      int low = 0;
      int high = length;
      while (low < high) {
        int middle = (low + high) / 2;
        if (places.get(now.get(ends[middle])) < place) {
          low = middle + 1;
        } else {
          high = middle;
        }
      }
      above[i] = low > 0 ? ends[low - 1] : -1;
      ends[low] = i;
      length = Math.max(length, low + 1);
    }
    Set<UUID> outside = new HashSet<>(now);
    for (int i = length > 0 ? ends[length - 1] : -1; i >= 0; i = above[i]) {
      outside.remove(now.get(i));
    }
    return outside;
  }

  private static List<UUID> siblings(TopicMap map, Topic topic, TopicMap other) {
    return map.topic(topic.parent()).children().stream()
        .filter(id -> other.has(id) && topic.parent().equals(other.topic(id).parent()))
        .toList();
  }

  private static String words(Content content) {
    List<String> words = new ArrayList<>();
    words.add(content.gloss().definition());
    words.add(content.gloss().phrase());
    words.add(content.note());
    words.add(String.join(", ", content.gloss().tags()));
    words.add(pictures(content.gloss().pictures()));
    words.add(content.aside() ? "set aside" : "");
    words.add(content.look().style().equals(Style.NONE) ? "" : "a look of its own");
    words.add(content.look().below().equals(Style.NONE) ? "" : "a look of its branch");
    words.add(content.look().off() == null ? "" : "a place by hand");
    words.add(content.look().width() == null ? "" : "a width by hand");
    words.add(content.look().spot() == null ? "" : "lies loose");
    return words.stream().filter(word -> !word.isBlank()).collect(Collectors.joining(" · "));
  }

  private static String pictures(List<Picture> pictures) {
    return pictures.stream()
        .map(
            picture ->
                (picture.alt().isBlank() ? "a picture" : "picture “" + picture.alt() + "”")
                    + " "
                    + Math.round(picture.width())
                    + " wide "
                    + picture.where().name().toLowerCase(Locale.ROOT)
                    + " the label")
        .collect(Collectors.joining(", "));
  }

  private static String count(Topic topic) {
    int count = topic.evidence().size();
    return count + (count == 1 ? " passage" : " passages");
  }

  private void links() {
    for (Also shown : after.also()) {
      if (before.also(shown.id()) == null) {
        add(Difference.Kind.LINK, after.topic(shown.topic()), "", read(after, shown));
      }
    }
    for (Also shown : before.also()) {
      if (after.also(shown.id()) == null) {
        add(Difference.Kind.LINK, before.topic(shown.topic()), read(before, shown), "");
      }
    }
    Set<UUID> both = new HashSet<>();
    for (CrossLink link : after.links()) {
      CrossLink was = before.link(link.id());
      both.add(link.id());
      if (!link.equals(was)) {
        add(
            Difference.Kind.LINK,
            after.topic(link.from()),
            was == null ? "" : read(before, was),
            read(after, link));
      }
    }
    for (CrossLink link : before.links()) {
      if (!both.contains(link.id())) {
        add(Difference.Kind.LINK, before.topic(link.from()), read(before, link), "");
      }
    }
  }

  private static String read(TopicMap map, Also shown) {
    return map.topic(shown.topic()).label() + " also under " + map.topic(shown.parent()).label();
  }

  private static String read(TopicMap map, CrossLink link) {
    String phrase = link.phrase().isEmpty() ? "is linked to" : link.phrase();
    String supposed = link.manner().supposed() ? " (supposed)" : "";
    return map.topic(link.from()).label()
        + " "
        + phrase
        + " "
        + map.topic(link.to()).label()
        + supposed
        + (link.note().isBlank() ? "" : " · " + link.note())
        + (link.grounds().isEmpty() ? "" : " · passages: " + link.grounds().size())
        + (link.bend() == null ? "" : " · bent by hand");
  }
}
