package org.pergamena.formats.publish;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.poi.sl.usermodel.PictureData.PictureType;
import org.apache.poi.sl.usermodel.Placeholder;
import org.apache.poi.sl.usermodel.ShapeType;
import org.apache.poi.sl.usermodel.TextParagraph.TextAlign;
import org.apache.poi.sl.usermodel.VerticalAlignment;
import org.apache.poi.xslf.usermodel.SlideLayout;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFAutoShape;
import org.apache.poi.xslf.usermodel.XSLFPictureData;
import org.apache.poi.xslf.usermodel.XSLFPictureShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTextParagraph;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.openxmlformats.schemas.presentationml.x2006.main.CTPicture;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.publish.Block;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.publish.Report;
import org.pergamena.formats.picture.Theme;
import org.pergamena.formats.text.XmlWords;

/**
 * Slides (ECMA-376, PresentationML): one with the map, one for each main branch with its picture,
 * one for each topic below; passages and citations stand in the speaker's notes.
 */
final class Slides {
  private static final java.awt.Dimension PAGE = new java.awt.Dimension(960, 540); // points
  private static final double MARGIN = 48;
  private static final double BELOW_TITLE = 118;
  private static final int ENTRIES = 7;
  private static final int LONGEST_LINE = 420;
  private static final int ROOM = 700;
  private static final String FACE = "Georgia";
  private static final int MOST_LINES = 9;

  private final Publication publication;
  private final Report report;
  private final TopicMap map;

  static {
    OfficeScratch.use();
  }

  private final XMLSlideShow show = new XMLSlideShow();
  private final Map<UUID, List<Block>> carried = new HashMap<>();

  Slides(Publication publication) {
    this.publication = publication;
    this.report = publication.report();
    this.map = publication.map();
  }

  void write(OutputStream out) throws IOException {
    show.setPageSize(PAGE);
    gather();
    front();
    Scene whole = publication.scene();
    picture(titled(report.title()), whole, "The map: " + report.title());
    for (Topic topic : publication.told(map.preorder())) {
      int level = map.level(topic);
      if (level == 1) {
        branch(topic, whole);
      } else if (level > 1) {
        alone(topic);
      }
    }
    references();
    show.write(out);
    show.getPackage().revert(); // to close it would write it once more
  }

  /** What stands under each heading of the report. */
  private void gather() {
    UUID at = map.root().id();
    for (Block block : report.blocks()) {
      if (block instanceof Block.Heading heading) {
        at = heading.topic();
      } else {
        carried.computeIfAbsent(at, id -> new ArrayList<>()).add(block);
      }
    }
  }

  private void front() {
    XSLFSlide slide = show.createSlide(show.getSlideMasters().get(0).getLayout(SlideLayout.TITLE));
    fill(slide.getPlaceholder(0), report.title());
    XSLFTextShape second = slide.getPlaceholder(1);
    List<String> lines = publication.front().lines();
    if (lines.isEmpty()) {
      slide.removeShape(second);
    } else {
      fill(second, String.join("\n", lines));
    }
    centre(slide.getPlaceholder(0), 150, 110);
    dressed(slide.getPlaceholder(0), 44);
    if (!lines.isEmpty()) {
      centre(second, 280, 140);
      dressed(second, 20);
    }
    notes(slide, map.root().id());
  }

  /** In the type of the house. */
  private static void dressed(XSLFTextShape shape, double size) {
    for (XSLFTextParagraph paragraph : shape.getTextParagraphs()) {
      paragraph.setTextAlign(TextAlign.LEFT);
      for (XSLFTextRun run : paragraph.getTextRuns()) {
        run.setFontSize(size);
        run.setFontFamily(FACE);
        run.setFontColor(Color.decode(Theme.LIGHT.ink()));
      }
    }
  }

  private static void centre(XSLFTextShape shape, double top, double height) {
    shape.setAnchor(new Rectangle2D.Double(MARGIN, top, PAGE.getWidth() - 2 * MARGIN, height));
  }

  private static void fill(XSLFTextShape shape, String words) {
    shape.setText(XmlWords.of(words));
  }

  private XSLFSlide titled(String title) {
    XSLFSlide slide =
        show.createSlide(show.getSlideMasters().get(0).getLayout(SlideLayout.TITLE_ONLY));
    XSLFTextShape shape = slide.getPlaceholder(0);
    fill(shape, title);
    shape.setAnchor(new Rectangle2D.Double(MARGIN, 28, PAGE.getWidth() - 2 * MARGIN, 76));
    shape.setVerticalAlignment(VerticalAlignment.BOTTOM);
    dressed(shape, title.length() > 60 ? 24 : 32);
    XSLFAutoShape rule = slide.createAutoShape();
    rule.setShapeType(ShapeType.RECT);
    rule.setAnchor(new Rectangle2D.Double(MARGIN + 7, 106, 56, 3));
    rule.setFillColor(Color.decode(Theme.LIGHT.rubric()));
    rule.setLineColor(null);
    return slide;
  }

  private void picture(XSLFSlide slide, Scene scene, String alt) {
    byte[] png = Plates.png(publication, scene);
    XSLFPictureData data = show.addPicture(png, PictureType.PNG);
    XSLFPictureShape shape = slide.createPicture(data);
    double wide = PAGE.getWidth() - 2 * MARGIN;
    double high = PAGE.getHeight() - BELOW_TITLE - 24;
    double scale = Math.min(1.2, Math.min(wide / scene.width(), high / scene.height()));
    double width = scene.width() * scale;
    double height = scene.height() * scale;
    shape.setAnchor(
        new Rectangle2D.Double(
            (PAGE.getWidth() - width) / 2, BELOW_TITLE + (high - height) / 2, width, height));
    ((CTPicture) shape.getXmlObject()).getNvPicPr().getCNvPr().setDescr(XmlWords.of(alt));
  }

  private void branch(Topic main, Scene whole) {
    XSLFSlide slide = titled(main.label());
    Set<UUID> within = new HashSet<>();
    gather(main, within);
    Scene part = whole.only(within);
    if (!part.topics().isEmpty()) {
      picture(slide, part, "The branch: " + main.label());
    }
    notes(slide, main.id());
  }

  private void gather(Topic topic, Set<UUID> within) {
    within.add(topic.id());
    map.children(topic).forEach(child -> gather(child, within));
  }

  private void alone(Topic topic) {
    XSLFSlide slide = titled(topic.label());
    lines(slide, saidOf(topic));
    notes(slide, topic.id());
  }

  /** What stands on a topic's slide: what is said of it, and what is below it. */
  private List<List<Block.Run>> saidOf(Topic topic) {
    List<List<Block.Run>> said = new ArrayList<>();
    for (Block block : carried.getOrDefault(topic.id(), List.of())) {
      if (block instanceof Block.Paragraph paragraph) {
        said.add(paragraph.runs());
      } else if (block instanceof Block.Items items) {
        items.items().stream()
            .flatMap(List::stream)
            .filter(Block.Paragraph.class::isInstance)
            .forEach(within -> said.add(((Block.Paragraph) within).runs()));
      }
    }
    map.children(topic).forEach(child -> said.add(List.of(Block.Run.plain(child.label()))));
    List<List<Block.Run>> shown = said.size() > MOST_LINES ? said.subList(0, MOST_LINES) : said;
    // where there is room, the words themselves
    int words = shown.stream().mapToInt(line -> Block.Run.words(line).length()).sum();
    for (Block block : carried.getOrDefault(topic.id(), List.of())) {
      if (block instanceof Block.Passage passage && words + passage.words().length() < ROOM) {
        shown.add(quoted(passage));
        words += passage.words().length();
      }
    }
    return shown;
  }

  private static List<Block.Run> quoted(Block.Passage passage) {
    List<Block.Run> runs = new ArrayList<>();
    runs.add(Block.Run.plain("\u201c" + passage.words() + "\u201d "));
    runs.addAll(passage.cited());
    return runs;
  }

  private void lines(XSLFSlide slide, List<List<Block.Run>> said) {
    if (said.isEmpty()) {
      return;
    }
    XSLFTextShape box = slide.createTextBox();
    box.setAnchor(
        new Rectangle2D.Double(
            MARGIN,
            BELOW_TITLE,
            PAGE.getWidth() - 2 * MARGIN,
            PAGE.getHeight() - BELOW_TITLE - 30));
    box.clearText();
    int words = said.stream().mapToInt(line -> Block.Run.words(line).length()).sum();
    double size = words > 900 ? 14 : words > 450 ? 17 : 20;
    for (List<Block.Run> line : said) {
      XSLFTextParagraph paragraph = box.addNewTextParagraph();
      paragraph.setBullet(true);
      paragraph.setIndent(-16.0);
      paragraph.setLeftMargin(16.0);
      paragraph.setSpaceAfter(-6.0);
      runs(paragraph, line, size);
    }
  }

  private static void runs(XSLFTextParagraph paragraph, List<Block.Run> line, double size) {
    int left = LONGEST_LINE;
    for (Block.Run run : line) {
      List<Block.Run> said = run.footnote().isEmpty() ? List.of(run) : run.footnote();
      for (Block.Run each : said) {
        if (left <= 0) {
          return;
        }
        String words = each.words();
        boolean cut = words.length() > left;
        XSLFTextRun out = paragraph.addNewTextRun();
        out.setText(XmlWords.of(cut ? cut(words, left) : words));
        out.setFontSize(size);
        out.setFontFamily(FACE);
        out.setFontColor(Color.decode(Theme.LIGHT.ink()));
        out.setBold(each.bold());
        out.setItalic(each.italic());
        left -= words.length();
      }
    }
  }

  /** Ends at a word. */
  private static String cut(String words, int length) {
    int end = words.lastIndexOf(' ', length);
    return words.substring(0, end > 0 ? end : length) + "\u2026";
  }

  /** All that a topic carries, with its passages and their citations. */
  private void notes(XSLFSlide slide, UUID topic) {
    StringBuilder notes = new StringBuilder();
    for (Block block : carried.getOrDefault(topic, List.of())) {
      if (block instanceof Block.Paragraph paragraph) {
        notes.append(spoken(paragraph.runs())).append("\n\n");
      } else if (block instanceof Block.Passage passage) {
        notes.append(spoken(quoted(passage))).append("\n\n");
      }
    }
    String words = XmlWords.of(notes.toString().strip());
    if (!words.isEmpty()) {
      for (XSLFTextShape shape : show.getNotesSlide(slide).getPlaceholders()) {
        if (shape.getTextType() == Placeholder.BODY) {
          shape.setText(words);
        }
      }
    }
  }

  private static String spoken(List<Block.Run> runs) {
    StringBuilder words = new StringBuilder();
    for (Block.Run run : runs) {
      String note = Block.Run.words(run.footnote());
      words.append(run.words()).append(note.isEmpty() ? "" : " [" + note + "]");
    }
    return words.toString();
  }

  private void references() {
    List<Citing.Entry> all = report.references();
    for (int from = 0; from < all.size(); from += ENTRIES) {
      XSLFSlide slide = titled("References");
      List<List<Block.Run>> lines = new ArrayList<>();
      for (Citing.Entry entry : all.subList(from, Math.min(all.size(), from + ENTRIES))) {
        List<Block.Run> line = new ArrayList<>();
        line.add(Block.Run.plain(entry.label().isEmpty() ? "" : entry.label() + " "));
        line.addAll(entry.runs());
        lines.add(line);
      }
      lines(slide, lines);
    }
  }
}
