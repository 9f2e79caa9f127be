package org.pergamena.formats.citation;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.When;
import org.pergamena.core.reference.Work;
import org.pergamena.core.reference.WorkType;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** References as CSL-JSON (CSL 1.0.2, schema {@code csl-data.json}). */
public final class CslJson {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

  private CslJson() {}

  /** One item as JSON. */
  public static String write(String key, Reference reference) {
    return MAPPER.writeValueAsString(item(key, reference));
  }

  /**
   * One item that {@link #write} wrote.
   *
   * @throws IllegalArgumentException if it is no such item
   */
  public static Reference read(String json) {
    try {
      return reference(MAPPER.readValue(json, OBJECT));
    } catch (JacksonException e) {
      throw new IllegalArgumentException("This is no item of CSL-JSON.", e);
    }
  }

  /** Works as an array of items. */
  static String write(List<Work> works) {
    return MAPPER
        .writerWithDefaultPrettyPrinter()
        .writeValueAsString(
            works.stream().map(work -> item(work.key(), work.reference())).toList());
  }

  /** The items of an array, or a single one; those that are no objects are told as faults. */
  static ReferenceList list(String text) {
    List<Work> works = new ArrayList<>();
    List<ReferenceList.EntryFault> faults = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    JsonNode read;
    try {
      read = MAPPER.readTree(text);
    } catch (JacksonException e) {
      int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      String problem = "This is no JSON from here on. Mend it and bring the file again.";
      return new ReferenceList(List.of(), List.of(new ReferenceList.EntryFault(line, problem)));
    }
    int number = 0;
    for (JsonNode each : read.isArray() ? read : List.of(read)) {
      number++;
      Reference reference = each.isObject() ? reference(MAPPER.convertValue(each, OBJECT)) : null;
      if (reference == null || reference.fields().isEmpty() && reference.people().isEmpty()) {
        faults.add(
            new ReferenceList.EntryFault(
                number, "Item " + number + " is no reference of CSL-JSON. It was left out."));
        continue;
      }
      String id = each.path("id").asString("").toLowerCase(Locale.ROOT);
      String key = CitationKey.kept(id, reference, taken);
      taken.add(key);
      works.add(new Work(key, reference));
    }
    return new ReferenceList(works, faults);
  }

  /** An item as an object of JSON. */
  public static Map<String, Object> item(String key, Reference reference) {
    Map<String, Object> item = new LinkedHashMap<>();
    item.put("id", key);
    item.put("type", reference.type().csl());
    for (Role role : Role.values()) {
      List<Person> people = reference.get(role);
      if (!people.isEmpty()) {
        item.put(role.csl(), people.stream().map(CslJson::name).toList());
      }
    }
    for (Field field : Field.values()) {
      String words = reference.get(field);
      if (!words.isEmpty()) {
        item.put(field.csl(), field.dates() ? date(words) : words);
      }
    }
    return item;
  }

  private static Map<String, Object> name(Person person) {
    if (!person.literal().isEmpty()) {
      return Map.of("literal", person.literal());
    }
    Map<String, Object> name = new LinkedHashMap<>();
    name.put("family", person.family());
    if (!person.given().isEmpty()) {
      name.put("given", person.given());
    }
    return name;
  }

  private static Map<String, Object> date(String words) {
    return When.of(words)
        .map(
            when -> {
              List<Integer> parts = new ArrayList<>(List.of(when.year()));
              if (when.month() > 0) {
                parts.add(when.month());
              }
              if (when.day() > 0) {
                parts.add(when.day());
              }
              return Map.<String, Object>of("date-parts", List.of(parts));
            })
        .orElse(Map.of("literal", words));
  }

  /** What an object of JSON says of a work; what it says of other things is left out. */
  public static Reference reference(Map<String, Object> item) {
    Map<Role, List<Person>> people = new EnumMap<>(Role.class);
    for (Role role : Role.values()) {
      if (item.get(role.csl()) instanceof List<?> names) {
        people.put(
            role,
            names.stream()
                .filter(Map.class::isInstance)
                .map(name -> person((Map<?, ?>) name))
                .toList());
      }
    }
    Map<Field, String> fields = new EnumMap<>(Field.class);
    for (Field field : Field.values()) {
      Object value = item.get(field.csl());
      if (value != null) {
        fields.put(field, field.dates() ? dated(value) : words(value));
      }
    }
    event(item, fields);
    Object type = item.get("type");
    return new Reference(WorkType.of(type == null ? null : type.toString()), people, fields);
  }

  /** Older files have the event's title under another name. */
  private static void event(Map<String, Object> item, Map<Field, String> fields) {
    if (item.get("event") instanceof String event) {
      fields.putIfAbsent(Field.EVENT, event);
    }
  }

  private static String words(Object value) {
    String words = value instanceof List<?> ? "" : value.toString();
    return words.replaceAll("</?(?:i|b|sup|sub|span)[^>]*>", "");
  }

  private static Person person(Map<?, ?> name) {
    String literal = part(name, "literal");
    if (!literal.isEmpty()) {
      return Person.body(literal);
    }
    String particle =
        (part(name, "dropping-particle") + " " + part(name, "non-dropping-particle")).strip();
    String family = (particle + " " + part(name, "family")).strip();
    String given = part(name, "given");
    return family.isEmpty() ? Person.body(given) : new Person(family, given, "");
  }

  private static String part(Map<?, ?> name, String key) {
    Object value = name.get(key);
    return value == null ? "" : value.toString().strip();
  }

  private static String dated(Object value) {
    if (value instanceof Map<?, ?> date) {
      if (date.get("date-parts") instanceof List<?> ranges
          && !ranges.isEmpty()
          && ranges.get(0) instanceof List<?> parts) {
        String line =
            parts.stream().map(Object::toString).reduce((one, two) -> one + "-" + two).orElse("");
        return When.of(line).map(When::iso).orElse(line);
      }
      for (String key : List.of("raw", "literal")) {
        if (date.get(key) != null) {
          return iso(date.get(key).toString());
        }
      }
      return "";
    }
    return iso(value.toString());
  }

  private static String iso(String words) {
    String line = words.strip().replaceFirst("/+$", "");
    return When.of(line).map(When::iso).orElse(words);
  }
}
