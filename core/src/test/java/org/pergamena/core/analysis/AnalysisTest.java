package org.pergamena.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Coverage.Stretch;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

class AnalysisTest {
  private static final Source SURVEY =
      new Source(Maps.id("survey"), "Survey", SourceText.plain("aaaa bbbb cccc dddd"));
  private static final Source TALK =
      new Source(Maps.id("talk"), "Talk", SourceText.plain("the wall was old"));

  @Test
  void support_counts_passages_and_sources_below_too() {
    TopicMap map =
        Maps.filled(Maps.marsh(), "age", List.of(Maps.evidence("1", SURVEY, "aaaa")), List.of());
    map = Maps.filled(map, "squeeze", List.of(Maps.evidence("2", TALK, "wall")), List.of());
    var supports = Support.of(map);
    Support wall = supports.get(Maps.id("wall"));
    assertThat(wall.passages()).isEqualTo(2);
    assertThat(wall.own()).isZero();
    assertThat(wall.sources()).containsExactly(SURVEY.id(), TALK.id());
    assertThat(wall.thin()).isFalse();
    assertThat(supports.get(Maps.id("age")).thin()).isTrue();
    assertThat(supports.get(Maps.id("fish")).unsupported()).isTrue();
    assertThat(supports.get(Maps.id("fish")).thin()).isFalse();
  }

  @Test
  void the_same_passage_on_two_topics_of_a_branch_counts_once_for_it() {
    TopicMap map =
        Maps.filled(Maps.marsh(), "age", List.of(Maps.evidence("1", SURVEY, "aaaa")), List.of());
    map = Maps.filled(map, "squeeze", List.of(Maps.evidence("2", SURVEY, "aaaa")), List.of());
    assertThat(Support.of(map).get(Maps.id("wall")).passages()).isEqualTo(1);
  }

  @Test
  void a_ribbon_shows_each_main_branch_and_what_is_left_out() {
    TopicMap map =
        Maps.filled(
            Maps.marsh(),
            "age",
            List.of(),
            List.of(new Extent(SURVEY.id(), new Span(0, 4)), extent(5, 9)));
    map = Maps.filled(map, "fish", List.of(Maps.evidence("1", SURVEY, "dddd")), List.of());
    Coverage coverage = Coverage.of(map, List.of(SURVEY)).get(SURVEY.id());
    assertThat(coverage.ribbon())
        .containsExactly(
            new Stretch(0, 9, 0), new Stretch(9, 15, Coverage.NOWHERE), new Stretch(15, 19, 1));
    assertThat(coverage.share()).isCloseTo(12 / 16.0, within(1e-9));
  }

  @Test
  void a_quote_has_its_place_before_the_extent_of_another_topic() {
    TopicMap map = Maps.filled(Maps.marsh(), "wall", List.of(), List.of(extent(0, 19)));
    map = Maps.filled(map, "fish", List.of(Maps.evidence("1", SURVEY, "bbbb")), List.of());
    assertThat(Coverage.of(map, List.of(SURVEY)).get(SURVEY.id()).ribbon())
        .extracting(Stretch::branch)
        .containsExactly(0, 1, 0);
  }

  @Test
  void what_the_root_alone_accounts_for_is_left_out_once_there_are_branches() {
    List<Extent> all = List.of(extent(0, 19));
    TopicMap alone = Maps.filled(Maps.root("root"), "root", List.of(), all);
    assertThat(Coverage.of(alone, List.of(SURVEY)).get(SURVEY.id()).share()).isEqualTo(1);
    TopicMap map = Maps.filled(Maps.marsh(), "root", List.of(), all);
    map = Maps.filled(map, "wall", List.of(), List.of(extent(0, 9)));
    Coverage coverage = Coverage.of(map, List.of(SURVEY)).get(SURVEY.id());
    assertThat(coverage.share()).isCloseTo(8 / 16.0, within(1e-9));
    assertThat(coverage.ribbon())
        .containsExactly(new Stretch(0, 9, 0), new Stretch(9, 19, Coverage.NOWHERE));
  }

  @Test
  void a_source_that_nothing_rests_on_is_one_gap() {
    Coverage coverage = Coverage.of(Maps.marsh(), List.of(TALK)).get(TALK.id());
    assertThat(coverage.ribbon()).containsExactly(new Stretch(0, 16, Coverage.NOWHERE));
    assertThat(coverage.share()).isZero();
  }

  @Test
  void all_sources_together_weigh_by_their_length() {
    TopicMap map = Maps.filled(Maps.marsh(), "wall", List.of(), List.of(extent(0, 19)));
    var coverages = Coverage.of(map, List.of(SURVEY, TALK));
    assertThat(Coverage.share(List.of(SURVEY, TALK), coverages)).isCloseTo(16 / 29.0, within(1e-9));
  }

  private static Extent extent(int start, int end) {
    return new Extent(SURVEY.id(), new Span(start, end));
  }
}
