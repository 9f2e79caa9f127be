package org.pergamena.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.source.Span;

class SentenceSplitterTest {
  private static List<String> sentences(String language, String text) {
    return Tongue.of(language).sentences(text).stream()
        .map(s -> text.substring(s.start(), s.end()))
        .toList();
  }

  @Test
  void a_reference_belongs_to_the_sentence_that_it_stands_after() {
    String text =
        "He called the wall \"a debt to the sea.\" [Marlow, The Wall, p. 251] Farmers, therefore, "
            + "opposed the plan. It was dear. (Marlow and Teal, 1987, pp. 12-14) Nobody paid.[12] "
            + "The board did.";
    assertThat(sentences("eng", text))
        .containsExactly(
            "He called the wall \"a debt to the sea.\" [Marlow, The Wall, p. 251]",
            "Farmers, therefore, opposed the plan.",
            "It was dear. (Marlow and Teal, 1987, pp. 12-14)",
            "Nobody paid.[12]",
            "The board did.");
  }

  @Test
  void a_sentence_goes_on_after_a_reference_in_its_middle() {
    String text =
        "The wall was \"a debt\" [quoted by A. Teal, Op. Cit., p. 7] and nobody paid it. "
            + "So it fell, as Marlow (1987) tells on p. 34 of her book.";
    assertThat(sentences("eng", text)).hasSize(2);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "The survey (see vol. 2, fig. 3) found samphire on the flats.",
        "The mud keeps carbon, cf. Marlow on the older fields.",
        "What the mud keeps is told in vol. IV of the survey.",
      })
  void the_full_stop_of_an_abbreviation_ends_no_sentence(String text) {
    assertThat(sentences("eng", text)).containsExactly(text);
  }

  @Test
  void a_word_that_is_short_for_nothing_without_a_number_ends_its_sentence() {
    assertThat(sentences("eng", "The harbour master said no. The tide came in anyway.")).hasSize(2);
    assertThat(sentences("deu", "Das steht im Bericht auf S. 12 unten. Danach kam die Flut."))
        .hasSize(2);
  }

  @Test
  void words_that_are_left_out_and_letters_for_words_end_no_sentence_that_goes_on() {
    String text =
        "She said \"the wall . . . is a debt. . . and nobody\" pays. In the U.S. walls are dear. "
            + "Samphire came back. apt is a program.";
    assertThat(sentences("eng", text)).hasSize(4);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "[Marlow, p. 3]",
        "(Marlow et al., 2004)",
        "(Marlow 2004a; Teal 1999)",
        "[3, 7\u20139]",
        "(ibid)",
        "(von der Marsch and Teal, 1987: 12)"
      })
  void what_names_a_work_or_a_place_in_it_is_a_reference(String text) {
    assertThat(InTextReference.in(text, 0, text.length()))
        .containsExactly(new Span(0, text.length()));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "(see the map)",
        "(2004)",
        "(the wall of 1953 was higher)",
        "[o]ne",
        "(Founded in 1994 by three families)",
        "[Marlow, p. 3",
        "(12)"
      })
  void what_only_stands_in_brackets_is_none(String text) {
    assertThat(InTextReference.in(text, 0, text.length())).isEmpty();
  }
}
