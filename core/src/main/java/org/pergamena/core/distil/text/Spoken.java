package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.language.SentenceCuts;
import org.pergamena.core.language.SentenceEnds;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

/**
 * Finds sentences in text without marks: where the words and the pauses of the speaker make an end
 * likely, or, in a language without a model, stretches of about the length of a spoken sentence.
 */
final class Spoken {
  private static final int WORDS = 20;
  private static final Pattern WORD = Pattern.compile("\\S+");
  private static final Pattern MARK = Pattern.compile("[.!?\u2026]");
  private static final double SURE = 20;

  private Spoken() {}

  /** The sentences of a block, which together are all of its words. */
  static List<Span> sentences(SourceText text, Block block, Tongue tongue) {
    return SentenceEnds.are(tongue.code()) ? guessed(text, block, tongue) : stretches(text, block);
  }

  private static List<Span> guessed(SourceText text, Block block, Tongue tongue) {
    String all = text.text();
    List<Span> spans = tongue.words(all, block.start(), block.end());
    String[] words =
        spans.stream().map(w -> all.substring(w.start(), w.end())).toArray(String[]::new);
    String[] tags = tongue.tagsInRuns(words);
    double[] odds = SentenceEnds.of(tongue.code()).odds(words, tags);
    Map<Integer, Double> pauses = pauses(text, block);
    for (int i = 0; i < odds.length; i++) {
      odds[i] += pauses.getOrDefault(spans.get(i).end(), 0.0);
      odds[i] += MARK.matcher(words[i]).matches() ? SURE : 0;
    }
    List<Span> sentences = new ArrayList<>();
    int from = 0;
    for (int end : SentenceCuts.ends(odds, tags)) {
      sentences.add(new Span(spans.get(from).start(), spans.get(end - 1).end()));
      from = end;
    }
    return sentences;
  }

  /** What the pause after each cue of a block adds to the odds, by where the cue ends. */
  private static Map<Integer, Double> pauses(SourceText text, Block block) {
    Map<Integer, Double> pauses = new HashMap<>();
    CueSpan last = null;
    for (CueSpan cue : cues(text, block)) {
      if (last != null) {
        pauses.put(last.end(), SentenceEnds.pause(cue.startMs() - last.endMs()));
      }
      last = cue;
    }
    return pauses;
  }

  private static List<CueSpan> cues(SourceText text, Block block) {
    return text.cues().stream()
        .filter(cue -> cue.start() >= block.start() && cue.end() <= block.end())
        .toList();
  }

  /** Whole cues, or without cues words, run together. */
  private static List<Span> stretches(SourceText text, Block block) {
    List<Span> spans = new ArrayList<>();
    int from = -1;
    int last = -1;
    int words = 0;
    for (Span piece : pieces(text, block)) {
      from = from < 0 ? piece.start() : from;
      last = piece.end();
      words += SourceText.words(text.text().substring(piece.start(), piece.end()));
      if (words >= WORDS) {
        spans.add(new Span(from, last));
        from = -1;
        words = 0;
      }
    }
    if (from >= 0) {
      spans.add(new Span(from, last));
    }
    return spans;
  }

  private static List<Span> pieces(SourceText text, Block block) {
    List<Span> cues =
        cues(text, block).stream().map(cue -> new Span(cue.start(), cue.end())).toList();
    if (!cues.isEmpty()) {
      return cues;
    }
    Matcher words = WORD.matcher(text.text()).region(block.start(), block.end());
    return words.results().map(m -> new Span(m.start(), m.end())).toList();
  }
}
