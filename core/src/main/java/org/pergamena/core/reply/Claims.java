package org.pergamena.core.reply;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;

/** Numbers and names that stand in no source, which are what an assistant makes up unseen. */
final class Claims {
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,\\u00a0\\u202f]\\d+){0,60}");
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}'\\u2019-]{3,}");
  private static final Pattern SENTENCE = Pattern.compile("(?<=[.!?:;\\n(\u201c\"])\\s*");

  private static final int SMALL = 4;

  private final Set<String> numbers = new HashSet<>();
  private final Set<String> words = new HashSet<>();
  private final boolean named;

  Claims(Collection<Analysed> sources) {
    for (Analysed source : sources) {
      String text = source.source().text().text();
      Matcher number = NUMBER.matcher(text);
      while (number.find()) {
        numbers.add(plain(number.group()));
      }
      Matcher word = WORD.matcher(text);
      while (word.find()) {
        words.add(low(word.group()));
      }
    }
    this.named = sources.stream().noneMatch(each -> each.tongue().capitalisesNouns());
  }

  private static String plain(String number) {
    String whole = number.replaceAll("[.,\\u00a0\\u202f](?=\\d{3}(?!\\d))", "");
    return whole.replace(',', '.').replaceAll("^0+(?=\\d)", "");
  }

  private static String low(String word) {
    return word.toLowerCase(Locale.ROOT).replaceAll("['\u2019]s?$", "");
  }

  /** Those of a label and what is said of it, each once; none if there is no source. */
  List<String> unknown(String label, String said) {
    Set<String> unknown = new LinkedHashSet<>();
    if (words.isEmpty()) {
      return List.of();
    }
    Matcher number = NUMBER.matcher(label + "\n" + said);
    while (number.find()) {
      if (!numbers.contains(plain(number.group()))) {
        unknown.add(number.group());
      }
    }
    if (named) {
      if (titled(label)) {
        rows(label, unknown);
      } else {
        names(label, unknown);
      }
      names(said, unknown);
    }
    return List.copyOf(unknown);
  }

  /** Whether all longer words of a label begin with a capital, for its being a label. */
  private static boolean titled(String label) {
    return words(label).stream()
        .noneMatch(word -> word.length() >= SMALL && Character.isLowerCase(word.charAt(0)));
  }

  /** Names after the first word of a sentence, whose capital says nothing. */
  private void names(String text, Set<String> unknown) {
    for (String sentence : SENTENCE.split(text)) {
      List<String> all = words(sentence);
      for (int i = 1; i < all.size(); i++) {
        if (strange(all.get(i))) {
          unknown.add(all.get(i));
        }
      }
    }
  }

  /** In a label all of whose words may have capitals, several strange ones in a row are a name. */
  private void rows(String label, Set<String> unknown) {
    List<String> all = words(label);
    for (int i = 1; i + 1 < all.size(); i++) {
      if (strange(all.get(i)) && strange(all.get(i + 1))) {
        unknown.add(all.get(i));
        unknown.add(all.get(i + 1));
      }
    }
  }

  private static List<String> words(String text) {
    return WORD.matcher(text).results().map(MatchResult::group).toList();
  }

  private boolean strange(String word) {
    return Character.isUpperCase(word.charAt(0)) && !words.contains(low(word));
  }
}
