package org.pergamena.core.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.reference.Citation.Cite;
import org.pergamena.core.reference.Citation.Where;

/**
 * Citations as they are written in notes: {@code [see @kest2031, p. 12; -@pell2029, 12:47 and
 * after]}, the way that several programs for Markdown write them. A hyphen leaves the maker out.
 */
public final class Citations {
  private static final Pattern BRACKETS =
      Pattern.compile("\\[([^\\[\\]\\n]{0,400}?@[^\\[\\]\\n]{1,400})\\]");
  private static final Pattern ONE =
      Pattern.compile("(?s)((?:[^@]*[\\s(])?)(-?)@([a-z][a-z0-9-]{0,39})(.*)");
  private static final Pattern TIME = Pattern.compile("^((?:\\d{1,3}:)?\\d{1,3}:\\d{2})(.*)$");
  private static final Pattern COUNTED =
      Pattern.compile(
          "^(pp?|chaps?|secs?|ll?|paras?|figs?|vols?)\\.\\s*"
              + "([0-9ivxlcdmIVXLCDM]+(?:\\s*[-\u2013]\\s*[0-9ivxlcdmIVXLCDM]+)?"
              + "(?:,\\s*[0-9]+(?:\\s*[-\u2013]\\s*[0-9]+)?)*)(.*)$");
  private static final Pattern BARE = Pattern.compile("^(\\d++(?:\\s*+[-\u2013]\\s*+\\d++)?)(.*)$");

  private Citations() {}

  /** A citation and where in a note it stands. */
  public record Found(int start, int end, Citation citation) {}

  /** The citations of a note, in their order. */
  public static List<Found> in(String note) {
    List<Found> found = new ArrayList<>();
    Matcher brackets = BRACKETS.matcher(note);
    while (brackets.find()) {
      Optional<Citation> citation = read(brackets.group(1));
      if (citation.isPresent()) {
        found.add(new Found(brackets.start(), brackets.end(), citation.get()));
      }
    }
    return found;
  }

  /** What stands between the brackets; empty if it is no citation. */
  static Optional<Citation> read(String inside) {
    List<Cite> cites = new ArrayList<>();
    for (String part : inside.split(";")) {
      Matcher one = ONE.matcher(part);
      if (!one.matches()) {
        return Optional.empty();
      }
      boolean without = !one.group(2).isEmpty();
      cites.add(cite(one.group(3), one.group(1).strip(), one.group(4).strip(), without));
    }
    return cites.isEmpty() ? Optional.empty() : Optional.of(new Citation(cites));
  }

  private static Cite cite(String key, String before, String rest, boolean without) {
    String after = rest.replaceFirst("^,\\s*", "");
    Matcher time = TIME.matcher(after);
    if (time.matches()) {
      return new Cite(key, where(Where.Kind.TIME, time), before, tail(time, 2), without);
    }
    Matcher counted = COUNTED.matcher(after);
    if (counted.matches()) {
      String words = counted.group(2).replaceAll("\\s*[-\u2013]\\s*", "\u2013");
      return new Cite(
          key, new Where(kind(counted.group(1)), words), before, tail(counted, 3), without);
    }
    Matcher bare = BARE.matcher(after);
    if (bare.matches()) {
      return new Cite(key, where(Where.Kind.PAGE, bare), before, tail(bare, 2), without);
    }
    return new Cite(key, Where.WHOLE, before, after, without);
  }

  private static Where where(Where.Kind kind, Matcher matcher) {
    return new Where(kind, matcher.group(1).replaceAll("\\s*[-\u2013]\\s*", "\u2013"));
  }

  private static String tail(Matcher matcher, int group) {
    return matcher.group(group).replaceFirst("^\\s*,\\s*", "").strip();
  }

  private static Where.Kind kind(String mark) {
    String one = mark.replaceFirst("s$", "").replace("pp", "p").replace("ll", "l");
    for (Where.Kind kind : Where.Kind.values()) {
      if (kind.mark().equals(one + ".")) {
        return kind;
      }
    }
    return Where.Kind.PAGE;
  }

  /** A citation as it is written in a note. */
  public static String write(Citation citation) {
    return citation.cites().stream()
        .map(Citations::write)
        .collect(Collectors.joining("; ", "[", "]"));
  }

  private static String write(Cite cite) {
    StringBuilder line = new StringBuilder();
    line.append(cite.before()).append(cite.before().isEmpty() ? "" : " ");
    line.append(cite.withoutMaker() ? "-@" : "@").append(cite.key());
    Where where = cite.where();
    if (!where.words().isEmpty()) {
      boolean plain = where.kind() == Where.Kind.TIME || where.kind() == Where.Kind.PLACE;
      line.append(plain ? ", " : ", " + where.kind().mark() + " ").append(where.words());
    }
    return line + (cite.after().isEmpty() ? "" : ", " + cite.after());
  }
}
