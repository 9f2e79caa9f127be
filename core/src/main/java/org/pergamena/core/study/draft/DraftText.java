package org.pergamena.core.study.draft;

import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Language;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

/** A draft as a text with sentences. */
public final class DraftText {
  private static final UUID NONE = new UUID(0, 1);
  private static final Pattern BETWEEN = Pattern.compile("\n\\s*\n");

  private DraftText() {}

  /** Takes a draft apart: blank lines part its paragraphs. */
  public static Analysed of(String name, String draft) {
    return of(name, draft, Language.of(draft));
  }

  /** The same in a language that is known, ISO 639-3. */
  public static Analysed of(String name, String draft, String language) {
    SourceTextBuilder text = new SourceTextBuilder();
    paragraphs(draft).forEach(paragraph -> text.block(Block.Kind.PARAGRAPH, 0, paragraph));
    Source source = new Source(NONE, name, text.build());
    return TextAnalyser.analyse(source.in(language));
  }

  private static Stream<String> paragraphs(String draft) {
    return BETWEEN
        .splitAsStream(draft.replaceAll("\\R", "\n"))
        .map(String::strip)
        .filter(paragraph -> !paragraph.isEmpty());
  }

  /** A draft as it is kept: paragraphs with one blank line between them. */
  public static String plain(String draft) {
    return paragraphs(draft).collect(Collectors.joining("\n\n"));
  }

  /** The points of a message: one a line, without what marks it as one of a list. */
  public static List<String> points(String message) {
    return message
        .lines()
        .map(line -> line.strip().replaceFirst("^(?:[-*+\u2022\u2013]|\\d{1,3}[.)])\\s+", ""))
        .filter(line -> !line.isBlank())
        .toList();
  }
}
