package org.pergamena.core.language;

import com.ibm.icu.util.ULocale;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Countries and languages as a language writes them with capitals (CLDR, by ICU), for text that was
 * written down without any.
 */
final class PlaceNames {
  /** Words that are often something else. */
  private static final Set<String> OTHERWISE =
      Set.of("polish", "turkey", "china", "chad", "jordan", "man", "mali", "jersey", "guinea");

  private static final Map<String, PlaceNames> KNOWN = new ConcurrentHashMap<>();

  private final Set<String> names = new HashSet<>();

  private PlaceNames(String language) {
    ULocale in = ULocale.forLocale(Locale.forLanguageTag(language));
    for (String country : ULocale.getISOCountries()) {
      add(new ULocale("und", country).getDisplayCountry(in));
    }
    for (String other : ULocale.getISOLanguages()) {
      if (other.length() == 2) {
        add(new ULocale(other).getDisplayLanguage(in));
      }
    }
  }

  /** Those of a language, by its code in ISO 639-3. */
  static PlaceNames in(String language) {
    return KNOWN.computeIfAbsent(language, PlaceNames::new);
  }

  private void add(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    boolean few = name.indexOf(' ') == name.lastIndexOf(' ');
    if (few && Character.isUpperCase(name.charAt(0)) && !OTHERWISE.contains(lower)) {
      names.add(lower);
    }
  }

  /** Whether a word, or two with a blank between, in lower case is such a name. */
  boolean has(String words) {
    return names.contains(words);
  }
}
