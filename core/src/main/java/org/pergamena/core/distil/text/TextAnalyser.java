package org.pergamena.core.distil.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.pergamena.core.language.InTextReference;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.progress.CallerOnly;
import org.pergamena.core.source.Block;
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
  private static final Pattern MARK = Pattern.compile("[.!?\u2026\u3002\uff01\uff1f]");
  private static final int WORDS_PER_MARK = 60;

  private TextAnalyser() {}

  /** The sentences of a source, headings left out. */
  public static Analysed analyse(Source source) {
    return analyse(source, () -> {});
  }

  /**
   * The sentences of a source, headings left out.
   *
   * @param check called again and again, on the calling thread alone; what it throws ends the work
   */
  public static Analysed analyse(Source source, Runnable check) {
    Runnable mine = CallerOnly.of(check);
    SourceText text = source.text();
    Tongue tongue = Tongue.of(source.language());
    boolean punctuated = punctuated(text);
    List<List<Sentence>> blocks =
        IntStream.range(0, text.blocks().size())
            .parallel()
            .mapToObj(i -> sentences(text, i, punctuated, tongue, mine))
            .toList();
    List<Sentence> sentences = blocks.stream().flatMap(List::stream).toList();
    boolean told =
        tongue.tagged() && !(tongue.capitalisesNouns() && Analysed.lowerCase(text.text()));
    return Analysed.of(source, told ? sentences : Guessing.tagged(sentences, tongue), punctuated);
  }

  /** The tagged words of a piece of text that is not part of a source, such as a heading. */
  public static List<Token> tokens(String words, Tongue tongue) {
    return tokens(words, 0, words.length(), tongue, () -> {});
  }

  /** The stems of the content words of a piece of text, in each of the languages of some texts. */
  public static Set<String> stems(String words, Collection<Analysed> texts) {
    Set<String> stems = new TreeSet<>();
    texts.stream()
        .map(Analysed::tongue)
        .distinct()
        .forEach(tongue -> stems.addAll(stems(words, tongue)));
    return stems;
  }

  /** The stems of the content words of a piece of text in a language. */
  public static Set<String> stems(String words, Tongue tongue) {
    Set<String> stems = new TreeSet<>();
    for (Token token : tokens(words, tongue)) {
      if (token.content()) {
        stems.add(token.stem());
      }
    }
    return stems;
  }

  private static boolean punctuated(SourceText text) {
    long marks = MARK.matcher(text.text()).results().count();
    return marks * WORDS_PER_MARK >= text.words();
  }

  private static List<Sentence> sentences(
      SourceText text, int index, boolean punctuated, Tongue tongue, Runnable check) {
    check.run();
    Block block = text.blocks().get(index);
    if (!block.kind().runs()) {
      return List.of();
    }
    List<Span> spans =
        punctuated ? marked(text.text(), block, tongue) : Spoken.sentences(text, block, tongue);
    return spans.stream()
        .map(s -> new Sentence(s, index, tokens(text.text(), s.start(), s.end(), tongue, check)))
        .toList();
  }

  private static List<Span> marked(String text, Block block, Tongue tongue) {
    return tongue.sentences(text.substring(block.start(), block.end())).stream()
        .map(s -> new Span(block.start() + s.start(), block.start() + s.end()))
        .toList();
  }

  private static List<Token> tokens(
      String text, int start, int end, Tongue tongue, Runnable check) {
    List<Span> words = tongue.words(text, start, end);
    String[] surfaces =
        words.stream().map(w -> text.substring(w.start(), w.end())).toArray(String[]::new);
    String[] tags = tongue.tags(surfaces, check);
    List<Span> references = InTextReference.in(text, start, end);
    List<Token> tokens = new ArrayList<>();
    int next = 0;
    for (int i = 0; i < tags.length; i++) {
      int at = words.get(i).start();
      while (next < references.size() && references.get(next).end() <= at) {
        next++;
      }
      boolean refers = next < references.size() && references.get(next).start() <= at;
      boolean content = !refers && content(surfaces[i], tongue);
      tokens.add(new Token(at, surfaces[i], tongue.stem(surfaces[i]), tags[i], content));
    }
    return tokens;
  }

  private static boolean content(String surface, Tongue tongue) {
    return Character.isLetter(surface.charAt(0)) && surface.length() > 1 && !tongue.stop(surface);
  }
}
