package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class CandidatesTest {
  private static final String BIRDS =
      "Wading birds came back to the marsh. The warden counts the wading birds every month, and most"
          + " wading birds feed on the mud. A boat passed once.";
  private static final String WALL =
      "The outer wall of the marsh was patched each year. Its cost was high.";

  private final Analysed text = text();
  private final Vocabulary vocabulary = new Vocabulary(List.of(text), () -> {});

  private static Analysed text() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, BIRDS);
    builder.block(Block.Kind.PARAGRAPH, 0, WALL);
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private Group birds() {
    return new Group(null, List.of(Part.plain(text, 0, 3)), List.of());
  }

  private List<Candidate> candidates() {
    Tongue english = Tongue.of(Tongue.ENGLISH);
    return new Candidates(birds(), vocabulary, new Casing(List.of(text)), english).all();
  }

  private double worth(String label) {
    return candidates().stream()
        .filter(candidate -> candidate.label().equals(label))
        .findFirst()
        .orElseThrow()
        .worth();
  }

  @Test
  void what_goes_through_a_stretch_is_worth_more_than_what_is_met_once_and_than_one_word() {
    assertThat(worth("Wading birds")).isGreaterThan(worth("Boat"));
    assertThat(worth("Wading birds")).isGreaterThan(worth("Warden"));
    assertThat(worth("Wading birds")).isBetween(0.2, 1.0);
    assertThat(candidates()).allMatch(candidate -> candidate.worth() > 0);
  }

  @Test
  void the_theme_is_near_to_the_sentences_that_say_most_of_it() {
    Theme theme = new Theme(birds().sentences(), vocabulary);
    List<String> wading = TextAnalyser.stems("wading birds", Tongue.of("eng")).stream().toList();
    List<String> boat = TextAnalyser.stems("boat", Tongue.of("eng")).stream().toList();
    assertThat(theme.closeness(wading)).isGreaterThan(theme.closeness(boat));
    assertThat(theme.reach(wading)).isEqualTo(2 / 3.0);
    assertThat(theme.standing(wading)).isLessThan(theme.standing(boat));
    assertThat(theme.weight(wading)).isBetween(0.0, 1.0);
    assertThat(theme.rank(2)).isEqualTo(2);
  }
}
