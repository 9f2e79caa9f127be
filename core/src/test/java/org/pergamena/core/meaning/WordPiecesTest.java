package org.pergamena.core.meaning;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class WordPiecesTest {
  private WordPieces pieces;

  @BeforeEach
  void read() throws IOException {
    String json =
        """
        {"version": "1.0", "model": {"type": "WordPiece", "vocab":
          {"[UNK]": 0, "salt": 1, "##marsh": 2, "##es": 3, "'": 4, "s": 5, "mar": 6, "##sh": 7}}}
        """;
    pieces = WordPieces.read(new ByteArrayInputStream(json.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void the_longest_piece_is_taken_first() {
    assertThat(pieces.of("Saltmarshes")).containsExactly(1, 2, 3);
    assertThat(pieces.of("marsh")).containsExactly(6, 7);
  }

  @Test
  void marks_are_pieces_of_their_own_and_accents_are_left_out() {
    assertThat(pieces.of("Sált's")).containsExactly(1, 4, 5);
  }

  @Test
  void a_word_that_cannot_be_put_together_is_unknown_as_a_whole() {
    assertThat(pieces.of("saltworks")).containsExactly(0);
    assertThat(pieces.of("")).isEmpty();
    assertThat(pieces.of("salt".repeat(500))).containsExactly(0);
    assertThat(pieces.mark("[UNK]")).isZero();
  }
}
