package org.pergamena.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.TextSize;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class DressingTest {
  private static final Source SURVEY =
      new Source(id("survey"), "Survey", SourceText.plain("The old wall leaks. It is low."));
  private static final Source LETTER =
      new Source(id("letter"), "Letter", SourceText.plain("Fish came back in 1994."));
  private static final Style RED = Style.inked(Colour.of(Ink.MADDER));
  private static final Style BLUE = Style.inked(Colour.of(Ink.WOAD));
  private static final Style LARGE = Style.sized(TextSize.LARGE);

  private final TopicMap marsh =
      Maps.filled(
          Maps.filled(
              Maps.marsh(),
              "age",
              List.of(
                  Maps.evidence("1", SURVEY, "The old wall leaks."),
                  Maps.evidence("2", SURVEY, "It is low.")),
              List.of()),
          "fish",
          List.of(Maps.evidence("3", LETTER, "Fish came back in 1994.")),
          List.of());

  private static Dressing dressed(TopicMap map, Rule... rules) {
    Styles ruled = map.look().styles().ruled(List.of(rules));
    TopicMap with = map.apply(new LookChange.Arrange(map.look().with(ruled))).map();
    return Dressing.of(with, Support.of(with), List.of(SURVEY.id(), LETTER.id()));
  }

  private static Rule matching(Rule.By by, String match, Style style) {
    return new Rule(by, match, style, null, null);
  }

  private static Style style(Dressing dressing, String topic) {
    return dressing.styles().get(id(topic));
  }

  private static List<String> words(Dressing dressing) {
    return dressing.key().stream().map(Dressing.Entry::words).toList();
  }

  @Test
  void by_hand_beats_branch_beats_level_beats_rule_each_property_its_own_way() {
    MapLook look =
        marsh.look().with(new Styles(List.of(Style.NONE, Style.NONE, LARGE), List.of(), List.of()));
    TopicMap map =
        marsh
            .apply(new LookChange.Arrange(look))
            .map()
            .apply(new LookChange.Paint(id("wall"), Look.NONE.below(BLUE)))
            .map()
            .apply(new LookChange.Paint(id("age"), Look.NONE.styled(RED)))
            .map();
    Rule all = matching(Rule.By.WORDS, "e", Style.grounded(Colour.of(Ink.MOSS, 24)).over(BLUE));
    Dressing dressing = dressed(map, all);
    assertThat(style(dressing, "age").ink()).isEqualTo(Colour.of(Ink.MADDER));
    assertThat(style(dressing, "age").size()).isEqualTo(TextSize.LARGE);
    assertThat(style(dressing, "age").ground()).isEqualTo(Colour.of(Ink.MOSS, 24));
    assertThat(style(dressing, "squeeze").ink()).isEqualTo(Colour.of(Ink.WOAD));
    assertThat(style(dressing, "fish")).isEqualTo(LARGE);
    assertThat(style(dressing, "root")).isEqualTo(Style.NONE);
  }

  @Test
  void of_two_rules_the_first_holds() {
    Dressing dressing =
        dressed(
            marsh,
            matching(Rule.By.WORDS, "AGE", RED),
            matching(Rule.By.BRANCH, id("wall").toString(), BLUE.over(LARGE)));
    assertThat(style(dressing, "age")).isEqualTo(RED.over(LARGE));
    assertThat(style(dressing, "squeeze")).isEqualTo(BLUE.over(LARGE));
    assertThat(words(dressing)).containsExactly("says “AGE”", "wall");
    assertThat(dressing.key()).extracting(Dressing.Entry::topics).containsExactly(1, 3);
  }

  @Test
  void a_rule_finds_what_it_is_for() {
    TopicMap map =
        marsh
            .apply(new LinkChange.Connect(CrossLink.of(id("l"), id("age"), id("fish"), "")))
            .map()
            .apply(new ContentChange.Mark(id("squeeze"), List.of("open")))
            .map();
    assertThat(inked(map, Rule.By.LEVEL, "1")).containsExactly("wall", "creeks");
    assertThat(inked(map, Rule.By.SUPPORT, "THIN")).containsExactly("creeks", "fish");
    assertThat(inked(map, Rule.By.SUPPORT, "UNSUPPORTED")).containsExactly("squeeze");
    assertThat(inked(map, Rule.By.SUPPORT, "WELL")).containsExactly("wall", "age");
    assertThat(inked(map, Rule.By.SOURCE, LETTER.id().toString()))
        .containsExactly("creeks", "fish");
    assertThat(inked(map, Rule.By.RELATIONS, "1")).containsExactly("age", "fish");
    assertThat(inked(map, Rule.By.TIME, "1990 - 1999")).containsExactly("fish");
    assertThat(inked(map, Rule.By.TIME, "long ago")).isEmpty();
    assertThat(inked(map, Rule.By.TAG, "open")).containsExactly("squeeze");
    assertThat(inked(map, Rule.By.SOURCE, "no identity")).isEmpty();
    assertThat(inked(map, Rule.By.RELATIONS, "many")).isEmpty();
  }

  private static List<String> inked(TopicMap map, Rule.By by, String match) {
    Dressing dressing = dressed(map, matching(by, match, RED));
    return map.preorder().stream()
        .filter(topic -> dressing.styles().get(topic.id()).equals(RED))
        .map(topic -> topic.label())
        .toList();
  }

  @ParameterizedTest
  @EnumSource(value = Rule.By.class, names = "WORDS", mode = EnumSource.Mode.EXCLUDE)
  void kinds_are_told_from_each_other_and_all_of_them_are_in_the_key(Rule.By by) {
    TopicMap map =
        marsh
            .apply(new LinkChange.Connect(CrossLink.of(id("l"), id("age"), id("fish"), "")))
            .map()
            .apply(new ContentChange.Relabel(id("squeeze"), "squeeze of 1953"))
            .map()
            .apply(new ContentChange.Mark(id("squeeze"), List.of("open")))
            .map()
            .apply(new ContentChange.Mark(id("fish"), List.of("agreed")))
            .map();
    for (Rule.Each each : Rule.Each.values()) {
      Dressing dressing = dressed(map, new Rule(by, "", Style.NONE, null, each));
      assertThat(dressing.key()).hasSizeGreaterThan(1).doesNotHaveDuplicates();
      assertThat(dressing.key()).extracting(Dressing.Entry::style).doesNotHaveDuplicates();
      assertThat(dressing.styles().values().stream().filter(s -> !s.equals(Style.NONE)).distinct())
          .containsExactlyInAnyOrderElementsOf(
              dressing.key().stream().map(Dressing.Entry::style).toList());
    }
  }

  @Test
  void spans_of_years_are_as_long_as_each_other() {
    TopicMap map =
        marsh
            .apply(new ContentChange.Relabel(id("age"), "wall of 1887"))
            .map()
            .apply(new ContentChange.Relabel(id("squeeze"), "squeeze of 1953"))
            .map();
    assertThat(words(dressed(map, new Rule(Rule.By.TIME, "", Style.NONE, null, Rule.Each.GROUND))))
        .containsExactly("1880 to 1909", "1940 to 1969", "1970 to 1999");
  }

  @Test
  void a_rule_has_topics_show_a_tag() {
    Rule rule = new Rule(Rule.By.SUPPORT, "UNSUPPORTED", Style.NONE, "to-check", null);
    Dressing dressing = dressed(marsh, rule);
    assertThat(dressing.tags()).containsOnlyKeys(id("squeeze"));
    assertThat(dressing.key()).extracting(Dressing.Entry::tag).containsExactly("to-check");
  }

  @Test
  void a_copy_of_the_map_has_rules_for_what_is_there() {
    UUID other = UUID.randomUUID();
    Styles ruled =
        Styles.NONE.ruled(
            List.of(
                matching(Rule.By.BRANCH, id("wall").toString(), RED),
                matching(Rule.By.SOURCE, SURVEY.id().toString(), LARGE)));
    TopicMap map = marsh.apply(new LookChange.Arrange(marsh.look().with(ruled))).map();
    TopicMap copy =
        map.copied(source -> source.equals(SURVEY.id()) ? other : source, UUID::randomUUID);
    Dressing dressing = Dressing.of(copy, Support.of(copy), List.of(other));
    UUID wall = copy.children(copy.root()).get(0).id();
    assertThat(dressing.styles().get(wall)).isEqualTo(RED.over(LARGE));
    assertThat(dressing.key()).extracting(Dressing.Entry::subject).contains(other);
  }
}
