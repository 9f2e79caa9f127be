package org.pergamena.core.relate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pergamena.core.map.Maps.id;

import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Manner.Direction;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

class RelationsTest {
  private TopicMap map = Maps.marsh();

  private UUID link(String from, String phrase, String to) {
    UUID link = id(from + phrase + to);
    does(new LinkChange.Connect(CrossLink.of(link, id(from), id(to), phrase)));
    return link;
  }

  private void does(Change change) {
    map = map.apply(change).map();
  }

  private Redundant only() {
    assertThat(Cleaning.redundant(map)).hasSize(1);
    return Cleaning.redundant(map).get(0);
  }

  @Test
  void a_link_without_words_beside_one_with_words_says_nothing_more() {
    final UUID bare = link("age", "", "fish");
    UUID worded = link("age", "drives off", "fish");
    assertThat(only().link()).isEqualTo(bare);
    assertThat(only().reason()).isEqualTo(Redundant.Reason.TWICE);
    assertThat(only().others()).containsExactly(worded);
  }

  @Test
  void two_that_lead_both_ways_become_one_that_points_both_ways() {
    link("age", "meets", "fish");
    link("fish", "Meets", "age");
    Redundant found = only();
    assertThat(found.reason()).isEqualTo(Redundant.Reason.BOTH_WAYS);
    does(Cleaning.cleaned(map, Set.of(found.link())));
    assertThat(map.links()).hasSize(1);
    assertThat(map.links().get(0).manner().direction()).isEqualTo(Direction.BOTH);
    assertThat(Cleaning.redundant(map)).isEmpty();
  }

  @Test
  void what_the_tree_says_goes_unless_the_link_says_more() {
    link("wall", "is weakened by", "age");
    assertThat(Cleaning.redundant(map)).isEmpty();
    does(new ContentChange.Lead(id("age"), "is weakened by"));
    assertThat(only().reason()).isEqualTo(Redundant.Reason.TREE);
  }

  @Test
  void what_two_others_say_by_way_of_a_third_goes_without_saying() {
    UUID first = link("age", "is part of", "fish");
    UUID second = link("fish", "is part of", "squeeze");
    final UUID implied = link("age", "is part of", "squeeze");
    link("age", "fears", "squeeze");
    assertThat(only().link()).isEqualTo(implied);
    assertThat(only().others()).containsExactly(first, second);
  }

  @Test
  void of_a_circle_of_the_same_words_no_link_is_taken_for_what_rests_on_it() {
    link("age", "is", "fish");
    link("fish", "is", "squeeze");
    link("squeeze", "is", "age");
    link("age", "is", "squeeze");
    int before = map.links().size();
    Set<UUID> all = Set.copyOf(Cleaning.redundant(map).stream().map(Redundant::link).toList());
    does(Cleaning.cleaned(map, all));
    assertThat(map.links()).hasSize(before - all.size());
    assertThat(Cleaning.redundant(map)).isEmpty();
  }

  @Test
  void a_link_with_a_note_stays_and_a_supposed_one_makes_nothing_redundant() {
    UUID noted = link("age", "", "fish");
    does(new LinkChange.Remark(noted, "Mine"));
    UUID worded = link("age", "drives off", "fish");
    assertThat(Cleaning.redundant(map)).isEmpty();
    does(new LinkChange.Remark(noted, ""));
    does(new LinkChange.Qualify(worded, new Manner(Direction.ONE, true)));
    assertThat(Cleaning.redundant(map)).isEmpty();
    assertThatThrownBy(() -> Cleaning.cleaned(map, Set.of(noted)))
        .isInstanceOf(MapRuleException.class);
  }

  @Test
  void key_topics_have_more_relations_than_the_average_and_the_central_one_is_nearest_to_all() {
    link("fish", "", "age");
    link("fish", "", "squeeze");
    Standing standing = Standing.of(map);
    // wall: age, squeeze; creeks: fish; fish: creeks, age, squeeze
    assertThat(standing.relations().get(id("fish"))).isEqualTo(3);
    assertThat(standing.key()).containsExactly(id("fish"));
    assertThat(standing.ends()).containsExactly(id("creeks"));
    assertThat(standing.central()).isEqualTo(id("fish"));
    assertThat(Standing.of(Maps.root("root")).central()).isNull();
  }

  @Test
  void topics_side_by_side_come_under_what_leads_to_them() {
    map = Maps.root("root");
    for (String name : new String[] {"tide", "silt", "marsh", "bird", "alone"}) {
      map = Maps.with(map, "root", name);
    }
    link("tide", "brings", "silt");
    link("silt", "builds", "marsh");
    link("tide", "floods", "marsh");
    link("marsh", "feeds", "bird");
    link("bird", "loves", "tide");
    UUID supposed = link("silt", "hides", "bird");
    does(new LinkChange.Qualify(supposed, new Manner(Direction.ONE, true)));
    TopicMap before = map;
    Change hung = Hanging.byRelations(map, id("root"));
    assertThat(before.apply(hung).map().apply(before.apply(hung).inverse()).map())
        .isEqualTo(before);
    does(hung);
    assertThat(map.root().children()).contains(id("alone")).hasSize(2);
    Topic marsh = map.topic(id("marsh"));
    assertThat(marsh.content().gloss().phrase()).isIn("builds", "floods");
    // four of six relations can be lines of the tree at most
    assertThat(map.links().size()).isBetween(3, 4);
    assertThat(Cleaning.redundant(map)).isEmpty();
  }
}
