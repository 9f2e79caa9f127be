package org.pergamena.core.reference;

import java.util.List;

/** One mention of works in a text, in one pair of brackets or in one footnote. */
public record Citation(List<Cite> cites) {
  public Citation {
    cites = List.copyOf(cites);
  }

  /** A mention of one place in one work. */
  public static Citation of(String key, Where where) {
    return new Citation(List.of(new Cite(key, where, "", "", false)));
  }

  /**
   * Where in a work.
   *
   * @param kind what is counted
   * @param words as {@code 12}, {@code 12-14}, {@code 12:47}; empty for the whole work
   */
  public record Where(Kind kind, String words) {
    /** The whole work. */
    public static final Where WHOLE = new Where(Kind.PAGE, "");

    /** What is counted; {@code TIME} and {@code PLACE} are cited as they stand. */
    public enum Kind {
      PAGE("p."),
      CHAPTER("chap."),
      SECTION("sec."),
      LINE("l."),
      PARAGRAPH("para."),
      FIGURE("fig."),
      VOLUME("vol."),
      TIME("time"),
      PLACE("at");

      private final String mark;

      Kind(String mark) {
        this.mark = mark;
      }

      /** What stands before it in a note. */
      public String mark() {
        return mark;
      }
    }
  }

  /**
   * One work in a citation.
   *
   * @param before words before it
   * @param after words after it
   * @param withoutMaker whether whoever made it is left out, as the sentence names them
   */
  public record Cite(String key, Where where, String before, String after, boolean withoutMaker) {}
}
