package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pergamena.core.layout.Item.Area;
import org.pergamena.core.layout.Item.Bar;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;

/**
 * One topic set in type, its left upper corner at the origin: number, label, tally, warning, tags.
 *
 * @param axis the height at which its brace begins
 */
record TopicBlock(double width, double height, double axis, List<Item> items) {
  private static final double NUMBER_GAP = 10;
  private static final double TALLY_GAP = 9;
  private static final double STROKE_WIDTH = 3;
  private static final double STROKE_STEP = 6;
  private static final double STROKE_HEIGHT = 13;
  private static final int MOST_STROKES = 8;
  private static final double PAD = 6;

  private static final double ROW = 18;
  private static final double SIGN = 13;
  private static final double TAG_GAP = 10;
  private static final double NOTE_WIDTH = 11;
  private static final double REMARK_WIDTH = 12;
  private static final int MOST_TAGS = 3;
  private static final double TEXT_LINE = 19;
  private static final double TEXT_WIDTH = 250;
  private static final int MOST_LINES = 10;

  private static final double OUTLINE = 1.2;

  private static final TextStyle TEXT = new TextStyle(Face.READING, 13);

  private static final TextStyle LEAD = new TextStyle(Face.READING_ITALIC, 13);
  private static final TextStyle COUNT = new TextStyle(Face.CONTROL, 12);
  private static final TextStyle WARNING = new TextStyle(Face.READING_ITALIC, 12);

  static TextStyle labelStyle(int level) {
    return switch (level) {
      case 0 -> new TextStyle(Face.READING_SEMIBOLD, 21);
      case 1 -> new TextStyle(Face.READING_MEDIUM, 18);
      case 2 -> new TextStyle(Face.READING, 16);
      default -> new TextStyle(Face.READING, 15);
    };
  }

  static TextStyle numberStyle(int level) {
    return new TextStyle(Face.CONTROL_BOLD, level == 1 ? 16 : 12);
  }

  private static double widest(int level) {
    return level == 0 ? 200 : level == 1 ? 230 : 270;
  }

  /**
   * Where a topic stands, as far as that says how it is set.
   *
   * @param numberWidth room for the number, the same for all of its level
   * @param hidden number of topics below that are not shown
   * @param guest whether the topic stands elsewhere and is only shown again
   * @param widening how many times as wide as usual its label may grow
   */
  record Setting(
      int level, double numberWidth, int hidden, int branch, boolean guest, double widening) {}

  /** How a label is set, with what a person or a rule says. */
  private static TextStyle labelled(Setting setting, Style given, Palette palette) {
    TextStyle usual =
        setting.guest()
            ? new TextStyle(Face.READING_ITALIC, 15)
            : labelStyle(setting.level()).with(given.bold(), given.italic(), larger(given));
    return given.face() == null ? palette.set(usual) : usual.in(given.face());
  }

  private static double larger(Style given) {
    return given.size() == null ? 1 : given.size().factor();
  }

  /** Sets a topic. */
  static TopicBlock set(
      Content content, TopicLook look, Setting setting, Palette palette, TextMeasurer measurer) {
    int level = setting.level();
    Style given = look.style();
    TextStyle style = labelled(setting, given, palette);
    Integer wide = setting.guest() ? null : content.look().width();
    double most = wide == null ? widest(level) * setting.widening() * larger(given) : wide;
    List<String> lines = LineBreaks.of(content.label(), style, most, measurer);
    double lineHeight = Math.round(style.size() * 1.35);
    double above = look.lead().isEmpty() ? 0 : ROW;
    double below = look.tags().isEmpty() ? 0 : ROW + 4;
    double gap = setting.numberWidth() == 0 ? 0 : setting.numberWidth() + NUMBER_GAP;
    double words = lines.stream().mapToDouble(line -> measurer.width(line, style)).max().orElse(0);
    Frame frame = Frame.of(given.outline(), given.ground() != null, words);
    List<Picture> pictures = look.pictures();
    double before = Illustrated.width(pictures, Picture.Where.BEFORE);
    double left = PAD + (level == 0 ? 0 : gap) + before + frame.x();
    List<Item> items = new ArrayList<>();
    double baseline = above + frame.y() + PAD / 2 + Math.round(style.size() * 1.02);
    double widest = words + frame.x();
    double labels = PAD + lines.size() * lineHeight + 2 * frame.y();
    Box inner = new Box(left, above + frame.y() + PAD / 2, words, labels - PAD - 2 * frame.y());
    String fill = setting.guest() ? palette.softInk() : palette.labelled(given, setting.branch());
    framed(frame, inner, given, fill, items, palette);
    if (above > 0) {
      TextStyle lead = palette.set(LEAD);
      items.add(new Words(Role.LEAD, look.lead(), left, ROW - 2, lead, palette.softInk()));
      widest = Math.max(widest, measurer.width(look.lead(), lead));
    }
    if (level > 0 && !look.number().isEmpty()) {
      TextStyle numbers = numberStyle(level);
      double x = PAD + setting.numberWidth() - measurer.width(look.number(), numbers);
      String pigment = palette.pigment(setting.branch());
      items.add(new Words(Role.NUMBER, look.number(), x, baseline, numbers, pigment));
    }
    boolean leftward = Direction.ofRightToLeft(content.label());
    for (int i = 0; i < lines.size(); i++) {
      double y = baseline + i * lineHeight;
      double x = leftward ? left + words - measurer.width(lines.get(i), style) : left;
      items.add(new Words(Role.LABEL, lines.get(i), x, y, style, fill));
    }
    double y = baseline + (lines.size() - 1) * lineHeight;
    double last = measurer.width(lines.get(lines.size() - 1), style);
    double end = left + (frame.x() > 0 || leftward ? words + frame.x() : last);
    end = signs(look, setting, end, y, items, palette, measurer);
    if (below > 0) {
      end = Math.max(end, tags(look.tags(), left, above + labels, items, palette, measurer));
    }
    double written = 0;
    TextStyle text = palette.set(TEXT);
    for (String line : written(look.text(), text, measurer)) {
      written += TEXT_LINE;
      double at = above + labels + below + written - 6;
      items.add(new Words(Role.TEXT, line, left, at, text, palette.ink()));
      widest = Math.max(widest, measurer.width(line, text));
    }
    double width = Math.max(left + widest, end) + PAD;
    TopicBlock block =
        new TopicBlock(width, above + labels + below + written, above + labels / 2, items);
    return Illustrated.set(block, pictures, left - frame.x());
  }

  /** What is behind and around the words. */
  private static void framed(
      Frame frame, Box words, Style given, String ink, List<Item> items, Palette palette) {
    Box box =
        new Box(
            words.x() - frame.x(),
            words.y() - frame.y(),
            words.width() + 2 * frame.x(),
            words.height() + 2 * frame.y());
    if (given.ground() != null) {
      items.add(new Area(frame.shape(box), palette.colour(given.ground())));
    }
    Path line = frame.line(box);
    if (line != null) {
      items.add(new Line(line, ink, OUTLINE * palette.weight(), List.of()));
    }
  }

  /** What stands behind the words: note, remark, tally, warning and a count; gives its end. */
  private static double signs(
      TopicLook look,
      Setting setting,
      double from,
      double baseline,
      List<Item> items,
      Palette palette,
      TextMeasurer measurer) {
    double end = from;
    if (look.noted()) {
      items.add(noted(end + TALLY_GAP, baseline, palette));
      end += TALLY_GAP + NOTE_WIDTH;
    }
    if (look.remarked()) {
      items.add(remarked(end + TALLY_GAP, baseline, palette));
      end += TALLY_GAP + REMARK_WIDTH;
    }
    end = tally(look, end, baseline, items, palette, measurer);
    if (setting.hidden() > 0) {
      String count = setting.hidden() + " below";
      items.add(new Words(Role.COUNT, count, end + TALLY_GAP, baseline, COUNT, palette.softInk()));
      end += TALLY_GAP + measurer.width(count, COUNT);
    }
    return end;
  }

  private static List<String> written(String text, TextStyle style, TextMeasurer measurer) {
    List<String> lines = new ArrayList<>();
    for (String paragraph : text.strip().split("\n")) {
      if (!paragraph.isBlank()) {
        lines.addAll(LineBreaks.of(paragraph.strip(), style, TEXT_WIDTH, measurer));
      }
    }
    if (lines.size() <= MOST_LINES) {
      return lines;
    }
    List<String> first = new ArrayList<>(lines.subList(0, MOST_LINES));
    first.set(MOST_LINES - 1, first.get(MOST_LINES - 1) + " …");
    return first;
  }

  /** Three lines of writing: there is a note. */
  private static Item noted(double x, double baseline, Palette palette) {
    Path.Pen pen = new Path.Pen();
    for (int i = 0; i < 3; i++) {
      double y = baseline - 1 - 4 * i;
      pen.move(x, y).line(x + (i == 0 ? NOTE_WIDTH - 4 : NOTE_WIDTH), y);
    }
    return new Line(pen.path(), palette.softInk(), 1.2, List.of());
  }

  /** Something that is said: there is an open remark. */
  private static Item remarked(double x, double baseline, Palette palette) {
    double right = x + REMARK_WIDTH;
    double top = baseline - 10;
    double low = baseline - 2;
    Path.Pen pen = new Path.Pen().move(x + 3, low).line(x + 3, baseline + 2).line(x + 7, low);
    pen.line(right - 2, low).curve(right, low, right, low - 2).line(right, top + 2);
    pen.curve(right, top, right - 2, top).line(x + 2, top).curve(x, top, x, top + 2);
    pen.line(x, low - 2).curve(x, low, x + 2, low).line(x + 3, low);
    return new Line(pen.path(), palette.rubric(), 1.2, List.of());
  }

  /** A row of tags, each a sign and a word; gives where it ends. */
  private static double tags(
      List<Tag> tags,
      double left,
      double top,
      List<Item> items,
      Palette palette,
      TextMeasurer measurer) {
    double x = left;
    double baseline = top + ROW - 7;
    for (Tag tag : tags.subList(0, Math.min(MOST_TAGS, tags.size()))) {
      Optional<Path> sign = Signs.of(tag.sign());
      if (sign.isPresent()) {
        Path path = sign.get().scaled(SIGN / Signs.SIZE).moved(x, baseline - SIGN + 2);
        items.add(new Line(path, palette.softInk(), 1.1, List.of()));
        x += SIGN + 4;
      }
      items.add(new Words(Role.TAG, tag.word(), x, baseline, COUNT, palette.softInk()));
      x += measurer.width(tag.word(), COUNT) + TAG_GAP;
    }
    if (tags.size() > MOST_TAGS) {
      String more = "+" + (tags.size() - MOST_TAGS);
      items.add(new Words(Role.TAG, more, x, baseline, COUNT, palette.softInk()));
      x += measurer.width(more, COUNT) + TAG_GAP;
    }
    return x - TAG_GAP;
  }

  private static double tally(
      TopicLook look,
      double end,
      double baseline,
      List<Item> items,
      Palette palette,
      TextMeasurer measurer) {
    int shown = Math.min(look.tally().size(), MOST_STROKES);
    double x = end;
    if (shown > 0) {
      x += TALLY_GAP;
      for (int ink : look.tally().subList(0, shown)) {
        Box box = new Box(x, baseline - STROKE_HEIGHT + 2, STROKE_WIDTH, STROKE_HEIGHT);
        items.add(new Bar(box, palette.source(ink)));
        x += STROKE_STEP;
      }
      x -= STROKE_STEP - STROKE_WIDTH;
    }
    if (look.tally().size() > shown) {
      String more = "+" + (look.tally().size() - shown);
      items.add(new Words(Role.COUNT, more, x + 5, baseline, COUNT, palette.softInk()));
      x += 5 + measurer.width(more, COUNT);
    }
    if (!look.warning().isEmpty()) {
      double left = x + TALLY_GAP;
      TextStyle warning = palette.set(WARNING);
      items.add(new Words(Role.WARNING, look.warning(), left, baseline, warning, palette.rubric()));
      x = left + measurer.width(look.warning(), warning);
    }
    return x;
  }
}
