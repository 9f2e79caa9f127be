package org.pergamena.core.reference;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a file lets one guess of its work. */
public final class Guess {
  private static final int LOOKED_AT = 6000;
  private static final Pattern DOI =
      Pattern.compile("\\b10\\.\\d{4,9}/[^\\s\"<>\u201d\u2019]{2,80}");
  private static final Pattern ISBN =
      Pattern.compile("ISBN(?:-1[03])?:?\\s*((?:\\d[\\s-]?){9,12}[\\dXx])");

  private Guess() {}

  /**
   * What a file says of itself.
   *
   * @param author as it is written there; may be empty
   * @param dated as it is written there; may be empty
   * @param type what kind of work such files mostly are
   * @param address where it was fetched from, or empty
   * @param read the day on which it came
   * @param beginning how its text begins
   */
  public record Said(
      String title,
      String author,
      String dated,
      WorkType type,
      String address,
      When read,
      String beginning) {}

  /** The reference that can be made of it; all of it may be corrected by hand. */
  public static Reference of(Said said) {
    Map<Field, String> fields = new EnumMap<>(Field.class);
    fields.put(Field.TITLE, said.title());
    fields.put(Field.ISSUED, said.dated());
    if (!said.address().isEmpty()) {
      fields.put(Field.URL, said.address());
      fields.put(Field.ACCESSED, said.read().iso());
    }
    String beginning =
        said.beginning().substring(0, Math.min(LOOKED_AT, said.beginning().length()));
    Matcher doi = DOI.matcher(beginning);
    if (doi.find()) {
      fields.put(Field.DOI, doi.group().replaceFirst("[.,;:)\\]]+$", ""));
    }
    Matcher isbn = ISBN.matcher(beginning);
    if (isbn.find() && soundIsbn(isbn.group(1))) {
      fields.put(Field.ISBN, isbn.group(1).strip());
    }
    List<Person> authors = Person.read(said.author());
    return new Reference(
        type(said), authors.isEmpty() ? Map.of() : Map.of(Role.AUTHOR, authors), fields);
  }

  private static WorkType type(Said said) {
    String title = said.title().toLowerCase(java.util.Locale.ROOT);
    if (said.type() == WorkType.DOCUMENT || said.type() == WorkType.SPEECH) {
      if (title.contains("interview")) {
        return WorkType.INTERVIEW;
      } else if (title.contains("thesis") || title.contains("dissertation")) {
        return WorkType.THESIS;
      } else if (title.matches(".*\\b(report|survey)\\b.*")) {
        return WorkType.REPORT;
      } else if (title.matches(".*\\b(lecture|talk|speech|address)\\b.*")) {
        return WorkType.SPEECH;
      }
    }
    return said.type();
  }

  /** Whether a number has the check digit of an ISBN of 10 or 13 digits (ISO 2108). */
  public static boolean soundIsbn(String number) {
    String digits = number.replaceAll("[^0-9Xx]", "");
    int sum = 0;
    if (digits.length() == 10) {
      for (int i = 0; i < 10; i++) {
        int digit = Character.toUpperCase(digits.charAt(i)) == 'X' ? 10 : digits.charAt(i) - '0';
        sum += digit * (10 - i);
      }
      return sum % 11 == 0;
    }
    for (int i = 0; i < digits.length(); i++) {
      sum += (digits.charAt(i) - '0') * (i % 2 == 0 ? 1 : 3);
    }
    return digits.length() == 13 && sum % 10 == 0;
  }
}
