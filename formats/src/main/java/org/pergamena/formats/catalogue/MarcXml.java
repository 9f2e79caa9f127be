package org.pergamena.formats.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** A record of MARC 21 in XML (Library of Congress, MARCXML 1.1) as a reference. */
final class MarcXml {
  private final Element record;

  private MarcXml(Element record) {
    this.record = record;
  }

  static Reference read(Element record) {
    return new MarcXml(record).reference();
  }

  private Reference reference() {
    Map<Field, String> fields = new EnumMap<>(Field.class);
    String title = first("245", "a");
    String rest = first("245", "b");
    fields.put(Field.TITLE, title + (rest.isEmpty() ? "" : ": " + rest));
    fields.put(Field.ISBN, first("020", "a").replaceFirst("\\s.*", ""));
    fields.put(Field.ISSN, either(first("022", "a"), first("773", "x")));
    fields.put(Field.EDITION, first("250", "a"));
    for (String tag : List.of("264", "260")) {
      fields.merge(Field.PLACE, first(tag, "a"), MarcXml::either);
      fields.merge(Field.PUBLISHER, first(tag, "b"), MarcXml::either);
      fields.merge(Field.ISSUED, year(first(tag, "c")), MarcXml::either);
    }
    fields.merge(Field.ISSUED, year(control("008", 7, 11)), MarcXml::either);
    fields.put(Field.LANGUAGE, either(first("041", "a"), control("008", 35, 38)));
    fields.put(Field.CONTAINER, first("773", "t"));
    within(fields, first("773", "g"));
    fields.put(Field.GENRE, first("502", "b"));
    fields.put(Field.ABSTRACT, first("520", "a"));
    fields.put(Field.URL, first("856", "u"));
    fields.put(Field.SUBJECT, String.join("; ", all("650", "a")));
    String doi = first("024", "a");
    fields.put(Field.DOI, doi.startsWith("10.") ? doi : "");
    return new Reference(type(), people(), fields);
  }

  /** Volume, issue and pages, as {@code Vol. 3, no. 2 (2031), p. 11-19}. */
  private static void within(Map<Field, String> fields, String words) {
    for (String part : words.split("[,;(]")) {
      String bare = part.replaceAll("[).]+$", "").strip();
      String number = bare.replaceFirst("^\\D+", "");
      if (bare.matches("(?i)vol.*|v\\..*|bd.*")) {
        fields.put(Field.VOLUME, number);
      } else if (bare.matches("(?i)no.*|nr.*|iss.*|h\\..*")) {
        fields.put(Field.ISSUE, number);
      } else if (bare.matches("(?i)pp?\\.?\\s*\\d.*|s\\.\\s*\\d.*|seiten.*|pages.*")) {
        fields.put(Field.PAGES, number);
      }
    }
  }

  private Map<Role, List<Person>> people() {
    Map<Role, List<Person>> people = new EnumMap<>(Role.class);
    for (String tag : List.of("100", "110", "700", "710")) {
      for (Element field : fields(tag)) {
        String name = clean(subfield(field, "a"));
        if (name.isEmpty()) {
          continue;
        }
        String part =
            (subfield(field, "4") + subfield(field, "e")).toLowerCase(java.util.Locale.ROOT);
        Role role =
            part.contains("edt") || part.contains("editor")
                ? Role.EDITOR
                : part.contains("trl") || part.contains("translator")
                    ? Role.TRANSLATOR
                    : Role.AUTHOR;
        boolean body = tag.endsWith("10");
        Person person = body ? Person.body(name) : Person.read(name.replace(';', ' ')).get(0);
        people.computeIfAbsent(role, r -> new ArrayList<>()).add(person);
      }
    }
    return people;
  }

  private WorkType type() {
    String leader =
        elements(record, "leader").stream().map(Element::getTextContent).findFirst().orElse("");
    char kind = leader.length() > 7 ? leader.charAt(6) : 'a';
    char level = leader.length() > 7 ? leader.charAt(7) : 'm';
    if (!first("502", "a").isEmpty() || !first("502", "b").isEmpty()) {
      return WorkType.THESIS;
    } else if (kind == 'g' || kind == 'i' || kind == 'j') {
      return WorkType.RECORDING;
    } else if (kind == 't' || kind == 'd' || kind == 'f') {
      return WorkType.MANUSCRIPT;
    } else if (kind == 'm' || kind == 'e') {
      return WorkType.DATASET;
    } else if (level == 'b') {
      return WorkType.ARTICLE;
    } else if (level == 'a') {
      return first("773", "x").isEmpty() ? WorkType.CHAPTER : WorkType.ARTICLE;
    }
    return first("088", "a").isEmpty() ? WorkType.BOOK : WorkType.REPORT;
  }

  private List<Element> fields(String tag) {
    return elements(record, "datafield").stream()
        .filter(field -> field.getAttribute("tag").equals(tag))
        .toList();
  }

  private static List<Element> elements(Element parent, String name) {
    NodeList nodes = parent.getElementsByTagNameNS("*", name);
    List<Element> all = new ArrayList<>();
    for (int i = 0; i < nodes.getLength(); i++) {
      all.add((Element) nodes.item(i));
    }
    return all;
  }

  private static String subfield(Element field, String code) {
    return elements(field, "subfield").stream()
        .filter(part -> part.getAttribute("code").equals(code))
        .map(part -> part.getTextContent().strip())
        .collect(Collectors.joining(" "));
  }

  private String first(String tag, String code) {
    return all(tag, code).stream().findFirst().orElse("");
  }

  private List<String> all(String tag, String code) {
    return fields(tag).stream()
        .map(field -> clean(subfield(field, code)))
        .filter(words -> !words.isEmpty())
        .toList();
  }

  private String control(String tag, int from, int to) {
    return elements(record, "controlfield").stream()
        .filter(field -> field.getAttribute("tag").equals(tag))
        .map(Element::getTextContent)
        .filter(words -> words.length() >= to)
        .map(words -> words.substring(from, to).strip())
        .findFirst()
        .orElse("");
  }

  /** Without the marks that catalogues put between parts. */
  private static String clean(String words) {
    return words.strip().replaceFirst("\\s*[/:;,=]+$", "").replaceFirst("(?<!\\b\\w)\\.$", "");
  }

  private static String either(String one, String other) {
    return one.isEmpty() ? other : one;
  }

  private static String year(String words) {
    var match = java.util.regex.Pattern.compile("\\d{4}").matcher(words);
    return match.find() ? match.group() : "";
  }
}
