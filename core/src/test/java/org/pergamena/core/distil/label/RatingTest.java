package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class RatingTest {
  private static final List<String> PARAGRAPHS =
      List.of(
          "The sluice gate rusted. Nobody mended the sluice gate for years, and the tide came"
              + " through the sluice gate at night. A key to the hut was never found.",
          "Oyster growers lease the lower beds. The growers pay rent for the beds to the port.");

  private static Analysed text(String language) {
    SourceTextBuilder builder = new SourceTextBuilder();
    PARAGRAPHS.forEach(part -> builder.block(Block.Kind.PARAGRAPH, 0, part));
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), "notes", builder.build(), List.of(), language));
  }

  private static Group first(Analysed text) {
    return new Group(null, List.of(Part.plain(text, 0, 3)), List.of());
  }

  private static Weighing weighing(Analysed text) {
    return new Weighing(List.of(text), new Casing(List.of(text)), () -> {});
  }

  @Test
  void what_a_stretch_is_about_is_worth_more_than_what_only_stands_in_it() {
    Analysed text = text("");
    List<Candidate> rated = weighing(text).of(first(text));
    double about = worth(rated, "Sluice gate");
    assertThat(about).isBetween(0.3, 1.0);
    assertThat(worth(rated, "Hut")).isLessThan(about);
    assertThat(rated).allSatisfy(each -> assertThat(each.worth()).isBetween(0.0, 1.0));
  }

  private static double worth(List<Candidate> rated, String label) {
    return rated.stream()
        .filter(each -> each.label().equals(label))
        .mapToDouble(Candidate::worth)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void what_is_weighed_ahead_is_what_would_be_weighed_later() {
    Analysed text = text("");
    Group group = first(text);
    Weighing ahead = weighing(text);
    ahead.prepare(new Group(null, List.of(), List.of(group)), () -> {});
    assertThat(ahead.of(group).stream().map(Candidate::worth))
        .isEqualTo(weighing(text).of(group).stream().map(Candidate::worth).toList());
  }

  @Test
  void every_fact_has_a_weight() {
    Analysed text = text("");
    List<LabelFacts> facts = weighing(text).facts(first(text), 3);
    assertThat(facts).hasSizeGreaterThanOrEqualTo(3);
    assertThat(facts).allSatisfy(each -> assertThat(each.facts()).hasSize(Rating.weights() - 1));
  }

  @Test
  void a_language_that_the_encoder_does_not_know_goes_by_plain_facts() {
    Analysed text = text("deu");
    assertThat(Aboutness.tells(first(text))).isFalse();
    assertThat(weighing(text).of(first(text))).isNotEmpty();
  }
}
