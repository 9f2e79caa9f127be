package org.pergamena.server.export;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.publish.Scope;
import org.pergamena.formats.publish.Publication;

/**
 * What a person wishes to publish of a map: everything, unless it is said otherwise.
 *
 * @param topic those of which the branches are published; all without any
 * @param open whether only what is open on the page now
 * @param levels how many levels below the root, 0 for all
 * @param scale pixels for each scene pixel, in formats of pixels
 * @param subtitle and what else stands on a title page, each may be empty
 * @param foot words of one's own at the foot of a page that opens alone, in CommonMark
 * @param footnotes whether citations are footnotes even where the style puts them in the text
 */
record Wish(
    List<UUID> topic,
    Boolean open,
    Integer levels,
    Boolean notes,
    Boolean passages,
    Boolean summaries,
    Boolean marks,
    Boolean aside,
    Integer scale,
    String subtitle,
    String author,
    String institution,
    String date,
    String course,
    String foot,
    Boolean footnotes) {
  private static final int USUAL_SCALE = 2;
  private static final int LONGEST = 300;

  boolean isOpen() {
    return Boolean.TRUE.equals(open);
  }

  int getScale() {
    return Objects.requireNonNullElse(scale, USUAL_SCALE);
  }

  /** The same as a scope, with those closed that are on the page. */
  Scope scope(Set<UUID> closed) {
    return new Scope(
        topic == null ? List.of() : topic,
        closed,
        Objects.requireNonNullElse(levels, 0),
        wished(notes),
        wished(passages),
        wished(summaries),
        wished(marks),
        wished(aside));
  }

  boolean isInNotes() {
    return Boolean.TRUE.equals(footnotes);
  }

  private static boolean wished(Boolean given) {
    return given == null || given;
  }

  Publication.Front front() {
    return new Publication.Front(
        words(subtitle),
        words(author),
        words(institution),
        words(course),
        words(date),
        words(foot));
  }

  private static String words(String given) {
    String line = given == null ? "" : given.strip().replaceAll("\\s+", " ");
    return line.length() > LONGEST ? line.substring(0, LONGEST) : line;
  }
}
