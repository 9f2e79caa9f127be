package org.pergamena.core.language;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collections;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import opennlp.tools.langdetect.LanguageDetectorME;
import opennlp.tools.langdetect.LanguageDetectorModel;

/** Tells the language of a text, by OpenNLP's model of 183 languages. */
public final class Language {
  private static final int SAMPLE = 3000;
  private static final int LEAST = 40;

  /** Of fewer letters than this the likeliest language must be so much likelier than the next. */
  private static final int ENOUGH = 750;

  private static final double SURE = 1.3;
  private static final Map<String, String> NAMES = Collections.unmodifiableMap(known());

  private Language() {}

  private static final class Model {
    static final LanguageDetectorModel MODEL = load();

    private static LanguageDetectorModel load() {
      String place = "/langdetect-183.bin";
      try (var in = Language.class.getResourceAsStream(place)) {
        return new LanguageDetectorModel(in);
      } catch (IOException e) {
        throw new UncheckedIOException("The model of languages is missing.", e);
      }
    }
  }

  /**
   * The language of a text.
   *
   * @return its ISO 639-3 code, or an empty text if there are too few words to tell
   */
  public static String of(String text) {
    String sample = sample(text);
    if (sample.length() < LEAST) {
      return "";
    }
    var likely = new LanguageDetectorME(Model.MODEL).predictLanguages(sample);
    double ahead = likely[0].getConfidence() / likely[1].getConfidence();
    return sample.length() < ENOUGH && ahead < SURE ? "" : likely[0].getLang();
  }

  /** The names in English of the languages that have one, by their codes. */
  public static Map<String, String> names() {
    return NAMES;
  }

  /** A language's name in English; the code itself if it is not known, empty for none. */
  public static String name(String code) {
    return NAMES.getOrDefault(code, code);
  }

  /** A piece from the middle of the text, where its body is. */
  private static String sample(String text) {
    int from = Math.max(0, text.length() / 2 - SAMPLE / 2);
    String piece = text.substring(from, Math.min(text.length(), from + SAMPLE));
    return piece.replaceAll("[^\\p{L}\\p{M}' ]+", " ").replaceAll("\\s+", " ").strip();
  }

  private static Map<String, String> known() {
    Map<String, String> names = new HashMap<>();
    for (String two : Locale.getISOLanguages()) {
      Locale locale = Locale.forLanguageTag(two);
      names.putIfAbsent(locale.getISO3Language(), locale.getDisplayLanguage(Locale.ENGLISH));
    }
    names.put("cmn", "Chinese");
    names.put("ekk", "Estonian");
    names.put("lvs", "Latvian");
    names.put("pes", "Persian");
    names.put("zlm", "Malay");
    return names;
  }
}
