package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

class TextAnalyserTest {
  @Test
  void sentences_lie_exactly_where_they_stand() {
    Analysed text = TextAnalyser.analyse(Texts.headed("a"));
    assertThat(text.punctuated()).isTrue();
    for (Sentence sentence : text.sentences()) {
      String words =
          text.source().text().text().substring(sentence.span().start(), sentence.span().end());
      assertThat(words).endsWith(".").doesNotContain("\n");
      for (Token token : sentence.tokens()) {
        assertThat(text.source().text().text().substring(token.start(), token.end()))
            .isEqualTo(token.surface());
      }
    }
  }

  @Test
  void speech_without_marks_comes_in_stretches_of_a_sentences_length() {
    Analysed text = TextAnalyser.analyse(Texts.spoken("b"));
    assertThat(text.punctuated()).isFalse();
    assertThat(text.sentences()).allMatch(s -> s.words() <= 40);
    assertThat(text.sentences().size()).isGreaterThan(10);
  }

  @Test
  void stems_join_forms_and_stop_words_do_not_count() {
    var tokens = TextAnalyser.tokens("The walls of the wall", Tongue.of(""));
    assertThat(tokens.get(1).stem()).isEqualTo(tokens.get(4).stem());
    assertThat(tokens.stream().filter(Token::content)).hasSize(2);
  }

  @Test
  void the_words_of_a_reference_to_literature_carry_nothing() {
    var tokens =
        TextAnalyser.tokens(
            "The wall [Marlow, The Wall, p. 12] fell (Teal 1999) into the sea (of mud)",
            Tongue.of(""));
    assertThat(tokens.stream().filter(Token::content).map(Token::surface))
        .containsExactly("wall", "fell", "sea", "mud");
  }

  @Test
  void bags_are_alike_by_the_words_they_share() {
    Bag a = new Bag();
    a.add("wall", 2);
    a.add("tide", 1);
    Bag b = new Bag();
    b.add("wall", 1);
    assertThat(a.dot(b)).isEqualTo(2);
    assertThat(a.dot(new Bag())).isZero();
    Bag unit = a.normalised(stem -> 1);
    assertThat(unit.dot(unit)).isCloseTo(1, org.assertj.core.data.Offset.offset(1e-9));
  }

  @Test
  void only_some_spans_are_left_and_never_what_a_person_left_out() {
    String words = "The wall is old. The tide is high. The birds are back.";
    SourceText text = SourceText.plain(words);
    int tide = words.indexOf("The tide");
    int birds = words.indexOf("The birds");
    Source source =
        new Source(UUID.randomUUID(), "notes", text).without(List.of(new Span(0, tide)));
    Analysed all = TextAnalyser.analyse(source);
    assertThat(all.sentences()).hasSize(2);
    Analysed some = all.only(List.of(new Span(0, birds)));
    assertThat(some.sentences())
        .extracting(sentence -> sentence.span().start())
        .containsExactly(tide);
    assertThat(some.source().excludes(0)).isTrue();
    assertThat(some.source().excludes(birds)).isTrue();
    assertThat(all.only(List.of()).sentences()).isEmpty();
  }
}
