package org.pergamena.core.distil.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.source.Source;

/** What a map is called: by the title of the work that it is made of, or by those of several. */
public final class WorkTitle {
  private static final Pattern LETTERS = Pattern.compile("\\p{L}{3}");
  private static final Pattern NUMBERED = Pattern.compile("^\\d+(?:\\.\\d+){0,9}[.)]? \\p{L}.*");

  /** Names that programs give to files, and that say nothing. */
  private static final Pattern MADE_UP =
      Pattern.compile(
          "(?i)(?:untitled|unnamed|document|doc|text|file|scan|img|image|page|index|download|new|notes?"
              + "|pasted|pasted text|article|paper|main)?[\\s\\d.:()]*");

  /** Words that do not tell one work from another. */
  private static final Set<String> SMALL =
      Set.of("the", "and", "for", "from", "with", "der", "die", "das", "und", "les", "des", "part");

  private static final int SHOWN = 3;
  private static final int LONGEST = 200;

  private WorkTitle() {}

  /**
   * The title of one source, what the titles of several have in common, or else all of them; empty
   * if a source is only called by what says nothing.
   */
  public static Optional<String> of(List<Source> sources) {
    List<String> names = sources.stream().map(source -> plain(source.name())).toList();
    if (names.isEmpty() || names.stream().anyMatch(String::isEmpty)) {
      return Optional.empty();
    }
    if (names.size() == 1) {
      return Optional.of(cut(names.get(0)));
    }
    String shared = shared(names);
    return Optional.of(cut(shared.isEmpty() ? listed(names) : shared));
  }

  /** A name as a title; empty if it is none. */
  private static String plain(String name) {
    String line = name.replaceAll("[\\s\\u00a0]+", " ").strip();
    boolean said = LETTERS.matcher(line).find() && !MADE_UP.matcher(line).matches();
    return said && !numbered(line) ? line : "";
  }

  /** Whether a heading is that of a part of a work, as it has a number. */
  public static boolean numbered(String heading) {
    return NUMBERED.matcher(heading.strip()).matches();
  }

  /** The words that all names begin or all end with, if they are at least two of weight. */
  private static String shared(List<String> names) {
    List<List<String>> words = names.stream().map(name -> List.of(name.split(" "))).toList();
    int shortest = words.stream().mapToInt(List::size).min().orElse(0);
    int head = 0;
    int tail = 0;
    for (int i = 0; i < shortest && same(words, i, false); i++) {
      head = i + 1;
    }
    for (int i = 0; i < shortest && same(words, i, true); i++) {
      tail = i + 1;
    }
    List<String> first = words.get(0);
    List<String> own =
        new ArrayList<>(
            head >= tail
                ? first.subList(0, head)
                : first.subList(first.size() - tail, first.size()));
    while (!own.isEmpty() && light(own.get(own.size() - 1))) {
      own.remove(own.size() - 1);
    }
    while (!own.isEmpty() && light(own.get(0))) {
      own.remove(0);
    }
    String joined = String.join(" ", own).replaceFirst("[\\s,;:\\u2013\\u2014-]+$", "");
    boolean telling = own.stream().filter(word -> !light(word)).count() > 1;
    return telling ? Character.toUpperCase(joined.charAt(0)) + joined.substring(1) : "";
  }

  private static boolean same(List<List<String>> words, int at, boolean fromEnd) {
    return words.stream()
            .map(name -> name.get(fromEnd ? name.size() - 1 - at : at).toLowerCase(Locale.ROOT))
            .distinct()
            .count()
        == 1;
  }

  /** Whether a word alone says nothing: a number, a mark, or one of few letters. */
  private static boolean light(String word) {
    return !LETTERS.matcher(word).find() || SMALL.contains(word.toLowerCase(Locale.ROOT));
  }

  private static String listed(List<String> names) {
    String shown = String.join(", ", names.subList(0, Math.min(SHOWN, names.size())));
    int more = names.size() - SHOWN;
    if (more > 0) {
      return "Sources: " + shown + " and " + more + (more == 1 ? " other" : " others");
    }
    int last = shown.length() - names.get(names.size() - 1).length() - 2;
    return "Sources: " + shown.substring(0, last) + " and " + shown.substring(last + 2);
  }

  private static String cut(String title) {
    int space = title.lastIndexOf(' ', LONGEST);
    return title.length() <= LONGEST ? title : title.substring(0, space < 1 ? LONGEST : space);
  }
}
