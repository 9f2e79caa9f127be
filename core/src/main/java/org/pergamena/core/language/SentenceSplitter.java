package org.pergamena.core.language;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.regex.Pattern;
import opennlp.tools.sentdetect.SentenceDetectorME;
import org.pergamena.core.source.Span;

/**
 * Finds where sentences end: by a model where there is one, else by Unicode's rules (UAX #29, by
 * ICU). A full stop of an abbreviation ends none, and a reference to literature belongs to the
 * sentence that it stands after.
 */
final class SentenceSplitter {
  /** In letters; what is longer is no word. */
  private static final int LONGEST_WORD = 500;

  private static final String MARKS = ".!?\u2026";
  private static final String QUOTES = "\"'\u201d\u2019\u00bb)";
  private static final Pattern ORDINAL = Pattern.compile("(?<![\\p{L}\\d_])\\d{1,2}$");
  private static final Pattern NUMBER =
      Pattern.compile("\\s*(?:\\d|[IVXLC]+\\b).*", Pattern.DOTALL);
  private static final int NUMBER_AHEAD = 12;

  /** Dots for words that are left out, or letters that stand for words, as in {@code U.S.} */
  private static final Pattern TRAILS =
      Pattern.compile(
          "(?:\\.\\s?\\.|\u2026|(?<!\\p{L})\\p{Lu}\\.\\p{Lu}\\.)[\"'\u201d\u2019\\])]*$");

  private static final int TRAILING = 12;

  private final Tongue tongue;
  private final WordLists lists;
  private final ThreadLocal<SentenceDetectorME> detector;

  SentenceSplitter(Tongue tongue, WordLists lists) {
    this.tongue = tongue;
    this.lists = lists;
    this.detector =
        ThreadLocal.withInitial(() -> new SentenceDetectorME(Models.of(tongue.code()).sentences()));
  }

  /** The sentences of a text, without white space around them. */
  List<Span> sentences(String text) {
    List<Span> spans = new ArrayList<>();
    int start = 0;
    for (int end : withReferences(text, ends(text))) {
      int from = afterBlanks(text, start, end);
      int to = beforeBlanks(text, from, end);
      boolean goesOn = abbreviated(text, from, to) || trailsOff(text, from, to);
      if (from < to && (end == text.length() || !goesOn)) {
        spans.add(new Span(from, to));
        start = end;
      }
    }
    return spans;
  }

  /** Where sentences may end; the last of them is the end of the text. */
  private NavigableSet<Integer> ends(String text) {
    NavigableSet<Integer> ends = new TreeSet<>();
    if (tongue.tagged()) {
      Arrays.stream(detector.get().sentPosDetect(quiet(text)))
          .forEach(span -> ends.add(span.getEnd()));
    } else {
      BreakIterator breaks = BreakIterator.getSentenceInstance(ULocale.forLocale(tongue.locale()));
      breaks.setText(text);
      breaks.first();
      for (int end = breaks.next(); end != BreakIterator.DONE; end = breaks.next()) {
        ends.add(end);
      }
    }
    ends.add(text.length());
    return ends;
  }

  /** The same with no end before or in a reference, and one after it if a sentence ended before. */
  private static NavigableSet<Integer> withReferences(String text, NavigableSet<Integer> ends) {
    for (Span reference : InTextReference.in(text, 0, text.length())) {
      int last = beforeBlanks(text, 0, reference.start());
      ends.subSet(last, true, reference.end(), false).clear();
      if (ended(text, last) && begins(text, reference.end())) {
        ends.add(reference.end());
      }
    }
    ends.add(text.length());
    return ends;
  }

  /** Whether a mark that ends a sentence stands before a place, with quotation marks or not. */
  private static boolean ended(String text, int at) {
    int last = at - 1;
    while (last >= 0 && QUOTES.indexOf(text.charAt(last)) >= 0) {
      last--;
    }
    return last >= 0 && MARKS.indexOf(text.charAt(last)) >= 0;
  }

  private static int afterBlanks(String text, int at, int to) {
    int next = at;
    while (next < to && Character.isWhitespace(text.charAt(next))) {
      next++;
    }
    return next;
  }

  private static int beforeBlanks(String text, int from, int at) {
    int last = at;
    while (last > from && Character.isWhitespace(text.charAt(last - 1))) {
      last--;
    }
    return last;
  }

  /** Whether a sentence may begin after white space at a place. */
  private static boolean begins(String text, int at) {
    int next = afterBlanks(text, at, text.length());
    return next > at
        && next < text.length()
        && !Character.isLowerCase(text.codePointAt(next))
        && ",;:.)-\u2013\u2014[".indexOf(text.charAt(next)) < 0;
  }

  /**
   * A text in which no sentence ends within what is too long for a word, of the same length: the
   * detector looks for the end of the word at each mark.
   */
  private static String quiet(String text) {
    StringBuilder quiet = null;
    int from = 0;
    for (int at = 0; at <= text.length(); at++) {
      if (at == text.length() || Character.isWhitespace(text.charAt(at))) {
        for (int i = from; at - from > LONGEST_WORD && i < at; i++) {
          quiet = quiet == null ? new StringBuilder(text) : quiet;
          quiet.setCharAt(i, 'x');
        }
        from = at + 1;
      }
    }
    return quiet == null ? text : quiet.toString();
  }

  /**
   * Whether the full stop at the end of a piece of a text belongs to its last word, as in {@code
   * 12.}
   */
  private boolean abbreviated(String text, int start, int end) {
    if (end == start || text.charAt(end - 1) != '.') {
      return false;
    }
    int from = end - 1;
    while (from > start && !Character.isWhitespace(text.charAt(from - 1))) {
      from--;
    }
    String whole = text.substring(from, end - 1);
    int letter = 0;
    while (letter < whole.length() && !Character.isLetter(whole.charAt(letter))) {
      letter++;
    }
    String last = Tongue.plain(whole.substring(letter));
    boolean initial =
        !tongue.tagged()
            && whole.length() - letter == 1
            && Character.isUpperCase(whole.charAt(letter));
    boolean ordinal = tongue.capitalisesNouns() && ORDINAL.matcher(whole).find();
    return initial
        || ordinal
        || lists.abbreviations().contains(last)
        || lists.numbered().contains(last) && numbered(text, end);
  }

  /** Whether words are left out at the end of a piece of a text, and its sentence goes on. */
  private static boolean trailsOff(String text, int start, int end) {
    int next = afterBlanks(text, end, text.length());
    return next < text.length()
        && Character.isLowerCase(text.codePointAt(next))
        && TRAILS.matcher(text.substring(Math.max(start, end - TRAILING), end)).find();
  }

  private static boolean numbered(String text, int at) {
    return NUMBER.matcher(text.substring(at, Math.min(text.length(), at + NUMBER_AHEAD))).matches();
  }
}
