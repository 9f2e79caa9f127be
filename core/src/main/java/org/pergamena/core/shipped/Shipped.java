package org.pergamena.core.shipped;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.zip.GZIPInputStream;

/**
 * Things that ship in a packed file: a line for each, its name first, with tabs between the parts.
 *
 * @param <T> what a thing is
 */
public final class Shipped<T> {
  private record Found<T>(String words, T thing) {}

  private final Map<String, Found<T>> all = new LinkedHashMap<>();

  /**
   * Reads a file beside a class.
   *
   * @param words those by which a thing is found, with blanks between
   * @param thing what the parts of a line say
   */
  public Shipped(
      Class<?> owner, String file, Function<String[], String> words, Function<String[], T> thing) {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(owner.getResourceAsStream(file)), StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] parts = line.split("\t");
        all.put(parts[0], new Found<>(" " + words.apply(parts), thing.apply(parts)));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("What ships with the application is damaged: " + file, e);
    }
  }

  /** A thing by its name. */
  public Optional<T> of(String name) {
    return Optional.ofNullable(all.get(name)).map(Found::thing);
  }

  /** Those of which each word of a search begins a word, the shortest names first. */
  public <R> List<R> search(String words, int most, BiFunction<String, T, R> result) {
    String[] wanted = words.strip().toLowerCase(Locale.ROOT).split("\\s+");
    List<String> names = new ArrayList<>();
    all.forEach(
        (name, found) -> {
          boolean every = true;
          for (String word : wanted) {
            every &= found.words().contains(" " + word);
          }
          if (every) {
            names.add(name);
          }
        });
    names.sort(Comparator.comparingInt(String::length));
    return names.stream().limit(most).map(n -> result.apply(n, all.get(n).thing())).toList();
  }
}
