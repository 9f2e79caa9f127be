package org.pergamena.formats.citation;

import de.undercouch.citeproc.csl.CSLItemData;
import de.undercouch.citeproc.helper.json.MapJsonBuilderFactory;
import de.undercouch.citeproc.ris.RISConverter;
import de.undercouch.citeproc.ris.RISLibrary;
import de.undercouch.citeproc.ris.RISParser;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
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

/** References as RIS (Research Information Systems, specification of 2011). */
final class Ris {
  private static final Map<WorkType, String> TYPES = new EnumMap<>(WorkType.class);
  private static final Map<Field, String> TAGS = new EnumMap<>(Field.class);

  static {
    TYPES.put(WorkType.BOOK, "BOOK");
    TYPES.put(WorkType.CHAPTER, "CHAP");
    TYPES.put(WorkType.ARTICLE, "JOUR");
    TYPES.put(WorkType.MAGAZINE, "MGZN");
    TYPES.put(WorkType.NEWSPAPER, "NEWS");
    TYPES.put(WorkType.REPORT, "RPRT");
    TYPES.put(WorkType.THESIS, "THES");
    TYPES.put(WorkType.PAPER, "CPAPER");
    TYPES.put(WorkType.WEB, "ELEC");
    TYPES.put(WorkType.RECORDING, "VIDEO");
    TYPES.put(WorkType.LETTER, "PCOMM");
    TYPES.put(WorkType.LAW, "STAT");
    TYPES.put(WorkType.DATASET, "DATA");
    TYPES.put(WorkType.MANUSCRIPT, "UNPB");
    TAGS.put(Field.TITLE, "TI");
    TAGS.put(Field.CONTAINER, "T2");
    TAGS.put(Field.PUBLISHER, "PB");
    TAGS.put(Field.PLACE, "CY");
    TAGS.put(Field.EDITION, "ET");
    TAGS.put(Field.VOLUME, "VL");
    TAGS.put(Field.ISSUE, "IS");
    TAGS.put(Field.NUMBER, "M1");
    TAGS.put(Field.GENRE, "M3");
    TAGS.put(Field.DOI, "DO");
    TAGS.put(Field.URL, "UR");
    TAGS.put(Field.LANGUAGE, "LA");
    TAGS.put(Field.SHELFMARK, "CN");
    TAGS.put(Field.ABSTRACT, "AB");
  }

  private Ris() {}

  static ReferenceList read(String text) {
    List<Work> works = new ArrayList<>();
    List<ReferenceList.EntryFault> faults = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    StringBuilder entry = new StringBuilder();
    int line = 0;
    int begun = 0;
    for (String row : (Iterable<String>) text.lines()::iterator) {
      line++;
      boolean begins = row.startsWith("TY  -");
      if (begins && !entry.isEmpty()) {
        String problem = "It has no end (ER).";
        faults.add(new ReferenceList.EntryFault(begun, problem + " It was left out."));
        entry.setLength(0);
      }
      if (begins) {
        begun = line;
      }
      if (begins || !entry.isEmpty()) {
        entry.append(row).append('\n');
      }
      if (row.startsWith("ER  -") && !entry.isEmpty()) {
        take(entry.toString(), begun, works, faults, taken);
        entry.setLength(0);
      }
    }
    if (!entry.isEmpty()) {
      take(entry + "ER  - \n", begun, works, faults, taken);
    }
    return new ReferenceList(works, faults);
  }

  private static void take(
      String entry,
      int line,
      List<Work> works,
      List<ReferenceList.EntryFault> faults,
      Set<String> taken) {
    try {
      RISLibrary library = new RISParser().parse(new StringReader(entry));
      for (CSLItemData item : new RISConverter().toItemData(library).values()) {
        Reference read = CslJson.reference(asMap(item));
        String key = CitationKey.kept(tag(entry, "ID"), read, taken);
        taken.add(key);
        works.add(new Work(key, sorted(entry, read)));
      }
    } catch (IOException | RuntimeException e) {
      faults.add(
          new ReferenceList.EntryFault(line, "It is not written as RIS is. It was left out."));
    }
  }

  /** One tag is the number of books and of journals; another is what a work is in. */
  private static Reference sorted(String entry, Reference read) {
    String number = tag(entry, "SN");
    boolean journal = read.type() == WorkType.ARTICLE || number.replace("-", "").length() == 8;
    Reference clean = read.with(Field.ISBN, "").with(Field.ISSN, "");
    if (clean.get(Field.CONTAINER).isEmpty()) {
      clean = clean.with(Field.CONTAINER, tag(entry, "T2"));
    }
    List<Person> authors =
        entry
            .lines()
            .filter(line -> line.matches("A[U1]  -.*"))
            .map(line -> line.substring(5).strip())
            .map(name -> name.indexOf(',') > 0 ? Person.read(name).get(0) : Person.body(name))
            .toList();
    clean = clean.with(Role.AUTHOR, authors.isEmpty() ? clean.get(Role.AUTHOR) : authors);
    return clean.with(journal ? Field.ISSN : Field.ISBN, number);
  }

  private static String tag(String entry, String tag) {
    return entry
        .lines()
        .filter(line -> line.startsWith(tag + "  -"))
        .map(line -> line.substring(5).strip())
        .findFirst()
        .orElse("");
  }

  @SuppressWarnings("unchecked")
  static Map<String, Object> asMap(CSLItemData item) {
    return (Map<String, Object>) item.toJson(new MapJsonBuilderFactory().createJsonBuilder());
  }

  static String write(List<Work> works) {
    StringBuilder out = new StringBuilder();
    works.forEach(work -> write(work, out));
    return out.toString();
  }

  private static void write(Work work, StringBuilder out) {
    Reference known = work.reference();
    line(out, "TY", TYPES.getOrDefault(known.type(), "GEN"));
    line(out, "ID", work.key());
    known.get(Role.AUTHOR).forEach(person -> line(out, "AU", name(person)));
    known.get(Role.DIRECTOR).forEach(person -> line(out, "AU", name(person)));
    known.get(Role.EDITOR).forEach(person -> line(out, "ED", name(person)));
    known.get(Role.TRANSLATOR).forEach(person -> line(out, "A4", name(person)));
    TAGS.forEach((field, tag) -> line(out, tag, known.get(field)));
    known.issued().ifPresent(when -> line(out, "PY", String.valueOf(when.year())));
    line(out, "DA", dated(known.get(Field.ISSUED)));
    line(out, "Y2", dated(known.get(Field.ACCESSED)));
    String[] pages = known.get(Field.PAGES).split("\\s*[-\u2013]+\\s*", 2);
    line(out, "SP", pages[0]);
    line(out, "EP", pages.length > 1 ? pages[1] : "");
    String isbn = known.get(Field.ISBN);
    line(out, "SN", isbn.isEmpty() ? known.get(Field.ISSN) : isbn);
    for (String subject : known.get(Field.SUBJECT).split("\\s*[;,]\\s*")) {
      line(out, "KW", subject);
    }
    out.append("ER  - \r\n\r\n");
  }

  private static void line(StringBuilder out, String tag, String words) {
    if (!words.isBlank()) {
      out.append(tag).append("  - ").append(words.replaceAll("\\s+", " ")).append("\r\n");
    }
  }

  private static String name(Person person) {
    if (!person.literal().isEmpty()) {
      return person.literal();
    }
    return person.given().isEmpty() ? person.family() : person.family() + ", " + person.given();
  }

  private static String dated(String words) {
    return When.of(words)
        .map(when -> when.iso().replace('-', '/') + "/".repeat(3 - when.iso().split("-").length))
        .orElse(words);
  }
}
