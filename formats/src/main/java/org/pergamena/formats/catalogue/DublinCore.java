package org.pergamena.formats.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** A record of simple Dublin Core (ISO 15836) as a reference. */
final class DublinCore {
  private DublinCore() {}

  static Reference read(Element record) {
    Map<Field, String> fields = new EnumMap<>(Field.class);
    Map<Role, List<Person>> people = new EnumMap<>(Role.class);
    WorkType type = WorkType.DOCUMENT;
    List<String> subjects = new ArrayList<>();
    for (Node node = record.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        String words = element.getTextContent().strip();
        switch (element.getLocalName()) {
          case "title" -> fields.putIfAbsent(Field.TITLE, words);
          case "creator" -> person(people, Role.AUTHOR, words);
          case "contributor" -> person(people, Role.EDITOR, words);
          case "publisher" -> fields.putIfAbsent(Field.PUBLISHER, words);
          case "date" -> fields.putIfAbsent(Field.ISSUED, words);
          case "language" -> fields.putIfAbsent(Field.LANGUAGE, words);
          case "source" -> fields.putIfAbsent(Field.CONTAINER, words);
          case "description" -> fields.putIfAbsent(Field.ABSTRACT, words);
          case "subject" -> subjects.add(words);
          case "identifier" -> identifier(fields, words);
          case "type" -> type = type == WorkType.DOCUMENT ? type(words) : type;
          default -> {
            // says nothing that is cited
          }
        }
      }
    }
    fields.put(Field.SUBJECT, String.join("; ", subjects));
    return new Reference(type, people, fields);
  }

  private static void person(Map<Role, List<Person>> people, Role role, String words) {
    for (String name : words.split(";")) {
      String bare = name.strip().replaceFirst(",?\\s*\\d{4}-(\\d{4})?\\.?$", "");
      if (!bare.isEmpty()) {
        people.computeIfAbsent(role, r -> new ArrayList<>()).add(Person.one(bare));
      }
    }
  }

  private static void identifier(Map<Field, String> fields, String words) {
    String bare = words.replaceFirst("(?i)^(urn:)?(isbn|issn|doi)[:\\s]*", "");
    String low = words.toLowerCase(Locale.ROOT);
    if (low.contains("isbn")) {
      fields.putIfAbsent(Field.ISBN, bare);
    } else if (low.contains("issn")) {
      fields.putIfAbsent(Field.ISSN, bare);
    } else if (bare.startsWith("10.")) {
      fields.putIfAbsent(Field.DOI, bare);
    } else if (low.startsWith("http")) {
      fields.putIfAbsent(Field.URL, words);
    }
  }

  private static WorkType type(String words) {
    String low = words.toLowerCase(Locale.ROOT);
    for (WorkType type : WorkType.values()) {
      if (low.equals(type.csl()) || low.equals(type.word())) {
        return type;
      }
    }
    return low.contains("article")
        ? WorkType.ARTICLE
        : low.contains("book") ? WorkType.BOOK : WorkType.DOCUMENT;
  }
}
