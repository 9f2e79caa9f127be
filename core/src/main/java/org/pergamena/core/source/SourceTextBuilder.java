package org.pergamena.core.source;

import java.util.ArrayList;
import java.util.List;

/**
 * Collects a source text block by block, keeping offsets right.
 *
 * <pre>{@code
 * SourceText text = new SourceTextBuilder()
 *     .block(Block.Kind.HEADING, 1, "The breach")
 *     .block(Block.Kind.PARAGRAPH, 0, "The wall was opened in autumn.")
 *     .build();
 * }</pre>
 */
public final class SourceTextBuilder {
  private final StringBuilder text = new StringBuilder();
  private final List<Block> blocks = new ArrayList<>();
  private final List<PageSpan> pages = new ArrayList<>();
  private final List<CueSpan> cues = new ArrayList<>();
  private final List<PlaceSpan> places = new ArrayList<>();

  /** Adds a block, parted from the one before by a blank line; blank words add nothing. */
  public SourceTextBuilder block(Block.Kind kind, int level, String words) {
    String trimmed = words.strip();
    if (!trimmed.isEmpty()) {
      separate();
      int start = text.length();
      text.append(trimmed);
      blocks.add(new Block(start, text.length(), kind, level));
    }
    return this;
  }

  /** Adds a block that the file counts as a place of its own. */
  public SourceTextBuilder block(Block.Kind kind, int level, String words, String place) {
    int before = blocks.size();
    block(kind, level, words);
    if (blocks.size() > before) {
      Block added = blocks.get(before);
      places.add(new PlaceSpan(added.start(), added.end(), place));
    }
    return this;
  }

  /** Parts what comes next from what is there by a blank line. */
  public SourceTextBuilder separate() {
    if (!text.isEmpty()) {
      text.append("\n\n");
    }
    return this;
  }

  /** Adds words within a block that {@link #close} ends; gives the offset where they begin. */
  public int append(String words) {
    int start = text.length();
    text.append(words);
    return start;
  }

  /** Ends a block that began at an offset, here. */
  public SourceTextBuilder close(Block.Kind kind, int level, int start) {
    if (text.length() > start) {
      blocks.add(new Block(start, text.length(), kind, level));
    }
    return this;
  }

  /** Marks a page that began at an offset and ends here. */
  public SourceTextBuilder page(int start, int number, String label) {
    if (text.length() > start) {
      pages.add(new PageSpan(start, text.length(), number, label));
    }
    return this;
  }

  /** Marks a cue that began at an offset and ends here. */
  public SourceTextBuilder cue(int start, long startMs, long endMs, String speaker) {
    if (text.length() > start) {
      cues.add(new CueSpan(start, text.length(), startMs, endMs, speaker));
    }
    return this;
  }

  /** The last code units so far, at most so many. */
  public String tail(int length) {
    return text.substring(Math.max(0, text.length() - length));
  }

  /** Takes the last code unit away, a hyphen that parted a word. */
  public void dropLast() {
    text.setLength(text.length() - 1);
  }

  /** Code units so far. */
  public int length() {
    return text.length();
  }

  /** The finished text. */
  public SourceText build() {
    return new SourceText(text.toString(), blocks, pages, cues, places);
  }
}
