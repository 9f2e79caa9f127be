package org.pergamena.formats.shapes;

import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShapesTest {
  private static final int LENGTH = 25_000;

  /** A guard against hanging: how fast each is, {@code ./pergamena bench shapes} tells. */
  private static final Duration ENOUGH = Duration.ofMinutes(20);

  @ParameterizedTest
  @EnumSource(Way.class)
  void no_text_is_never_read_to_its_end(Way way) {
    List<Shape> shapes = Shape.ALL;
    assertTimeoutPreemptively(
        ENOUGH,
        () -> shapes.forEach(shape -> way.go(shape.text().apply(LENGTH))),
        () -> "too long: " + way);
  }
}
