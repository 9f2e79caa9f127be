package org.pergamena.formats.publish;

import org.pergamena.formats.picture.Paper;
import org.pergamena.formats.picture.Pixels;

/**
 * How a publication looks; each format takes what concerns it.
 *
 * @param paper of a PDF
 * @param pixels of a picture
 * @param captioned whether pictures have the map's title and legend below them
 * @param template of a text document
 */
public record Form(Paper paper, Pixels pixels, boolean captioned, Template template) {
  /** As it is where nothing is said. */
  public static final Form USUAL =
      new Form(Paper.REPORT, Pixels.scaled(2), false, Template.READING);

  /** The same on other paper. */
  public Form on(Paper other) {
    return new Form(other, pixels, captioned, template);
  }

  /** The same with other pixels. */
  public Form of(Pixels other) {
    return new Form(paper, other, captioned, template);
  }

  /** The same with another template. */
  public Form by(Template other) {
    return new Form(paper, pixels, captioned, other);
  }
}
