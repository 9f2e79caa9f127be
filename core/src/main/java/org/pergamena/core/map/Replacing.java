package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds words on a map and what it would say with others in their place; it changes nothing. */
public final class Replacing {
  /** What words stand in. */
  public enum Where {
    LABEL,
    NOTE,
    PHRASE
  }

  /**
   * A label, a note or a linking phrase with the words in it.
   *
   * @param id of the topic, or for a phrase of the cross-link
   * @param after as it would be; it may break the rules of labels, which is told when it is taken
   */
  public record Found(Where where, UUID id, String before, String after) {}

  private static final int LONGEST = 300;
  private static final int MOST = 2_000;

  private final Pattern words;
  private final String by;

  /**
   * Prepares to look for words.
   *
   * @param words taken as they stand, not blank
   * @param by what comes in their place, may be empty
   * @param exact whether capitals must be the same
   * @throws MapRuleException if there is nothing to look for, or too much
   */
  public Replacing(String words, String by, boolean exact) {
    if (words.isBlank() || words.length() > LONGEST || by.length() > LONGEST) {
      throw new MapRuleException(
          "Words to find and to put in their place have 1 to " + LONGEST + " characters.");
    }
    int flags = exact ? Pattern.LITERAL : Pattern.LITERAL | Pattern.CASE_INSENSITIVE;
    this.words = Pattern.compile(words, flags | Pattern.UNICODE_CASE);
    this.by = Matcher.quoteReplacement(by);
  }

  /**
   * All that has the words in it: topics in their order, then cross-links.
   *
   * @throws MapRuleException if they are in too many places, or a text would become too long
   */
  public List<Found> in(TopicMap map) {
    List<Found> found = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      look(Where.LABEL, topic.id(), topic.label(), found);
      look(Where.NOTE, topic.id(), topic.note(), found);
    }
    map.links().forEach(link -> look(Where.PHRASE, link.id(), link.phrase(), found));
    return found;
  }

  private void look(Where where, UUID id, String text, List<Found> found) {
    long times = words.matcher(text).results().count();
    if (times == 0) {
      return;
    }
    if (found.size() == MOST) {
      throw new MapRuleException(
          "These words are in more than " + MOST + " places. Look for more of what stands there.");
    }
    if (times * by.length() > Content.LONGEST_NOTE) {
      throw new MapRuleException("A note would become too long by that. Put shorter words.");
    }
    found.add(new Found(where, id, text, words.matcher(text).replaceAll(by)));
  }
}
