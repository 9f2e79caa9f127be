package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.layout.Item.Area;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Grain;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.Outline;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Strength;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.TextSize;
import org.pergamena.core.map.Typeface;

class StyledTopicTest {
  private static final TopicBlock.Setting SETTING = new TopicBlock.Setting(2, 20, 0, 0, false, 1);

  private static TopicBlock set(Content content, Style style, Palette palette) {
    TopicLook look =
        new TopicLook("1.1", List.of(0), "thin", "", true, false, List.of(), "", List.of(), style);
    return TopicBlock.set(content, look, SETTING, palette, Papers.MEASURER);
  }

  private static TopicBlock set(Style style) {
    return set(Content.labelled("Old wall by the sea"), style, Papers.PALETTE);
  }

  private static Words label(TopicBlock block) {
    return block.items().stream()
        .filter(item -> item instanceof Words words && words.role() == Role.LABEL)
        .map(Words.class::cast)
        .findFirst()
        .orElseThrow();
  }

  private static Style outlined(Outline outline) {
    return new Style(null, null, null, null, null, null, outline, null);
  }

  @Test
  void a_label_has_the_face_size_weight_slant_and_ink_that_it_was_given() {
    Style style =
        new Style(
            Typeface.NARROW,
            TextSize.LARGE,
            true,
            true,
            new Colour(null, 100, "#123456"),
            null,
            null,
            null);
    Words label = label(set(style));
    assertThat(label.style()).isEqualTo(new TextStyle(Face.NARROW_SEMIBOLD_ITALIC, 20));
    assertThat(label.fill()).isEqualTo("#123456");
  }

  @ParameterizedTest
  @EnumSource(
      value = Outline.class,
      names = {"NONE", "UNDERLINE"},
      mode = EnumSource.Mode.EXCLUDE)
  void an_outline_stands_around_the_words_and_within_the_room_of_the_topic(Outline outline) {
    TopicBlock plain = set(Style.NONE);
    TopicBlock block = set(outlined(outline));
    Words label = label(block);
    Box box =
        block.items().stream()
            .filter(Line.class::isInstance)
            .map(item -> ((Line) item).path().box())
            .filter(line -> line.width() > 60)
            .findFirst()
            .orElseThrow();
    assertThat(box.x()).isLessThan(label.x() - 4);
    assertThat(box.right()).isGreaterThan(label.x() + 8 * label.text().length() + 4);
    assertThat(box.y()).isLessThan(label.y() - 12).isGreaterThanOrEqualTo(0);
    assertThat(box.bottom()).isGreaterThan(label.y() + 2).isLessThanOrEqualTo(block.height());
    assertThat(block.width()).isGreaterThan(plain.width());
    assertThat(block.axis()).isBetween(box.y(), box.bottom());
  }

  @Test
  void letters_on_a_dark_ground_are_light_unless_they_were_given_an_ink() {
    Style dark = Style.grounded(new Colour(null, 100, "#102030"));
    TopicBlock block = set(dark);
    assertThat(block.items().get(0)).isInstanceOf(Area.class);
    assertThat(((Area) block.items().get(0)).fill()).isEqualTo("#102030");
    assertThat(label(block).fill()).isEqualTo("#ffffff");
    assertThat(label(set(Style.inked(Colour.of(Ink.WOAD)).over(dark))).fill()).isEqualTo("#0000ff");
  }

  @Test
  void a_label_is_broken_at_the_width_that_it_was_given() {
    Content content = Content.labelled("Old wall by the sea");
    Look narrow = Look.NONE.wide(70);
    TopicBlock block = set(content.withLook(narrow), Style.NONE, Papers.PALETTE);
    assertThat(block.items().stream().filter(i -> i instanceof Words w && w.role() == Role.LABEL))
        .hasSize(3);
  }

  @Test
  void a_map_in_another_face_has_its_words_in_it_but_not_its_numbers() {
    Palette fine = Papers.PALETTE.on(new Paper(null, null, Strength.STRONG, Typeface.FINE, ""));
    TopicBlock block = set(Content.labelled("Old wall"), Style.NONE, fine);
    assertThat(label(block).style().face()).isEqualTo(Face.FINE);
    assertThat(block.items().stream().filter(i -> i instanceof Words w && w.role() == Role.NUMBER))
        .extracting(item -> ((Words) item).style().face())
        .containsExactly(Face.CONTROL_BOLD);
    assertThat(fine.weight()).isEqualTo(1.8);
    // what was given a face by hand stays in it
    Style book = new Style(Typeface.BOOK, null, null, null, null, null, null, null);
    assertThat(label(set(Content.labelled("Old wall"), book, fine)).style().face())
        .isEqualTo(Face.READING);
  }

  @Test
  void lines_that_are_written_from_right_to_left_end_at_the_left_and_begin_at_one_edge() {
    Content content = Content.labelled("הקיר הישן ליד הים").withLook(Look.NONE.wide(80));
    List<Words> lines =
        set(content, Style.NONE, Papers.PALETTE).items().stream()
            .filter(item -> item instanceof Words words && words.role() == Role.LABEL)
            .map(Words.class::cast)
            .toList();
    assertThat(lines).hasSizeGreaterThan(1);
    assertThat(lines.stream().map(line -> line.x() + 8 * line.text().length()).distinct())
        .hasSize(1);
    assertThat(Direction.ofRightToLeft("(1953) הקיר")).isTrue();
    assertThat(Direction.ofRightToLeft("Wall הקיר")).isFalse();
    assertThat(Direction.ofRightToLeft("1953")).isFalse();
  }

  @Test
  void an_ink_at_half_strength_is_half_way_to_the_ground() {
    assertThat(Papers.PALETTE.colour(Colour.of(Ink.WOAD, 50))).isEqualTo("#8080FF");
    assertThat(Papers.PALETTE.colour(Colour.of(Ink.WOAD))).isEqualTo("#0000ff");
  }

  @Test
  void contrast_is_that_of_the_guidelines_and_told_where_it_is_too_little() {
    assertThat(Contrast.ratio("#000000", "#ffffff")).isEqualTo(21);
    assertThat(Contrast.ratio("#777777", "#ffffff")).isBetween(4.4, 4.5);
    Typesetter type = new Typesetter(Papers.PALETTE, Papers.MEASURER);
    assertThat(type.poorContrast(Style.inked(Colour.read("#dddddd")), 0)).isEqualTo(1.3);
    assertThat(type.poorContrast(Style.inked(Colour.of(Ink.WOAD)), 0)).isNull();
    assertThat(type.poorContrast(Style.NONE, 0)).isNull();
  }

  @ParameterizedTest
  @EnumSource(value = Grain.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
  void a_grain_lies_within_its_tile_and_is_the_same_each_time(Grain grain) {
    Typesetter type = new Typesetter(Papers.PALETTE, Papers.MEASURER);
    Paper paper = new Paper(grain, null, null, null, "Draft");
    Backdrop.Tile tile = Backdrop.of(paper, type).tile();
    assertThat(tile).isEqualTo(Backdrop.of(paper, type).tile());
    for (Line line : tile.lines()) {
      Box box = line.path().box();
      assertThat(box.x()).isGreaterThanOrEqualTo(0);
      assertThat(box.right()).isLessThanOrEqualTo(tile.side());
      assertThat(box.bottom()).isLessThanOrEqualTo(tile.side());
    }
  }

  @Test
  void a_watermark_stands_within_the_scene_however_wide_or_high_that_is() {
    Typesetter type = new Typesetter(Papers.PALETTE, (t, style) -> t.length() * style.size() / 2);
    Backdrop.Watermark mark =
        Backdrop.of(new Paper(null, null, null, null, "Draft"), type).watermark();
    for (double[] size : new double[][] {{300, 2000}, {3000, 100}, {9000, 9000}}) {
      Words words = mark.in(size[0], size[1]);
      assertThat(words.x()).isPositive();
      assertThat(words.x() + 5 * words.style().size() / 2).isLessThan(size[0]);
      assertThat(words.y()).isBetween(size[1] / 2, size[1]);
    }
  }
}
