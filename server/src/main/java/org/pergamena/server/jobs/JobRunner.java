package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import jakarta.persistence.PessimisticLockException;
import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.server.maps.StaleException;
import org.pergamena.server.site.Outage;
import org.pergamena.server.site.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Does jobs, one call each, and sees that each ends in a state that says how. */
@Component
class JobRunner {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("job");
  private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);
  private static final long BETWEEN_NANOS = 100_000_000;

  private static final int MOST_CONFLICTS = 3;

  private static final String OURS =
      "This did not work, through no fault of yours. Nothing on the map has changed; try again.";
  private static final String GIVEN_UP =
      "This was begun again and again and came to no end, so it was given up. Nothing on the map"
          + " has changed; try it with less at a time.";

  private static final String TOO_LONG =
      "This was not done after %d minutes, so it was given up. Nothing on the map has changed; try"
          + " it with less at a time.";

  private final Jobs jobs;

  /** Those that the database left undone here. */
  private final Set<UUID> interrupted = ConcurrentHashMap.newKeySet();

  private final Map<JobKind, Work> works = new EnumMap<>(JobKind.class);

  /** How long a job may take. */
  private final Duration longest;

  JobRunner(Jobs jobs, List<Work> works, @Value("${pergamena.limits.job-time}") Duration longest) {
    this.jobs = jobs;
    this.longest = longest;
    works.forEach(work -> this.works.put(work.kind(), work));
  }

  void run(UUID id) {
    jobs.begin(id, interrupted.remove(id)).ifPresent(this::run);
  }

  private void run(JobRow job) {
    if (job.suspected > Jobs.MOST_SUSPECTED) {
      stop(job, JobState.FAILED, GIVEN_UP);
      return;
    }
    try {
      if (job.cancelled) {
        throw new CancellationException();
      }
      finish(works.get(job.kind), job.task());
    } catch (CancellationException e) {
      stop(job, JobState.CANCELLED, null);
    } catch (WorkFailedException | Refused e) {
      stop(job, JobState.FAILED, e.getMessage());
    } catch (Throwable e) { // whatever it is, it ends this job and nothing else
      if (Outage.is(e)) {
        interrupted.add(job.id);
        throw new IllegalStateException("the database is away; the job is done again", e);
      }
      LOG.error("a job failed", e);
      stop(job, JobState.FAILED, OURS);
    }
  }

  /**
   * Ends a job that came to nothing, and lets its work tidy up, if there is still what it was for.
   */
  private void stop(JobRow job, JobState state, String problem) {
    try {
      works.get(job.kind).stopped(job.task(), state, problem);
    } catch (RuntimeException e) {
      if (Outage.is(e)) {
        throw e;
      }
      LOG.debug("nothing was left to tidy up after a job", e);
    }
    jobs.end(job.id, state, problem);
  }

  private void finish(Work work, Work.Task task) throws WorkFailedException {
    int conflicts = 0;
    while (true) {
      try {
        jobs.finish(task, work.run(task, progress(task.job())));
        return;
      } catch (StaleException e) {
        LOG.debug("computing a job again, what it was computed from has changed");
      } catch (PessimisticLockingFailureException | PessimisticLockException e) {
        conflicts++;
        if (conflicts == MOST_CONFLICTS) {
          throw e;
        }
        LOG.debug("doing a job again, it came in the way of another transaction", e);
      }
    }
  }

  /** Writes progress down now and then, and stops the work when it is cancelled or too long. */
  private Progress progress(UUID id) {
    long end = System.nanoTime() + longest.toNanos();
    long[] last = {System.nanoTime() - BETWEEN_NANOS};
    String[] lastStep = {""};
    return (step, share) -> {
      long now = System.nanoTime();
      if (now > end) {
        throw new Refused(
            HttpStatus.UNPROCESSABLE_CONTENT, TOO_LONG.formatted(longest.toMinutes()));
      }
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
