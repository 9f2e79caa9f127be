package org.pergamena.formats.read;

import java.util.List;
import org.pergamena.core.language.Language;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.SourceText;

/**
 * What was read out of a file.
 *
 * @param facts what the file says of itself
 * @param language ISO 639-3 code, empty if it cannot be told
 * @param omissions what was left out or is to be checked, and why
 * @param layout where the text stands on its pages
 * @param scanned pages, from 1, that are pictures and whose words were found in them
 */
public record ReadSource(
    SourceKind kind,
    Facts facts,
    SourceText text,
    String language,
    List<Omission> omissions,
    PageLayout layout,
    List<Integer> scanned) {
  public ReadSource {
    omissions = List.copyOf(omissions);
    scanned = List.copyOf(scanned);
  }

  private static final int SHORTEST = 3;
  private static final int LONGEST = 200;

  /** A text of which nothing was left out. */
  public static ReadSource of(SourceKind kind, Facts facts, SourceText text) {
    return of(kind, facts, text, List.of());
  }

  /** A text without pages to look at. */
  public static ReadSource of(
      SourceKind kind, Facts facts, SourceText text, List<Omission> omissions) {
    return new ReadSource(
        kind, facts, text, Language.of(text.text()), omissions, PageLayout.NONE, List.of());
  }

  /** What the file itself gives as its title, or null. */
  public String title() {
    return facts.title();
  }

  /** What it is called as a source: by its own title, else by the words of its file's name. */
  public String name(String fileName) {
    if (title() != null && title().length() >= SHORTEST) {
      return title().length() <= LONGEST ? title() : title().substring(0, LONGEST);
    }
    String bare =
        fileName
            .replaceFirst("\\.pasted\\.html$|\\.[A-Za-z0-9]{1,8}$", "")
            .replaceAll("[_-]+", " ")
            .strip();
    return bare.isEmpty() ? fileName : Character.toUpperCase(bare.charAt(0)) + bare.substring(1);
  }
}
