package org.pergamena.core.reference;

import java.util.Arrays;
import java.util.Optional;

/** What can be known of a work beside who made it; the names are those of CSL 1.0.2. */
public enum Field {
  TITLE("title", "Title"),
  CONTAINER("container-title", "In"),
  EVENT("event-title", "Event"),
  PUBLISHER("publisher", "Publisher"),
  PLACE("publisher-place", "Place"),
  ISSUED("issued", "Date"),
  EDITION("edition", "Edition"),
  VOLUME("volume", "Volume"),
  ISSUE("issue", "Issue"),
  NUMBER("number", "Number"),
  PAGES("page", "Pages"),
  GENRE("genre", "Kind"),
  MEDIUM("medium", "Medium"),
  ARCHIVE("archive", "Archive"),
  SHELFMARK("call-number", "Shelfmark"),
  DOI("DOI", "DOI"),
  ISBN("ISBN", "ISBN"),
  ISSN("ISSN", "ISSN"),
  URL("URL", "Address"),
  ACCESSED("accessed", "Date read"),
  LANGUAGE("language", "Language"),
  SUBJECT("keyword", "Subjects"),
  ABSTRACT("abstract", "Abstract");

  private final String csl;
  private final String word;

  Field(String csl, String word) {
    this.csl = csl;
    this.word = word;
  }

  /** Its name in CSL-JSON. */
  public String csl() {
    return csl;
  }

  /** What a person calls it. */
  public String word() {
    return word;
  }

  /** Whether it is a day, month or year. */
  public boolean dates() {
    return this == ISSUED || this == ACCESSED;
  }

  /** The field of a name in CSL-JSON. */
  public static Optional<Field> of(String csl) {
    return Arrays.stream(values()).filter(field -> field.csl.equals(csl)).findFirst();
  }
}
