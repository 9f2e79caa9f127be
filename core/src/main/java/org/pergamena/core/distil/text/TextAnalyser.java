package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import opennlp.tools.postag.POSTaggerME;
import opennlp.tools.sentdetect.SentenceDetectorME;
import opennlp.tools.stemmer.PorterStemmer;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

/**
 * Splits a source into sentences and tagged words.
 *
 * <p>Blocks are independent of each other, so they are read on as many threads as there are; the
 * result does not depend on their number.
 */
public final class TextAnalyser {
  private static final Pattern TOKEN =
      Pattern.compile(
          "[\\p{L}\\p{M}\\p{N}]+(?:['\\u2019.,\\-][\\p{L}\\p{M}\\p{N}]+)*|[^\\s\\p{L}\\p{M}\\p{N}]");
  private static final Pattern MARK = Pattern.compile("[.!?\u2026]");
  private static final int WORDS_PER_MARK = 60;
  private static final int SPOKEN_WORDS = 28;

  private static final ThreadLocal<SentenceDetectorME> SENTENCES =
      ThreadLocal.withInitial(() -> new SentenceDetectorME(EnglishModels.SENTENCES));
  private static final ThreadLocal<POSTaggerME> TAGGER =
      ThreadLocal.withInitial(() -> new POSTaggerME(EnglishModels.TAGS));

  private TextAnalyser() {}

  /** The sentences of a source, headings left out. */
  public static Analysed analyse(Source source) {
    SourceText text = source.text();
    boolean punctuated = punctuated(text);
    List<List<Sentence>> blocks =
        IntStream.range(0, text.blocks().size())
            .parallel()
            .mapToObj(i -> sentences(text, i, punctuated))
            .toList();
    return Analysed.of(source, blocks.stream().flatMap(List::stream).toList(), punctuated);
  }

  /** The tagged words of a piece of text that is not part of a source, such as a heading. */
  public static List<Token> tokens(String words) {
    return tokens(words, 0, words.length());
  }

  private static boolean punctuated(SourceText text) {
    long marks = MARK.matcher(text.text()).results().count();
    return marks * WORDS_PER_MARK >= text.words();
  }

  private static List<Sentence> sentences(SourceText text, int index, boolean punctuated) {
    Block block = text.blocks().get(index);
    if (!block.kind().runs()) {
      return List.of();
    }
    List<Span> spans = punctuated ? marked(text.text(), block) : spoken(text, block);
    return spans.stream()
        .map(s -> new Sentence(s, index, tokens(text.text(), s.start(), s.end())))
        .toList();
  }

  private static List<Span> marked(String text, Block block) {
    String words = text.substring(block.start(), block.end());
    return Arrays.stream(SENTENCES.get().sentPosDetect(words))
        .filter(s -> s.getEnd() > s.getStart())
        .map(s -> new Span(block.start() + s.getStart(), block.start() + s.getEnd()))
        .toList();
  }

  /** Whole cues, or without cues runs of words, of about the length of a spoken sentence. */
  private static List<Span> spoken(SourceText text, Block block) {
    List<Span> pieces =
        text.cues().stream()
            .filter(cue -> cue.start() >= block.start() && cue.end() <= block.end())
            .map(TextAnalyser::span)
            .toList();
    if (pieces.isEmpty()) {
      pieces = words(text.text(), block);
    }
    List<Span> spans = new ArrayList<>();
    int from = -1;
    int words = 0;
    for (Span piece : pieces) {
      from = from < 0 ? piece.start() : from;
      words += text.text().substring(piece.start(), piece.end()).split("\\s+").length;
      if (words >= SPOKEN_WORDS - 8) {
        spans.add(new Span(from, piece.end()));
        from = -1;
        words = 0;
      }
    }
    if (from >= 0) {
      spans.add(new Span(from, pieces.get(pieces.size() - 1).end()));
    }
    return spans;
  }

  private static Span span(CueSpan cue) {
    return new Span(cue.start(), cue.end());
  }

  private static List<Span> words(String text, Block block) {
    Matcher matcher = Pattern.compile("\\S+").matcher(text).region(block.start(), block.end());
    return matcher.results().map(m -> new Span(m.start(), m.end())).toList();
  }

  private static List<Token> tokens(String text, int start, int end) {
    List<String> surfaces = new ArrayList<>();
    List<Integer> starts = new ArrayList<>();
    Matcher matcher = TOKEN.matcher(text).region(start, end);
    while (matcher.find()) {
      surfaces.add(matcher.group());
      starts.add(matcher.start());
    }
    String[] tags = TAGGER.get().tag(surfaces.toArray(String[]::new));
    PorterStemmer stemmer = new PorterStemmer();
    List<Token> tokens = new ArrayList<>();
    for (int i = 0; i < tags.length; i++) {
      String surface = surfaces.get(i);
      String stem = stemmer.stem(surface.toLowerCase(Locale.ROOT).replace('\u2019', '\''));
      tokens.add(new Token(starts.get(i), surface, stem, tags[i], content(surface)));
    }
    return tokens;
  }

  private static boolean content(String surface) {
    return Character.isLetter(surface.charAt(0)) && surface.length() > 1 && !StopWords.has(surface);
  }
}
