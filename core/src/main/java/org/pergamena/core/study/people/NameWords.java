package org.pergamena.core.study.people;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;

/** How a language speaks of people and bodies, and given names of many languages. */
final class NameWords {
  private static final Map<String, NameWords> KNOWN = new ConcurrentHashMap<>();

  private static final Set<String> LANDS =
      Stream.concat(
              Arrays.stream(Locale.getISOCountries())
                  .map(land -> new Locale("", land).getDisplayCountry(Locale.ENGLISH)),
              Stream.of("America", "Europe", "Africa", "Asia", "England", "Scotland", "Wales"))
          .collect(Collectors.toUnmodifiableSet());

  private final Properties words = new Properties();
  private final Map<String, Set<String>> sets = new ConcurrentHashMap<>();

  private static final class Given {
    static final Set<String> NAMES = load();

    private static Set<String> load() {
      try (InputStream in = NameWords.class.getResourceAsStream("given.txt.gz")) {
        String all = new String(new GZIPInputStream(in).readAllBytes(), StandardCharsets.UTF_8);
        return all.lines().collect(Collectors.toUnmodifiableSet());
      } catch (IOException e) {
        throw new UncheckedIOException("The given names cannot be read.", e);
      }
    }
  }

  private NameWords(String code) {
    try (InputStream in = NameWords.class.getResourceAsStream(code + ".properties")) {
      if (in != null) {
        words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The names of " + code + " cannot be read.", e);
    }
  }

  static NameWords of(String code) {
    return KNOWN.computeIfAbsent(code, NameWords::new);
  }

  private boolean has(String key, String word) {
    return sets.computeIfAbsent(key, this::set).contains(word.toLowerCase(Locale.ROOT));
  }

  private Set<String> set(String key) {
    return Arrays.stream(words.getProperty(key, "").strip().split("\\s+"))
        .map(each -> each.replace('_', ' '))
        .collect(Collectors.toSet());
  }

  /** Whether a word may stand before a name, as Dr. */
  boolean title(String word) {
    return has("titles", word);
  }

  /** Whether a noun, or two, is what somebody is: the warden, the harbour master. */
  boolean role(String words) {
    return has("roles", words);
  }

  /** Whether a noun is what a body is called. */
  boolean body(String word) {
    return has("bodies", word);
  }

  /** Whether a noun may be what a body is called, and much else. */
  boolean weakBody(String word) {
    return has("weak", word);
  }

  /** Whether a name that ends with a word is that of a company. */
  boolean company(String word) {
    return has("company", word);
  }

  /** Whether a name that begins with a word is that of a body: Friends of the Old Creek. */
  boolean circle(String word) {
    return has("friends", word);
  }

  /** Whether a name with a word is that of a place or a thing. */
  boolean place(String word) {
    return has("places", word) || LANDS.contains(word);
  }

  /** Whether a word before a role tells it from others of the kind, so that it is nobody's own. */
  boolean another(String word) {
    return has("another", word);
  }

  /** Whether a verb is one that people do. */
  boolean speech(String word) {
    return has("speech", word);
  }

  /** Whether a small word may stand within a name. */
  boolean particle(String word) {
    return has("particles", word);
  }

  /** Whether a word, as it is written, is a given name. */
  static boolean given(String word) {
    return Given.NAMES.contains(word);
  }
}
