package org.pergamena.core.reference;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is known of a work.
 *
 * @param people who made it, by what they did; without any where none is known
 * @param fields what is not known is not there; days as in {@link When}
 */
public record Reference(WorkType type, Map<Role, List<Person>> people, Map<Field, String> fields) {
  /** Nothing is known. */
  public static final Reference NONE = new Reference(WorkType.DOCUMENT, Map.of(), Map.of());

  public Reference {
    Map<Role, List<Person>> named = new EnumMap<>(Role.class);
    people.forEach(
        (role, who) -> {
          if (!who.isEmpty()) {
            named.put(role, List.copyOf(who));
          }
        });
    people = Map.copyOf(named);
    Map<Field, String> said = new EnumMap<>(Field.class);
    fields.forEach(
        (field, words) -> {
          if (!words.isBlank()) {
            said.put(field, words.strip().replaceAll("\\s+", " "));
          }
        });
    fields = Map.copyOf(said);
  }

  /** What a field says, empty if nothing. */
  public String get(Field field) {
    return fields.getOrDefault(field, "");
  }

  /** Those who did something for it. */
  public List<Person> get(Role role) {
    return people.getOrDefault(role, List.of());
  }

  /** Those whom it is filed under: its authors, or else its editors. */
  public List<Person> makers() {
    return List.of(Role.AUTHOR, Role.DIRECTOR, Role.EDITOR).stream()
        .map(this::get)
        .filter(who -> !who.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  /** When it is from. */
  public Optional<When> issued() {
    return When.of(get(Field.ISSUED));
  }

  /** The same with another word in a field. */
  public Reference with(Field field, String words) {
    Map<Field, String> changed = new EnumMap<>(Field.class);
    changed.putAll(fields);
    changed.put(field, words);
    return new Reference(type, people, changed);
  }

  /** The same with others in a role. */
  public Reference with(Role role, List<Person> who) {
    Map<Role, List<Person>> changed = new EnumMap<>(Role.class);
    changed.putAll(people);
    changed.put(role, who);
    return new Reference(type, changed, fields);
  }

  /** What another knows of the same work, where this says nothing. */
  public Reference completed(Reference other) {
    Map<Field, String> all = new EnumMap<>(Field.class);
    all.putAll(other.fields);
    all.putAll(fields);
    Map<Role, List<Person>> named = new EnumMap<>(Role.class);
    named.putAll(other.people);
    named.putAll(people);
    return new Reference(type == WorkType.DOCUMENT ? other.type : type, named, all);
  }

  /**
   * Whether two are surely of one work: the same DOI or ISBN, or the same title and year, and no
   * other maker.
   */
  public boolean sameWork(Reference other) {
    for (Field number : List.of(Field.DOI, Field.ISBN)) {
      String own = bare(get(number));
      String others = bare(other.get(number));
      if (!own.isEmpty() && !others.isEmpty()) {
        boolean part = type == WorkType.CHAPTER || other.type == WorkType.CHAPTER;
        if (number == Field.DOI || !part) {
          return own.equals(others);
        }
      }
    }
    String title = bare(get(Field.TITLE));
    return !title.isEmpty()
        && title.equals(bare(other.get(Field.TITLE)))
        && agree(year(), other.year())
        && agree(maker(), other.maker());
  }

  /** What two of one work have in common: one of these at the least. */
  Set<String> marks() {
    Set<String> marks = new HashSet<>();
    for (Field field : List.of(Field.DOI, Field.ISBN, Field.TITLE)) {
      String words = bare(get(field));
      if (!words.isEmpty()) {
        marks.add(field + " " + words);
      }
    }
    return marks;
  }

  private static boolean agree(String one, String other) {
    return one.isEmpty() || other.isEmpty() || one.equals(other);
  }

  private String year() {
    return issued().map(When::year).map(String::valueOf).orElse("");
  }

  private String maker() {
    return makers().isEmpty() ? "" : bare(makers().get(0).filed());
  }

  private static String bare(String words) {
    return words
        .toLowerCase(java.util.Locale.ROOT)
        .replaceFirst("^https?://(dx\\.)?doi\\.org/", "")
        .replaceAll("[^\\p{L}\\p{N}]", "");
  }
}
