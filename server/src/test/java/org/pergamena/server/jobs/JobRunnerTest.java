package org.pergamena.server.jobs;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.PessimisticLockException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.maps.StaleException;

class JobRunnerTest {
  private static final Work.Finish NOTHING = () -> {};

  private final Jobs jobs = mock(Jobs.class);
  private final Work work = mock(Work.class);
  private final JobRow job =
      new JobRow(UUID.randomUUID(), UUID.randomUUID(), null, JobKind.DISTIL, "{}");
  private final JobRunner runner = runner();

  private JobRunner runner() {
    when(work.kind()).thenReturn(JobKind.DISTIL);
    when(jobs.begin(eq(job.id), anyBoolean())).thenReturn(Optional.of(job));
    return new JobRunner(jobs, List.of(work), Duration.ofMinutes(30));
  }

  @Test
  void a_job_that_takes_too_long_is_given_up() throws Exception {
    when(jobs.at(eq(job.id), anyString(), anyDouble())).thenReturn(true);
    when(work.run(any(), any()))
        .thenAnswer(
            call -> {
              while (true) {
                call.<Progress>getArgument(1).at("on and on", 0);
              }
            });
    new JobRunner(jobs, List.of(work), Duration.ofMillis(20)).run(job.id);
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("given up"));
  }

  @Test
  void what_was_computed_is_applied_as_the_job_ends() throws Exception {
    when(work.run(any(), any())).thenReturn(NOTHING);
    runner.run(job.id);
    verify(jobs).finish(job.task(), NOTHING);
  }

  @Test
  void what_has_gone_stale_is_computed_again() throws Exception {
    when(work.run(any(), any())).thenReturn(NOTHING);
    doThrow(new StaleException()).doNothing().when(jobs).finish(job.task(), NOTHING);
    runner.run(job.id);
    verify(work, times(2)).run(any(), any());
    verify(jobs, never()).end(any(), any(), any());
  }

  @Test
  void a_cancelled_job_stops_at_its_next_step_and_says_so_to_its_work() throws Exception {
    when(jobs.at(eq(job.id), anyString(), anyDouble())).thenReturn(true, false);
    when(work.run(any(), any()))
        .thenAnswer(
            call -> {
              Progress progress = call.getArgument(1);
              progress.at("First", 0.1);
              progress.at("Second", 0.2);
              throw new AssertionError("it went on");
            });
    runner.run(job.id);
    verify(work).stopped(job.task(), JobState.CANCELLED, null);
    verify(jobs).end(job.id, JobState.CANCELLED, null);
  }

  @Test
  void work_that_cannot_be_done_fails_with_its_sentence() throws Exception {
    when(work.run(any(), any())).thenThrow(new WorkFailedException("There are no words.", null));
    runner.run(job.id);
    verify(work).stopped(job.task(), JobState.FAILED, "There are no words.");
    verify(jobs).end(job.id, JobState.FAILED, "There are no words.");
  }

  @Test
  void an_error_of_ours_fails_the_job_and_nothing_else() throws Exception {
    when(work.run(any(), any())).thenThrow(new IllegalStateException("bug"));
    runner.run(job.id);
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("try again"));
  }

  @Test
  void whatever_is_thrown_ends_the_job_and_nothing_else() throws Exception {
    when(work.run(any(), any())).thenThrow(new StackOverflowError());
    runner.run(job.id);
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("try again"));
  }

  @Test
  void a_job_whose_map_is_gone_ends_though_nothing_is_left_to_tidy_up() throws Exception {
    when(work.run(any(), any())).thenThrow(new java.util.concurrent.CancellationException());
    doThrow(new IllegalStateException("no such source")).when(work).stopped(any(), any(), any());
    runner.run(job.id);
    verify(jobs).end(job.id, JobState.CANCELLED, null);
  }

  @Test
  void what_comes_in_the_way_of_another_is_done_again_but_not_for_ever() throws Exception {
    when(work.run(any(), any())).thenReturn(NOTHING);
    doThrow(new PessimisticLockException("deadlock"))
        .doNothing()
        .when(jobs)
        .finish(job.task(), NOTHING);
    runner.run(job.id);
    verify(jobs, never()).end(any(), any(), any());
    doThrow(new PessimisticLockException("deadlock")).when(jobs).finish(job.task(), NOTHING);
    runner.run(job.id);
    verify(work, times(5)).run(any(), any());
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("try again"));
  }

  @Test
  void a_job_that_took_the_server_down_again_and_again_is_given_up() throws Exception {
    job.suspected = Jobs.MOST_SUSPECTED + 1;
    runner.run(job.id);
    verify(work, never()).run(any(), any());
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("given up"));
  }

  @Test
  void a_job_during_which_the_database_goes_away_is_left_to_be_done_again() throws Exception {
    RuntimeException away =
        new IllegalStateException(new java.sql.SQLNonTransientConnectionException("gone"));
    when(work.run(any(), any())).thenThrow(away);
    assertThatThrownBy(() -> runner.run(job.id)).hasRootCauseMessage("gone");
    verify(jobs, never()).end(any(), any(), any());
    reset(work);
    when(work.run(any(), any())).thenReturn(NOTHING);
    runner.run(job.id);
    verify(jobs).begin(job.id, true);
  }
}
