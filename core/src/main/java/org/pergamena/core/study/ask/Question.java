package org.pergamena.core.study.ask;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Span;

/**
 * A question taken apart: the stems of what it asks about, and what kind of answer it wants.
 *
 * @param words the words asked about, as they are written, by their stems
 */
record Question(Map<String, String> words, Kind kind) {
  /** What kind of answer is wanted. */
  enum Kind {
    ANY,
    /** A number. */
    COUNT,
    /** A time. */
    TIME,
    /** Somebody. */
    WHO,
    /** A reason. */
    WHY
  }

  private static final Pattern COUNT =
      phrase(
          "how (many|much|high|wide|long|deep|old|fast|far|large|big|often)|wie ?viele?|wie (hoch|breit|lang|tief|alt|schnell)|combien|cu\u00e1nt[oa]s?|quant[oiae]|hoeveel|cost|costs|kostet|co\u00fbte");
  private static final Pattern TIME =
      phrase(
          "when|what year|which year|since when|wann|seit wann|quand|cu\u00e1ndo|quando|wanneer");
  private static final Pattern WHO =
      phrase("who|whom|whose|wer|wem|wen|qui|qui\u00e9n|chi|wie was|quem");
  private static final Pattern WHY =
      phrase(
          "why|for what reason|warum|weshalb|wieso|pourquoi|por qu\u00e9|perch\u00e9|waarom|porqu\u00ea");
  private static final Pattern REASON =
      phrase(
          "because|since|so that|due to|owing to|therefore|would|judged|weil|denn|damit|deshalb|parce|car|afin|porque|perch\u00e9|omdat");

  /** Words that ask and say nothing of what is asked about. */
  private static final Set<String> ASKING =
      Set.of(
          "what",
          "which",
          "who",
          "whom",
          "whose",
          "when",
          "where",
          "why",
          "how",
          "many",
          "much",
          "does",
          "did",
          "do",
          "say",
          "says",
          "said",
          "tell",
          "happen",
          "happened",
          "was",
          "were",
          "welche",
          "welcher",
          "welches",
          "wer",
          "wann",
          "warum",
          "wie",
          "viele",
          "quel",
          "quelle",
          "quels",
          "quand",
          "combien",
          "pourquoi",
          "qu\u00e9",
          "cu\u00e1ndo",
          "cu\u00e1ntos",
          "cu\u00e1l",
          "chi",
          "cosa",
          "quanto",
          "quanti",
          "wat",
          "welke",
          "hoeveel",
          "there");

  private static Pattern phrase(String words) {
    return Pattern.compile(
        "(?<![\\p{L}])(" + words + ")(?![\\p{L}])",
        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  static Question of(String text, List<Tongue> tongues) {
    Map<String, String> words = new LinkedHashMap<>();
    for (Tongue tongue : tongues) {
      for (Span span : tongue.words(text, 0, text.length())) {
        String word = text.substring(span.start(), span.end());
        String low = word.toLowerCase(Locale.ROOT);
        boolean says =
            Character.isLetterOrDigit(word.codePointAt(0))
                && !ASKING.contains(low)
                && tongues.stream().noneMatch(each -> each.stop(low));
        if (says) {
          words.putIfAbsent(tongue.stem(word), word);
        }
      }
    }
    return new Question(words, kind(text));
  }

  private static Kind kind(String text) {
    if (WHY.matcher(text).find()) {
      return Kind.WHY;
    } else if (COUNT.matcher(text).find()) {
      return Kind.COUNT;
    } else if (TIME.matcher(text).find()) {
      return Kind.TIME;
    }
    return WHO.matcher(text).find() ? Kind.WHO : Kind.ANY;
  }

  /** Whether a sentence has what this kind of question wants. */
  boolean suits(Sentence sentence, String words, Tongue tongue) {
    return switch (kind) {
      case ANY -> false;
      case COUNT -> number(sentence);
      case TIME ->
          sentence.tokens().stream()
              .anyMatch(t -> tongue.dates(t.surface()) || t.surface().matches("1\\d{3}|20\\d{2}"));
      case WHO -> sentence.tokens().stream().anyMatch(t -> t.tag().equals("PROPN") || t.noun());
      case WHY -> REASON.matcher(words).find();
    };
  }

  private static boolean number(Sentence sentence) {
    for (Token token : sentence.tokens()) {
      if (Character.isDigit(token.surface().charAt(0)) || token.tag().equals("NUM")) {
        return true;
      }
    }
    return false;
  }
}
