package org.pergamena.formats.read;

import org.pergamena.core.reference.WorkType;

/** What kind of file a source came as. */
public enum SourceKind {
  TEXT("text", WorkType.DOCUMENT),
  MARKDOWN("article", WorkType.DOCUMENT),
  PDF("document", WorkType.DOCUMENT),
  DOCUMENT("document", WorkType.DOCUMENT),
  SLIDES("slides", WorkType.SPEECH),
  BOOK("book", WorkType.BOOK),
  WEB("web page", WorkType.WEB),
  TABLE("table", WorkType.DATASET),
  TRANSCRIPT("recording", WorkType.SPEECH);

  private final String word;
  private final WorkType work;

  SourceKind(String word, WorkType work) {
    this.word = word;
    this.work = work;
  }

  /** What a person calls it. */
  public String word() {
    return word;
  }

  /** What kind of work such files mostly are. */
  public WorkType work() {
    return work;
  }
}
