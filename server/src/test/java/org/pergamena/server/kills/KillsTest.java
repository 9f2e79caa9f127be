package org.pergamena.server.kills;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class KillsTest {
  @Test
  void kills_of_server_and_database_lose_nothing_and_every_job_is_done_once() throws Exception {
    KillRun.Outcome outcome = KillRun.run(3, 20261126, false);
    assertThat(outcome.acknowledged()).isPositive();
    assertThat(outcome.lost()).isZero();
    assertThat(outcome.notOnce()).isZero();
  }
}
