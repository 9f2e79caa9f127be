package org.pergamena.formats.publish;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.text.StringEscapeUtils;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.pergamena.core.map.Also;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Gloss;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.formats.picture.SvgPicture;

/**
 * A map as one page that needs nothing else: the drawing, which can be moved about, and beside it
 * the outline with notes and passages. Without scripts the outline still opens.
 */
final class HtmlPage {
  private static final Parser NOTES = Parser.builder().build();
  private static final HtmlRenderer RENDERER =
      HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true).build();

  private final Publication publication;
  private final TopicMap map;
  private final Map<UUID, String> numbers;
  private final Map<UUID, List<CrossLink>> links;
  private final Map<UUID, List<Also>> also;
  private final Map<UUID, String> named = new HashMap<>();
  private final StringBuilder page = new StringBuilder();

  private HtmlPage(Publication publication) {
    this.publication = publication;
    this.map = publication.map();
    this.numbers = Numbering.of(map);
    this.links = publication.leading();
    this.also = map.also().stream().collect(Collectors.groupingBy(Also::parent));
    map.preorder().forEach(topic -> named.put(topic.id(), named(topic)));
  }

  static String of(Publication publication) {
    HtmlPage page = new HtmlPage(publication);
    page.write();
    return page.page.toString();
  }

  private static String escaped(String words) {
    return StringEscapeUtils.escapeHtml4(words);
  }

  private static String resource(String name) {
    try (InputStream in = HtmlPage.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String named(Topic topic) {
    String number = map.look().numbered() ? numbers.get(topic.id()) : "";
    String label = escaped(topic.label());
    return number.isEmpty() ? label : "<b>" + number + "</b> " + label;
  }

  private void write() {
    String title = escaped(publication.title());
    page.append("<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n")
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
    Publication.Front front = publication.front();
    String by =
        Stream.of(
                front.subtitle(), front.author(), front.institution(), front.course(), front.date())
            .filter(line -> !line.isBlank())
            .map(HtmlPage::escaped)
            .collect(Collectors.joining(" \u00b7 "));
    page.append(by.isEmpty() ? "" : "<p>" + by + "</p>\n");
    page.append("<label>Find <input type=\"search\" id=\"find\"></label>\n")
        .append("<output id=\"found\" aria-live=\"polite\"></output>\n</header>\n<main>\n");
    drawing();
    page.append("<section id=\"outline\" aria-label=\"Outline\" tabindex=\"0\">\n");
    topic(map.root());
    sources();
    page.append("</section>\n</main>\n<script>\n")
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

  private void topic(Topic topic) {
    String id = topic.id().toString();
    boolean root = topic.parent() == null;
    String mark = publication.mark(topic.id());
    page.append("<details id=\"o")
        .append(id)
        .append("\"")
        .append(root ? " open" : "")
        .append("><summary>")
        .append(named.get(topic.id()))
        .append(mark.isEmpty() ? "" : " <em>" + mark + "</em>")
        .append("</summary>\n");
    carried(topic);
    for (Topic child : map.children(topic)) {
      topic(child);
    }
    for (Also again : also.getOrDefault(topic.id(), List.of())) {
      paragraph("also", "also here: " + reference(again.topic()));
    }
    page.append("</details>\n");
  }

  private void carried(Topic topic) {
    Gloss gloss = topic.content().gloss();
    paragraph("definition", escaped(gloss.definition()));
    paragraph("summary", escaped(topic.summary()));
    paragraph("tags", escaped(map.legend().words(topic)));
    if (!topic.note().isBlank()) {
      String note = RENDERER.render(NOTES.parse(topic.note()));
      page.append("<div class=\"note\">").append(note).append("</div>\n");
    }
    topic.evidence().forEach(this::passage);
    for (CrossLink link : links.getOrDefault(topic.id(), List.of())) {
      String phrase = link.phrase().isEmpty() ? "" : "<i>" + escaped(link.phrase()) + "</i> ";
      String note = link.note().isBlank() ? "" : ": " + escaped(link.note());
      String supposed = link.manner().supposed() ? " (supposed)" : "";
      paragraph("link", phrase + link.manner().direction().arrow() + " " + reference(link.to()) + supposed + note);
      link.grounds().forEach(this::passage);
    }
  }

  private String reference(UUID topic) {
    return "<a href=\"#o" + topic + "\">" + named.get(topic) + "</a>";
  }

  private void paragraph(String kind, String html) {
    if (!html.isBlank()) {
      page.append("<p class=\"").append(kind).append("\">").append(html).append("</p>\n");
    }
  }

  private void passage(Evidence evidence) {
    String place = publication.place(evidence);
    page.append("<blockquote><p>")
        .append(escaped(evidence.passage().line()))
        .append("</p>")
        .append(place.isEmpty() ? "" : "<footer>" + escaped(place) + "</footer>")
        .append("</blockquote>\n");
  }

  private void sources() {
    if (publication.works().isEmpty()) {
      return;
    }
    page.append("<h2>Sources</h2>\n<ul>\n");
    for (Publication.Work work : publication.works()) {
      page.append("<li>").append(escaped(work.reference())).append("</li>\n");
    }
    page.append("</ul>\n");
  }
}
