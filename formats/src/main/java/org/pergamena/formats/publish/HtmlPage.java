package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Report;
import org.pergamena.formats.picture.SvgPicture;

/**
 * A map as one page that needs nothing else: the drawing, which can be moved about, and beside it
 * the outline with notes and passages. Without scripts the outline still opens.
 */
final class HtmlPage {
  private final Publication publication;
  private final HtmlBlocks blocks;
  private final StringBuilder page = new StringBuilder();

  private HtmlPage(Publication publication) {
    this.publication = publication;
    this.blocks = HtmlBlocks.scrolled(publication.gallery());
  }

  static String of(Publication publication) {
    HtmlPage page = new HtmlPage(publication);
    page.write();
    return page.page.toString();
  }

  static String resource(String name) {
    try (InputStream in = HtmlPage.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void write() {
    Report report = publication.report();
    String title = HtmlBlocks.escaped(report.title());
    page.append("<!doctype html>\n<html lang=\"")
        .append(publication.language())
        .append("\">\n<head>\n<meta charset=\"utf-8\">\n")
        .append("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n")
        .append("<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none';")
        .append(" style-src 'unsafe-inline'; script-src 'unsafe-inline'; img-src data:\">\n")
        .append("<title>")
        .append(title)
        .append("</title>\n<style>\n")
        .append(resource("page.css"))
        .append("</style>\n</head>\n<body>\n<header>\n<h1>")
        .append(title)
        .append("</h1>\n");
    String by =
        publication.front().lines().stream()
            .map(HtmlBlocks::escaped)
            .collect(Collectors.joining(" \u00b7 "));
    page.append(by.isEmpty() ? "" : "<p>" + by + "</p>\n");
    page.append("<label>Find <input type=\"search\" id=\"find\"></label>\n")
        .append("<output id=\"found\" aria-live=\"polite\"></output>\n</header>\n<main>\n");
    drawing();
    page.append("<section id=\"outline\" aria-label=\"Outline\" tabindex=\"0\">\n");
    outline(report);
    page.append(blocks.references(report.references()))
        .append(blocks.footnotes())
        .append("</section>\n</main>\n")
        .append(foot())
        .append("<script>\n")
        .append(resource("page.js"))
        .append("</script>\n</body>\n</html>\n");
  }

  private void drawing() {
    ByteArrayOutputStream svg = new ByteArrayOutputStream();
    SvgPicture.part(publication.scene(), publication.title(), publication.gallery(), svg);
    page.append("<section id=\"map\" aria-label=\"Map\" tabindex=\"0\">\n")
        .append(svg.toString(StandardCharsets.UTF_8))
        .append("\n</section>\n");
  }

  /** A heading opens what is below it, and closes what is not above it. */
  private void outline(Report report) {
    Block.Heading root =
        new Block.Heading(publication.map().root().id(), 0, "", report.title(), "");
    open(root, true);
    int level = 0;
    for (Block block : publication.told(report.blocks())) {
      if (block instanceof Block.Heading heading) {
        page.append("</details>\n".repeat(Math.max(0, level - heading.level() + 1)));
        open(heading, false);
        level = heading.level();
      } else {
        page.append(blocks.of(block));
      }
    }
    page.append("</details>\n".repeat(level + 1));
  }

  private void open(Block.Heading heading, boolean open) {
    page.append("<details id=\"o")
        .append(heading.topic())
        .append("\"")
        .append(open ? " open" : "")
        .append("><summary>")
        .append(heading.number().isEmpty() ? "" : "<b>" + heading.number() + "</b> ")
        .append(HtmlBlocks.escaped(heading.words()))
        .append(heading.mark().isEmpty() ? "" : " <em>" + heading.mark() + "</em>")
        .append("</summary>\n");
  }

  /** Words of the person's own at the foot, with links as notes have them. */
  private String foot() {
    if (publication.front().foot().isBlank()) {
      return "";
    }
    StringBuilder foot = new StringBuilder("<footer>\n");
    Notes.read(publication.front().foot()).forEach(block -> foot.append(blocks.of(block)));
    return foot.append("</footer>\n").toString();
  }
}
