package org.pergamena.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LanguageTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          eng | The tide came in over the fields at night and left a film of mud on the barley.
          deu | Die Flut kam in der Nacht \u00fcber die Felder und lie\u00df eine Schicht Schlick auf der Gerste zur\u00fcck.
          fra | La mar\u00e9e est mont\u00e9e pendant la nuit sur les champs et a laiss\u00e9 une couche de vase sur l'orge.
          spa | La marea subi\u00f3 por la noche sobre los campos y dej\u00f3 una capa de barro sobre la cebada.
          ita | La marea sal\u00ec di notte sui campi e lasci\u00f2 uno strato di fango sopra tutto l'orzo del villaggio.
          nld | Het tij kwam 's nachts over de velden en liet een laagje slib achter op de gerst van de boeren.
          """)
  void the_language_of_a_few_sentences_is_told(String code, String text) {
    assertThat(Language.of((text + " ").repeat(4))).isEqualTo(code);
  }

  @Test
  void of_too_few_words_it_is_not_told() {
    assertThat(Language.of("Mud")).isEmpty();
    assertThat(Language.of("12 34 56")).isEmpty();
  }

  @Test
  void languages_have_names_and_codes_that_are_not_known_stand_for_themselves() {
    assertThat(Language.name("deu")).isEqualTo("German");
    assertThat(Language.name("cmn")).isEqualTo("Chinese");
    assertThat(Language.name("zzz")).isEqualTo("zzz");
    assertThat(Language.name("")).isEmpty();
  }
}
