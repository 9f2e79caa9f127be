package org.pergamena.server.export;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.publish.Scope;
import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.publish.Form;
import org.pergamena.formats.publish.Publication;
import org.pergamena.formats.publish.Template;

/**
 * What a person wishes to publish of a map: everything, unless it is said otherwise.
 *
 * @param topic those of which the branches are published; all without any
 * @param open whether only what is open on the page now
 * @param levels how many levels below the root, 0 for all
 * @param scale pixels for each scene pixel, in formats of pixels; {@code dpi} and {@code width} say
 *     the same in other ways
 * @param clear whether pictures have a clear ground
 * @param captioned whether pictures have title and legend
 * @param paper of a PDF, as {@link Paper#of} knows it
 * @param template of a text document: one of ours by its key, or {@code own}
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
    Boolean traces,
    Boolean aside,
    Double scale,
    Integer dpi,
    Integer width,
    Boolean clear,
    Boolean captioned,
    String paper,
    String template,
    String subtitle,
    String author,
    String institution,
    String date,
    String course,
    String foot,
    Boolean footnotes) {
  /** All of a map. */
  static final Wish EVERYTHING =
      new Wish(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null, null, null, null, null, null, null, null);

  private static final double USUAL_SCALE = 2;
  private static final int USUAL_SHARPNESS = 4;

  /** Scene pixels are as large as those of CSS 2.1: 96 an inch. */
  private static final double PIXELS_AN_INCH = 96;

  private static final int LONGEST = 300;

  boolean isOpen() {
    return Boolean.TRUE.equals(open);
  }

  /** How it looks, with a template of the person's own if they have brought one. */
  Form form(byte[] own) {
    return new Form(
        sheet(),
        new Pixels(pixelScale(), Objects.requireNonNullElse(width, 0), Boolean.TRUE.equals(clear)),
        Boolean.TRUE.equals(captioned),
        template(own));
  }

  /** Pixels for each scene pixel that images of the map are decoded for. */
  int sharpness() {
    return width != null ? USUAL_SHARPNESS : (int) Math.ceil(Math.max(1, pixelScale()));
  }

  boolean isCaptioned() {
    return Boolean.TRUE.equals(captioned);
  }

  private double pixelScale() {
    return dpi != null ? dpi / PIXELS_AN_INCH : Objects.requireNonNullElse(scale, USUAL_SCALE);
  }

  private Paper sheet() {
    return paper == null
        ? Paper.REPORT
        : Paper.of(paper)
            .orElseThrow(() -> new IllegalArgumentException("There is no paper " + paper + "."));
  }

  private Template template(byte[] own) {
    if (template == null || template.equals("own") && own == null) {
      return Template.READING;
    }
    return template.equals("own")
        ? Template.own(own)
        : Template.of(template)
            .orElseThrow(
                () -> new IllegalArgumentException("There is no template " + template + "."));
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
        wished(traces),
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
