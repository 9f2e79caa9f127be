package org.pergamena.core.map;

import java.util.LinkedHashSet;
import java.util.List;

/**
 * What a person has set beside a topic's label and note.
 *
 * @param definition a sentence or two of what it means, may be empty
 * @param pinned whether the definition stays in sight
 * @param phrase the words on the line that leads to it from its parent, may be empty
 * @param tags identities from the map's legend, in the order that they were given
 * @param pictures in their order
 * @param trace of the reply that it came with, or null
 */
public record Gloss(
    String definition,
    boolean pinned,
    String phrase,
    List<String> tags,
    List<Picture> pictures,
    Trace trace) {
  /** Nothing beside label and note. */
  public static final Gloss NONE = new Gloss("", false, "", List.of(), List.of(), null);

  /** The longest definition, in code units. */
  public static final int LONGEST_DEFINITION = 1_000;

  /** The most tags on one topic. */
  public static final int MOST_TAGS = 20;

  public Gloss {
    tags = List.copyOf(new LinkedHashSet<>(tags));
    pictures = List.copyOf(pictures);
    if (definition.length() > LONGEST_DEFINITION) {
      throw new MapRuleException(
          "A definition has at most "
              + LONGEST_DEFINITION
              + " characters. Put the rest into the note.");
    }
    if (phrase.length() > CrossLink.LONGEST_PHRASE || phrase.lines().count() > 1) {
      throw new MapRuleException(
          "The words on a line are at most "
              + CrossLink.LONGEST_PHRASE
              + " characters on one line. Shorten them.");
    }
    if (tags.size() > MOST_TAGS) {
      throw new MapRuleException("A topic has at most " + MOST_TAGS + " tags. Take some off.");
    }
    if (pictures.size() > Picture.MOST) {
      throw new MapRuleException(
          "A topic has at most " + Picture.MOST + " pictures. Take one off first.");
    }
    if (pictures.stream().map(Picture::id).distinct().count() < pictures.size()) {
      throw new MapRuleException("This picture is on the topic already.");
    }
  }

  /** The same with another definition. */
  public Gloss withDefinition(String newDefinition, boolean newPinned) {
    return new Gloss(
        newDefinition, newPinned && !newDefinition.isBlank(), phrase, tags, pictures, trace);
  }

  /** The same with other words on the line from the parent. */
  public Gloss withPhrase(String newPhrase) {
    return new Gloss(definition, pinned, newPhrase, tags, pictures, trace);
  }

  /** The same with other tags. */
  public Gloss withTags(List<String> newTags) {
    return new Gloss(definition, pinned, phrase, newTags, pictures, trace);
  }

  /** The same with other pictures. */
  public Gloss withPictures(List<Picture> newPictures) {
    return new Gloss(definition, pinned, phrase, tags, newPictures, trace);
  }

  /** The same as having come with a reply. */
  public Gloss withTrace(Trace newTrace) {
    return new Gloss(definition, pinned, phrase, tags, pictures, newTrace);
  }
}
