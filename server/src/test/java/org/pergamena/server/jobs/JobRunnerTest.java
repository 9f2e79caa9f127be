package org.pergamena.server.jobs;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.ArgumentMatchers.isNull;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.Progress;

class JobRunnerTest {
  private final Jobs jobs = mock(Jobs.class);
  private final Work work = mock(Work.class);
  private final JobRow job = new JobRow(UUID.randomUUID(), null, JobKind.DISTIL, "{}");
  private final JobRunner runner = runner();

  private JobRunner runner() {
    when(work.kind()).thenReturn(JobKind.DISTIL);
    when(jobs.begin(job.id)).thenReturn(Optional.of(job));
    return new JobRunner(jobs, List.of(work));
  }

  @Test
  void work_that_ends_is_done() {
    runner.run(job.id);
    verify(jobs).end(job.id, JobState.DONE, null);
  }

  @Test
  void a_cancelled_job_stops_at_its_next_step_and_says_so_to_its_work() throws Exception {
    when(jobs.at(eq(job.id), anyString(), anyDouble())).thenReturn(true, false);
    org.mockito.Mockito.doAnswer(
            call -> {
              Progress progress = call.getArgument(3);
              progress.at("First", 0.1);
              progress.at("Second", 0.2);
              throw new AssertionError("it went on");
            })
        .when(work)
        .run(any(), any(), any(), any());
    runner.run(job.id);
    verify(work).cancelled(job.mapId, null);
    verify(jobs).end(job.id, JobState.CANCELLED, null);
  }

  @Test
  void work_that_cannot_be_done_fails_with_its_sentence() throws Exception {
    doThrow(new WorkFailedException("There are no words.", null))
        .when(work)
        .run(any(), isNull(), any(), any());
    runner.run(job.id);
    verify(jobs).end(job.id, JobState.FAILED, "There are no words.");
  }

  @Test
  void an_error_of_ours_fails_the_job_and_nothing_else() throws Exception {
    doThrow(new IllegalStateException("bug")).when(work).run(any(), any(), any(), any());
    runner.run(job.id);
    verify(jobs).end(eq(job.id), eq(JobState.FAILED), contains("try again"));
  }
}
