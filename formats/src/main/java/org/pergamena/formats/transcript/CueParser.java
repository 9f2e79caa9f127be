package org.pergamena.formats.transcript;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.text.StringEscapeUtils;
import org.pergamena.formats.read.UnreadableException;

/**
 * Reads the cues of a WebVTT (W3C Candidate Recommendation, 2019) or SRT file. No library on Maven
 * Central that is still kept reads both.
 */
final class CueParser {
  private static final String TIME = "(?:(\\d+):)?(\\d{1,2}):(\\d{2})[.,](\\d{1,3})";
  static final Pattern TIMES = Pattern.compile("^\\s*" + TIME + "\\s+-->\\s+" + TIME + ".*$");
  private static final Pattern VOICE = Pattern.compile("<v(?:\\.[^ >]*)?\\s+([^>]+)>");
  private static final Pattern TAG = Pattern.compile("</?[a-zA-Z0-9.:][^<>]*>|\\{\\\\[^}]*}");
  private static final Pattern NAMED =
      Pattern.compile("^(?:>>\\s*)?(\\p{Lu}[\\p{L}'\\-. ]{1,30}):\\s+(.*)$", Pattern.DOTALL);
  private static final Pattern NOISE = Pattern.compile("[\\[(](?:[^\\])]{1,40})[\\])]|\u266a");

  private CueParser() {}

  static List<Cue> parse(String file) throws UnreadableException {
    String[] lines = file.split("\n", -1);
    List<Cue> cues = new ArrayList<>();
    String speaker = null;
    for (int i = 0; i < lines.length; i++) {
      if (!lines[i].contains("-->")) {
        continue;
      }
      Matcher times = TIMES.matcher(lines[i]);
      if (!times.matches()) {
        throw new UnreadableException(
            "Line "
                + (i + 1)
                + " should give two times, like 00:01:02.000 --> 00:01:05.000,"
                + " but reads \""
                + shortened(lines[i])
                + "\". Correct that line and add the file"
                + " again.");
      }
      StringBuilder words = new StringBuilder();
      int next = i + 1;
      while (next < lines.length && !lines[next].isBlank() && !lines[next].contains("-->")) {
        words.append(words.isEmpty() ? "" : " ").append(lines[next++].strip());
      }
      Cue cue = cue(times, words.toString(), speaker);
      speaker = cue.speaker();
      cues.add(cue);
      i = next - 1;
    }
    return cues;
  }

  private static Cue cue(Matcher times, String raw, String before) {
    Matcher voice = VOICE.matcher(raw);
    String speaker = voice.find() ? voice.group(1).strip() : before;
    long start = milliseconds(times, 1);
    return spoken(start, Math.max(start, milliseconds(times, 5)), raw, speaker);
  }

  /** A cue of raw words: marks and noises removed, a speaker's name at the beginning understood. */
  static Cue spoken(long startMs, long endMs, String raw, String before) {
    String speaker = before;
    String words = StringEscapeUtils.unescapeHtml4(TAG.matcher(raw).replaceAll(""));
    Matcher named = NAMED.matcher(words);
    if (named.matches()) {
      speaker = named.group(1).strip();
      words = named.group(2);
    }
    String sounds =
        NOISE.matcher(words).results().map(MatchResult::group).collect(Collectors.joining(" "));
    words = NOISE.matcher(words).replaceAll(" ").replaceAll("\\s+", " ").strip();
    return new Cue(startMs, endMs, speaker, words, sounds);
  }

  private static long milliseconds(Matcher times, int group) {
    long hours = times.group(group) == null ? 0 : Long.parseLong(times.group(group));
    long minutes = Long.parseLong(times.group(group + 1));
    long seconds = Long.parseLong(times.group(group + 2));
    String fraction = (times.group(group + 3) + "00").substring(0, 3);
    return ((hours * 60 + minutes) * 60 + seconds) * 1000 + Long.parseLong(fraction);
  }

  private static String shortened(String line) {
    String stripped = line.strip();
    return stripped.length() <= 60 ? stripped : stripped.substring(0, 60) + "\u2026";
  }
}
