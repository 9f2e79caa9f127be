package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class CasingTest {
  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);

  private static Analysed text(String words) {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, words);
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static final Analysed REPORT =
      text(
          "The marsh at Ferrow lies below Quay Street. The survey by RSPQ says that the water on"
              + " Quay Street stood for an hour. Many at Ferrow saw it from the old quay.");
  private static final Analysed CAPTIONS =
      text(
          "so we came down to quay street in ferrow and the people at ferrow from ferrow told us"
              + " that the rspq had been to ferrow and ferrow again and looked at quay street and"
              + " at the old quay and the ferrow bank of ferrow the ferrow wall and at the marsh");

  private static String label(Casing casing, String words) {
    return casing.label(TextAnalyser.tokens(words, ENGLISH), ENGLISH);
  }

  @Test
  void what_captions_have_without_capitals_gets_those_of_other_sources() {
    Casing casing = new Casing(List.of(REPORT, CAPTIONS));
    assertThat(label(casing, "marsh at ferrow")).isEqualTo("Marsh at Ferrow");
    assertThat(label(casing, "people of quay street")).isEqualTo("People of Quay Street");
    assertThat(label(casing, "survey of the rspq")).isEqualTo("Survey of the RSPQ");
    assertThat(label(casing, "water at the bank")).isEqualTo("Water at the bank");
  }

  @Test
  void without_other_sources_it_has_none() {
    Casing casing = new Casing(List.of(CAPTIONS));
    assertThat(label(casing, "marsh at ferrow")).isEqualTo("Marsh at ferrow");
  }

  @Test
  void countries_and_languages_have_capitals_anyway() {
    Casing casing = new Casing(List.of(CAPTIONS));
    assertThat(label(casing, "trade with norway")).isEqualTo("Trade with Norway");
    assertThat(label(casing, "ships of the united states")).isEqualTo("Ships of the United States");
    assertThat(label(casing, "dutch pumps on polish ground"))
        .isEqualTo("Dutch pumps on polish ground");
  }
}
