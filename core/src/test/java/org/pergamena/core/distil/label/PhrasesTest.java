package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

class PhrasesTest {
  private static Analysed text(String words) {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, words);
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static List<String> phrases(String words) {
    Analysed text = text(words);
    Casing casing = new Casing(List.of(text));
    return text.sentences().stream()
        .flatMap(sentence -> Phrases.of(sentence, text).stream())
        .map(phrase -> casing.label(phrase.tokens(), phrase.tongue()))
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "The parish paid for the upkeep of the outer wall., Upkeep of the outer wall",
    "The report is about plants and birds., Plants and birds",
    "An agreement between farmers and the board was signed., Agreement between farmers and the board",
    "The training of crews and officers began., Training of crews and officers",
    "The committee wants to raise the sill of the gate., Raising the sill of the gate",
    "The wall is an earth bank., Wall as an earth bank",
    "There are fields flooded by the tide., Fields flooded by the tide",
    "Inspections in winter found cracks., Inspections in winter"
  })
  void a_phrase_is_made_of_what_the_sentence_says(String sentence, String phrase) {
    assertThat(phrases(sentence)).contains(phrase);
  }

  @ParameterizedTest
  @CsvSource({
    "The old creeks and dug short starter creeks were filled., Dug short starter creeks",
    "Volunteers met Edda Brannock on the quay., Edda",
    "The rules stand in marsh/rules for all., Marsh",
    "The board put the notice on the gate., Notice on the gate",
    "The machines giving users access were sold., Machines giving users",
    "There is an agreement between Ferrow and the board., Agreement between Ferrow",
    "The libfoo.so file was lost., Libfoo.so",
    "It is a growing economy-an economy of all., Growing economy-an economy",
    "They met Ferrow Ferrowians there., Ferrow Ferrowians",
    "They sold their labour to the board., Labour to the board",
    "It names all from a fence to a wall of earth., Fence to a wall",
    "The partition containing the water failed., Containing the water",
    "A number of walls were cut and a piece of land was lost., Piece of land",
    "Certain walls were cut., Certain walls",
    "This explains the cost., Explains",
    "They abolish tolls and commemorate breaches., Abolish tolls",
    "Edda Brannock notes that the wall leaks., Edda Brannock notes",
    "The wall is a kind of fence., Wall as a kind",
    "The wall was an earth bank., Wall as an earth bank",
    "It was bought at the price of grade three farmland., Price of grade",
    "They were asking the board for a share., Asking the board"
  })
  void no_phrase_is_made_of_verbs_or_cut_out_of_names_and_terms(String sentence, String phrase) {
    assertThat(phrases(sentence)).doesNotContain(phrase);
  }

  @Test
  void a_salutation_names_nothing() {
    assertThat(phrases("Dear colleagues, distinguished guests of the harbour board, welcome."))
        .isEmpty();
    assertThat(phrases("The guests of the harbour board left.")).contains("Harbour board");
  }

  @Test
  void a_long_run_of_nouns_costs_no_more_than_its_length() {
    List<Token> nouns =
        IntStream.range(0, 100_000)
            .mapToObj(i -> "mud" + Integer.toString(i, 36).replaceAll("[0-9]", "ö"))
            .map(mud -> new Token(7, mud, mud, "NOUN", true))
            .toList();
    Sentence run = new Sentence(new Span(0, 1), 0, nouns);
    Analysed text = text("Mud.");
    Assertions.assertTimeoutPreemptively(
        Duration.ofMinutes(5), () -> assertThat(Phrases.of(run, text)).isNotEmpty());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "gate time1 time2 status leak height . . .",
        "gate time1 time2 leak height 1 5 0 90 0 0.9 2 5 90 120 0 1.5",
        "> fit <- tide(Level(low, high, sill) ~ age + height, data=mydata[1:7,])",
        "id tstart time status gate age 1 1 0 72 1 1 69 60 2 2 0 90 0 1 64 70"
      })
  void rows_of_tables_and_lines_of_programs_name_nothing(String line) {
    assertThat(phrases(line)).isEmpty();
  }

  @Test
  void a_sentence_with_many_figures_still_names_what_it_is_about() {
    assertThat(phrases("The gate was closed on 3, 5, 9 and 12 May and on 1, 4 and 8 June 1911."))
        .contains("Gate");
  }

  @Test
  void a_sentence_on_things_with_numbers_in_their_names_still_names_them() {
    assertThat(phrases("Sluice S1 and gate G2 hold the tide back from the saltmarsh at Ferrow."))
        .contains("Saltmarsh");
  }
}
