package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Item.Line;
import org.pergamena.core.layout.Item.Role;
import org.pergamena.core.layout.Item.Words;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Tag;

class TopicBlockTest {
  private static final TopicBlock.Setting SETTING = new TopicBlock.Setting(2, 20, 0, 0, false, 1);
  private static final Tag AGREED = new Tag("a", "agreed", "", "handshake");

  private static TopicBlock set(TopicLook look) {
    return TopicBlock.set(
        Content.labelled("Old wall"), look, SETTING, Papers.PALETTE, Papers.MEASURER);
  }

  private static List<String> words(TopicBlock block, Role role) {
    return block.items().stream()
        .filter(item -> item instanceof Words words && words.role() == role)
        .map(item -> ((Words) item).text())
        .toList();
  }

  @Test
  void words_on_its_line_stand_above_tags_below_and_a_note_has_a_sign() {
    TopicBlock bare = set(TopicLook.bare("1.1", List.of(), ""));
    TopicBlock full =
        set(
            new TopicLook(
                "1.1",
                List.of(),
                "",
                "kept by",
                true,
                true,
                List.of(AGREED),
                "",
                List.of(),
                Style.NONE));
    assertThat(words(full, Role.LEAD)).containsExactly("kept by");
    assertThat(words(full, Role.TAG)).containsExactly("agreed");
    assertThat(full.height()).isGreaterThan(bare.height() + 30);
    assertThat(full.width()).isGreaterThan(bare.width());
    // the signs of the note, of the remark and of the tag
    assertThat(full.items()).filteredOn(item -> item instanceof Line).hasSize(3);
    Words label =
        full.items().stream()
            .filter(item -> item instanceof Words words && words.role() == Role.LABEL)
            .map(Words.class::cast)
            .findFirst()
            .orElseThrow();
    assertThat(full.axis()).isBetween(label.y() - 12, label.y());
  }

  @Test
  void more_tags_than_three_are_counted() {
    Tag other = new Tag("b", "open", "", "nothing");
    TopicBlock block =
        set(
            new TopicLook(
                "",
                List.of(),
                "",
                "",
                false,
                false,
                List.of(AGREED, other, AGREED, other, other),
                "",
                List.of(),
                Style.NONE));
    assertThat(words(block, Role.TAG)).containsExactly("agreed", "open", "agreed", "+2");
  }

  @Test
  void a_text_is_written_out_in_lines_and_cut_where_it_is_too_long() {
    TopicBlock block =
        set(
            new TopicLook(
                "",
                List.of(),
                "",
                "",
                false,
                false,
                List.of(),
                "one\n\ntwo " + "word ".repeat(400),
                List.of(),
                Style.NONE));
    List<String> lines = words(block, Role.TEXT);
    assertThat(lines).hasSize(10);
    assertThat(lines.get(0)).isEqualTo("one");
    assertThat(lines.get(9)).endsWith(" …");
  }

  @Test
  void without_a_number_the_label_begins_at_the_left() {
    TopicBlock.Setting none = new TopicBlock.Setting(2, 0, 0, 0, false, 1);
    TopicBlock block =
        TopicBlock.set(
            Content.labelled("Old wall"),
            TopicLook.bare("", List.of(), ""),
            none,
            Papers.PALETTE,
            Papers.MEASURER);
    assertThat(words(block, Role.NUMBER)).isEmpty();
    assertThat(block.width()).isLessThan(set(TopicLook.bare("1.1", List.of(), "")).width());
  }
}
