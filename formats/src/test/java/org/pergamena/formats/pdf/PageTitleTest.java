package org.pergamena.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PageTitleTest {
  private static Line line(String text, float size, float y) {
    return new Line(
        text,
        new Line.Type(size, false),
        new Line.Place(1, 100, 500, y, 595, 842),
        0,
        new Line.Words(new int[0], new float[0]),
        null);
  }

  private static final Line BODY = line("The wall was raised in three winters.", 10, 300);

  @Test
  void what_is_set_largest_is_the_title_without_the_mark_of_a_footnote() {
    List<Line> lines =
        List.of(
            line("Ferrow papers", 8, 40),
            line("Banks and tides", 17, 90),
            line("at Ferrow \u2217", 17, 110),
            line("By hand", 17, 400),
            BODY);
    assertThat(PageTitle.of(lines, 10)).contains("Banks and tides at Ferrow");
  }

  @Test
  void where_nothing_is_larger_it_is_what_the_page_begins_with_in_capitals() {
    List<Line> lines =
        List.of(
            line("ON BANKS, TIDES AND n", 10, 90),
            line("GATES AT FERROW", 10, 104),
            line("EDDA BRANNOCK", 10, 130),
            BODY);
    assertThat(PageTitle.of(lines, 10)).contains("ON BANKS, TIDES AND n GATES AT FERROW");
  }

  @Test
  void a_word_in_capitals_and_running_text_are_none() {
    assertThat(PageTitle.of(List.of(line("DRAFT", 10, 90), BODY), 10)).isEmpty();
    assertThat(PageTitle.of(List.of(BODY), 10)).isEmpty();
    assertThat(PageTitle.of(List.of(BODY, line("A NOTE IN CAPITALS", 10, 400)), 10)).isEmpty();
  }
}
