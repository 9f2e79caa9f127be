package org.pergamena.formats.web;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import net.dankito.readability4j.Article;
import net.dankito.readability4j.Readability4J;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** Reads a page of the web: its article, without navigation and clutter, as blocks. */
public final class HtmlReader {
  private static final Set<String> SKIPPED =
      Set.of("script", "style", "noscript", "nav", "template", "svg", "form", "button", "select");
  private static final Pattern PERMALINK = Pattern.compile("\\s*[\u00b6\u00a7#]\\s*$");
  private static final int MOST_BESIDE = 16_000;
  private static final double LEAST_SHARE = 0.25;
  private static final String ADDRESS = "http://localhost/";

  private final SourceTextBuilder source = new SourceTextBuilder();
  private final StringBuilder words = new StringBuilder();
  private int paragraphs;

  private HtmlReader() {}

  /** Never fails: a page in which no article is found is read whole. */
  public static ReadSource read(String html) {
    Document page = Html.parse(html);
    PageFacts.unhide(page);
    PageTables.toParagraphs(page);
    Article article = article(page);
    Element content = article.getArticleContent();
    SourceText whole = blocks(page.body());
    SourceText found = content == null ? whole : blocks(ArticleFinder.in(page.body(), content));
    boolean enough = found.words() >= LEAST_SHARE * whole.words();
    int left = whole.words() - found.words();
    List<Omission> omissions =
        enough && left > 0
            ? List.of(
                new Omission(
                    Omission.counted(left, "word", "words")
                        + " of navigation, adverts, comments and the like",
                    firstMissing(whole, found)))
            : List.of();
    return ReadSource.of(
        SourceKind.WEB,
        PageFacts.of(page, article.getTitle(), article.getByline()),
        enough ? found : whole,
        omissions);
  }

  /**
   * The article of a page; one without content where the finder loses its way, or where so many
   * elements stand beside each other that it would not come to an end: it takes the square of their
   * number.
   */
  private static Article article(Document page) {
    if (page.stream().anyMatch(element -> element.childNodeSize() > MOST_BESIDE)) {
      return new Article(ADDRESS);
    }
    String html = page.outerHtml();
    try {
      return new Readability4J(ADDRESS, html).parse();
    } catch (RuntimeException e) {
      // the finder takes for granted that what it likes best stands within something else
      return new Article(ADDRESS);
    }
  }

  /** Reads what was copied out of a page or a word processor: all of it. */
  public static ReadSource pasted(String html) {
    Document page = Html.parse(html);
    PageTables.toParagraphs(page);
    return ReadSource.of(SourceKind.WEB, Facts.NONE, blocks(page.body()));
  }

  private static String firstMissing(SourceText whole, SourceText found) {
    return whole.blocks().stream()
        .map(whole::words)
        .filter(words -> !found.text().contains(words))
        .findFirst()
        .orElse("");
  }

  private static SourceText blocks(Element root) {
    HtmlReader reader = new HtmlReader();
    reader.walk(root, Block.Kind.PARAGRAPH, 0);
    reader.flush(Block.Kind.PARAGRAPH, 0);
    return reader.source.build();
  }

  private void walk(Element element, Block.Kind kind, int level) {
    for (Node node : element.childNodes()) {
      if (node instanceof TextNode text) {
        words.append(text.getWholeText());
      } else if (node instanceof Element child && !SKIPPED.contains(child.normalName())) {
        if (child.normalName().equals("br")) {
          words.append(' ');
        } else if (child.isBlock() || child.normalName().equals("li")) {
          flush(kind, level);
          block(child);
        } else {
          walk(child, kind, level);
        }
      }
    }
  }

  private void block(Element element) {
    String name = element.normalName();
    boolean heading = name.matches("h[1-6]");
    int level = heading ? name.charAt(1) - '0' : 0;
    Block.Kind kind =
        switch (name) {
          case "li" -> Block.Kind.ITEM;
          case "figcaption", "caption" -> Block.Kind.CAPTION;
          default -> heading ? Block.Kind.HEADING : Block.Kind.PARAGRAPH;
        };
    walk(element, kind, level);
    flush(kind, level);
  }

  private void flush(Block.Kind kind, int level) {
    String text = words.toString().replaceAll("[\\s\u00a0]+", " ").strip();
    words.setLength(0);
    if (kind == Block.Kind.HEADING) {
      source.block(kind, level, PERMALINK.matcher(text).replaceFirst(""));
    } else if (!text.isEmpty()) {
      source.block(kind, level, text, "paragraph " + ++paragraphs);
    }
  }
}
