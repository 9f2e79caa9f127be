package org.pergamena.core.study.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.figure.Figures.Beside;

class FigureFinderTest {
  private static Analysed text(String words, String language) {
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in(language));
  }

  private static Figures of(String... texts) {
    return FigureFinder.in(Arrays.stream(texts).map(words -> text(words, "eng")).toList());
  }

  static Stream<String> figures() throws IOException {
    try (var in = FigureFinderTest.class.getResourceAsStream("/agreement/figures.tsv")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList().stream();
    }
  }

  private static String written(Quantity quantity) {
    double rounded = Math.round(100 * quantity.value()) / 100.0;
    String value =
        rounded == Math.rint(rounded)
            ? String.format(Locale.ROOT, "%.0f", rounded)
            : String.valueOf(rounded);
    return String.join(
            " ",
            value,
            quantity.unit().symbol(),
            "|",
            quantity.per(),
            "|",
            quantity.counted(),
            quantity.about() ? "~" : "")
        .replaceAll("\\s+", " ")
        .replace("| |", "||")
        .strip();
  }

  @ParameterizedTest
  @MethodSource("figures")
  void quantities_are_read_with_their_units_and_what_they_count(String line) {
    String[] parts = line.split("\t");
    String read =
        of(parts[0]).all().stream()
            .map(f -> written(f.quantity()))
            .collect(Collectors.joining("; "));
    assertThat(read.isEmpty() ? "-" : read).isEqualTo(parts[1].strip());
  }

  @ParameterizedTest
  @CsvSource({
    "deu,'Der Damm ist 3,2 Kilometer lang.',3.2",
    "fra,'La digue mesure 46.000 mètres.',46000"
  })
  void numbers_are_read_as_their_language_writes_them(String language, String words, double value) {
    Figures figures = FigureFinder.in(List.of(text(words, language)));
    assertThat(figures.all().get(0).quantity().value()).isEqualTo(value);
  }

  @Test
  void quantities_of_the_same_in_different_sources_stand_side_by_side() {
    Figures figures =
        of(
            "The inner bank was raised to a height of five metres. Inspection of the inner bank"
                + " costs 18,000 euros a year.",
            "The yearly inspection of the inner bank is put at 35,000 euros a year. Terns lay"
                + " three eggs.",
            "The height of the inner bank is 500 centimetres.");
    assertThat(figures.beside()).hasSize(2);
    Beside cost = figures.beside().stream().filter(b -> !b.agree()).findFirst().orElseThrow();
    assertThat(cost.figures().stream().map(f -> f.quantity().words()))
        .containsExactly("18,000 euros a year", "35,000 euros a year");
    Beside height = figures.beside().stream().filter(Beside::agree).findFirst().orElseThrow();
    assertThat(height.figures().get(0).of()).contains("height");
    assertThat(height.figures().get(0).passage().exact()).startsWith("The inner bank");
  }
}
