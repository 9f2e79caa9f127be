package org.pergamena.formats.transcript;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.formats.read.ReadSource;

/**
 * Reads a plain transcript whose paragraphs begin with a time: {@code [00:12:47] words}, {@code
 * 12:47 Name: words}, or the name and time on a line of their own.
 */
public final class TimedTextReader {
  private static final Pattern TIMED =
      Pattern.compile(
          "^\\s*(?:(\\p{Lu}[\\p{L}'\\-. ]{1,30}?)[:,]?\\s+)?[\\[(]?(?:(\\d{1,2}):)?(\\d{1,2}):(\\d{2})"
              + "(?:[.,]\\d{1,3})?[\\])]?\\s*[-\u2013:]?\\s*(.*)$");
  private static final int LEAST_TIMES = 3;
  private static final double LEAST_SHARE = 0.15;
  private static final long MS_PER_WORD = 400;

  private TimedTextReader() {}

  /** Whether enough lines of a text begin with times that never go back. */
  public static boolean isTimed(String text) {
    int times = 0;
    int lines = 0;
    long last = -1;
    for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
      lines++;
      Matcher timed = TIMED.matcher(line);
      if (timed.matches()) {
        long at = milliseconds(timed);
        if (at < last) {
          return false;
        }
        last = at;
        times++;
      }
    }
    return times >= LEAST_TIMES && times >= lines * LEAST_SHARE;
  }

  /** Reads it; what stands before the first time is left out. */
  public static ReadSource read(String text) {
    List<Cue> cues = new ArrayList<>();
    String speaker = null;
    String named = null;
    long start = -1;
    StringBuilder words = new StringBuilder();
    StringBuilder before = new StringBuilder();
    for (String line : text.split("\n")) {
      Matcher timed = TIMED.matcher(line);
      if (timed.matches()) {
        speaker = add(cues, start, words, named, speaker);
        start = milliseconds(timed);
        named = timed.group(1);
        words.append(timed.group(5));
      } else if (start >= 0) {
        words.append(' ').append(line.strip());
      } else {
        before.append(line.strip()).append(' ');
      }
    }
    add(cues, start, words, named, speaker);
    return TranscriptReader.joined(ended(cues), before.toString().strip());
  }

  private static String add(
      List<Cue> cues, long start, StringBuilder words, String named, String before) {
    if (start < 0) {
      return before;
    }
    Cue cue = CueParser.spoken(start, start, words.toString(), named == null ? before : named);
    words.setLength(0);
    cues.add(cue);
    return cue.speaker();
  }

  /** Each cue ends where its words would, or where the next begins. */
  private static List<Cue> ended(List<Cue> cues) {
    List<Cue> ended = new ArrayList<>();
    for (int i = 0; i < cues.size(); i++) {
      Cue cue = cues.get(i);
      long length = MS_PER_WORD * cue.words().split(" ").length;
      long next = i + 1 < cues.size() ? cues.get(i + 1).startMs() : Long.MAX_VALUE;
      long end = Math.min(next, cue.startMs() + length);
      ended.add(new Cue(cue.startMs(), end, cue.speaker(), cue.words(), cue.sounds()));
    }
    return ended;
  }

  private static long milliseconds(Matcher timed) {
    long hours = timed.group(2) == null ? 0 : Long.parseLong(timed.group(2));
    long minutes = Long.parseLong(timed.group(3));
    return ((hours * 60 + minutes) * 60 + Long.parseLong(timed.group(4))) * 1000;
  }
}
