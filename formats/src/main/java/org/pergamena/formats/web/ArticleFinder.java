package org.pergamena.formats.web;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/**
 * Finds the article of a page whole. A readability library tells which paragraphs are its text but
 * drops headings, short lists and tables; so the smallest part of the page that holds nearly all of
 * those paragraphs is taken, without whatever in it is navigation, advert or comment.
 */
final class ArticleFinder {
  private static final String TEXTS = "p, li, pre, blockquote, dd, td";
  private static final int LEAST_LETTERS = 40;
  private static final double NEARLY_ALL = 0.9;
  private static final double LINKED = 0.5;
  private static final int FEW_LINKS = 3;
  private static final String NEVER =
      "nav, aside, footer, [role=navigation], [role=complementary], [role=contentinfo],"
          + " [role=dialog], [role=alertdialog]";
  private static final Pattern UNLIKELY =
      Pattern.compile(
          "(^|[-_ ])(ads?|advert\\w*|banner|breadcrumbs?|comments?|cookies?|disqus|footer|masthead"
              + "|menu|nav\\w*|newsletter|pager|pagination|popup|promo\\w*|related|share|sharing"
              + "|sidebar|signup|social|sponsor\\w*|subscribe|tags|toolbar|widget)([-_ ]|$)");

  private final Set<String> known = new HashSet<>();

  private ArticleFinder(Element found) {
    for (Element text : found.select(TEXTS)) {
      if (text.text().length() >= LEAST_LETTERS) {
        known.add(text.text());
      }
    }
  }

  /**
   * The article within a page; what does not belong to it is taken out of the page.
   *
   * @param found what the readability library takes for the article
   */
  static Element in(Element body, Element found) {
    ArticleFinder finder = new ArticleFinder(found);
    List<Element> texts = body.select(TEXTS).stream().filter(finder::isKnown).toList();
    if (texts.isEmpty()) {
      return found;
    }
    Element article = finder.holding(body, texts);
    finder.clean(article);
    return article;
  }

  private boolean isKnown(Element element) {
    return known.contains(element.text());
  }

  /** The smallest element that holds nearly all of the texts. */
  private Element holding(Element body, List<Element> texts) {
    int all = texts.stream().mapToInt(text -> text.text().length()).sum();
    Element smallest = body;
    while (true) {
      Element next = null;
      for (Element child : smallest.children()) {
        int within =
            texts.stream()
                .filter(text -> text == child || text.parents().contains(child))
                .mapToInt(text -> text.text().length())
                .sum();
        if (within >= NEARLY_ALL * all) {
          next = child;
        }
      }
      if (next == null || next.is(TEXTS)) {
        return smallest;
      }
      smallest = next;
    }
  }

  private void clean(Element article) {
    for (Element child : List.copyOf(article.children())) {
      if (isClutter(child)) {
        child.remove();
      } else {
        clean(child);
      }
    }
  }

  private boolean isClutter(Element element) {
    if (isKnown(element) || element.select(TEXTS).stream().anyMatch(this::isKnown)) {
      return false;
    }
    String names = (element.className() + " " + element.id()).toLowerCase(Locale.ROOT);
    return element.is(NEVER) || UNLIKELY.matcher(names).find() || isLinks(element);
  }

  private static boolean isLinks(Element element) {
    int letters = element.text().length();
    int linked = element.select("a[href]").stream().mapToInt(a -> a.text().length()).sum();
    return element.isBlock()
        && !element.normalName().matches("h[1-6]|p")
        && element.select("a[href]").size() >= FEW_LINKS
        && linked > LINKED * letters;
  }
}
