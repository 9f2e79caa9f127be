package org.pergamena.formats.transcript;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;

/**
 * Reads a transcript: its cues run on as speech, parted where the speaker changes, where there is a
 * pause, or where a paragraph has become long.
 */
public final class TranscriptReader {
  private static final Pattern SRT =
      Pattern.compile("^\\s*\\d+\\s*\n\\s*\\d+:\\d+:\\d+[.,]\\d+\\s+-->", Pattern.MULTILINE);
  private static final int ROLLING = 3;

  private TranscriptReader() {}

  /** Whether a text without a known name is an SRT file. */
  public static boolean isSrt(String text) {
    return SRT.matcher(text.substring(0, Math.min(text.length(), 2000))).find();
  }

  /**
   * Reads WebVTT or SRT.
   *
   * @throws UnreadableException naming the line that is not right
   */
  public static ReadSource read(String file) throws UnreadableException {
    List<Cue> cues = CueParser.parse(file);
    if (cues.isEmpty()) {
      throw new UnreadableException(
          "There are no times like 00:01:02.000 --> 00:01:05.000 in this transcript. If it is plain"
              + " text, rename it to .txt and add it again.");
    }
    return joined(cues, "");
  }

  /**
   * Cues in their order as speech.
   *
   * @param before words that stood before the first cue and are left out
   */
  static ReadSource joined(List<Cue> cues, String before) {
    List<Cue> fresh = new ArrayList<>();
    String shown = "";
    int repeated = 0;
    for (Cue cue : cues) {
      String words = withoutRepeat(shown, cue.words());
      repeated += SourceText.words(cue.words()) - SourceText.words(words);
      shown = cue.words().isEmpty() ? shown : cue.words();
      if (!words.isEmpty()) {
        fresh.add(new Cue(cue.startMs(), cue.endMs(), cue.speaker(), words, cue.sounds()));
      }
    }
    SourceTextBuilder source = new SourceTextBuilder();
    for (List<Cue> paragraph : Turns.of(fresh)) {
      source.separate();
      int start = source.length();
      for (Cue cue : paragraph) {
        if (cue != paragraph.get(0)) {
          source.append(" ");
        }
        source.cue(source.append(cue.words()), cue.startMs(), cue.endMs(), cue.speaker());
      }
      source.close(Block.Kind.SPEECH, 0, start);
    }
    return ReadSource.of(
        SourceKind.TRANSCRIPT, Facts.NONE, source.build(), omissions(cues, repeated, before));
  }

  private static List<Omission> omissions(List<Cue> cues, int repeated, String before) {
    List<Omission> omissions = new ArrayList<>();
    if (repeated > 0) {
      omissions.add(
          new Omission(
              Omission.counted(repeated, "word", "words") + " that captions showed twice", ""));
    }
    List<String> sounds = cues.stream().map(Cue::sounds).filter(s -> !s.isEmpty()).toList();
    if (!sounds.isEmpty()) {
      omissions.add(
          new Omission(
              Omission.counted(sounds.size(), "note", "notes") + " on sounds",
              String.join(" ", sounds)));
    }
    if (!before.isEmpty()) {
      omissions.add(
          new Omission(
              Omission.counted(SourceText.words(before), "word", "words")
                  + " before the first time",
              before));
    }
    return omissions;
  }

  /**
   * What a cue says beyond the one before, of which rolling captions show the end again: all of it,
   * or its last words if they are {@value #ROLLING} or more.
   */
  private static String withoutRepeat(String before, String words) {
    if (before.equals(words) || before.endsWith(" " + words)) {
      return "";
    }
    String[] old = before.split(" ");
    String[] now = words.split(" ");
    for (int length = Math.min(old.length, now.length); length > 0; length--) {
      List<String> end = Arrays.asList(old).subList(old.length - length, old.length);
      List<String> start = Arrays.asList(now).subList(0, length);
      if (end.equals(start) && (length >= ROLLING || length == old.length)) {
        return String.join(" ", Arrays.asList(now).subList(length, now.length));
      }
    }
    return words;
  }
}
