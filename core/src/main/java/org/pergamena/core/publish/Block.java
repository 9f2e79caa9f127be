package org.pergamena.core.publish;

import java.util.List;
import java.util.UUID;

/** A piece of a report, whatever the format. */
public sealed interface Block {
  /** What a paragraph is. */
  enum Kind {
    DEFINITION,
    SUMMARY,
    TAGS,
    NOTE,
    /** A heading within a note. */
    NOTE_HEADING,
    RELATION,
    ALSO,
    MARK
  }

  /**
   * Words in one manner.
   *
   * @param address where they link to; a topic of the report after a {@code #}; or null
   * @param footnote what stands at the foot of the page, in place of words; mostly empty
   */
  record Run(String words, boolean bold, boolean italic, String address, List<Run> footnote) {
    public Run {
      footnote = List.copyOf(footnote);
    }

    /** Words that have no footnote. */
    public Run(String words, boolean bold, boolean italic, String address) {
      this(words, bold, italic, address, List.of());
    }

    /** Words as those around them. */
    public static Run plain(String words) {
      return new Run(words, false, false, null);
    }

    /** A footnote that says this. */
    public static Run footnote(List<Run> said) {
      return new Run("", false, false, null, said);
    }

    /** The same manner with other words. */
    public Run saying(String other) {
      return new Run(other, bold, italic, address, footnote);
    }

    /** Several one after the other, without their manner. */
    public static String words(List<Run> runs) {
      StringBuilder all = new StringBuilder();
      runs.forEach(run -> all.append(run.words()));
      return all.toString();
    }
  }

  /**
   * The heading of a topic.
   *
   * @param level from 1, for what is right below the title
   * @param number may be empty
   * @param mark thin or unsupported, or empty
   */
  record Heading(UUID topic, int level, String number, String words, String mark) implements Block {
    /** Its number, if it has one, and its words. */
    public String named() {
      return (number.isEmpty() ? "" : number + " ") + words;
    }
  }

  /** A paragraph. */
  record Paragraph(Kind kind, List<Run> runs) implements Block {
    public Paragraph {
      runs = List.copyOf(runs);
    }

    /** Words in one manner. */
    public static Paragraph of(Kind kind, String words) {
      return new Paragraph(kind, List.of(Run.plain(words)));
    }

    /** Its words alone. */
    public String words() {
      return Run.words(runs);
    }
  }

  /** A list within a note. */
  record Items(boolean ordered, List<List<Block>> items) implements Block {
    public Items {
      items = List.copyOf(items);
    }
  }

  /** What a note quotes. */
  record Quoted(List<Block> blocks) implements Block {
    public Quoted {
      blocks = List.copyOf(blocks);
    }
  }

  /**
   * A passage that bears a topic out, word for word.
   *
   * @param source in which it stands
   * @param cited its citation, in the text or as a footnote
   */
  record Passage(String words, UUID source, List<Run> cited) implements Block {
    public Passage {
      cited = List.copyOf(cited);
    }
  }

  /** A picture with what it shows. */
  record Figure(String image, String alt, double width, double height) implements Block {}
}
