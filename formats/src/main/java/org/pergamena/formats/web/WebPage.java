package org.pergamena.formats.web;

import java.util.List;
import java.util.Optional;
import net.dankito.readability4j.Readability4J;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** A page of the web with what it leads to: the next part of its article, captions, a recording. */
public final class WebPage {
  private static final String BLOCKS = "h1, h2, h3, h4, h5, h6, p, ul, ol, table, pre, figure";

  private final Document page;

  /**
   * Takes a page apart.
   *
   * @param address where it was found, to complete the addresses in it
   */
  public WebPage(String html, String address) {
    page = Html.parse(html, address);
  }

  /** Its title, may be empty. */
  public String title() {
    return page.title().strip();
  }

  /** Address of the page on which its article goes on. */
  public Optional<String> next() {
    return address(page.selectFirst("link[rel=next], a[rel=next]"), "href");
  }

  /** Address of the captions of a recording on the page. */
  public Optional<String> captions() {
    return address(
        page.selectFirst(
            "track[kind=captions][src], track[kind=subtitles][src], track:not([kind])[src]"),
        "src");
  }

  /** Address of the recording that has captions. */
  public Optional<String> recording() {
    Element track = page.selectFirst("track[src]");
    Element media = track == null ? null : track.closest("audio, video");
    if (media == null) {
      return Optional.empty();
    }
    return address(media, "src").or(() -> address(media.selectFirst("source[src]"), "src"));
  }

  private static Optional<String> address(Element element, String attribute) {
    return Optional.ofNullable(element)
        .map(e -> e.absUrl(attribute))
        .filter(address -> !address.isBlank());
  }

  /** One page with the head of the first of several and the articles of all. */
  public static String joined(List<String> pages) {
    Document first = Html.parse(pages.get(0));
    Element article = new Element("article");
    for (String html : pages) {
      Element content = new Readability4J("http://localhost/", html).parse().getArticleContent();
      Element body = Html.parse(html).body();
      Element part = content == null ? body : ArticleFinder.in(body, content);
      for (Element block : part.select(BLOCKS)) {
        if (block.parents().stream().noneMatch(above -> above != part && above.is(BLOCKS))) {
          article.appendChild(block.clone());
        }
      }
    }
    first.body().empty().appendChild(article);
    return first.outerHtml();
  }
}
