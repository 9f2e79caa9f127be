package org.pergamena.formats.read;

/** What kind of file a source came as. */
public enum SourceKind {
  TEXT("text"),
  MARKDOWN("article"),
  PDF("document"),
  DOCUMENT("document"),
  SLIDES("slides"),
  BOOK("book"),
  WEB("web page"),
  TABLE("table"),
  TRANSCRIPT("recording");

  private final String word;

  SourceKind(String word) {
    this.word = word;
  }

  /** What a person calls it. */
  public String word() {
    return word;
  }
}
