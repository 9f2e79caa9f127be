package org.pergamena.core.reference;

import static org.pergamena.core.reference.Field.ACCESSED;
import static org.pergamena.core.reference.Field.ARCHIVE;
import static org.pergamena.core.reference.Field.CONTAINER;
import static org.pergamena.core.reference.Field.DOI;
import static org.pergamena.core.reference.Field.EDITION;
import static org.pergamena.core.reference.Field.EVENT;
import static org.pergamena.core.reference.Field.GENRE;
import static org.pergamena.core.reference.Field.ISBN;
import static org.pergamena.core.reference.Field.ISSN;
import static org.pergamena.core.reference.Field.ISSUE;
import static org.pergamena.core.reference.Field.ISSUED;
import static org.pergamena.core.reference.Field.MEDIUM;
import static org.pergamena.core.reference.Field.NUMBER;
import static org.pergamena.core.reference.Field.PAGES;
import static org.pergamena.core.reference.Field.PLACE;
import static org.pergamena.core.reference.Field.PUBLISHER;
import static org.pergamena.core.reference.Field.SHELFMARK;
import static org.pergamena.core.reference.Field.TITLE;
import static org.pergamena.core.reference.Field.URL;
import static org.pergamena.core.reference.Field.VOLUME;

import java.util.Arrays;
import java.util.List;

/** Kinds of works; the names are those of CSL 1.0.2. */
public enum WorkType {
  BOOK(
      "book",
      "book",
      List.of(Role.AUTHOR, Role.EDITOR, Role.TRANSLATOR),
      TITLE,
      ISSUED,
      PUBLISHER,
      PLACE,
      EDITION,
      VOLUME,
      ISBN,
      DOI,
      URL),
  CHAPTER(
      "chapter",
      "chapter of a book",
      List.of(Role.AUTHOR, Role.EDITOR),
      TITLE,
      CONTAINER,
      ISSUED,
      PAGES,
      PUBLISHER,
      PLACE,
      EDITION,
      ISBN,
      DOI),
  ARTICLE(
      "article-journal",
      "journal article",
      List.of(Role.AUTHOR),
      TITLE,
      CONTAINER,
      ISSUED,
      VOLUME,
      ISSUE,
      PAGES,
      DOI,
      ISSN,
      URL),
  MAGAZINE(
      "article-magazine",
      "magazine article",
      List.of(Role.AUTHOR),
      TITLE,
      CONTAINER,
      ISSUED,
      ISSUE,
      PAGES,
      URL,
      ACCESSED),
  NEWSPAPER(
      "article-newspaper",
      "newspaper article",
      List.of(Role.AUTHOR),
      TITLE,
      CONTAINER,
      ISSUED,
      PAGES,
      EDITION,
      URL,
      ACCESSED),
  REPORT(
      "report",
      "report",
      List.of(Role.AUTHOR),
      TITLE,
      ISSUED,
      PUBLISHER,
      PLACE,
      GENRE,
      NUMBER,
      DOI,
      URL,
      ACCESSED),
  THESIS("thesis", "thesis", List.of(Role.AUTHOR), TITLE, ISSUED, PUBLISHER, PLACE, GENRE, URL),
  PAPER(
      "paper-conference",
      "conference paper",
      List.of(Role.AUTHOR, Role.EDITOR),
      TITLE,
      CONTAINER,
      EVENT,
      ISSUED,
      PAGES,
      PUBLISHER,
      PLACE,
      DOI,
      URL),
  WEB("webpage", "web page", List.of(Role.AUTHOR), TITLE, CONTAINER, ISSUED, URL, ACCESSED),
  INTERVIEW(
      "interview",
      "interview",
      List.of(Role.AUTHOR, Role.INTERVIEWER),
      TITLE,
      ISSUED,
      PLACE,
      GENRE,
      ARCHIVE,
      URL),
  SPEECH(
      "speech", "talk or lecture", List.of(Role.AUTHOR), TITLE, EVENT, ISSUED, PLACE, GENRE, URL),
  RECORDING(
      "motion_picture",
      "film or recording",
      List.of(Role.DIRECTOR, Role.AUTHOR),
      TITLE,
      ISSUED,
      PUBLISHER,
      MEDIUM,
      URL,
      ACCESSED),
  LETTER("personal_communication", "letter or message", List.of(Role.AUTHOR), TITLE, ISSUED, GENRE),
  LAW("legislation", "law or regulation", List.of(Role.AUTHOR), TITLE, CONTAINER, NUMBER, ISSUED),
  DATASET("dataset", "data set", List.of(Role.AUTHOR), TITLE, ISSUED, PUBLISHER, EDITION, DOI, URL),
  MANUSCRIPT(
      "manuscript",
      "manuscript",
      List.of(Role.AUTHOR),
      TITLE,
      ISSUED,
      GENRE,
      ARCHIVE,
      SHELFMARK,
      PLACE),
  DOCUMENT(
      "document",
      "other document",
      List.of(Role.AUTHOR, Role.EDITOR),
      TITLE,
      ISSUED,
      GENRE,
      PUBLISHER,
      PLACE,
      URL,
      ACCESSED);

  private final String csl;
  private final String word;
  private final List<Role> roles;
  private final List<Field> fields;

  WorkType(String csl, String word, List<Role> roles, Field... fields) {
    this.csl = csl;
    this.word = word;
    this.roles = roles;
    this.fields = List.of(fields);
  }

  /** Its name in CSL-JSON. */
  public String csl() {
    return csl;
  }

  /** What a person calls it. */
  public String word() {
    return word;
  }

  /** Who is named with works of this kind. */
  public List<Role> roles() {
    return roles;
  }

  /** What is told of works of this kind. */
  public List<Field> fields() {
    return fields;
  }

  /** The type of a name in CSL-JSON; those that are rarely met are taken for the nearest. */
  public static WorkType of(String csl) {
    return Arrays.stream(values())
        .filter(type -> type.csl.equals(csl))
        .findFirst()
        .orElseGet(() -> near(csl == null ? "" : csl));
  }

  private static WorkType near(String csl) {
    return switch (csl) {
      case "article", "article-preprint", "review", "review-book" -> ARTICLE;
      case "entry", "entry-dictionary", "entry-encyclopedia" -> CHAPTER;
      case "post", "post-weblog" -> WEB;
      case "broadcast", "song", "performance" -> RECORDING;
      case "bill", "legal_case", "regulation", "standard", "treaty", "hearing" -> LAW;
      case "software", "map", "figure", "graphic" -> DATASET;
      case "pamphlet", "periodical", "collection", "classic" -> BOOK;
      default -> DOCUMENT;
    };
  }
}
