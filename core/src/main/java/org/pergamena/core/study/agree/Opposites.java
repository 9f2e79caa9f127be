package org.pergamena.core.study.agree;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.GZIPInputStream;

/** Which English words mean the opposite of each other, in whatever form (WordNet 3.1, 2011). */
final class Opposites {
  private static final Set<String> PAIRS = new HashSet<>();
  private static final Map<String, String> IRREGULAR = new HashMap<>();
  private static final List<String> NOT = List.of("un", "in", "im", "il", "ir", "non", "dis");
  private static final int SHORTEST = 4;

  static {
    lines("opposites.txt.gz").forEach(PAIRS::add);
    for (String line : lines("irregular.txt.gz")) {
      int space = line.indexOf(' ');
      IRREGULAR.put(line.substring(0, space), line.substring(space + 1));
    }
  }

  private Opposites() {}

  private static List<String> lines(String name) {
    try (InputStream in = Opposites.class.getResourceAsStream(name)) {
      byte[] all = new GZIPInputStream(in).readAllBytes();
      return new String(all, StandardCharsets.UTF_8).lines().toList();
    } catch (IOException e) {
      throw new UncheckedIOException("The list " + name + " cannot be read.", e);
    }
  }

  /** Whether two words are opposites. */
  static boolean are(String one, String other) {
    for (String first : forms(one)) {
      for (String second : forms(other)) {
        String pair = first.compareTo(second) < 0 ? first + " " + second : second + " " + first;
        if (PAIRS.contains(pair) || denies(first, second) || denies(second, first)) {
          return true;
        }
      }
    }
    return false;
  }

  private static boolean denies(String longer, String word) {
    return word.length() >= SHORTEST
        && NOT.stream()
            .anyMatch(not -> longer.equals(not + word) || longer.equals(not + "-" + word));
  }

  /** The word as it is written, and what it may be a form of. */
  static Set<String> forms(String word) {
    String low = word.toLowerCase(Locale.ROOT);
    Set<String> forms = new HashSet<>(List.of(low));
    if (IRREGULAR.containsKey(low)) {
      forms.add(IRREGULAR.get(low));
    }
    for (String ending : List.of("s", "es", "ed", "d", "ing", "er", "est", "r", "st", "ly")) {
      if (low.endsWith(ending) && low.length() - ending.length() >= 3) {
        String base = low.substring(0, low.length() - ending.length());
        forms.addAll(bases(base, ending));
      }
    }
    return forms;
  }

  private static List<String> bases(String base, String ending) {
    List<String> bases = new ArrayList<>(List.of(base));
    int last = base.length() - 1;
    boolean doubled = last > 1 && base.charAt(last) == base.charAt(last - 1);
    if (doubled && !ending.equals("s")) {
      bases.add(base.substring(0, last));
    }
    if (base.endsWith("i")) {
      bases.add(base.substring(0, last) + "y");
    }
    if (ending.equals("ing") || ending.equals("ed")) {
      bases.add(base + "e");
    }
    return bases;
  }

  /** The base that an irregular form has; the word itself if it has none. */
  static String base(String word) {
    String low = word.toLowerCase(Locale.ROOT);
    return IRREGULAR.getOrDefault(low, low);
  }
}
