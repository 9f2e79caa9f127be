package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LooksTest {
  @ParameterizedTest
  @ValueSource(strings = {"WOAD", "WOAD/36", "#2b4c82"})
  void a_colour_is_read_as_it_is_written(String written) {
    assertThat(Colour.read(written).written()).isEqualTo(written);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "PINK", "WOAD/0", "WOAD/101", "WOAD/x", "#12", "#12345g", "red"})
  void what_is_no_colour_is_refused_with_a_sentence(String written) {
    assertThatThrownBy(() -> Colour.read(written))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining("#2b4c82");
  }

  @Test
  void a_look_over_another_says_what_it_says_and_leaves_the_rest() {
    Style one =
        new Style(
            null, TextSize.LARGE, true, null, null, null, null, new Stroke(null, null, null, true));
    Style other =
        new Style(
            Typeface.FINE,
            TextSize.SMALL,
            false,
            true,
            Colour.of(Ink.MOSS),
            null,
            Outline.BOX,
            new Stroke(Colour.of(Ink.WOAD), Strength.HEAVY, null, false));
    assertThat(one.over(other))
        .isEqualTo(
            new Style(
                Typeface.FINE,
                TextSize.LARGE,
                true,
                true,
                Colour.of(Ink.MOSS),
                null,
                Outline.BOX,
                new Stroke(Colour.of(Ink.WOAD), Strength.HEAVY, null, true)));
    assertThat(Style.NONE.over(other)).isEqualTo(other);
  }

  @Test
  void what_cannot_be_is_refused() {
    assertThatThrownBy(() -> new Rule(Rule.By.LEVEL, "", Style.NONE, null, null))
        .hasMessageContaining("which topics");
    assertThatThrownBy(() -> new Rule(Rule.By.WORDS, "", Style.NONE, null, Rule.Each.INK))
        .hasMessageContaining("words");
    assertThatThrownBy(() -> new Rule(Rule.By.WORDS, "x".repeat(201), Style.NONE, null, null))
        .hasMessageContaining("200");
    assertThatThrownBy(() -> new Paper(null, null, null, null, "x".repeat(61)))
        .hasMessageContaining("watermark");
    assertThatThrownBy(() -> Look.NONE.wide(20)).hasMessageContaining("60 to 1200");
    NamedStyle loud = new NamedStyle("Loud", Style.sized(TextSize.LARGE));
    NamedStyle same = new NamedStyle("loud ", Style.NONE);
    assertThatThrownBy(() -> new Styles(List.of(), List.of(loud, same), List.of()))
        .hasMessageContaining("loud");
    assertThatThrownBy(() -> new NamedStyle(" ", Style.NONE)).hasMessageContaining("name");
  }
}
