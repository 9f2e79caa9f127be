package org.pergamena.formats.web;

import java.util.List;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;

/** HTML as a tree that is not deeper than pages are. */
final class Html {
  /** What is nested deeper stands beside each other there: several steps go over all below each. */
  private static final int DEEPEST = 120;

  /** What holds something, or is nothing. */
  private static final Set<String> HOLDERS = Set.of("div", "span", "section", "p", "i", "b");

  private Html() {}

  static Document parse(String html) {
    return parse(html, "");
  }

  static Document parse(String html, String address) {
    Document page = Jsoup.parse(html, address, Parser.htmlParser().setMaxDepth(DEEPEST));
    List<Element> elements = page.getAllElements();
    // from the end, so that what is within is gone before, and few have to move up
    for (int i = elements.size() - 1; i >= 0; i--) {
      Element element = elements.get(i);
      if (HOLDERS.contains(element.normalName()) && holdsNothing(element)) {
        element.remove();
      }
    }
    return page;
  }

  private static boolean holdsNothing(Element element) {
    return element.childNodes().stream()
        .allMatch(node -> node instanceof TextNode text && text.isBlank());
  }
}
