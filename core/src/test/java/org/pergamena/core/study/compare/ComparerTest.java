package org.pergamena.core.study.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;

class ComparerTest {
  private static final Source SURVEY =
      source(
          "survey",
          "The outer wall was built of clay in 1953. The yearly inspection of the outer wall took"
              + " 18,000 euros. Redshank feed along the new creeks at low water.");
  private static final Source DIARY =
      source(
          "diary",
          "We walked to the outer wall before breakfast. The yearly inspection of the outer wall"
              + " took 35,000 euros. The ferry did not run because of the fog.");
  private static final List<Analysed> TEXTS =
      List.of(TextAnalyser.analyse(SURVEY), TextAnalyser.analyse(DIARY));

  private static Source source(String name, String words) {
    return new Source(id(name), name, SourceText.plain(words));
  }

  private static TopicMap map() {
    TopicMap map = Maps.root("root");
    map = Maps.with(map, "root", "Before the breach");
    map = Maps.with(map, "Before the breach", "Cost of inspection");
    map = Maps.with(map, "Before the breach", "Clay wall");
    map = Maps.with(map, "root", "After the breach");
    map = Maps.with(map, "After the breach", "Inspection costs");
    map = Maps.with(map, "After the breach", "Ferry in fog");
    map = fill(map, "Cost of inspection", SURVEY, "The yearly inspection of the outer wall");
    map = fill(map, "Clay wall", SURVEY, "The outer wall was built of clay");
    map = fill(map, "Inspection costs", DIARY, "The yearly inspection of the outer wall");
    return fill(map, "Ferry in fog", DIARY, "The ferry did not run");
  }

  private static TopicMap fill(TopicMap map, String topic, Source source, String words) {
    return Maps.filled(map, topic, List.of(Maps.evidence(topic, source, words)), List.of());
  }

  private static Comparison branches(CompareMark... marks) {
    TopicMap map = map();
    return Comparer.of(
        Side.branch(map, id("Before the breach"), TEXTS),
        Side.branch(map, id("After the breach"), TEXTS),
        List.of(marks));
  }

  private static List<String> words(List<Matter> matters) {
    return matters.stream().map(Matter::words).toList();
  }

  private static List<String> pairs(Columns columns) {
    return columns.both().stream().map(b -> b.one().words() + " = " + b.other().words()).toList();
  }

  @Test
  void topics_of_two_branches_that_mean_the_same_are_shared_and_the_rest_is_each_ones_own() {
    Columns topics = branches().topics();
    assertThat(pairs(topics)).containsExactly("Cost of inspection = Inspection costs");
    assertThat(topics.both().get(0).sure()).isBetween(0.5, 1.0);
    assertThat(topics.both().get(0).one().passages()).hasSize(1);
    assertThat(words(topics.one())).containsExactly("Clay wall");
    assertThat(words(topics.other())).containsExactly("Ferry in fog");
    assertThat(topics.boths()).isEqualTo(1);
  }

  @Test
  void sentences_are_paired_with_the_likest_and_tell_in_what_they_contradict_each_other() {
    Columns passages = branches().passages();
    assertThat(passages.both()).hasSize(1);
    Both both = passages.both().get(0);
    assertThat(both.sure()).isGreaterThan(0.7);
    assertThat(both.against()).contains("18,000 euros against 35,000 euros");
    assertThat(words(passages.one())).containsExactly("The outer wall was built of clay in 1953.");
    assertThat(words(passages.other()))
        .containsExactly("The ferry did not run because of the fog.");
  }

  @Test
  void terms_are_noun_phrases_each_with_sentences_that_have_it() {
    Comparison all = sources();
    assertThat(pairs(all.terms())).contains("outer wall = outer wall", "inspection = inspection");
    assertThat(words(all.terms().one())).contains("clay", "low water").doesNotContain("wall");
    assertThat(words(all.terms().other())).contains("ferry", "fog");
    Matter wall = all.terms().both().get(0).one();
    assertThat(wall.words()).isEqualTo("outer wall");
    assertThat(wall.often()).isEqualTo(2);
    assertThat(wall.passages()).hasSize(2);
  }

  private static Comparison sources(CompareMark... marks) {
    return Comparer.of(
        Side.sources("Survey", map(), TEXTS.subList(0, 1)),
        Side.sources("Diary", map(), TEXTS.subList(1, 2)),
        List.of(marks));
  }

  @Test
  void what_a_person_said_of_a_pair_counts_whichever_comes_first() {
    Columns topics =
        branches(
                new CompareMark(Kind.TOPIC, "Inspection costs", "Cost of inspection", false),
                new CompareMark(Kind.TOPIC, "ferry in fog", "Clay wall", true))
            .topics();
    assertThat(pairs(topics)).containsExactly("Clay wall = Ferry in fog");
    assertThat(topics.both().get(0).byHand()).isTrue();
    assertThat(words(topics.one())).containsExactly("Cost of inspection");

    Comparison all =
        sources(
            new CompareMark(Kind.TERM, "fog", "low water", true),
            new CompareMark(Kind.TERM, "outer wall", "outer wall", false),
            new CompareMark(
                Kind.PASSAGE,
                "The ferry did not run because of the fog.",
                "Redshank feed along the new creeks at low water.",
                true),
            new CompareMark(
                Kind.PASSAGE,
                "The yearly inspection of the outer wall took 18,000 euros.",
                "The yearly inspection of the outer wall took 35,000 euros.",
                false));
    assertThat(pairs(all.terms())).contains("low water = fog").noneMatch(p -> p.contains("outer"));
    assertThat(pairs(all.passages()))
        .containsExactly(
            "Redshank feed along the new creeks at low water."
                + " = The ferry did not run because of the fog.");
  }

  @Test
  void a_topic_that_rests_on_both_groups_of_sources_is_shared_and_the_same_words_are_a_pair() {
    TopicMap map = map();
    Side both = Side.sources("Both", map, TEXTS);
    Comparison same = Comparer.of(both, Side.map(map, TEXTS), List.of());
    assertThat(same.topics().both()).hasSize(4);
    assertThat(same.topics().other()).extracting(Matter::words).contains("Before the breach");
    assertThat(same.passages().both()).hasSize(6).allMatch(b -> b.sure() == 1);
    Comparison nothing = Comparer.of(both, Side.sources("None", map, List.of()), List.of());
    assertThat(nothing.passages().both()).isEmpty();
    assertThat(nothing.terms().one()).isNotEmpty();
  }

  @Test
  void a_term_that_one_has_much_more_of_says_so() {
    Source many = source("many", "The sluice gate is shut. It rains today. ".repeat(30));
    Source few = source("few", "The sluice gate is shut. " + "It rains again. ".repeat(60));
    TopicMap map = map();
    Columns terms =
        Comparer.of(
                Side.sources("Many", map, List.of(TextAnalyser.analyse(many))),
                Side.sources("Few", map, List.of(TextAnalyser.analyse(few))),
                List.of())
            .terms();
    assertThat(terms.both())
        .filteredOn(both -> both.one().words().equals("sluice gate"))
        .extracting(Both::against)
        .containsExactly("much more in the first");
  }
}
