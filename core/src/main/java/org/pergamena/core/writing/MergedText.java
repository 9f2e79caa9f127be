package org.pergamena.core.writing;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Two wordings of one text brought together by words.
 *
 * <pre>{@code
 * MergedText.of("old creeks fill", "old creeks fill slowly", "Old creeks fill").text();
 * // "Old creeks fill slowly"
 * }</pre>
 *
 * @param text what both have changed; where they changed the same words both wordings, theirs first
 * @param both whether they changed the same words
 */
public record MergedText(String text, boolean both) {
  private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}]+|\\s+|.", Pattern.DOTALL);

  /**
   * More words than this that differ are not compared one by one, which could cost their square.
   */
  private static final int MOST_COMPARED = 4_000;

  /**
   * Merges by words (the three-way merge of diff3: S. Khanna, K. Kunal, B. C. Pierce, A Formal
   * Investigation of Diff3, 2007).
   *
   * @param from what both began from
   * @param theirs what is there now
   * @param mine what is to come
   */
  public static MergedText of(String from, String theirs, String mine) {
    if (theirs.equals(from) || theirs.equals(mine)) {
      return new MergedText(mine, false);
    }
    if (mine.equals(from)) {
      return new MergedText(theirs, false);
    }
    List<String> base = tokens(from);
    return new Merging(base, hunks(base, tokens(theirs)), hunks(base, tokens(mine))).merged();
  }

  private static List<String> tokens(String text) {
    List<String> tokens = new ArrayList<>();
    Matcher matcher = TOKEN.matcher(text);
    while (matcher.find()) {
      tokens.add(matcher.group());
    }
    return tokens;
  }

  /** Words of the base, from one up to before another, that have become others. */
  record Hunk(int start, int end, List<String> words) {}

  private static List<Hunk> hunks(List<String> base, List<String> other) {
    int same = 0;
    int shorter = Math.min(base.size(), other.size());
    while (same < shorter && base.get(same).equals(other.get(same))) {
      same++;
    }
    int ends = 0;
    while (ends < shorter - same
        && base.get(base.size() - 1 - ends).equals(other.get(other.size() - 1 - ends))) {
      ends++;
    }
    List<String> from = base.subList(same, base.size() - ends);
    List<String> to = other.subList(same, other.size() - ends);
    if (from.size() + to.size() > MOST_COMPARED) {
      return List.of(new Hunk(same, same + from.size(), to));
    }
    List<Hunk> hunks = new ArrayList<>();
    for (AbstractDelta<String> delta : DiffUtils.diff(from, to).getDeltas()) {
      int start = same + delta.getSource().getPosition();
      hunks.add(new Hunk(start, start + delta.getSource().size(), delta.getTarget().getLines()));
    }
    return hunks;
  }

  /** Goes through both lists of hunks side by side. */
  private static final class Merging {
    private final List<String> base;
    private final List<Hunk> theirs;
    private final List<Hunk> mine;
    private final StringBuilder text = new StringBuilder();
    private int done;
    private boolean both;

    Merging(List<String> base, List<Hunk> theirs, List<Hunk> mine) {
      this.base = base;
      this.theirs = theirs;
      this.mine = mine;
    }

    MergedText merged() {
      int t = 0;
      int m = 0;
      while (t < theirs.size() || m < mine.size()) {
        int start = Math.min(startOf(theirs, t), startOf(mine, m));
        int end = start;
        int firstT = t;
        int firstM = m;
        // what touches goes together, as one would be put into the other
        while (startOf(theirs, t) <= end || startOf(mine, m) <= end) {
          end =
              Math.max(
                  end, startOf(theirs, t) <= end ? theirs.get(t++).end() : mine.get(m++).end());
        }
        text.append(words(done, start));
        String one = with(theirs.subList(firstT, t), start, end);
        String other = with(mine.subList(firstM, m), start, end);
        if (firstM == m || one.equals(other)) {
          text.append(one);
        } else if (firstT == t) {
          text.append(other);
        } else {
          both(one, other);
        }
        done = end;
      }
      text.append(words(done, base.size()));
      return new MergedText(text.toString(), both);
    }

    /** Keeps both, the one inside the other if it is. */
    private void both(String one, String other) {
      if (one.contains(other) || other.contains(one)) {
        text.append(one.length() > other.length() ? one : other);
        return;
      }
      both = true;
      boolean lines = one.contains("\n") || other.contains("\n");
      text.append(one.stripTrailing()).append(lines ? "\n\n" : " / ").append(other.stripLeading());
    }

    private String with(List<Hunk> hunks, int start, int end) {
      StringBuilder changed = new StringBuilder();
      int at = start;
      for (Hunk hunk : hunks) {
        changed.append(words(at, hunk.start()));
        hunk.words().forEach(changed::append);
        at = hunk.end();
      }
      return changed.append(words(at, end)).toString();
    }

    private String words(int start, int end) {
      return String.join("", base.subList(start, end));
    }

    private static int startOf(List<Hunk> hunks, int index) {
      return index < hunks.size() ? hunks.get(index).start() : Integer.MAX_VALUE;
    }
  }
}
