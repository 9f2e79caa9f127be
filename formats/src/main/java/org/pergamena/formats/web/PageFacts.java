package org.pergamena.formats.web;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.pergamena.formats.read.Facts;

/** Title, author and date as a page of the web gives them in its metadata. */
final class PageFacts {
  private static final List<String> AUTHORS =
      List.of(
          "meta[name=author]",
          "meta[property=article:author]",
          "meta[name=dc.creator]",
          "meta[name=citation_author]",
          "[itemprop=author] [itemprop=name]",
          "[itemprop=author]",
          "[rel=author]");
  private static final List<String> DATES =
      List.of(
          "meta[property=article:published_time]",
          "meta[name=date]",
          "meta[name=dc.date]",
          "meta[name=citation_publication_date]",
          "[itemprop=datePublished]",
          "article time[datetime]",
          "time[datetime]");
  private static final Pattern LINKED_DATE =
      Pattern.compile("\"datePublished\"\\s*:\\s*\"([^\"]+)\"");
  private static final Pattern BY = Pattern.compile("(?i)^by\\s+");

  private PageFacts() {}

  /** Takes away what the page itself hides from everybody. */
  static void unhide(Document page) {
    page.select("[hidden], [aria-hidden=true], [style~=(?i)display:\\s*none]").remove();
  }

  static Facts of(Document page, String title, String byline) {
    String author = first(page, AUTHORS);
    String said = author == null && byline != null ? byline : author;
    return new Facts(
        title == null || title.isBlank() ? page.title() : title,
        said == null || said.length() > 100 ? null : BY.matcher(said.strip()).replaceFirst(""),
        date(page));
  }

  private static String date(Document page) {
    String date = first(page, DATES);
    if (date != null) {
      return date.replace('/', '-');
    }
    Matcher linked = LINKED_DATE.matcher(page.select("script[type=application/ld+json]").html());
    return linked.find() ? linked.group(1) : null;
  }

  private static String first(Document page, List<String> queries) {
    return queries.stream()
        .map(page::selectFirst)
        .filter(element -> element != null)
        .map(PageFacts::said)
        .filter(words -> !words.isBlank())
        .findFirst()
        .orElse(null);
  }

  private static String said(Element element) {
    return Stream.of("content", "datetime")
        .map(element::attr)
        .filter(value -> !value.isBlank())
        .findFirst()
        .orElseGet(element::text);
  }
}
