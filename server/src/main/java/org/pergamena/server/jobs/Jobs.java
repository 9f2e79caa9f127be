package org.pergamena.server.jobs;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.pergamena.server.maps.Limits;
import org.pergamena.server.maps.News;
import org.pergamena.server.site.Refused;
import org.pergamena.server.site.Sentence;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Long work as rows: asked for, watched and cancelled here, done by {@link JobRunner}. */
@Service
public class Jobs {
  private static final Duration SHOWN_AFTER = Duration.ofSeconds(20);

  /** A job that went on for so long when the server ended is suspected to be why. */
  private static final Duration LASTING = Duration.ofSeconds(15);

  private static final int STRONGLY = 7;

  /** A job that is suspected more is not begun again: three times strongly, or twenty times. */
  static final int MOST_SUSPECTED = 20;

  private final EntityManager entities;
  private final Turns turns;
  private final News news;
  private final Limits limits;

  Jobs(EntityManager entities, Turns turns, News news, Limits limits) {
    this.entities = entities;
    this.turns = turns;
    this.news = news;
    this.limits = limits;
  }

  /**
   * A job as a person sees it.
   *
   * @param sourceId the source it is about, or null
   * @param share of it that is done, 0 to 1
   * @param cancelling whether it was asked to stop
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
      boolean cancelling,
      @Schema(types = {"string", "null"}) String problem) {}

  /** A person's own job, with what was wished. */
  public record Own(View view, String options) {}

  /** Asks for a job for a person; it begins once the transaction holds and it is their turn. */
  @Transactional
  public UUID ask(UUID person, UUID mapId, UUID sourceId, JobKind kind, String options) {
    limits.requireRoomForJob(person);
    JobRow job = new JobRow(person, mapId, sourceId, kind, options);
    turns.enter(job);
    news.tell(mapId);
    return job.id;
  }

  /** The jobs that change a map and are going on, or ended a moment ago. */
  @Transactional(readOnly = true)
  public List<View> of(UUID mapId) {
    return entities
        .createQuery(
            "from JobRow where mapId = :map and kind <> :own"
                + " and (state in :open or changedAt > :since) order by createdAt",
            JobRow.class)
        .setParameter("map", mapId)
        .setParameter("open", List.of(JobState.WAITING, JobState.RUNNING))
        .setParameter("own", JobKind.EXPORT)
        .setParameter("since", Instant.now().minus(SHOWN_AFTER))
        .getResultStream()
        .map(Jobs::view)
        .toList();
  }

  private static View view(JobRow j) {
    return new View(j.id, j.kind, j.sourceId, j.state, j.step, j.share, j.cancelled, j.problem);
  }

  /**
   * A job that a person asked for.
   *
   * @throws Refused if there is none
   */
  @Transactional(readOnly = true)
  public Own own(UUID person, UUID mapId, UUID jobId) {
    return Optional.ofNullable(entities.find(JobRow.class, jobId))
        .filter(job -> job.mapId.equals(mapId) && job.person.equals(person))
        .map(job -> new Own(view(job), job.options))
        .orElseThrow(() -> Refused.notFound("This work"));
  }

  /** Asks a job to stop; one that is over stays as it is. */
  @Transactional
  public void cancel(UUID mapId, UUID jobId) {
    JobRow job = locked(jobId).filter(row -> row.mapId.equals(mapId)).orElse(null);
    if (job == null) {
      throw new Refused(HttpStatus.NOT_FOUND, "This work is over already.");
    }
    job.cancelled = true;
    if (job.parked && job.state == JobState.WAITING) {
      job.parked = false;
      turns.hurry(job);
    }
    news.tell(mapId);
  }

  /** A job as it is once nobody else can change it; none if it has gone with its map. */
  private Optional<JobRow> locked(UUID jobId) {
    return Optional.ofNullable(entities.find(JobRow.class, jobId, LockModeType.PESSIMISTIC_WRITE));
  }

  /**
   * Begins a job that is not over yet.
   *
   * @param interrupted whether it was begun here before, and nothing but the database was at fault
   */
  @Transactional
  Optional<JobRow> begin(UUID jobId, boolean interrupted) {
    Optional<JobRow> job = locked(jobId).filter(row -> !row.state.over());
    job.ifPresent(
        row -> {
          if (row.state == JobState.RUNNING && row.begunAt != null && !interrupted) {
            boolean lasted = Duration.between(row.begunAt, row.changedAt).compareTo(LASTING) > 0;
            row.suspected += lasted ? STRONGLY : 1;
          }
          row.begunAt = Instant.now();
          move(row, JobState.RUNNING, "Beginning", 0);
        });
    return job;
  }

  /** Notes how far a job is; whether it may go on. */
  @Transactional
  boolean at(UUID jobId, String step, double share) {
    Optional<JobRow> job = locked(jobId).filter(row -> !row.cancelled && !row.state.over());
    job.ifPresent(row -> move(row, JobState.RUNNING, step, share));
    return job.isPresent();
  }

  /**
   * Applies what a job came to and ends it, in one transaction: both or neither.
   *
   * @throws CancellationException if it was cancelled meanwhile; nothing is applied then
   */
  @Transactional(rollbackFor = Exception.class)
  void finish(Work.Task task, Work.Finish finish) throws WorkFailedException {
    entities
        .createNativeQuery("select 1 from map where id = :map for update")
        .setParameter("map", task.map())
        .getResultList();
    JobRow job = locked(task.job()).filter(row -> !row.state.over()).orElse(null);
    if (job == null) {
      return;
    }
    if (job.cancelled) {
      throw new CancellationException();
    }
    finish.apply();
    over(job, JobState.DONE, null);
  }

  /** Ends a job that came to nothing. */
  @Transactional
  void end(UUID jobId, JobState state, String problem) {
    locked(jobId).filter(row -> !row.state.over()).ifPresent(job -> over(job, state, problem));
  }

  private void over(JobRow job, JobState state, String problem) {
    job.problem = Sentence.kept(problem);
    move(job, state, job.step, state == JobState.DONE ? 1 : job.share);
    entities.flush();
    turns.leave(job);
  }

  private void move(JobRow job, JobState state, String step, double share) {
    job.state = state;
    job.step = step;
    job.share = share;
    job.changedAt = Instant.now();
    if (job.kind != JobKind.EXPORT) {
      news.tell(job.mapId);
    }
  }
}
