package org.pergamena.core.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class ScopeTest {
  private static final Source SURVEY =
      new Source(Maps.id("survey"), "Survey", SourceText.plain("The wall is old. It drives it."));

  /**
   * root(wall(age, squeeze), creeks(fish)); the age has a passage and a note, the fish is aside.
   */
  private static TopicMap map() {
    CrossLink link = CrossLink.of(Maps.id("l"), Maps.id("age"), Maps.id("squeeze"), "drives");
    TopicMap map =
        Maps.marsh()
            .apply(
                new Together(
                    List.of(
                        new ContentChange.Annotate(Maps.id("age"), "Ask."),
                        new ContentChange.DefineTopic(Maps.id("age"), "In years.", true),
                        new ContentChange.SetAside(Maps.id("fish"), true),
                        new LinkChange.Connect(
                            link.withNote("Since when?")
                                .withGrounds(
                                    List.of(Maps.evidence("g", SURVEY, "It drives it.")))))))
            .map();
    return Maps.filled(
        map, "age", List.of(Maps.evidence("e", SURVEY, "The wall is old.")), List.of());
  }

  private static Scope scope(List<UUID> branches, Set<UUID> closed, int levels, boolean with) {
    return new Scope(branches, closed, levels, with, with, with, with, with, with);
  }

  private static List<String> labels(TopicMap map) {
    return map.preorder().stream().map(Topic::label).toList();
  }

  @Test
  void all_of_a_map_is_the_map_and_says_what_is_thin() {
    Scope.Published published = Scope.WHOLE.of(map());
    assertThat(published.map()).isEqualTo(map());
    assertThat(published.mark(Maps.id("age"))).isEqualTo("thin");
    assertThat(published.mark(Maps.id("squeeze"))).isEqualTo("unsupported");
    assertThat(published.mark(Maps.id("wall"))).isEmpty();
    assertThat(Scope.WHOLE.of(Maps.marsh()).marks()).as("without sources").isEmpty();
  }

  @Test
  void what_is_not_wished_is_left_out() {
    Scope.Published published = scope(List.of(), Set.of(), 0, false).of(map());
    assertThat(labels(published.map())).containsExactly("root", "wall", "age", "squeeze", "creeks");
    Topic age = published.map().topic(Maps.id("age"));
    assertThat(age.note()).isEmpty();
    assertThat(age.content().gloss().definition()).isEmpty();
    assertThat(age.evidence()).isEmpty();
    CrossLink link = published.map().links().get(0);
    assertThat(link.note()).isEmpty();
    assertThat(link.grounds()).isEmpty();
    assertThat(published.marks()).isEmpty();
  }

  @Test
  void branches_levels_and_what_is_closed_bound_it() {
    assertThat(labels(scope(List.of(Maps.id("wall")), Set.of(), 0, true).of(map()).map()))
        .containsExactly("wall", "age", "squeeze");
    assertThat(labels(scope(List.of(), Set.of(), 1, true).of(map()).map()))
        .containsExactly("root", "wall", "creeks");
    Scope.Published open = scope(List.of(), Set.of(Maps.id("wall")), 0, true).of(map());
    assertThat(labels(open.map())).containsExactly("root", "wall", "creeks", "fish");
    assertThat(open.map().links()).isEmpty();
    assertThat(open.map().colour(Maps.id("creeks"))).isEqualTo(map().colour(Maps.id("creeks")));
    assertThatThrownBy(() -> scope(List.of(Maps.id("none")), Set.of(), 0, true).of(map()))
        .isInstanceOf(MapRuleException.class);
  }
}
