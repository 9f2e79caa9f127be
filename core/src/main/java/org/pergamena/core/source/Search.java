package org.pergamena.core.source;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds words in a text whatever their case and accents: the phrase as it is typed, or if it stands
 * nowhere the paragraphs that have all of its words.
 */
public final class Search {
  private final String folded;
  private final SourceText text;

  public Search(SourceText text) {
    this.text = text;
    this.folded = folded(text.text());
  }

  /** The same number of code units, each in lower case and without its accent. */
  private static String folded(String words) {
    StringBuilder folded = new StringBuilder(words.length());
    for (int i = 0; i < words.length(); i++) {
      char c = words.charAt(i);
      if (c < 128) {
        folded.append(Character.toLowerCase(c));
      } else if (Character.isSurrogate(c)) {
        folded.append(c);
      } else {
        String plain = Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFD);
        folded.append(Character.toLowerCase(plain.charAt(0)));
      }
    }
    return folded.toString().replace('\u2019', '\'').replace('\n', ' ');
  }

  /**
   * Where something stands, in the order of the text.
   *
   * @param most as many at most
   */
  public List<Span> find(String query, int most) {
    String sought = folded(query.strip().replaceAll("\\s+", " "));
    List<Span> found = new ArrayList<>();
    if (sought.isBlank()) {
      return found;
    }
    for (int at = folded.indexOf(sought); at >= 0 && found.size() < most; ) {
      found.add(new Span(at, at + sought.length()));
      at = folded.indexOf(sought, at + sought.length());
    }
    return found.isEmpty() && sought.contains(" ") ? paragraphs(sought.split(" "), most) : found;
  }

  /** The first of the words in each paragraph that has all of them. */
  private List<Span> paragraphs(String[] words, int most) {
    List<Span> found = new ArrayList<>();
    for (Block block : text.blocks()) {
      String here = folded.substring(block.start(), block.end());
      if (found.size() < most && Arrays.stream(words).allMatch(here::contains)) {
        int at = block.start() + here.indexOf(words[0]);
        found.add(new Span(at, at + words[0].length()));
      }
    }
    return found;
  }
}
