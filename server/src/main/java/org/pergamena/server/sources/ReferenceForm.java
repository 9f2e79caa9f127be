package org.pergamena.server.sources;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;

/**
 * What is known of a work, as a person fills it in.
 *
 * @param people by what they did, apart by semicolons, as {@code Kest, Wenna; {Harbour Committee}}
 */
public record ReferenceForm(
    @NotNull WorkType type,
    @NotNull Map<Role, @NotNull @Size(max = 4000) String> people,
    @NotNull Map<Field, @NotNull @Size(max = 4000) String> fields) {

  /** A reference as it is filled in. */
  public static ReferenceForm of(Reference reference) {
    Map<Role, String> people = new EnumMap<>(Role.class);
    reference.people().forEach((role, who) -> people.put(role, Person.written(who)));
    return new ReferenceForm(reference.type(), people, new EnumMap<>(fields(reference)));
  }

  private static Map<Field, String> fields(Reference reference) {
    Map<Field, String> fields = new EnumMap<>(Field.class);
    fields.putAll(reference.fields());
    return fields;
  }

  /** What it says. */
  public Reference reference() {
    Map<Role, List<Person>> who = new EnumMap<>(Role.class);
    people.forEach((role, names) -> who.put(role, Person.read(names)));
    return new Reference(type, who, fields);
  }
}
