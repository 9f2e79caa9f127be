package org.pergamena.formats.shapes;

import java.util.List;
import java.util.function.IntFunction;

/**
 * A text that is hard on whoever reads it.
 *
 * @param name what a person calls it
 * @param text one of at least so many characters
 */
record Shape(String name, IntFunction<String> text) {
  /** Those by which readers were stopped once, and their like. */
  static final List<Shape> ALL =
      List.of(
          of("opening brackets", "("),
          of("opening square brackets", "- ", "["),
          of("links that do not end", "[a]("),
          of("pictures that do not end", "![a](b"),
          of("addresses that do not end", "<http://a"),
          of("citations that do not end", "[@a; "),
          of("references one after the other", "[1] "),
          of("references that do not end", "[Marlow and Teal, p. 1 "),
          of("names before no year", "(Marlow and Teal and "),
          of("emphasis that does not end", "***a "),
          of("deletions that do not end", "~~a "),
          of("comments that do not end", "<!--"),
          of("sections that do not end", "<![CDATA["),
          of("angles", "<"),
          of("angles in an outline", "<opml><body><outline text=\"", "&lt;"),
          of("outlines within outlines", "<opml><body>", "<outline text=\"a\">"),
          of("elements within elements", "<html><body>", "<div>"),
          of("empty elements", "<html><body>", "<div></div>"),
          new Shape("blanks within a heading", n -> "# a" + " ".repeat(n) + "b"),
          new Shape("a long address", n -> "[x](" + "a.".repeat(n / 2) + ")"),
          new Shape("a long number", n -> "1.".repeat(n / 2) + " x"),
          new Shape("a long word", "a"::repeat),
          of("a word of hyphens", "a-"),
          of("full stops", "."),
          of("abbreviations", "Mr. "),
          of("an object without spaces", "{\"k\":", "\"v\",1,"),
          of("quotes in quotes", "\"a\"\""),
          of("one item after the other", "- a\n"),
          of("paragraphs under one topic", "# a\n", "word of a paragraph\n\n"),
          of("lines of equals signs", "=\n"),
          of("blanks", "\t"),
          of("footnote marks", "[^1]"),
          of("footnote marks by line", "- a[^1]\n"),
          of("strings of references", "@string{a = b # b}\n"),
          new Shape("deeper and deeper", n -> deeper(n, "- a")),
          new Shape("drawings deeper and deeper", n -> deeper(n, "mindmap")));

  private static Shape of(String name, String again) {
    return of(name, "", again);
  }

  private static Shape of(String name, String first, String again) {
    return new Shape(
        name, n -> first + again.repeat(Math.max(1, (n - first.length()) / again.length())));
  }

  private static String deeper(int length, String line) {
    StringBuilder text = new StringBuilder();
    for (int deep = 0; text.length() < length; deep++) {
      text.append(" ".repeat(deep)).append(line).append('\n');
    }
    return text.toString();
  }

  @Override
  public String toString() {
    return name;
  }
}
