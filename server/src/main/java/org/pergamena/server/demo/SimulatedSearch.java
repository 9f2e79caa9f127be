package org.pergamena.server.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;

/** As much of CQL 1.2 as a small catalogue needs: clauses of an index, joined by and. */
final class SimulatedSearch {
  private static final Pattern CLAUSE =
      Pattern.compile("([a-z]+\\.[a-z]+)\\s*(=|all|any|exact)\\s*\"([^\"]*)\"");
  private static final Pattern PROVOKED = Pattern.compile("x-(delay-\\d+|fail|garbled|dc)");

  private SimulatedSearch() {}

  /** An index, a relation and the words that are sought. */
  record Clause(String index, boolean any, List<String> words) {
    boolean holds(Reference work) {
      String text = fold(text(work));
      return words.isEmpty()
          || (any
              ? words.stream().anyMatch(text::contains)
              : words.stream().allMatch(text::contains));
    }

    private String text(Reference work) {
      return switch (index) {
        case "dc.title" -> work.get(Field.TITLE) + " " + work.get(Field.CONTAINER);
        case "dc.creator" ->
            String.join(
                " ",
                work.people().values().stream().flatMap(List::stream).map(Person::said).toList());
        case "bath.isbn" -> work.get(Field.ISBN).replaceAll("[^0-9Xx]", "");
        case "dc.subject" -> work.get(Field.SUBJECT);
        case "dc.language" -> work.get(Field.LANGUAGE) + " " + language(work.get(Field.LANGUAGE));
        case "dc.type" -> work.type().csl();
        default -> "";
      };
    }

    private static String language(String code) {
      return Arrays.stream(Locale.getISOLanguages())
          .map(Locale::forLanguageTag)
          .filter(known -> code.equals(known.getLanguage()) || code.equals(known.getISO3Language()))
          .map(known -> known.getDisplayLanguage(Locale.ENGLISH))
          .collect(Collectors.joining(" "));
    }
  }

  /** The clauses of a query; none if it cannot be read. */
  static List<Clause> read(String query) {
    List<Clause> clauses = new ArrayList<>();
    int at = 0;
    Matcher clause = CLAUSE.matcher(query);
    while (clause.find()) {
      String between = query.substring(at, clause.start()).strip();
      if (!between.equals(clauses.isEmpty() ? "" : "and")) {
        return List.of();
      }
      String words = PROVOKED.matcher(fold(clause.group(3))).replaceAll(" ");
      clauses.add(
          new Clause(
              clause.group(1),
              clause.group(2).equals("any"),
              Arrays.stream(words.strip().split("\\s+")).filter(w -> !w.isEmpty()).toList()));
      at = clause.end();
    }
    return query.substring(at).isBlank() ? clauses : List.of();
  }

  private static String fold(String words) {
    return words.toLowerCase(Locale.ROOT);
  }
}
