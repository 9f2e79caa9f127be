package org.pergamena.formats.citation;

import de.undercouch.citeproc.bibtex.BibTeXConverter;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jbibtex.BibTeXDatabase;
import org.jbibtex.BibTeXEntry;
import org.jbibtex.BibTeXFormatter;
import org.jbibtex.BibTeXParser;
import org.jbibtex.Key;
import org.jbibtex.LaTeXParser;
import org.jbibtex.LaTeXPrinter;
import org.jbibtex.ParseException;
import org.jbibtex.StringValue;
import org.jbibtex.Value;
import org.pergamena.core.reference.CitationKey;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.When;
import org.pergamena.core.reference.Work;
import org.pergamena.core.reference.WorkType;

/** References as BibTeX (Patashnik, 1988), with the fields that are in use since. */
final class BibTex {
  private static final Map<WorkType, String> TYPES = new EnumMap<>(WorkType.class);
  private static final Map<Field, String> FIELDS = new EnumMap<>(Field.class);

  static {
    TYPES.put(WorkType.BOOK, "book");
    TYPES.put(WorkType.CHAPTER, "incollection");
    TYPES.put(WorkType.ARTICLE, "article");
    TYPES.put(WorkType.MAGAZINE, "article");
    TYPES.put(WorkType.NEWSPAPER, "article");
    TYPES.put(WorkType.REPORT, "techreport");
    TYPES.put(WorkType.THESIS, "phdthesis");
    TYPES.put(WorkType.PAPER, "inproceedings");
    TYPES.put(WorkType.WEB, "online");
    TYPES.put(WorkType.MANUSCRIPT, "unpublished");
    FIELDS.put(Field.TITLE, "title");
    FIELDS.put(Field.PLACE, "address");
    FIELDS.put(Field.EDITION, "edition");
    FIELDS.put(Field.VOLUME, "volume");
    FIELDS.put(Field.DOI, "doi");
    FIELDS.put(Field.ISBN, "isbn");
    FIELDS.put(Field.ISSN, "issn");
    FIELDS.put(Field.URL, "url");
    FIELDS.put(Field.LANGUAGE, "language");
    FIELDS.put(Field.SUBJECT, "keywords");
    FIELDS.put(Field.GENRE, "type");
    FIELDS.put(Field.ABSTRACT, "abstract");
  }

  /** An entry as it stands in the file. */
  private record Piece(int line, String kind, String text) {}

  private BibTex() {}

  static ReferenceList read(String text) {
    List<Work> works = new ArrayList<>();
    List<ReferenceList.EntryFault> faults = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    List<Piece> pieces = pieces(text);
    String macros =
        pieces.stream()
            .filter(piece -> piece.kind().equals("string"))
            .map(Piece::text)
            .limit(1000)
            .collect(Collectors.joining("\n", "", "\n"));
    boolean sound = parses(macros);
    for (Piece piece : pieces) {
      if (List.of("string", "comment", "preamble").contains(piece.kind())) {
        continue;
      }
      try {
        if (sound && piece.text().contains("#")) {
          take(macros + piece.text(), works, taken);
        } else {
          takePlain(piece.text(), macros, works, taken);
        }
      } catch (IOException | ParseException | RuntimeException | Error e) {
        if (e instanceof VirtualMachineError fatal && !(e instanceof StackOverflowError)) {
          throw fatal;
        }
        faults.add(
            new ReferenceList.EntryFault(
                piece.line(),
                "The entry @"
                    + piece.kind()
                    + " is not written as BibTeX is; perhaps a brace, quotation mark or comma is"
                    + " missing. It was left out."));
      }
    }
    return new ReferenceList(works, faults);
  }

  /** An entry without names of strings, else with them; each is parsed once if it is sound. */
  private static void takePlain(String entry, String macros, List<Work> works, Set<String> taken)
      throws IOException, ParseException {
    BibTeXDatabase plain;
    try {
      plain = parse(entry);
    } catch (IOException | ParseException | RuntimeException | Error e) {
      if (e instanceof VirtualMachineError fatal && !(e instanceof StackOverflowError)) {
        throw fatal;
      }
      take(macros + entry, works, taken);
      return;
    }
    take(plain, works, taken);
  }

  private static boolean parses(String entry) {
    try {
      parse(entry);
      return true;
    } catch (IOException | ParseException | RuntimeException | Error e) {
      return false;
    }
  }

  private static BibTeXDatabase parse(String text) throws IOException, ParseException {
    try (StringReader reader = new StringReader(text)) {
      return new BibTeXParser().parse(reader);
    }
  }

  private static void take(String text, List<Work> works, Set<String> taken)
      throws IOException, ParseException {
    take(parse(text), works, taken);
  }

  private static void take(BibTeXDatabase database, List<Work> works, Set<String> taken)
      throws ParseException {
    for (BibTeXEntry entry : database.getEntries().values()) {
      Reference read = CslJson.reference(Ris.asMap(new BibTeXConverter().toItemData(entry)));
      for (Role role : List.of(Role.AUTHOR, Role.EDITOR)) {
        read = read.with(role, bodies(entry.getField(new Key(role.csl())), read.get(role)));
      }
      if (periodical(read.type()) && read.get(Field.ISSUE).isEmpty()) {
        read = read.with(Field.ISSUE, read.get(Field.NUMBER)).with(Field.NUMBER, "");
      }
      String own = entry.getKey().getValue().toLowerCase(Locale.ROOT).replaceAll("[:_./]+", "-");
      String key = CitationKey.kept(own, read, taken);
      taken.add(key);
      works.add(new Work(key, read));
    }
  }

  private static boolean periodical(WorkType type) {
    return "article".equals(TYPES.get(type));
  }

  /** Names in braces are those of bodies, which the converter divides. */
  private static List<Person> bodies(Value field, List<Person> read) throws ParseException {
    String[] names = field == null ? new String[0] : field.toUserString().split("\\s+and\\s+");
    if (names.length != read.size()) {
      return read;
    }
    List<Person> people = new ArrayList<>(read);
    for (int i = 0; i < names.length; i++) {
      String name = names[i].strip();
      if (name.startsWith("{") && name.endsWith("}")) {
        String inner = name.substring(1, name.length() - 1);
        String words = new LaTeXPrinter().print(new LaTeXParser().parse(inner));
        people.set(i, Person.body(words.strip()));
      }
    }
    return people;
  }

  /** Cuts a file into its entries; braces tell where one ends. */
  private static List<Piece> pieces(String text) {
    List<Piece> pieces = new ArrayList<>();
    int line = 1;
    int at = 0;
    while (at < text.length()) {
      int sign = text.indexOf('@', at);
      if (sign < 0) {
        break;
      }
      line += newlines(text, at, sign);
      int open = sign + 1;
      while (open < text.length() && Character.isLetter(text.charAt(open))) {
        open++;
      }
      String kind = text.substring(sign + 1, open).toLowerCase(Locale.ROOT);
      int end = end(text, open);
      if (!kind.isEmpty() && end > open) {
        String piece = text.substring(sign, end);
        boolean round = piece.substring(kind.length() + 1).stripLeading().startsWith("(");
        pieces.add(new Piece(line, kind, round && piece.endsWith(")") ? braced(piece) : piece));
      }
      int next = Math.max(end, open);
      line += newlines(text, sign, next);
      at = next;
    }
    return pieces;
  }

  /** An entry in round brackets with braces instead, which the parser wants. */
  private static String braced(String piece) {
    return piece.replaceFirst("\\(", "{").substring(0, piece.length() - 1) + "}";
  }

  /** Where the entry ends that opens here: at its brace, or before the next one if it has none. */
  private static int end(String text, int open) {
    int at = open;
    while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
      at++;
    }
    if (at >= text.length() || text.charAt(at) != '{' && text.charAt(at) != '(') {
      return open;
    }
    boolean round = text.charAt(at) == '(';
    int depth = 0;
    for (; at < text.length(); at++) {
      char c = text.charAt(at);
      if (c == '\\') {
        at++;
      } else if (c == '{' || c == '(' && round && depth == 0) {
        depth++;
      } else if (c == '}' || c == ')' && round && depth == 1) {
        depth--;
        if (depth == 0) {
          return at + 1;
        }
      } else if (c == '@' && at > open && text.charAt(at - 1) == '\n') {
        return at;
      }
    }
    return text.length();
  }

  private static int newlines(String text, int from, int to) {
    int count = 0;
    for (int i = from; i < to; i++) {
      count += text.charAt(i) == '\n' ? 1 : 0;
    }
    return count;
  }

  static String write(List<Work> works) {
    BibTeXDatabase database = new BibTeXDatabase();
    works.forEach(work -> database.addObject(entry(work)));
    StringWriter out = new StringWriter();
    try {
      new BibTeXFormatter().format(database, out);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return out.toString();
  }

  private static BibTeXEntry entry(Work work) {
    Reference known = work.reference();
    WorkType type = known.type();
    BibTeXEntry entry =
        new BibTeXEntry(new Key(TYPES.getOrDefault(type, "misc")), new Key(work.key()));
    names(entry, "author", known.get(Role.AUTHOR));
    names(entry, "editor", known.get(Role.EDITOR));
    names(entry, "translator", known.get(Role.TRANSLATOR));
    FIELDS.forEach((field, name) -> add(entry, name, known.get(field)));
    boolean within = type == WorkType.CHAPTER || type == WorkType.PAPER;
    add(entry, within ? "booktitle" : "journal", known.get(Field.CONTAINER));
    boolean school = type == WorkType.THESIS;
    boolean body = type == WorkType.REPORT;
    add(entry, school ? "school" : body ? "institution" : "publisher", known.get(Field.PUBLISHER));
    add(entry, "number", known.get(periodical(type) ? Field.ISSUE : Field.NUMBER));
    add(entry, "pages", known.get(Field.PAGES).replaceAll("\\s*[-\u2013]+\\s*", "--"));
    add(entry, "urldate", known.get(Field.ACCESSED));
    String dated = known.get(Field.ISSUED);
    add(entry, "year", known.issued().map(when -> String.valueOf(when.year())).orElse(dated));
    known
        .issued()
        .filter(when -> when.month() > 0)
        .map(When::month)
        .ifPresent(month -> add(entry, "month", String.valueOf(month)));
    if (known.issued().filter(when -> when.day() > 0).isPresent()) {
      add(entry, "date", known.issued().orElseThrow().iso());
    }
    return entry;
  }

  private static void names(BibTeXEntry entry, String field, List<Person> people) {
    String names =
        people.stream()
            .map(
                person ->
                    person.literal().isEmpty()
                        ? escaped(person.family()) + ", " + escaped(person.given())
                        : "{" + escaped(person.literal()) + "}")
            .collect(Collectors.joining(" and "));
    if (!names.isEmpty()) {
      entry.addField(new Key(field), new StringValue(names, StringValue.Style.BRACED));
    }
  }

  private static void add(BibTeXEntry entry, String field, String words) {
    if (!words.isBlank()) {
      boolean address = field.equals("url") || field.equals("doi");
      String said = address ? words.replaceAll("[{}\\\\]", "") : escaped(words);
      entry.addField(new Key(field), new StringValue(said, StringValue.Style.BRACED));
    }
  }

  private static String escaped(String words) {
    return words
        .replaceAll("[{}\\\\]", "")
        .replaceAll("([&%$#_])", "\\\\$1")
        .replace("~", "\\textasciitilde{}")
        .replace("^", "\\textasciicircum{}");
  }
}
