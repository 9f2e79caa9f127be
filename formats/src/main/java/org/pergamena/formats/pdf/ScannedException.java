package org.pergamena.formats.pdf;

import java.util.List;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.UnreadableException;

/** A document all of whose pages are pictures. */
public final class ScannedException extends UnreadableException {
  private static final long serialVersionUID = 1L;

  private final transient List<Integer> pages;

  ScannedException(List<Integer> pages) {
    super(
        pages.isEmpty()
            ? "There are no words in the document, and no pictures of any. Check it and add it"
                + " again."
            : Omission.counted(pages.size(), "page has", "pages have")
                + " no text: "
                + (pages.size() == 1 ? "it is a picture." : "they are pictures.")
                + " Add a version with text, or have them read as scanned pages.");
    this.pages = pages;
  }

  /** The pages that may be pictures of text, from 1. */
  public List<Integer> pages() {
    return pages;
  }
}
