package org.pergamena.server.reading;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.pergamena.server.site.Refused;

/** What is tried before it is read for good: with little memory, of which some of it takes more. */
class ConfinedTest {
  private static final ReadingLimits LITTLE = new ReadingLimits(32, 20, 20);
  private static final ReaderPool POOL = new ReaderPool(LITTLE);
  private static final String LINES = "- The tide left mud on the fields of the marsh\n";

  private final Confined confined = new Confined(POOL, LITTLE);

  @AfterAll
  static void close() {
    POOL.close();
  }

  @Test
  void what_is_read_with_ease_or_is_none_at_all_passes_to_where_it_is_read_for_good() {
    assertThatCode(
            () -> {
              confined.requireOutline("# Marsh\n" + LINES);
              confined.requireReply("Here you are:\n\n" + LINES);
              confined.requireMap("map.json", "{\"not\": \"a map\"}".getBytes());
              confined.requireMap("map.md", "# Marsh\n\n## Wall\n".getBytes());
            })
        .doesNotThrowAnyException();
  }

  @Test
  void what_takes_more_memory_than_a_process_is_given_is_refused_and_the_next_is_tried() {
    String much = LINES.repeat(200_000);
    assertThatThrownBy(() -> confined.requireOutline(much))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("32 MB");
    assertThatThrownBy(
            () -> confined.requireMap("map.md", ("# M\n" + much).getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(Refused.class);
    assertThatCode(() -> confined.requireOutline(LINES)).doesNotThrowAnyException();
  }
}
