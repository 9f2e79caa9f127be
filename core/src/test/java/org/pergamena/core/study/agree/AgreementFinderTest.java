package org.pergamena.core.study.agree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.agree.Agreement.Disputed;
import org.pergamena.core.study.agree.Agreement.Shared;
import org.pergamena.core.study.agree.Doubting.Doubted;
import org.pergamena.core.study.agree.Verdict.Why;

class AgreementFinderTest {
  private static final String ONE = "The lagoon covers 45 hectares of the old fields.";
  private static final String OTHER = "The lagoon covers 70 hectares of the old fields.";

  private static Analysed text(String words, String language) {
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in(language));
  }

  private static Agreement of(List<AgreeMark> marks, String... texts) {
    List<Analysed> all = new ArrayList<>();
    for (String words : texts) {
      all.add(text(words, "eng"));
    }
    return AgreementFinder.in(all, marks);
  }

  @Test
  void sources_that_contradict_each_other_are_told_with_the_reason() {
    Agreement agreement = of(List.of(), ONE, OTHER);
    assertThat(agreement.disputed()).hasSize(1);
    Disputed disputed = agreement.disputed().get(0);
    assertThat(disputed.why()).isEqualTo(Why.FIGURE);
    assertThat(disputed.one().passage().exact()).isEqualTo(ONE);
    assertThat(disputed.other().passage().exact()).isEqualTo(OTHER);
    assertThat(disputed.strength()).isBetween(0.5, 1.0);
    assertThat(disputed.mark()).isNull();
  }

  @Test
  void one_source_is_not_held_against_itself_nor_a_question_against_a_statement() {
    assertThat(of(List.of(), ONE + " " + OTHER).disputed()).isEmpty();
    String asks = "Does the lagoon cover 70 hectares of the old fields?";
    assertThat(of(List.of(), ONE, asks).disputed()).isEmpty();
  }

  @Test
  void a_part_of_a_sentence_is_held_by_itself_and_its_speaker_is_told() {
    String said =
        "The engineer said that the pump was new, and the lagoon has covered 70 hectares of the old"
            + " fields.";
    Disputed disputed = of(List.of(), ONE, said).disputed().get(0);
    assertThat(disputed.other().words())
        .isEqualTo("the lagoon has covered 70 hectares of the old fields.");
    assertThat(disputed.other().passage().exact()).isEqualTo(said);
    assertThat(disputed.other().speaker()).isEqualTo("engineer");
  }

  @Test
  void what_a_person_said_of_two_statements_stays() {
    String key = of(List.of(), ONE, OTHER).disputed().get(0).key();
    AgreeMark none = new AgreeMark(key, "", false, "Two lagoons.");
    Disputed disputed = of(List.of(none), ONE, OTHER).disputed().get(0);
    assertThat(disputed.mark()).isEqualTo(none);
    assertThat(of(List.of(none), OTHER, ONE).disputed().get(0).mark())
        .as("whichever of them comes first")
        .isEqualTo(none);
  }

  @Test
  void what_several_sources_say_stands_together() {
    Agreement agreement =
        of(
            List.of(),
            "Salt marsh protects the inner bank from the waves of a storm.",
            "The inner bank is protected from the waves of a storm by salt marsh, and mud settles.",
            "From the waves of a storm salt marsh protects the inner bank.");
    assertThat(agreement.disputed()).isEmpty();
    Shared shared = agreement.shared().get(0);
    assertThat(shared.statements()).hasSizeGreaterThanOrEqualTo(2);
    assertThat(shared.statements().stream().map(s -> s.passage().source()).distinct().count())
        .isGreaterThanOrEqualTo(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "eng|The treasurer did not accept the second figure.|not accept|treasurer",
        "eng|How much of it counts is disputed.|disputed|",
        "eng|Nobody doubted the warden.|doubted|",
        "eng|The wall is old and wet.||",
        "deu|Die Bauern bestreiten, dass der Deich alt ist.|bestreiten|",
        "fra|Le conseil conteste le chiffre.|conteste|",
        "nld|De boeren betwisten dat de dijk oud is.|betwisten|"
      })
  void sentences_that_say_that_something_is_disputed_are_found(
      String language, String words, String said, String speaker) {
    List<Doubted> doubted = Doubting.in(List.of(text(words, language)));
    assertThat(doubted).hasSize(said == null ? 0 : 1);
    if (said != null) {
      assertThat(doubted.get(0).said()).isEqualTo(said);
      assertThat(doubted.get(0).statement().passage().exact()).isEqualTo(words);
      assertThat(doubted.get(0).statement().speaker()).isEqualTo(speaker == null ? "" : speaker);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "deeper,shallower,true", "rose,fell,true", "safe,unsafe,true", "accepted,refused,true",
    "lost,gained,true", "wet,dry,true", "agree,disagree,true", "wet,water,false",
    "open,opened,false", "under,understand,false", "possible,impossible,true"
  })
  void opposites_are_known_in_their_forms(String one, String other, boolean opposite) {
    assertThat(Opposites.are(one, other)).isEqualTo(opposite);
    assertThat(Opposites.are(other, one)).isEqualTo(opposite);
  }
}
