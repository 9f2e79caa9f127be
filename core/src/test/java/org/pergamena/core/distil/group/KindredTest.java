package org.pergamena.core.distil.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Bag;

class KindredTest {
  private static Bag bag(String... words) {
    Bag bag = new Bag();
    for (String word : words) {
      bag.add(word, 1);
    }
    return bag;
  }

  @Test
  void sources_are_kindred_by_way_of_others_and_foreign_if_they_share_next_to_nothing() {
    List<List<Bag>> sources =
        List.of(
            List.of(bag("wall", "tide"), bag("wall", "bank")),
            List.of(bag("flour", "dough"), bag("crust")),
            List.of(bag("tide", "birds")),
            List.of(bag("birds", "nests")));
    assertThat(Kindred.of(sources)).containsExactly(List.of(0, 2, 3), List.of(1));
  }

  @Test
  void main_branches_are_shared_out_by_words_and_each_has_one() {
    assertThat(Kindred.shares(List.of(9000, 100), 5)).containsExactly(4, 1);
    assertThat(Kindred.shares(List.of(3000, 3000, 100), 6)).containsExactly(3, 2, 1);
    assertThat(Kindred.shares(List.of(0, 0), 2)).containsExactly(1, 1);
    assertThat(Kindred.shares(List.of(500), 4)).containsExactly(4);
  }
}
