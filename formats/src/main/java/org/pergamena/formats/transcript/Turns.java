package org.pergamena.formats.transcript;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.pergamena.core.language.Language;
import org.pergamena.core.language.SentenceEnds;
import org.pergamena.core.language.Tongue;

/**
 * Puts cues together to paragraphs: a new one begins with another speaker, after a long pause, and
 * where one has become long, at the end of a sentence. Where there are no marks, ends are guessed,
 * and a cue may be divided for it.
 */
final class Turns {
  private static final long PAUSE_MS = 2500;
  private static final int LONG = 700;
  private static final int LONGEST = 1100;
  private static final int WORDS_PER_MARK = 60;
  private static final double CUE_ENDS = 0.5;
  private static final Pattern MARK = Pattern.compile("[.!?\u2026][\"'\u201d\u2019)]?(?=\\s|$)");
  private static final Pattern ENDS = Pattern.compile(".*[.!?\u2026][\"'\u201d\u2019)]?$");

  private final List<List<Cue>> paragraphs = new ArrayList<>();
  private List<Cue> open = new ArrayList<>();
  private int length;

  private Turns() {}

  /** The paragraphs of cues in their order, each with words. */
  static List<List<Cue>> of(List<Cue> cues) {
    Turns turns = new Turns();
    String words = String.join(" ", cues.stream().map(Cue::words).toList());
    long marks = MARK.matcher(words).results().count();
    String language = Language.of(words);
    boolean guess =
        marks * WORDS_PER_MARK < words.split(" ").length
            && SentenceEnds.are(language.isEmpty() ? Tongue.ENGLISH : language);
    for (int from = 0; from < cues.size(); ) {
      int to = from + 1;
      while (to < cues.size() && !parts(cues.get(to - 1), cues.get(to))) {
        to++;
      }
      if (guess) {
        turns.guessed(cues.subList(from, to));
      } else {
        turns.marked(cues.subList(from, to));
      }
      from = to;
    }
    return turns.paragraphs;
  }

  private static boolean parts(Cue last, Cue next) {
    return !Objects.equals(last.speaker(), next.speaker())
        || next.startMs() - last.endMs() > PAUSE_MS;
  }

  private void marked(List<Cue> turn) {
    for (Cue cue : turn) {
      boolean sentenceEnds =
          !open.isEmpty() && ENDS.matcher(open.get(open.size() - 1).words()).matches();
      if (length > LONGEST || length > LONG && sentenceEnds) {
        close();
      }
      add(cue);
    }
    close();
  }

  /** Closes a paragraph that is long after the word that most likely ends a sentence. */
  private void guessed(List<Cue> turn) {
    List<String> words = new ArrayList<>();
    List<Integer> lasts = new ArrayList<>();
    for (Cue cue : turn) {
      words.addAll(List.of(cue.words().split(" ")));
      lasts.add(words.size() - 1);
    }
    double[] odds = SentenceEnds.odds(words.toArray(String[]::new), Tongue.of(Tongue.ENGLISH));
    for (int i = 0; i + 1 < turn.size(); i++) {
      long pause = turn.get(i + 1).startMs() - turn.get(i).endMs();
      odds[lasts.get(i)] += CUE_ENDS + SentenceEnds.pause(pause);
    }
    boolean[] ends = ends(words, odds);
    int word = 0;
    for (Cue cue : turn) {
      String[] own = cue.words().split(" ");
      int from = 0;
      for (int i = 0; i < own.length; i++) {
        if (ends[word++] || i + 1 == own.length) {
          add(part(cue, own, from, i + 1));
          from = i + 1;
        }
        if (ends[word - 1]) {
          close();
        }
      }
    }
    close();
  }

  private static boolean[] ends(List<String> words, double[] odds) {
    boolean[] ends = new boolean[odds.length];
    int length = 0;
    int best = -1;
    for (int i = 0; i < odds.length; i++) {
      length += words.get(i).length() + 1;
      best = length > LONG && (best < 0 || odds[i] > odds[best]) ? i : best;
      if (length > LONGEST) {
        ends[best] = true;
        length = 0;
        i = best;
        best = -1;
      }
    }
    return ends;
  }

  /** A part of a cue, timed by its share of the letters. */
  private static Cue part(Cue cue, String[] words, int from, int to) {
    if (from == 0 && to == words.length) {
      return cue;
    }
    double letters = Math.max(1, cue.words().length());
    double before = letters(words, 0, from) / letters;
    double after = letters(words, 0, to) / letters;
    long duration = cue.endMs() - cue.startMs();
    return new Cue(
        cue.startMs() + Math.round(duration * before),
        to == words.length ? cue.endMs() : cue.startMs() + Math.round(duration * after),
        cue.speaker(),
        String.join(" ", List.of(words).subList(from, to)),
        from == 0 ? cue.sounds() : "");
  }

  private static int letters(String[] words, int from, int to) {
    int letters = 0;
    for (int i = from; i < to; i++) {
      letters += words[i].length() + 1;
    }
    return letters;
  }

  private void add(Cue cue) {
    open.add(cue);
    length += cue.words().length() + 1;
  }

  private void close() {
    if (!open.isEmpty()) {
      paragraphs.add(open);
    }
    open = new ArrayList<>();
    length = 0;
  }
}
