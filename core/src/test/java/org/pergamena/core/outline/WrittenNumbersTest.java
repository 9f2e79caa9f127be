package org.pergamena.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.outline.Outline.Item;

class WrittenNumbersTest {
  /** Whether all lines have the numbers of their places; the level is told by the blanks. */
  private static boolean numbered(String... lines) {
    return WrittenNumbers.in(
        Stream.of(lines)
            .map(
                line ->
                    new WrittenNumbers.Line(
                        1 + line.length() - line.stripLeading().length(), line.strip()))
            .toList());
  }

  @Test
  void numbers_are_known_where_all_are_those_of_their_places() {
    assertThat(numbered("1 Wall", " 1.1 Age", "  1.1.1 Stone", " 1.2 Cost", "2 Creeks")).isTrue();
    assertThat(numbered("1 Wall", "2 Creeks", "a What the warden said", " a.1 Eels", "b Birds"))
        .as("with what lies loose")
        .isTrue();
    assertThat(numbered("1 Wall", "3 Creeks")).isFalse();
    assertThat(numbered("1 Wall", "Creeks")).isFalse();
    assertThat(numbered("a wall", "an eel")).as("words").isFalse();
    assertThat(numbered("1 Wall", "2")).as("nothing but a number").isFalse();
    assertThat(numbered()).isFalse();
  }

  @Test
  void an_outline_is_read_without_them() {
    assertThat(OutlineReader.read("# Marsh\n\n## 1 Wall\n\n### 1.1 Age\n\n## 2 Creeks\n").items())
        .extracting(Item::label)
        .containsExactly("Wall", "Age", "Creeks");
    assertThat(OutlineReader.read("# Marsh\n\n## 1 Wall\n\n## 7 Creeks\n").items())
        .extracting(Item::label)
        .containsExactly("1 Wall", "7 Creeks");
  }
}
