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
   * @param address where they link to, or null
   */
  record Run(String words, boolean bold, boolean italic, String address) {
    /** Words as those around them. */
    public static Run plain(String words) {
      return new Run(words, false, false, null);
    }
  }

  /**
   * The heading of a topic.
   *
   * @param level from 1, for what is right below the title
   * @param number may be empty
   * @param mark thin or unsupported, or empty
   */
  record Heading(UUID topic, int level, String number, String words, String mark)
      implements Block {}

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
      StringBuilder all = new StringBuilder();
      runs.forEach(run -> all.append(run.words()));
      return all.toString();
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
   * @param place page, time or heading, as it is cited; may be empty
   */
  record Passage(String words, UUID source, String place) implements Block {}

  /** A picture with what it shows. */
  record Figure(String image, String alt, double width, double height) implements Block {}
}
