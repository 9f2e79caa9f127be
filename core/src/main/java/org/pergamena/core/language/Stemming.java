package org.pergamena.core.language;

import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import opennlp.tools.stemmer.PorterStemmer;
import org.apache.lucene.analysis.CharArraySet;
import org.apache.lucene.analysis.ca.CatalanAnalyzer;
import org.apache.lucene.analysis.da.DanishAnalyzer;
import org.apache.lucene.analysis.fi.FinnishAnalyzer;
import org.apache.lucene.analysis.hu.HungarianAnalyzer;
import org.apache.lucene.analysis.no.NorwegianAnalyzer;
import org.apache.lucene.analysis.ro.RomanianAnalyzer;
import org.apache.lucene.analysis.ru.RussianAnalyzer;
import org.apache.lucene.analysis.sv.SwedishAnalyzer;
import org.apache.lucene.analysis.tr.TurkishAnalyzer;
import org.tartarus.snowball.SnowballStemmer;
import org.tartarus.snowball.ext.CatalanStemmer;
import org.tartarus.snowball.ext.DanishStemmer;
import org.tartarus.snowball.ext.DutchStemmer;
import org.tartarus.snowball.ext.FinnishStemmer;
import org.tartarus.snowball.ext.FrenchStemmer;
import org.tartarus.snowball.ext.German2Stemmer;
import org.tartarus.snowball.ext.HungarianStemmer;
import org.tartarus.snowball.ext.ItalianStemmer;
import org.tartarus.snowball.ext.NorwegianStemmer;
import org.tartarus.snowball.ext.PortugueseStemmer;
import org.tartarus.snowball.ext.RomanianStemmer;
import org.tartarus.snowball.ext.RussianStemmer;
import org.tartarus.snowball.ext.SpanishStemmer;
import org.tartarus.snowball.ext.SwedishStemmer;
import org.tartarus.snowball.ext.TurkishStemmer;

/** Lucene's stemmers and, for languages without word lists of our own, its stop words. */
final class Stemming {
  private static final Map<String, Supplier<SnowballStemmer>> STEMMERS =
      Map.ofEntries(
          Map.entry("cat", CatalanStemmer::new),
          Map.entry("dan", DanishStemmer::new),
          Map.entry("deu", German2Stemmer::new),
          Map.entry("fin", FinnishStemmer::new),
          Map.entry("fra", FrenchStemmer::new),
          Map.entry("hun", HungarianStemmer::new),
          Map.entry("ita", ItalianStemmer::new),
          Map.entry("nld", DutchStemmer::new),
          Map.entry("nob", NorwegianStemmer::new),
          Map.entry("por", PortugueseStemmer::new),
          Map.entry("ron", RomanianStemmer::new),
          Map.entry("rus", RussianStemmer::new),
          Map.entry("spa", SpanishStemmer::new),
          Map.entry("swe", SwedishStemmer::new),
          Map.entry("tur", TurkishStemmer::new));
  private static final Map<String, Supplier<CharArraySet>> STOPS =
      Map.of(
          "cat", CatalanAnalyzer::getDefaultStopSet,
          "dan", DanishAnalyzer::getDefaultStopSet,
          "fin", FinnishAnalyzer::getDefaultStopSet,
          "hun", HungarianAnalyzer::getDefaultStopSet,
          "nob", NorwegianAnalyzer::getDefaultStopSet,
          "ron", RomanianAnalyzer::getDefaultStopSet,
          "rus", RussianAnalyzer::getDefaultStopSet,
          "swe", SwedishAnalyzer::getDefaultStopSet,
          "tur", TurkishAnalyzer::getDefaultStopSet);

  private Stemming() {}

  /** What takes words in lower case to their stems; not for several threads at once. */
  static UnaryOperator<String> of(String language) {
    if (language.equals("eng")) {
      return new PorterStemmer()::stem;
    }
    Supplier<SnowballStemmer> known = STEMMERS.get(language);
    if (known == null) {
      return word -> word;
    }
    SnowballStemmer stemmer = known.get();
    return word -> {
      stemmer.setCurrent(word);
      stemmer.stem();
      return stemmer.getCurrent();
    };
  }

  /** Stop words in lower case, none if Lucene has none that are known here. */
  static Set<String> stops(String language) {
    Set<String> words = new TreeSet<>();
    Supplier<CharArraySet> known = STOPS.get(language);
    if (known != null) {
      known.get().forEach(word -> words.add(new String((char[]) word)));
    }
    return Set.copyOf(words);
  }
}
