package org.pergamena.core.language;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import opennlp.tools.postag.POSTaggerME;
import org.pergamena.core.source.Span;

/**
 * How to take a language apart: its sentences, words, stems, parts of speech and small words. Where
 * there is no model, sentences and words go by Unicode's rules (UAX #29, by ICU) and parts of
 * speech are left open.
 */
public final class Tongue {
  /** English, also for text too short to tell its language. */
  public static final String ENGLISH = "eng";

  /**
   * The most words that are tagged as one sentence; the tagger takes the square of their number.
   */
  private static final int MOST_TAGGED = 300;

  /** Words that are tagged at once where it is not known where sentences end. */
  private static final int RUN = 100;

  private static final int LONGEST_OPENING = 5;

  private static final Map<String, Tongue> KNOWN = new ConcurrentHashMap<>();
  private static final Pattern TOKEN =
      Pattern.compile(
          "[\\p{L}\\p{M}\\p{N}]++(?:['\\u2019.,\\-][\\p{L}\\p{M}\\p{N}]++)*+|[^\\s\\p{L}\\p{M}\\p{N}]");

  /** The same, with an elided word, as in {@code l'eau}, a token of its own. */
  private static final Pattern ELIDING =
      Pattern.compile(
          "\\p{L}{1,7}['\\u2019](?=\\p{L})|[\\p{L}\\p{M}\\p{N}]++(?:[.,\\-][\\p{L}\\p{M}\\p{N}]++)*+"
              + "|[^\\s\\p{L}\\p{M}\\p{N}]");

  private static final Set<String> ELIDE = Set.of("fra", "ita", "cat");
  private static final Set<String> HEAD_FIRST = Set.of("fra", "spa", "ita", "por", "cat", "ron");
  private static final Set<String> UNSPACED =
      Set.of("cmn", "zho", "jpn", "tha", "lao", "khm", "mya", "yue", "wuu");

  private final String code;
  private final WordLists lists;
  private final Set<String> stop;
  private final ThreadLocal<UnaryOperator<String>> stemmer;
  private final SentenceSplitter splitter;
  private final ThreadLocal<POSTaggerME> tagger;

  private Tongue(String code) {
    this.code = code;
    this.lists = WordLists.of(code);
    this.stop = lists.stop().isEmpty() ? Stemming.stops(code) : lists.stop();
    this.stemmer = ThreadLocal.withInitial(() -> Stemming.of(code));
    this.splitter = new SentenceSplitter(this, lists);
    this.tagger = ThreadLocal.withInitial(() -> new POSTaggerME(Models.of(code).tags()));
  }

  /**
   * The tongue of a language.
   *
   * @param language ISO 639-3, empty for English
   */
  public static Tongue of(String language) {
    return KNOWN.computeIfAbsent(language.isEmpty() ? ENGLISH : language, Tongue::new);
  }

  /** ISO 639-3. */
  public String code() {
    return code;
  }

  /** Whether parts of speech are told by a model. */
  public boolean tagged() {
    return Models.are(code);
  }

  /** Whether its small words are known. */
  public boolean listed() {
    return !stop.isEmpty();
  }

  /** Whether it is known which words stand before a noun. */
  public boolean articled() {
    return !lists.articles().isEmpty();
  }

  /** Whether a noun stands before its adjectives. */
  public boolean headFirst() {
    return HEAD_FIRST.contains(code);
  }

  /** Whether every noun is written with a capital. */
  public boolean capitalisesNouns() {
    return code.equals("deu");
  }

  /** Whether a noun that tells another more closely is written as one word with it. */
  public boolean writesCompoundsAsOne() {
    return code.equals("deu") || code.equals("nld");
  }

  /** Whether a word of a language written without spaces is more than its grammar. */
  private static boolean ideographic(String word) {
    return word.codePoints()
        .mapToObj(Character.UnicodeScript::of)
        .anyMatch(script -> script != Character.UnicodeScript.HIRAGANA);
  }

  /** Whether words are written without spaces between them. */
  public boolean unspaced() {
    return UNSPACED.contains(code);
  }

  /** Whether a word, in any case, carries no subject of its own. */
  public boolean stop(String word) {
    return stop.contains(plain(word)) || code.equals("jpn") && !ideographic(word);
  }

  /** Whether a sentence that begins with some words leans on the one before. */
  public boolean leans(List<String> words) {
    return begins(words, lists.leaning());
  }

  /** Whether a word points to what was said before or comes after, as <em>this</em>. */
  public boolean points(String word) {
    return lists.pointing().contains(plain(word));
  }

  /** Whether a word stands in for what was named before, as <em>they</em>. */
  public boolean standsIn(String word) {
    return lists.standingIn().contains(plain(word));
  }

  /** Whether a word is a measure or time. */
  public boolean measures(String word) {
    return Arrays.stream(plain(word).split("-")).anyMatch(lists.measures()::contains);
  }

  /** Whether a word stands before nouns. */
  public boolean article(String word) {
    return lists.articles().contains(plain(word));
  }

  /** Whether a word links two noun phrases into one. */
  public boolean links(String word) {
    return lists.links().contains(plain(word));
  }

  /** Whether a noun names no subject of its own. */
  public boolean generic(String word) {
    return lists.generic().contains(plain(word));
  }

  /** Whether a word tells what something is, as in {@code the wall is a risk}. */
  public boolean copula(String word) {
    return lists.copulas().contains(plain(word));
  }

  /** Whether a noun is what a text may call itself, as in {@code this article}. */
  public boolean work(String word) {
    return lists.works().contains(plain(word));
  }

  /** Whether a speaker may turn to those who listen with a word. */
  public boolean salutes(String word) {
    return lists.salutes().contains(plain(word));
  }

  /** Whether an adjective tells nothing of the noun after it, as in {@code certain walls}. */
  public boolean vague(String word) {
    return lists.vague().contains(plain(word));
  }

  /** Whether a noun tells only how much or what kind of another is meant. */
  public boolean partitive(String word) {
    return lists.partitive().contains(plain(word));
  }

  /** Whether a word, or two, in lower case is the name of a country or a language. */
  public boolean place(String words) {
    return PlaceNames.in(code).has(words);
  }

  /** Whether a word is followed by two things that are joined, as in {@code between the two}. */
  public boolean between(String word) {
    return lists.between().contains(plain(word));
  }

  /** Whether a noun after a word is one, and not several. */
  public boolean singular(String word) {
    return lists.singular().contains(plain(word));
  }

  /** Whether a sentence that begins with some words opens another subject. */
  public boolean signpost(List<String> words) {
    return begins(words, lists.signposts());
  }

  /** Whether the first of some words, or the first few joined, are in a list. */
  private static boolean begins(List<String> words, Set<String> list) {
    StringBuilder opening = new StringBuilder();
    for (String word : words.subList(0, Math.min(words.size(), LONGEST_OPENING))) {
      opening.append(opening.isEmpty() ? "" : "_").append(plain(word));
      if (list.contains(opening.toString())) {
        return true;
      }
    }
    return false;
  }

  /** The word before what something is seen as; empty if it is not known. */
  public String as() {
    return lists.as();
  }

  /** Whether a word is one that a verb follows, as <em>we</em>. */
  public boolean subject(String word) {
    return lists.subjects().contains(plain(word));
  }

  /** Whether a word tells what was done, whatever it is taken for. */
  public boolean past(String word) {
    return lists.past().contains(plain(word));
  }

  /** Whether a word is the present form of a verb and can be nothing else, where that is known. */
  public boolean verb(String word) {
    return code.equals(ENGLISH) && Verbs.only(plain(word));
  }

  /** Whether a verb after a word has its base form. */
  public boolean bare(String word) {
    return lists.bare().contains(plain(word));
  }

  /**
   * The form of a verb that names what is done, {@code renaming} of {@code rename}; empty if the
   * language has none, it cannot be told from this form of the verb, or it is but said.
   */
  public String doing(String verb) {
    return code.equals(ENGLISH) && !said(plain(verb)) ? Gerund.of(plain(verb)) : "";
  }

  private boolean said(String verb) {
    return lists.saying().stream().anyMatch(s -> verb.equals(s) || verb.equals(Gerund.of(s)));
  }

  /** Whether a number of four digits after this word is a year. */
  public boolean dates(String word) {
    return lists.years().contains(plain(word));
  }

  /** The word that joins two things before the second of them; empty if it is not known. */
  public String and(String second) {
    boolean hiatus = code.equals("spa") && second.toLowerCase(Locale.ROOT).matches("h?i(?!e).*");
    return hiatus ? "e" : lists.and();
  }

  /** What a word has in common with its other forms. */
  public String stem(String word) {
    return stemmer.get().apply(plain(word));
  }

  /** Parts of speech by Universal Dependencies; all {@code X} where there is no model. */
  public String[] tags(String[] words) {
    return tags(words, () -> {});
  }

  /**
   * The same.
   *
   * @param check called again and again; what it throws ends the work
   */
  public String[] tags(String[] words, Runnable check) {
    check.run();
    if (tagged()) {
      return words.length <= MOST_TAGGED
          ? tagger.get().tag(words)
          : inPieces(words, MOST_TAGGED, check);
    }
    return filled(words.length, "X");
  }

  /** The same for words of which it is not known where sentences end. */
  public String[] tagsInRuns(String[] words) {
    return inPieces(words, RUN, () -> {});
  }

  private String[] inPieces(String[] words, int most, Runnable check) {
    List<String> tags = new ArrayList<>();
    for (int from = 0; from < words.length; from += most) {
      int to = Math.min(words.length, from + most);
      String[] piece = Arrays.copyOfRange(words, from, to);
      tags.addAll(List.of(worded(piece) ? tags(piece, check) : filled(piece.length, "PUNCT")));
    }
    return tags.toArray(String[]::new);
  }

  private static String[] filled(int length, String tag) {
    String[] tags = new String[length];
    Arrays.fill(tags, tag);
    return tags;
  }

  /** Whether any of some words has a letter or a digit. */
  private static boolean worded(String[] words) {
    return Arrays.stream(words).anyMatch(word -> Character.isLetterOrDigit(word.codePointAt(0)));
  }

  /** The sentences of a text, without white space around them. */
  public List<Span> sentences(String text) {
    return splitter.sentences(text);
  }

  /** With the names of its months. */
  public Locale locale() {
    String two = Locale.forLanguageTag(code).getLanguage();
    for (String known : Locale.getISOLanguages()) {
      if (Locale.forLanguageTag(known).getISO3Language().equals(code)) {
        two = known;
      }
    }
    return Locale.forLanguageTag(two);
  }

  /** The words and marks of a piece of text. */
  public List<Span> words(String text, int start, int end) {
    if (unspaced()) {
      return dictionaryWords(text, start, end);
    }
    List<Span> words = new ArrayList<>();
    Pattern pattern = ELIDE.contains(code) ? ELIDING : TOKEN;
    Matcher matcher = pattern.matcher(text).region(start, end);
    while (matcher.find()) {
      words.add(new Span(matcher.start(), matcher.end()));
    }
    return words;
  }

  private List<Span> dictionaryWords(String text, int start, int end) {
    BreakIterator breaks = BreakIterator.getWordInstance(ULocale.forLocale(locale()));
    breaks.setText(text.substring(start, end));
    List<Span> words = new ArrayList<>();
    int from = breaks.first();
    for (int to = breaks.next(); to != BreakIterator.DONE; from = to, to = breaks.next()) {
      if (!text.substring(start + from, start + to).isBlank()) {
        words.add(new Span(start + from, start + to));
      }
    }
    return words;
  }

  static String plain(String word) {
    return word.toLowerCase(Locale.ROOT).replace('\u2019', '\'');
  }
}
