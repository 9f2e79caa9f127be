package org.pergamena.formats.read;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FactsTest {
  @ParameterizedTest
  @CsvSource({
    "2031-05-04T08:00:00Z, 2031-05-04",
    "2031-05, 2031-05",
    "2031, 2031",
    "D:20310504080000Z, 2031-05-04",
    "20310504, 2031-05-04"
  })
  void dates_are_days_months_or_years(String given, String date) {
    assertThat(new Facts(null, null, given).date()).isEqualTo(date);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "yesterday", "4 May", "31"})
  void what_is_no_date_counts_for_nothing(String given) {
    assertThat(new Facts(null, null, given).date()).isNull();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Untitled", "untitled document 2", "Microsoft Word - wall.doc", "Document1",
        "PowerPoint Presentation", "Slide 1", "wall.indd", "  "
      })
  void titles_that_programs_make_up_are_none(String title) {
    assertThat(Facts.titled(title).title()).isNull();
  }

  @Test
  void a_title_and_an_author_are_one_line() {
    Facts facts = new Facts(" The\n wall ", "A.  Reed", null);
    assertThat(facts.title()).isEqualTo("The wall");
    assertThat(facts.author()).isEqualTo("A. Reed");
  }

  @Test
  void counts_have_their_plural_and_examples_an_end() {
    assertThat(Omission.counted(1, "page", "pages")).isEqualTo("1 page");
    assertThat(Omission.counted(3, "page", "pages")).isEqualTo("3 pages");
    assertThat(new Omission("why", "x".repeat(500)).example()).hasSize(120).endsWith("\u2026");
  }
}
