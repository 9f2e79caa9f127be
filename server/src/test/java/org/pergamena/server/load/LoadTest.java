package org.pergamena.server.load;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.load.LoadRun.Outcome;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;

/** That many at a time are served at all; how fast, {@code ./pergamena bench load} tells. */
@ExtendWith(TestApplication.class)
class LoadTest {
  @Test
  void twenty_people_edit_one_map_while_thirty_pages_listen(TestVisitor visitor) {
    Outcome outcome = LoadRun.run(visitor.address(), 20, true, 0, 30, 2);
    assertThat(outcome.refused()).isZero();
    assertThat(outcome.edits()).isGreaterThan(20);
    assertThat(outcome.heard().count()).isPositive();
  }
}
