package org.pergamena.core.map;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The tags of a map and what they mean, in the order in which they are offered. */
public record Legend(List<Tag> tags) {
  /** The most tags in one legend. */
  public static final int MOST_TAGS = 200;

  /** What a map begins with. */
  public static final Legend USUAL =
      new Legend(
          List.of(
              new Tag("to-check", "to check", "Not yet compared with the sources.", "search-check"),
              new Tag("agreed", "agreed", "Everybody who was asked holds it.", "handshake"),
              new Tag("open", "open question", "Nobody has an answer yet.", "circle-question-mark"),
              new Tag("decision", "decision", "It has been settled so.", "gavel"),
              new Tag("example", "example", "A case that stands for others.", "leaf"),
              new Tag("key", "key point", "What one should remember.", "key-round"),
              new Tag("objection", "objection", "It speaks against what is above.", "hand"),
              new Tag("assumption", "assumption", "Held without having been shown.", "cloud"),
              new Tag("idea", "own idea", "Mine, not from the sources.", "feather"),
              new Tag("to-do", "to do", "Somebody has to act on it.", "list-checks"),
              new Tag("disputed", "disputed", "The sources do not agree.", "scale"),
              new Tag("to-cite", "to cite", "Wanted in what is written from this.", "quote")));

  public Legend {
    tags = List.copyOf(tags);
    if (tags.size() > MOST_TAGS) {
      throw new MapRuleException("A legend has at most " + MOST_TAGS + " tags. Take some out.");
    }
    Set<String> words = new HashSet<>();
    Set<String> ids = new HashSet<>();
    for (Tag tag : tags) {
      if (!words.add(tag.word().strip().toLowerCase(Locale.ROOT)) || !ids.add(tag.id())) {
        throw new MapRuleException(
            "Two tags have the word \"" + tag.word() + "\". Give one of them another.");
      }
    }
  }

  /** Whether there is a tag of that identity. */
  public boolean has(String id) {
    return tags.stream().anyMatch(tag -> tag.id().equals(id));
  }

  /** The tag of an identity. */
  public Optional<Tag> tag(String id) {
    return tags.stream().filter(tag -> tag.id().equals(id)).findFirst();
  }

  /** The tags that a topic has, in its order; those that are not in the legend are left out. */
  public List<Tag> of(Topic topic) {
    return topic.content().gloss().tags().stream().flatMap(id -> tag(id).stream()).toList();
  }

  /** The words of the tags that a topic has, with commas between, empty without any. */
  public String words(Topic topic) {
    return of(topic).stream().map(Tag::word).collect(Collectors.joining(", "));
  }

  /** The tag with a word, whatever its case. */
  public Optional<Tag> named(String word) {
    return tags.stream().filter(tag -> tag.word().equalsIgnoreCase(word.strip())).findFirst();
  }
}
