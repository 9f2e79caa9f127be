package org.pergamena.core.study.agree;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.agree.Agreement.Stated;
import org.pergamena.core.study.people.Speakers;

/** Finds the sentences in which somebody disputes something, by the words that say so. */
public final class Doubting {
  private static final Map<String, Pattern> WORDS =
      Map.of(
          "eng",
          words(
              "disput(?:e|es|ed|ing)|den(?:y|ies|ied)|doubt(?:s|ed|ful)?|disagree(?:s|d|ment)?"
                  + "|contest(?:s|ed)?|contradict(?:s|ed)?|reject(?:s|ed)?|controversial"
                  + "|(?:not|never|n't) (?:accept|agree|believe|true|right|hold)(?:ed)?"
                  + "|object(?:s|ed) (?:to|that)|oppos(?:e|es|ed)|contrary to|claim(?:s|ed) that"
                  + "|wrongly"),
          "deu",
          words(
              "bestreite[tn]|bestritt(?:en)?|bezweifel[tn]|leugne[tn]|widerspr(?:icht|ach|echen)"
                  + "|umstritten|lehnt(?:e[n]?)? \\p{L}+ ab|zweifel"),
          "fra",
          words("conteste(?:nt|r)?|nie(?:nt)?|doute(?:nt|r)?|contredit|désaccord|rejette"),
          "spa",
          words("disput[ae]n?|niega[n]?|negó|duda[n]?|contradice|rechaz[aó]n?|desacuerdo"),
          "ita",
          words("contesta(?:no)?|nega(?:no)?|dubita(?:no)?|contraddice|respinge|disaccordo"),
          "nld",
          words("betwist(?:en)?|ontken(?:t|de|nen)|twijfel(?:t|en)?|tegenspreekt|omstreden"),
          "por",
          words("contesta[m]?|nega[m]?|duvida[m]?|contradiz|rejeita|desacordo"));

  private static final int MOST = 200;

  private Doubting() {}

  private static Pattern words(String any) {
    return Pattern.compile(
        "(?<!\\p{L})(?:" + any + ")(?!\\p{L})", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /**
   * A sentence in which something is disputed.
   *
   * @param said the words that say so
   */
  public record Doubted(Stated statement, String said) {}

  /** Those of a language, of English where it is not known; null if none are known. */
  private static Pattern wordsOf(String language) {
    return WORDS.get(language.isEmpty() ? Tongue.ENGLISH : language);
  }

  /** The words of a sentence that say that something is disputed; empty if none do. */
  public static String said(String sentence, Tongue tongue) {
    Pattern words = wordsOf(tongue.code());
    Matcher says = words == null ? null : words.matcher(sentence);
    return says != null && says.find() ? says.group().toLowerCase(Locale.ROOT) : "";
  }

  /** Those of texts, in their order. */
  public static List<Doubted> in(Collection<Analysed> texts) {
    List<Doubted> found = new ArrayList<>();
    for (Analysed text : texts) {
      Pattern words = wordsOf(text.source().language());
      if (words != null) {
        read(text, words, found);
      }
    }
    return found;
  }

  private static void read(Analysed text, Pattern words, List<Doubted> found) {
    Map<Integer, String> speakers = null;
    for (int i = 0; i < text.sentences().size() && found.size() < MOST; i++) {
      Passage passage = Passage.of(text.source(), text.sentences().get(i).span());
      Matcher says = words.matcher(passage.exact());
      if (says.find()) {
        // only where somebody disputes something
        speakers = speakers == null ? Speakers.of(text) : speakers;
        String line = passage.line();
        Stated stated = new Stated(Naming.key(line), passage, line, speakers.getOrDefault(i, ""));
        found.add(new Doubted(stated, says.group().toLowerCase(Locale.ROOT)));
      }
    }
  }
}
