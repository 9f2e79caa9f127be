package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.maps.StaleException;
import org.pergamena.server.site.Outage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Does jobs, one call each, and sees that each ends in a state that says how. */
@Component
class JobRunner {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("job");
  private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);
  private static final long BETWEEN_NANOS = 100_000_000;

  private final Jobs jobs;
  private final Map<JobKind, Work> works = new EnumMap<>(JobKind.class);

  JobRunner(Jobs jobs, List<Work> works) {
    this.jobs = jobs;
    works.forEach(work -> this.works.put(work.kind(), work));
  }

  void run(UUID id) {
    jobs.begin(id).ifPresent(this::run);
  }

  private void run(JobRow job) {
    Work work = works.get(job.kind);
    Work.Task task = job.task();
    try {
      if (job.cancelled) {
        throw new CancellationException();
      }
      while (!finished(work, task)) {
        LOG.debug("computing a job again, what it was computed from has changed");
      }
    } catch (CancellationException e) {
      work.cancelled(task);
      jobs.end(job.id, JobState.CANCELLED, null);
    } catch (WorkFailedException e) {
      jobs.end(job.id, JobState.FAILED, e.getMessage());
    } catch (RuntimeException | OutOfMemoryError e) {
      if (Outage.is(e)) {
        throw new IllegalStateException("the database is away; the job is done again", e);
      }
      LOG.error("a job failed", e);
      jobs.end(
          job.id,
          JobState.FAILED,
          "This did not work, through no fault of yours. Nothing on the map has changed; try again.");
    }
  }

  private boolean finished(Work work, Work.Task task) throws WorkFailedException {
    try {
      jobs.finish(task, work.run(task, progress(task.job())));
      return true;
    } catch (StaleException e) {
      return false;
    }
  }

  /** Writes progress down now and then, and stops the work when it is cancelled. */
  private Progress progress(UUID id) {
    long[] last = {System.nanoTime() - BETWEEN_NANOS};
    String[] lastStep = {""};
    return (step, share) -> {
      long now = System.nanoTime();
      if (now - last[0] >= BETWEEN_NANOS || !step.equals(lastStep[0])) {
        last[0] = now;
        lastStep[0] = step;
        if (!jobs.at(id, step, share)) {
          throw new CancellationException();
        }
      }
    };
  }
}
