package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PageLayoutTest {
  /** Two lines of three words each: "The old wall" and "was breached at". */
  private static final PageLayout LAYOUT =
      new PageLayout(
          List.of(
              new LineBox(
                  0,
                  12,
                  new PageBox(1, 60, 100, 130, 112),
                  new int[] {0, 4, 8},
                  new float[] {60, 85, 105}),
              new LineBox(
                  13,
                  28,
                  new PageBox(1, 60, 114, 150, 126),
                  new int[] {13, 17, 26},
                  new float[] {60, 82, 138})));

  @Test
  void a_word_has_the_rectangle_from_its_own_left_end_to_the_next_words() {
    assertThat(LAYOUT.boxes(new Span(4, 7)))
        .singleElement()
        .satisfies(
            box -> {
              assertThat(box.left()).isEqualTo(85);
              assertThat(box.right()).isBetween(95f, 105f);
              assertThat(box.top()).isEqualTo(100);
            });
  }

  @Test
  void a_span_over_two_lines_has_a_rectangle_on_each() {
    List<PageBox> boxes = LAYOUT.boxes(new Span(8, 25));
    assertThat(boxes).hasSize(2);
    assertThat(boxes.get(0).left()).isEqualTo(105);
    assertThat(boxes.get(0).right()).as("to the end of the line").isEqualTo(130);
    assertThat(boxes.get(1).left()).as("from the beginning of the line").isEqualTo(60);
    assertThat(boxes.get(1).right()).isLessThan(138);
  }

  @Test
  void what_is_on_no_line_has_no_rectangle() {
    assertThat(LAYOUT.boxes(new Span(40, 50))).isEmpty();
    assertThat(PageLayout.NONE.boxes(new Span(0, 5))).isEmpty();
  }
}
