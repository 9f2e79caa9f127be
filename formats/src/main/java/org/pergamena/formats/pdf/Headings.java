package org.pergamena.formats.pdf;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * Tells which lines are headings, and of which level: by the document's bookmarks if it has them,
 * else by its tags, else by the size and weight of the type.
 */
final class Headings {
  private static final float LARGER = 1.1f;
  private static final int LONGEST = 140;
  private static final int LEAST_FOUND = 2;

  /** What a heading has and a formula or the letters of a drawing have not. */
  private static final Pattern WORD =
      Pattern.compile(
          "\\p{L}{3}|\\p{Lu}{2}|[\\p{IsHan}\\p{IsHiragana}\\p{IsKatakana}\\p{IsHangul}]");

  private final List<Line> lines;
  private final float bodySize;
  private final TreeSet<Float> sizes = new TreeSet<>();

  private Headings(List<Line> lines, float bodySize) {
    this.lines = lines;
    this.bodySize = bodySize;
    for (Line line : lines) {
      if (larger(line) && line.text().length() <= LONGEST && line.aside() == null) {
        sizes.add(line.size());
      }
    }
  }

  /** Level of each line, 1 the highest; 0 for what is no heading. */
  static int[] levels(List<Line> lines, float bodySize, Bookmarks bookmarks) {
    return new Headings(lines, bodySize).levels(bookmarks);
  }

  /** The size of type that most of the text is set in, in points. */
  static float bodySize(List<Line> lines) {
    Map<Float, Integer> sizes = new HashMap<>();
    lines.forEach(line -> sizes.merge(line.size(), line.text().length(), Integer::sum));
    return mostCommon(sizes);
  }

  static float mostCommon(Map<Float, Integer> counts) {
    return counts.entrySet().stream()
        .max(Map.Entry.<Float, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(10f);
  }

  private int[] levels(Bookmarks bookmarks) {
    int[] marked = new int[lines.size()];
    int found = 0;
    int deepest = 0;
    boolean tagged = lines.stream().filter(line -> line.tagged() > 0).count() >= LEAST_FOUND;
    for (int i = 0; bookmarks.any() && i < marked.length; i++) {
      Line line = lines.get(i);
      marked[i] = candidate(line) ? bookmarks.level(line) : 0;
      found += marked[i] > 0 ? 1 : 0;
      deepest = Math.max(deepest, marked[i]);
    }
    boolean byBookmarks = found >= LEAST_FOUND;
    int[] levels = new int[lines.size()];
    boolean begun = false;
    for (int i = 0; i < levels.length; i++) {
      Line line = lines.get(i);
      if (byBookmarks) {
        int minor = begun && bySize(line) > 0 ? deepest + 1 : 0;
        levels[i] = marked[i] > 0 ? marked[i] : minor;
        begun |= marked[i] > 0;
      } else {
        levels[i] = tagged ? line.tagged() : bySize(line);
      }
      if (i > 0 && levels[i - 1] > 0 && marked[i] == 0 && goesOn(lines.get(i - 1), line)) {
        levels[i] = levels[i - 1];
      }
    }
    return levels;
  }

  /** Whether a heading that is too long for one line goes on in the next. */
  private boolean goesOn(Line heading, Line line) {
    return (larger(line) || line.type().bold())
        && line.size() == heading.size()
        && line.type().bold() == heading.type().bold()
        && line.page() == heading.page()
        && line.y() > heading.y()
        && line.y() - heading.y() < line.size() * 1.6f;
  }

  private boolean larger(Line line) {
    return line.size() > bodySize * LARGER;
  }

  /** What the words of a bookmark are set in: not in plain type in the middle of a page. */
  private boolean candidate(Line line) {
    return line.aside() == null
        && line.text().length() <= LONGEST
        && (larger(line)
            || line.type().bold()
            || line.tagged() > 0
            || Math.abs(line.size() - bodySize) > 0.2f
            || !line.text().matches(".*[.,;]$"));
  }

  /** 1 for the largest type; below the sizes that are larger than the body comes bold; else 0. */
  private int bySize(Line line) {
    if (!WORD.matcher(line.text()).find()
        || line.aside() != null
        || line.text().length() > LONGEST) {
      return 0;
    }
    if (larger(line)) {
      return 1 + sizes.tailSet(line.size(), false).size();
    }
    boolean body = Math.abs(line.size() - bodySize) < 0.3f;
    boolean sentence = line.text().matches(".*[.,;:]$");
    return line.type().bold() && body && !sentence ? 1 + sizes.size() : 0;
  }
}
