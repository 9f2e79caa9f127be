package org.pergamena.core.meaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class EncoderTest {
  private final Encoder encoder = Encoder.shared().orElseThrow();

  private static List<String> words(String text) {
    return List.of(text.split(" "));
  }

  private float[] vector(String text) {
    return encoder.vectors(List.of(words(text)))[0];
  }

  @Test
  void what_means_the_same_in_other_words_is_near() {
    float[] flood = vector("The tide broke through the sea wall");
    double near = Vectors.product(flood, vector("Water came over the coastal defences"));
    double far = Vectors.product(flood, vector("The committee elected a new treasurer"));
    assertThat(near).isGreaterThan(far + 0.2);
  }

  @Test
  void the_same_texts_together_have_the_same_vectors_each_of_length_one() {
    List<List<String>> texts = List.of(words("Old creeks"), words("Repair of the sluice gate"));
    float[][] once = encoder.vectors(texts);
    assertThat(encoder.vectors(texts)).isDeepEqualTo(once);
    assertThat(Arrays.stream(once).mapToDouble(v -> Vectors.product(v, v)))
        .allSatisfy(square -> assertThat(square).isBetween(0.999, 1.001));
    assertThat(Vectors.product(once[0], vector("Old creeks"))).isGreaterThan(0.95);
  }

  @Test
  void sentences_that_follow_each_other_are_read_as_far_as_there_is_room() {
    List<List<String>> sentences =
        List.of(
            words("The bank was cut in spring ."),
            words("It was cheap ."),
            IntStream.range(0, 200).mapToObj(i -> "mud").toList(),
            words("Beyond what is read ."));
    float[][] vectors = encoder.following(sentences);
    assertThat(Vectors.product(vectors[0], vector("The bank was cut in spring .")))
        .isGreaterThan(0.7);
    assertThat(vectors[1]).isNotEqualTo(vector("It was cheap ."));
    assertThat(Vectors.product(vectors[3], vectors[3])).isZero();
  }

  @Test
  void marks_accents_and_words_that_it_has_not_learned_are_read_too() {
    assertThat(vector("Ébrié lagoon's")).isEqualTo(vector("ebrie lagoon's"));
    assertThat(vector("\ud83c\udf0a \u4e2d")).hasSize(Encoder.SIZE);
    assertThat(encoder.vectors(List.of(List.of()))[0]).hasSize(Encoder.SIZE);
  }
}
