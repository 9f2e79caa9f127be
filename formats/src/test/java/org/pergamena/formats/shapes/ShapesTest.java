package org.pergamena.formats.shapes;

import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShapesTest {
  private static final int LENGTH = 25_000;

  /** Of all shapes together: what takes the square of the length would need minutes for one. */
  private static final Duration ENOUGH = Duration.ofSeconds(45);

  @ParameterizedTest
  @EnumSource(Way.class)
  void no_text_costs_more_than_its_length_allows(Way way) {
    List<Shape> shapes = Shape.ALL;
    assertTimeoutPreemptively(
        ENOUGH,
        () -> shapes.forEach(shape -> way.go(shape.text().apply(LENGTH))),
        () -> "too long: " + way);
  }
}
