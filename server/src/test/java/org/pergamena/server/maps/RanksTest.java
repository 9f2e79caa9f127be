package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RanksTest {
  private static UUID id(int number) {
    return new UUID(0, number);
  }

  @Test
  void one_that_comes_gets_a_rank_between_its_neighbours_and_changes_no_other() {
    Map<UUID, Long> known = Map.of(id(1), 100L, id(2), 200L);
    assertThat(Ranks.of(List.of(id(1), id(3), id(2)), Set.of(id(3)), known))
        .containsExactlyEntriesOf(Map.of(id(3), 150L));
    assertThat(Ranks.of(List.of(id(3), id(1), id(2)), Set.of(id(3)), known).get(id(3)))
        .isLessThan(100);
    assertThat(Ranks.of(List.of(id(1), id(2), id(3)), Set.of(id(3)), known).get(id(3)))
        .isGreaterThan(200);
  }

  @Test
  void all_are_numbered_anew_where_room_has_run_out() {
    Map<UUID, Long> known = Map.of(id(1), 100L, id(2), 101L);
    Map<UUID, Long> ranks = Ranks.of(List.of(id(1), id(3), id(2)), Set.of(id(3)), known);
    assertThat(ranks.get(id(1))).isLessThan(ranks.get(id(3)));
    assertThat(ranks.get(id(3))).isLessThan(ranks.get(id(2)));
  }

  @Test
  void ranks_keep_the_order_whatever_comes_and_moves() {
    Random random = new Random(7);
    List<UUID> order = new ArrayList<>();
    Map<UUID, Long> ranks = new HashMap<>();
    for (int i = 0; i < 2000; i++) {
      UUID moved =
          order.size() > 5 && random.nextBoolean()
              ? order.remove(random.nextInt(order.size()))
              : id(i);
      order.add(random.nextInt(Math.min(3, order.size() + 1)), moved);
      ranks.putAll(Ranks.of(order, Set.of(moved), ranks));
    }
    assertThat(order.stream().map(ranks::get).toList()).isSorted().doesNotHaveDuplicates();
  }
}
