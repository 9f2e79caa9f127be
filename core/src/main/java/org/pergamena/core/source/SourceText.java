package org.pergamena.core.source;

import java.util.List;
import java.util.function.ToIntFunction;

/**
 * The text read out of a source, with the structure that its file had. It never changes.
 *
 * @param text everything that is read, headings included
 * @param blocks in order, not overlapping
 * @param pages in order; empty if the source has no pages
 * @param cues in order; empty if the source has no times
 * @param places in order; empty if its file counts no lines, paragraphs or rows
 */
public record SourceText(
    String text,
    List<Block> blocks,
    List<PageSpan> pages,
    List<CueSpan> cues,
    List<PlaceSpan> places) {
  public SourceText {
    blocks = List.copyOf(blocks);
    pages = List.copyOf(pages);
    cues = List.copyOf(cues);
    places = List.copyOf(places);
  }

  /** Text without pages or times, one paragraph. */
  public static SourceText plain(String text) {
    return new SourceText(
        text,
        List.of(new Block(0, text.length(), Block.Kind.PARAGRAPH, 0)),
        List.of(),
        List.of(),
        List.of());
  }

  /** Number of pages; a page whose notes stand apart in the text counts once. */
  public int pageCount() {
    return (int) pages.stream().map(PageSpan::number).distinct().count();
  }

  /** The words of a block. */
  public String words(Block block) {
    return text.substring(block.start(), block.end());
  }

  /** Number of words, counted as runs of anything but white space. */
  public int words() {
    return words(text);
  }

  /** Number of words of a text, counted in the same way. */
  public static int words(String text) {
    int words = 0;
    boolean inside = false;
    for (int i = 0; i < text.length(); i++) {
      boolean word = !Character.isWhitespace(text.charAt(i));
      if (word && !inside) {
        words++;
      }
      inside = word;
    }
    return words;
  }

  /** Length of the recording in milliseconds, 0 if there are no times. */
  public long durationMs() {
    return cues.isEmpty() ? 0 : cues.get(cues.size() - 1).endMs();
  }

  /**
   * Where an offset lies for a person.
   *
   * @param offset in code units
   */
  public Locator locate(int offset) {
    PageSpan page = lastStarting(pages, offset, PageSpan::start);
    CueSpan cue = lastStarting(cues, offset, CueSpan::start);
    PlaceSpan place = lastStarting(places, offset, PlaceSpan::start);
    String section = null;
    for (Block block : blocks) {
      if (block.start() > offset) {
        break;
      }
      if (block.kind() == Block.Kind.HEADING) {
        section = words(block);
      }
    }
    return new Locator(
        page == null ? null : page.number(),
        page == null ? null : page.label(),
        cue == null ? null : cue.startMs(),
        cue == null ? null : cue.speaker(),
        section,
        place == null ? null : place.label());
  }

  private static <T> T lastStarting(List<T> sorted, int offset, ToIntFunction<T> start) {
    int low = 0;
    int high = sorted.size() - 1;
    T found = sorted.isEmpty() ? null : sorted.get(0);
    while (low <= high) {
      int middle = (low + high) >>> 1;
      T candidate = sorted.get(middle);
      if (start.applyAsInt(candidate) <= offset) {
        found = candidate;
        low = middle + 1;
      } else {
        high = middle - 1;
      }
    }
    return found;
  }
}
