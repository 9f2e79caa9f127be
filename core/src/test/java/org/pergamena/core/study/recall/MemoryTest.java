package org.pergamena.core.study.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.study.recall.Memory.Grade;

class MemoryTest {
  private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");

  private static Instant after(double days) {
    return NOW.plus(Duration.ofSeconds(Math.round(days * 86_400)));
  }

  @Test
  void it_is_due_when_nine_in_ten_would_still_be_known() {
    Memory memory = Memory.first(Grade.YES, NOW);
    assertThat(memory.known(NOW)).isEqualTo(1);
    assertThat(memory.known(memory.due())).isEqualTo(0.9, within(1e-4));
    assertThat(memory.stability()).isEqualTo(3.7145);
    assertThat(Memory.first(Grade.NO, NOW).due()).isBefore(after(0.5));
    assertThat(Memory.first(Grade.NO, NOW).lasting(NOW)).isLessThan(0.5);
    assertThat(memory.lasting(NOW)).isEqualTo(memory.known(after(7)));
  }

  @Test
  void what_is_known_when_due_is_asked_later_each_time_and_what_is_not_is_asked_sooner() {
    Memory memory = Memory.first(Grade.YES, NOW);
    Memory second = memory.after(Grade.YES, memory.due());
    Memory third = second.after(Grade.YES, second.due());
    assertThat(second.stability()).isGreaterThan(2 * memory.stability());
    assertThat(third.stability()).isGreaterThan(2 * second.stability());
    Memory partly = second.after(Grade.PARTLY, second.due());
    assertThat(partly.stability()).isBetween(second.stability(), third.stability());
    Memory lapsed = third.after(Grade.NO, third.due());
    assertThat(lapsed.stability()).isLessThan(second.stability());
    assertThat(lapsed.difficulty()).isGreaterThan(third.difficulty());
    assertThat(lapsed.answers()).isEqualTo(4);
    assertThat(lapsed.right()).isEqualTo(3);
  }

  @Test
  void the_published_weights_give_the_published_first_intervals() {
    // one day late: stability after the formula, worked out apart from the code
    Memory memory = Memory.first(Grade.YES, NOW);
    double known = Math.pow(1 + 19.0 / 81 * 4.7145 / 3.7145, -0.5);
    double growth =
        Math.exp(1.6474)
            * (11 - 5.1618)
            * Math.pow(3.7145, -0.1367)
            * (Math.exp(1.0461 * (1 - known)) - 1);
    assertThat(memory.after(Grade.YES, after(4.7145)).stability())
        .isEqualTo(3.7145 * (1 + growth), within(1e-3));
  }

  @Test
  void asked_again_at_once_it_gains_nothing_and_never_leaves_its_bounds() {
    Memory memory = Memory.first(Grade.YES, NOW);
    assertThat(memory.after(Grade.YES, NOW).stability()).isEqualTo(memory.stability());
    for (int i = 0; i < 60; i++) {
      memory = memory.after(Grade.YES, memory.due());
    }
    assertThat(memory.stability()).isLessThanOrEqualTo(3_650);
    for (int i = 0; i < 60; i++) {
      memory = memory.after(Grade.NO, memory.due());
    }
    assertThat(memory.stability()).isGreaterThanOrEqualTo(0.1);
    assertThat(memory.difficulty()).isBetween(1.0, 10.0);
    assertThat(memory.known(NOW.minusSeconds(100))).isEqualTo(1);
  }

  @Test
  void what_is_least_known_is_asked_first_then_what_was_never_asked_until_it_is_enough() {
    UUID known = new UUID(1, 1);
    UUID fading = new UUID(1, 2);
    UUID fresh = new UUID(1, 3);
    UUID gone = new UUID(1, 4);
    List<UUID> topics = List.of(fresh, known, fading);
    Map<UUID, Memory> memories =
        Map.of(
            known, Memory.first(Grade.YES, after(-1)),
            fading, Memory.first(Grade.PARTLY, after(-9)),
            gone, Memory.first(Grade.NO, after(-9)));
    Today today = Today.of(topics, memories, 10, false, NOW, ZoneOffset.UTC);
    assertThat(today.due()).containsExactly(fading);
    assertThat(today.fresh()).containsExactly(fresh);
    assertThat(today.next()).isEqualTo(fading);
    Map<UUID, Memory> later =
        Map.of(known, memories.get(known), fading, Memory.first(Grade.YES, NOW));
    assertThat(Today.of(topics, later, 10, false, NOW, ZoneOffset.UTC).next()).isEqualTo(fresh);
    Today enough = Today.of(topics, later, 1, false, NOW, ZoneOffset.UTC);
    assertThat(enough.answered()).isEqualTo(1);
    assertThat(enough.next()).isNull();
    assertThat(Today.of(topics, later, 1, true, NOW, ZoneOffset.UTC).next()).isEqualTo(fresh);
  }
}
