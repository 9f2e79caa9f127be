package org.pergamena.core.time;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.language.Tongue;

/** How a language tells time: alternatives of its words as regular expressions. */
final class TimeWords {
  private static final Map<String, TimeWords> KNOWN = new ConcurrentHashMap<>();

  /** A pattern that never matches. */
  static final String NEVER = "(?!)";

  private final Properties words = new Properties();
  private final List<Pattern> months = new ArrayList<>();
  private final List<Pattern> seasons;

  private TimeWords(String code) {
    try (InputStream in = TimeWords.class.getResourceAsStream(code + ".properties")) {
      if (in != null) {
        words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("How " + code + " tells time cannot be read.", e);
    }
    List<String> names = list("months");
    Locale locale = Tongue.of(code).locale();
    for (Month month : Month.values()) {
      String name =
          names.isEmpty()
              ? Pattern.quote(month.getDisplayName(TextStyle.FULL, locale))
                  + "|"
                  + Pattern.quote(month.getDisplayName(TextStyle.FULL_STANDALONE, locale))
              : names.get(month.getValue() - 1);
      months.add(pattern(name));
    }
    seasons = list("seasons").stream().map(TimeWords::pattern).toList();
  }

  static TimeWords of(String code) {
    return KNOWN.computeIfAbsent(code.isEmpty() ? Tongue.ENGLISH : code, TimeWords::new);
  }

  static Pattern pattern(String regex) {
    return Pattern.compile(regex, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** Alternatives; {@link #NEVER} where the language has none. */
  String any(String key) {
    String value = words.getProperty(key, "").strip();
    return value.isEmpty() ? NEVER : value;
  }

  boolean has(String key) {
    return !words.getProperty(key, "").isBlank();
  }

  /** Alternatives one kind after the other. */
  List<String> list(String key) {
    String value = words.getProperty(key, "").strip();
    return value.isEmpty()
        ? List.of()
        : Arrays.stream(value.split("\\s*;\\s*")).map(String::strip).toList();
  }

  /** All months. */
  String month() {
    return months.stream().map(Pattern::pattern).collect(Collectors.joining("|"));
  }

  /** All seasons. */
  String season() {
    return seasons.isEmpty()
        ? NEVER
        : seasons.stream().map(Pattern::pattern).collect(Collectors.joining("|"));
  }

  /** 1 to 12; 0 for no month. */
  int month(String name) {
    return 1 + index(months, name);
  }

  /** 0 spring to 3 winter; -1 for no season. */
  int seasonOf(String name) {
    return index(seasons, name);
  }

  /** Which of some patterns a word is; -1 for none. */
  static int index(List<Pattern> patterns, String word) {
    for (int i = 0; i < patterns.size(); i++) {
      if (patterns.get(i).matcher(word).matches()) {
        return i;
      }
    }
    return -1;
  }

  /** Patterns of alternatives one kind after the other. */
  List<Pattern> patterns(String key) {
    return list(key).stream().map(TimeWords::pattern).toList();
  }
}
