package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

class LabelCommandTest {
  private static List<String> paragraphs(String text) {
    return LabelCommand.paragraphs(text).stream()
        .map(block -> text.substring(block.start(), block.end()))
        .toList();
  }

  @Test
  void paragraphs_are_what_stands_between_blank_lines() {
    assertThat(paragraphs("\n  Mud settles.\nIt stays. \n \t\n\nThe sill\r\nrises.\r\n\r\nEnd"))
        .containsExactly("Mud settles.\nIt stays.", "The sill\r\nrises.", "End");
    assertThat(paragraphs(" \n ")).isEmpty();
  }

  @Test
  void a_long_run_of_blanks_costs_no_more_than_its_length() {
    String text = "a" + " ".repeat(2_000_000) + "b" + "\n".repeat(2_000_000) + "c";
    Assertions.assertTimeoutPreemptively(
        Duration.ofMinutes(5), () -> assertThat(LabelCommand.paragraphs(text)).hasSize(2));
  }
}
