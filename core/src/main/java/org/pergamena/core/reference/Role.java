package org.pergamena.core.reference;

/** What somebody did for a work; the names are those of CSL 1.0.2. */
public enum Role {
  AUTHOR("author", "Author"),
  EDITOR("editor", "Editor"),
  TRANSLATOR("translator", "Translator"),
  INTERVIEWER("interviewer", "Interviewer"),
  DIRECTOR("director", "Director");

  private final String csl;
  private final String word;

  Role(String csl, String word) {
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
}
