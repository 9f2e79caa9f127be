package org.pergamena.core.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Somebody who made a work, or a body that did.
 *
 * @param family empty for a body
 * @param given may be empty
 * @param literal the name of a body, or a name that was not divided; empty for a person
 */
public record Person(String family, String given, String literal) {
  private static final String AND = "\\s+(?:and|&|und|et|y|e|en)\\s+";
  private static final Set<String> PARTICLES =
      Set.of(
          "van", "von", "de", "der", "den", "du", "la", "le", "di", "da", "dos", "ter", "ten", "zu",
          "af", "al");
  private static final Set<String> BODIES =
      Set.of(
          "committee",
          "group",
          "council",
          "society",
          "institute",
          "university",
          "agency",
          "department",
          "ministry",
          "office",
          "trust",
          "association",
          "foundation",
          "board",
          "commission",
          "centre",
          "center",
          "company",
          "project",
          "team",
          "press",
          "museum",
          "library",
          "the",
          "of");

  public Person {
    family = family.strip();
    given = given.strip();
    literal = literal.strip();
  }

  /** A body, or a name that stays as it is. */
  public static Person body(String name) {
    return new Person("", "", name);
  }

  /**
   * Reads names as a person writes them, apart by semicolons, line ends or <em>and</em>: {@code
   * Kest, Wenna; Jory Pell; {Ferrow Harbour Committee}}. Names in braces, of one word, or that hold
   * a word for a body, are not divided.
   */
  public static List<Person> read(String names) {
    return Arrays.stream(names.split("[;\\n]|" + AND + "(?![^{]*\\})"))
        .map(String::strip)
        .filter(name -> !name.isEmpty())
        .map(Person::one)
        .toList();
  }

  /** Reads one name, which is that of a body if it joins words by <em>and</em>. */
  public static Person one(String name) {
    if (name.startsWith("{") && name.endsWith("}")) {
      return body(name.substring(1, name.length() - 1));
    }
    int comma = name.indexOf(',');
    if (comma > 0) {
      return new Person(name.substring(0, comma), name.substring(comma + 1), "");
    }
    List<String> words = new ArrayList<>(Arrays.asList(name.split("\\s+")));
    boolean body =
        name.matches(".*" + AND + ".*")
            || words.stream().anyMatch(word -> BODIES.contains(lower(word)));
    if (words.size() == 1 || words.size() > 5 || body) {
      return body(name);
    }
    int last = words.size() - 1;
    while (last > 1 && PARTICLES.contains(words.get(last - 1))) {
      last--;
    }
    return new Person(
        String.join(" ", words.subList(last, words.size())),
        String.join(" ", words.subList(0, last)),
        "");
  }

  private static String lower(String word) {
    return word.toLowerCase(java.util.Locale.ROOT);
  }

  /** As it is read again: {@code Kest, Wenna}, or a body in braces. */
  public String written() {
    if (!literal.isEmpty()) {
      return "{" + literal + "}";
    }
    return family + ", " + given;
  }

  /** As it is said: {@code Wenna Kest}. */
  public String said() {
    return literal.isEmpty() ? (given + " " + family).strip() : literal;
  }

  /** What it is filed under. */
  public String filed() {
    return literal.isEmpty() ? family : literal;
  }

  /** Several as they are read again. */
  public static String written(List<Person> people) {
    return people.stream().map(Person::written).collect(Collectors.joining("; "));
  }
}
