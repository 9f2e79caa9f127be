package org.pergamena.core.meaning;

import java.io.IOException;
import java.io.InputStream;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Takes words apart into the pieces that an encoder has learned, always the longest first
 * (WordPiece; Schuster and Nakajima 2012, as used by Devlin et al. 2019), in lower case and without
 * accents.
 */
final class WordPieces {
  private static final String INSIDE = "##";
  private static final int LONGEST = 100;

  private final Map<String, Integer> pieces;
  private final int unknown;

  private WordPieces(Map<String, Integer> pieces) {
    this.pieces = pieces;
    this.unknown = pieces.get("[UNK]");
  }

  /** Reads the pieces out of a tokenizer's description as JSON. */
  static WordPieces read(InputStream json) throws IOException {
    Map<String, Integer> pieces = new HashMap<>();
    try (JsonParser parser = new JsonFactory().createParser(ObjectReadContext.empty(), json)) {
      while (parser.nextToken() != null) {
        if (parser.currentToken() == JsonToken.PROPERTY_NAME
            && parser.currentName().equals("vocab")) {
          parser.nextToken();
          while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String piece = parser.currentName();
            parser.nextToken();
            pieces.put(piece, parser.getIntValue());
          }
        }
      }
    }
    return new WordPieces(pieces);
  }

  /** The number of a piece that there surely is. */
  int mark(String piece) {
    return pieces.get(piece);
  }

  /** The numbers of the pieces of a word; a word of marks and letters is split between them. */
  int[] of(String word) {
    String plain =
        Normalizer.normalize(word.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
            .codePoints()
            .filter(c -> Character.getType(c) != Character.NON_SPACING_MARK)
            .limit(LONGEST)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString();
    int[] found = new int[plain.length()];
    int count = 0;
    for (int from = 0; from < plain.length(); ) {
      int to = from + Character.charCount(plain.codePointAt(from));
      if (Character.isLetterOrDigit(plain.codePointAt(from))) {
        while (to < plain.length() && Character.isLetterOrDigit(plain.codePointAt(to))) {
          to += Character.charCount(plain.codePointAt(to));
        }
      }
      count = split(plain.substring(from, to), found, count);
      from = to;
    }
    return Arrays.copyOf(found, count);
  }

  private int split(String run, int[] found, int before) {
    int count = before;
    for (int from = 0; from < run.length(); ) {
      int to = run.length();
      Integer piece = null;
      while (to > from && piece == null) {
        piece = pieces.get((from == 0 ? "" : INSIDE) + run.substring(from, to));
        to -= piece == null ? 1 : 0;
      }
      if (piece == null) {
        found[before] = unknown;
        return before + 1;
      }
      found[count++] = piece;
      from = to;
    }
    return count;
  }
}
