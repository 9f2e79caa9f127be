package org.pergamena.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class YearsTest {
  @ParameterizedTest
  @CsvSource({
    "The breach of 1953, 1953",
    "In the 1950s it leaked, 1950",
    "(2019) Opened again, 2019",
    "'2,000 hectares of 1,953 people', -1",
    "1500 hectares were bought in 1994, 1994",
    "'It cost 1999.50 pounds', -1",
    "Route A1953b, -1",
    "No year at all, -1"
  })
  void a_year_is_told_from_other_numbers(String words, int year) {
    assertThat(Years.in(words).orElse(-1)).isEqualTo(year);
  }

  @Test
  void the_label_comes_before_the_note_and_the_note_before_passages() {
    Source survey =
        new Source(UUID.randomUUID(), "Survey", SourceText.plain("The wall was built in 1887."));
    TopicMap map =
        Maps.filled(
            Maps.marsh(), "age", List.of(Maps.evidence("e", survey, "built in 1887")), List.of());
    assertThat(Years.of(map.topic(Maps.id("age")))).hasValue(1887);
    map = map.apply(new ContentChange.Annotate(Maps.id("age"), "Raised in 1921")).map();
    assertThat(Years.of(map.topic(Maps.id("age")))).hasValue(1921);
    map = map.apply(new ContentChange.Relabel(Maps.id("age"), "Gap of 1953")).map();
    assertThat(Years.of(map.topic(Maps.id("age")))).hasValue(1953);
    assertThat(Years.of(map.topic(Maps.id("fish")))).isEmpty();
  }
}
