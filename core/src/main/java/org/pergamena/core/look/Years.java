package org.pergamena.core.look;

import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;

/** The year that a topic tells of: in its label, else its definition or note, else its passages. */
public final class Years {
  private static final int LONGEST = 4_000;
  private static final int MOST = 20;
  private static final Pattern YEAR =
      Pattern.compile("(?<![\\p{L}\\d.,:/-])(1\\d{3}|20\\d{2})(?:s|er)?(?![\\p{L}\\d]|[.,]\\d)");
  private static final Pattern MEASURED =
      Pattern.compile(
          "^ ?(?:%|€|\\$|km|m|cm|mm|kg|g|t|ha|l|hectares?|met(?:er|re)s?|tons?|tonnes?|people"
              + "|euros?|pounds?|kilomet(?:er|re)s?|litres?)\\b");

  private Years() {}

  /** The first year that a topic tells of. */
  public static OptionalInt of(Topic topic) {
    OptionalInt year = in(topic.label());
    if (year.isEmpty()) {
      year = in(topic.content().gloss().definition());
    }
    if (year.isEmpty()) {
      year = in(topic.note());
    }
    for (Evidence evidence : topic.evidence().subList(0, Math.min(MOST, topic.evidence().size()))) {
      if (year.isPresent()) {
        return year;
      }
      year = in(evidence.passage().exact());
    }
    return year;
  }

  /** The first year in words; numbers of something else are none. */
  static OptionalInt in(String words) {
    String some = words.length() > LONGEST ? words.substring(0, LONGEST) : words;
    Matcher year = YEAR.matcher(some);
    while (year.find()) {
      if (!MEASURED.matcher(some.substring(year.end())).find()) {
        return OptionalInt.of(Integer.parseInt(year.group(1)));
      }
    }
    return OptionalInt.empty();
  }
}
