package org.pergamena.core.study.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;

/**
 * A search string for catalogues: the fields of a question joined by AND, the words for each by OR,
 * a phrase in quotes, a word that the sources have in several forms cut with a star.
 */
public final class SearchString {
  private static final int SHORTEST_CUT = 4;

  /** More words, or such as any text has, are no phrase that a catalogue would find. */
  private static final int LONGEST_PHRASE = 3;

  private final Map<String, Set<String>> forms = new HashMap<>();
  private final Tongue tongue;

  /** For sources whose words are known. */
  public SearchString(Collection<Analysed> texts) {
    this.tongue =
        texts.stream().map(Analysed::tongue).findFirst().orElse(Tongue.of(Tongue.ENGLISH));
    for (Analysed text : texts) {
      text.sentences().stream()
          .flatMap(sentence -> sentence.tokens().stream())
          .filter(Token::content)
          .forEach(
              token ->
                  forms
                      .computeIfAbsent(token.stem(), k -> new HashSet<>())
                      .add(token.surface().toLowerCase(Locale.ROOT)));
    }
  }

  /**
   * The string.
   *
   * @param groups words for the same, group by group
   */
  public String of(List<List<String>> groups) {
    List<String> all = new ArrayList<>();
    for (List<String> group : groups) {
      Set<String> words =
          group.stream()
              .map(this::written)
              .filter(word -> !word.isEmpty())
              .collect(Collectors.toCollection(LinkedHashSet::new));
      if (!words.isEmpty()) {
        String or = String.join(" OR ", words);
        all.add(words.size() > 1 ? "(" + or + ")" : or);
      }
    }
    return String.join(" AND ", all);
  }

  private String written(String term) {
    String plain = term.replaceAll("[\"*()]", " ").strip().replaceAll("\\s+", " ");
    String lower = plain.toLowerCase(Locale.ROOT);
    if (!lower.contains(" ")) {
      return lower.isEmpty() ? "" : word(lower);
    }
    List<String> words = List.of(lower.split(" "));
    List<String> said = words.stream().filter(word -> !tongue.stop(word)).toList();
    if (said.size() == words.size() && words.size() <= LONGEST_PHRASE) {
      return "\"" + lower + "\"";
    }
    List<String> parts = (said.isEmpty() ? words : said).stream().map(this::word).toList();
    return parts.size() == 1 ? parts.get(0) : "(" + String.join(" AND ", parts) + ")";
  }

  /** A word, cut where all its forms in the sources begin alike. */
  private String word(String word) {
    Set<String> several = forms.getOrDefault(tongue.stem(word), Set.of());
    int alike = word.length();
    for (String form : several) {
      int i = 0;
      while (i < Math.min(alike, form.length()) && form.charAt(i) == word.charAt(i)) {
        i++;
      }
      alike = Math.min(alike, i);
    }
    boolean cut = several.size() > 1 && alike >= SHORTEST_CUT;
    return cut ? word.substring(0, alike) + "*" : word;
  }
}
