package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pergamena.core.meaning.Encoder;
import org.pergamena.core.meaning.Vectors;

class LabelVectorsTest {
  private static final List<String> LABELS =
      IntStream.range(0, 40).mapToObj(i -> "Gate " + i + " of the old wall").toList();

  private final LabelVectors vectors = new LabelVectors();
  private Encoder encoder;

  @BeforeEach
  void encoder() {
    assumeThat(Encoder.shared()).isPresent();
    encoder = Encoder.shared().orElseThrow();
  }

  @Test
  void in_whichever_order_labels_are_prepared_they_get_the_same_vectors() {
    List<String> turned = new ArrayList<>(LABELS);
    Collections.reverse(turned);
    turned.addAll(LABELS);
    vectors.prepare(LABELS, encoder, () -> {});
    LabelVectors others = new LabelVectors();
    others.prepare(turned, encoder, () -> {});
    assertThat(others.of(LABELS, encoder)).isDeepEqualTo(vectors.of(LABELS, encoder));
  }

  @Test
  void what_was_not_prepared_is_made_when_it_is_asked_for_and_once() {
    float[][] some = vectors.of(List.of("Old wall", "Creeks", "Old wall"), encoder);
    assertThat(some).hasNumberOfRows(3);
    assertThat(some[0]).isSameAs(some[2]);
    assertThat(Vectors.product(some[0], some[0])).isBetween(0.99, 1.01);
    assertThat(vectors.of(List.of("Creeks"), encoder)[0]).isSameAs(some[1]);
  }

  @Test
  void preparing_can_be_stopped() {
    assertThatThrownBy(
            () ->
                vectors.prepare(
                    LABELS,
                    encoder,
                    () -> {
                      throw new CancellationException();
                    }))
        .isInstanceOf(CancellationException.class);
  }
}
