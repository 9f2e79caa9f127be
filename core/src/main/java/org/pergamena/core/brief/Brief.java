package org.pergamena.core.brief;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.MapRuleException;

/**
 * What is wanted of a text assistant.
 *
 * @param topics that it is about, with what is below them; empty for the whole map
 * @param subject in a person's own words, may be empty
 * @param limits of the answer
 * @param audience for whom it is, may be empty
 * @param role in which the assistant writes, may be empty
 * @param language of the answer by its English name, empty for that of the map
 * @param along what goes along
 */
public record Brief(
    Wish wish,
    List<UUID> topics,
    String subject,
    Limits limits,
    String audience,
    String role,
    String language,
    Set<Along> along) {
  private static final int LONGEST = 500;

  /** What is wanted. */
  public enum Wish {
    /** An outline of a subject. */
    SUBJECT("an outline of"),
    /** An outline of what the passages say. */
    SOURCES("an outline of what the sources say on"),
    /** More on topics. */
    MORE("more on"),
    /** Topics below topics. */
    BELOW("the topics below"),
    /** Definitions of topics. */
    DEFINITIONS("definitions of the topics of"),
    /** What is missing beside and below topics. */
    MISSING("what is missing on"),
    /** Terms and the relations between them. */
    RELATIONS("terms and relations of"),
    /** Other labels. */
    WORDING("clearer labels for"),
    /** Labels in another language. */
    TRANSLATION("labels in another language for");

    private final String words;

    Wish(String words) {
      this.words = words;
    }

    /** What is wanted in a line. */
    public String of(String topics) {
      return words + " " + topics;
    }
  }

  /** What goes along. */
  public enum Along {
    LABELS,
    NOTES,
    PASSAGES
  }

  /**
   * What an answer keeps to; 0 where it need not.
   *
   * @param levels of an outline
   * @param points under each point
   * @param words of a point
   */
  public record Limits(int levels, int points, int words) {
    /** None. */
    public static final Limits NONE = new Limits(0, 0, 0);

    private static final int MOST = 200;

    public Limits {
      for (int limit : new int[] {levels, points, words}) {
        if (limit < 0 || limit > MOST) {
          throw new MapRuleException("A limit lies between 1 and " + MOST + ". Change it.");
        }
      }
    }
  }

  public Brief {
    topics = List.copyOf(topics);
    along = Set.copyOf(along);
    for (String words : new String[] {subject, audience, role, language}) {
      if (words.length() > LONGEST) {
        throw new MapRuleException(
            "Each field of a brief has at most " + LONGEST + " characters. Shorten it.");
      }
    }
  }
}
