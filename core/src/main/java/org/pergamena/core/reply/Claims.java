package org.pergamena.core.reply;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pergamena.core.distil.text.Analysed;

/** Numbers and names that stand in no source, which are what an assistant makes up unseen. */
final class Claims {
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,\\u00a0\\u202f]\\d+)*");
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
      names(titled(label) ? said : label + "\n" + said, unknown);
    }
    return List.copyOf(unknown);
  }

  /** Whether all longer words of a label begin with a capital, for its being a label. */
  private static boolean titled(String label) {
    return WORD.matcher(label)
        .results()
        .map(word -> word.group())
        .noneMatch(word -> word.length() >= SMALL && Character.isLowerCase(word.charAt(0)));
  }

  private void names(String text, Set<String> unknown) {
    for (String sentence : SENTENCE.split(text)) {
      Matcher word = WORD.matcher(sentence);
      boolean first = true;
      while (word.find()) {
        boolean capital = Character.isUpperCase(word.group().charAt(0));
        if (capital && !first && !words.contains(low(word.group()))) {
          unknown.add(word.group());
        }
        first = false;
      }
    }
  }
}
