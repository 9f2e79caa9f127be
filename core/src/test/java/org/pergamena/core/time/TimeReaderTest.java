package org.pergamena.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.language.Tongue;

class TimeReaderTest {

  static Stream<String> dates() throws IOException {
    try (var in = TimeReaderTest.class.getResourceAsStream("/time/dates.tsv")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList().stream();
    }
  }

  private static List<Told> told(String language, String sentences) {
    TimeReader reader = new TimeReader(Tongue.of(language));
    List<Told> told = List.of();
    for (String sentence : sentences.split(" \\| ")) {
      told = reader.read(sentence);
    }
    return told;
  }

  private static String written(List<Told> told) {
    return told.isEmpty()
        ? "-"
        : told.stream()
            .map(t -> t.when().map(When::iso).orElse("?"))
            .collect(Collectors.joining(","));
  }

  @ParameterizedTest
  @MethodSource("dates")
  void times_are_read_and_other_numbers_left_alone(String line) {
    String[] parts = line.split("\t");
    assertThat(written(told(parts[0], parts[1]))).isEqualTo(parts[2]);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "1953",
        "1953-02",
        "1953-02-01",
        "1953-02-01T14:30",
        "2018-24",
        "2019-21",
        "195X",
        "18XX",
        "1953/1957",
        "2019-03/2019-05",
        "2019-03-14/2019-03-17",
        "1890~",
        "1987/..",
        "../1911",
        "-0299"
      })
  void what_is_written_is_read_again(String iso) {
    When when = Edtf.read(iso).orElseThrow();
    assertThat(when.iso()).isEqualTo(iso);
    assertThat(TimeReader.typed(TimeWriter.words(when), Tongue.of("eng")).map(When::iso))
        .as(TimeWriter.words(when))
        .hasValue(iso);
  }

  @Test
  void what_is_no_time_is_not_read_as_one() {
    for (String words : List.of("", "some day", "1953-13", "1953-02-30", "1957/1953", "99999")) {
      assertThat(TimeReader.typed(words, Tongue.of("eng"))).as(words).isEmpty();
    }
    assertThat(TimeReader.typed("12. M\u00e4rz 1953", Tongue.of("deu")).map(When::iso))
        .hasValue("1953-03-12");
  }
}
