package org.pergamena.core.study.figure;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * A unit of measure.
 *
 * @param symbol as it is shown
 * @param factor how much of the first unit of its kind it is (of the SI where there is one)
 * @param kind what it measures; only units of the same kind can be compared
 */
public record Unit(String symbol, double factor, String kind) {
  /** What has no unit. */
  public static final Unit NONE = new Unit("", 1, "");

  /** Parts of a whole. */
  static final Unit SHARE = new Unit("%", 1, "share");

  private static final Map<String, Unit> KNOWN = load();

  private static Map<String, Unit> load() {
    Map<String, Unit> known = new HashMap<>();
    try (var in =
        new BufferedReader(
            new InputStreamReader(
                Unit.class.getResourceAsStream("units.tsv"), StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String[] parts = line.split("\t");
        Unit unit = new Unit(parts[0], Double.parseDouble(parts[1]), parts[2]);
        for (String name : parts[3].split("\\|")) {
          known.put(name.replace('_', ' '), unit);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The units cannot be read.", e);
    }
    return known;
  }

  /** The unit that is called so; null for none. */
  static Unit named(String word) {
    return KNOWN.get(word.toLowerCase(Locale.ROOT));
  }

  /** Whether it is money. */
  boolean money() {
    return kind.equals("pound") || kind.equals("euro") || kind.equals("dollar");
  }
}
