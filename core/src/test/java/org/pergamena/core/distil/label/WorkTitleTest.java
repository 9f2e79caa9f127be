package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class WorkTitleTest {
  private static Optional<String> of(String... names) {
    List<Source> sources =
        Arrays.stream(names)
            .map(name -> new Source(UUID.randomUUID(), name, SourceText.plain("The wall is old.")))
            .toList();
    return WorkTitle.of(sources);
  }

  @Test
  void one_work_gives_its_title() {
    assertThat(of("Letting the sea  back in")).contains("Letting the sea back in");
    assertThat(of("Silt ".repeat(60).strip()).orElseThrow()).hasSize(199).endsWith("Silt");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "1 Ordination",
        "2.3 Methods",
        "Untitled 4",
        "Document (2)",
        "scan 0031",
        "17",
        "Notes"
      })
  void what_says_nothing_of_a_work_is_no_title(String name) {
    assertThat(of(name)).isEmpty();
    assertThat(of("Ferrow survey report", name)).isEmpty();
  }

  @Test
  void several_works_are_called_by_what_their_titles_share() {
    assertThat(of("Harbour committee minutes, May", "Harbour committee minutes, June"))
        .contains("Harbour committee minutes");
    assertThat(of("First report on the Ferrow bank", "Second report on the Ferrow bank"))
        .contains("Report on the Ferrow bank");
  }

  @Test
  void or_by_all_of_them_as_far_as_there_is_room() {
    assertThat(of("The marsh", "The harbour")).contains("Sources: The marsh and The harbour");
    assertThat(of("Survey", "Interview", "Lecture"))
        .contains("Sources: Survey, Interview and Lecture");
    assertThat(of("Survey", "Interview", "Lecture", "Minutes"))
        .contains("Sources: Survey, Interview, Lecture and 1 other");
    assertThat(of("Survey 2", "Interview", "Lecture", "Minutes", "Talk"))
        .contains("Sources: Survey 2, Interview, Lecture and 2 others");
  }
}
