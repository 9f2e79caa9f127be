package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Item.Image;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Picture;
import org.pergamena.core.map.Picture.Where;
import org.pergamena.core.map.Style;

class IllustratedTest {
  private static final TopicBlock BARE = set(List.of());

  private static Picture picture(int id, Where where, double width, double ratio) {
    return new Picture(new UUID(0, id), "image", "A wall", where, width, ratio);
  }

  private static TopicBlock set(List<Picture> pictures) {
    return TopicBlock.set(
        Content.labelled("Old wall"),
        new TopicLook(
            "1.1", List.of(0), "thin", "", false, false, List.of(), "", pictures, Style.NONE),
        new TopicBlock.Setting(2, 20, 0, 0, false, 1),
        Papers.PALETTE,
        Papers.MEASURER);
  }

  private static Box box(TopicBlock block, int id) {
    return block.items().stream()
        .filter(item -> item instanceof Image image && image.id().equals(new UUID(0, id)))
        .map(item -> ((Image) item).box())
        .findFirst()
        .orElseThrow();
  }

  private static Words label(TopicBlock block) {
    return block.items().stream()
        .filter(item -> item instanceof Words words && words.role() == Role.LABEL)
        .map(Words.class::cast)
        .findFirst()
        .orElseThrow();
  }

  private static void requireWithin(TopicBlock block, Box box) {
    assertThat(box.x()).isNotNegative();
    assertThat(box.y()).isNotNegative();
    assertThat(box.right()).isLessThanOrEqualTo(block.width());
    assertThat(box.bottom()).isLessThanOrEqualTo(block.height());
  }

  @Test
  void a_picture_stands_on_its_side_of_the_label_and_covers_no_words() {
    TopicBlock before = set(List.of(picture(1, Where.BEFORE, 60, 2)));
    assertThat(box(before, 1).right()).isLessThan(label(before).x());
    assertThat(before.height()).isEqualTo(120);
    assertThat(before.width()).isGreaterThan(BARE.width() + 60);
    requireWithin(before, box(before, 1));

    TopicBlock after = set(List.of(picture(1, Where.AFTER, 60, 0.5)));
    assertThat(box(after, 1).x()).isGreaterThan(BARE.width());
    requireWithin(after, box(after, 1));

    TopicBlock above = set(List.of(picture(1, Where.ABOVE, 300, 0.5)));
    assertThat(box(above, 1).bottom()).isLessThan(label(above).y() - 10);
    requireWithin(above, box(above, 1));

    TopicBlock below = set(List.of(picture(1, Where.BELOW, 300, 0.5)));
    assertThat(box(below, 1).y()).isGreaterThan(label(below).y());
    requireWithin(below, box(below, 1));
  }

  @Test
  void the_line_from_the_parent_still_meets_the_label() {
    TopicBlock block =
        set(
            List.of(
                picture(1, Where.ABOVE, 100, 1),
                picture(2, Where.BELOW, 40, 1),
                picture(3, Where.AFTER, 40, 6)));
    assertThat(block.axis() - label(block).y()).isEqualTo(BARE.axis() - label(BARE).y());
    assertThat(block.height()).isEqualTo(240);
    List.of(1, 2, 3).forEach(id -> requireWithin(block, box(block, id)));
  }

  @Test
  void pictures_on_the_same_side_stand_beside_each_other() {
    TopicBlock block =
        set(List.of(picture(1, Where.BELOW, 100, 1), picture(2, Where.BELOW, 50, 1)));
    assertThat(box(block, 2).x()).isGreaterThan(box(block, 1).right());
    assertThat(box(block, 2).y()).isEqualTo(box(block, 1).y());
  }
}
