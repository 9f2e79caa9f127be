package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pergamena.server.site.Refused;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Long work as rows: asked for, watched and cancelled here, done by {@link JobRunner}. */
@Service
public class Jobs {
  private static final Duration SHOWN_AFTER = Duration.ofSeconds(20);

  private final EntityManager entities;
  private final ObjectProvider<Scheduler> scheduler;

  Jobs(EntityManager entities, ObjectProvider<Scheduler> scheduler) {
    this.entities = entities;
    this.scheduler = scheduler;
  }

  /**
   * A job as a person sees it.
   *
   * @param sourceId the source it is about, or null
   * @param share of it that is done, 0 to 1
   * @param problem a sentence if it failed, or null
   */
  public record View(
      UUID id,
      JobKind kind,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID sourceId,
      JobState state,
      String step,
      double share,
      @Schema(types = {"string", "null"}) String problem) {}

  /** Asks for a job; it begins as soon as the transaction holds. */
  @Transactional
  public UUID ask(UUID mapId, UUID sourceId, JobKind kind, String options) {
    JobRow job = new JobRow(mapId, sourceId, kind, options);
    entities.persist(job);
    entities.flush();
    Scheduler at = scheduler.getObject();
    at.schedule(JobRunner.TASK.instance(job.id.toString()).build(), Instant.now());
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            at.triggerCheckForDueExecutions();
          }
        });
    announce(mapId);
    return job.id;
  }

  /** The jobs of a map that are going on, or ended a moment ago. */
  @Transactional(readOnly = true)
  public List<View> of(UUID mapId) {
    return entities
        .createQuery(
            "from JobRow where mapId = :map and (state in :open or changedAt > :since)"
                + " order by createdAt",
            JobRow.class)
        .setParameter("map", mapId)
        .setParameter("open", List.of(JobState.WAITING, JobState.RUNNING))
        .setParameter("since", Instant.now().minus(SHOWN_AFTER))
        .getResultStream()
        .map(j -> new View(j.id, j.kind, j.sourceId, j.state, j.step, j.share, j.problem))
        .toList();
  }

  /** Asks a job to stop; one that is over stays as it is. */
  @Transactional
  public void cancel(UUID mapId, UUID jobId) {
    JobRow job = entities.find(JobRow.class, jobId);
    if (job == null || !job.mapId.equals(mapId)) {
      throw new Refused(HttpStatus.NOT_FOUND, "This work is over already.");
    }
    job.cancelled = true;
    announce(mapId);
  }

  /** Tells all servers that something about a map is new. */
  @Transactional
  public void announce(UUID mapId) {
    entities
        .createNativeQuery("select 1 from (select pg_notify('" + MapNews.CHANNEL + "', :map)) told")
        .setParameter("map", mapId.toString())
        .getSingleResult();
  }

  @Transactional
  Optional<JobRow> begin(UUID jobId) {
    JobRow job = entities.find(JobRow.class, jobId);
    if (job == null || job.state.over()) {
      return Optional.empty();
    }
    move(job, JobState.RUNNING, "Beginning", 0);
    return Optional.of(job);
  }

  /** Notes how far a job is; whether it may go on. */
  @Transactional
  boolean at(UUID jobId, String step, double share) {
    JobRow job = entities.find(JobRow.class, jobId);
    if (job == null || job.cancelled) {
      return false;
    }
    move(job, JobState.RUNNING, step, share);
    return true;
  }

  @Transactional
  void end(UUID jobId, JobState state, String problem) {
    JobRow job = entities.find(JobRow.class, jobId);
    if (job != null) {
      job.problem = problem;
      move(job, state, job.step, state == JobState.DONE ? 1 : job.share);
    }
  }

  private void move(JobRow job, JobState state, String step, double share) {
    job.state = state;
    job.step = step;
    job.share = share;
    job.changedAt = Instant.now();
    announce(job.mapId);
  }
}
