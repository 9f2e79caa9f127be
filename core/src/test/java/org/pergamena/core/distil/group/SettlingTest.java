package org.pergamena.core.distil.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Bag;

class SettlingTest {
  private static Bag unit(String... stems) {
    Bag bag = new Bag();
    for (String stem : stems) {
      bag.add(stem, 1);
    }
    return bag.normalised(stem -> 1);
  }

  private static final List<Bag> VECTORS =
      List.of(
          unit("oyster", "disease"),
          unit("oyster", "growers"),
          unit("wall", "stone"),
          unit("wall", "bank"),
          unit("oyster", "disease", "wall"));

  @Test
  void a_part_that_is_much_more_like_another_group_goes_there() {
    assertThat(Settling.of(List.of(List.of(0, 1), List.of(2, 3, 4)), VECTORS))
        .containsExactly(List.of(0, 1, 4), List.of(2, 3));
  }

  @Test
  void what_is_about_as_near_stays_and_no_group_becomes_empty() {
    List<List<Integer>> apart = List.of(List.of(0, 1), List.of(2, 3));
    assertThat(Settling.of(apart, VECTORS)).isEqualTo(apart);
    List<List<Integer>> alone = List.of(List.of(2, 3), List.of(4));
    assertThat(Settling.of(alone, VECTORS)).isEqualTo(alone);
  }

  @Test
  void a_part_without_words_stays() {
    List<Bag> some = List.of(unit("wall"), new Bag(), unit("oyster"));
    List<List<Integer>> groups = List.of(List.of(0, 1), List.of(2));
    assertThat(Settling.of(groups, some)).isEqualTo(groups);
  }
}
