package org.pergamena.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
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
}
