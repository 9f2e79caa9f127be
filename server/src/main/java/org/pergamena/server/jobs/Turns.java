package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.pergamena.server.site.Alone;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Sees that one person's many jobs keep nobody else waiting: of each person's, at most {@value
 * #AT_ONCE} are with the scheduler at a time, fewer than it has threads; the others are parked
 * until one of these ends.
 */
@Component
class Turns {
  /** Jobs of one person that are done at a time. */
  static final int AT_ONCE = 2;

  /** When a parked job would begin if it were forgotten. */
  private static final Instant PARKED = Instant.parse("2999-01-01T00:00:00Z");

  private final EntityManager entities;
  private final ObjectProvider<Scheduler> scheduler;

  Turns(EntityManager entities, ObjectProvider<Scheduler> scheduler) {
    this.entities = entities;
    this.scheduler = scheduler;
  }

  /** Hands a new job to the scheduler, or parks it. */
  void enter(JobRow job) {
    holdMap(job); // before the person, as where a job ends; else each waits for the other
    lock(job.person);
    job.parked = going(job) >= AT_ONCE;
    entities.persist(job);
    entities.flush();
    at().schedule(
            JobRunner.TASK.instance(job.id.toString()).build(),
            job.parked ? PARKED : Instant.now());
    if (!job.parked) {
      hurry();
    }
  }

  /** Lets the next parked job of a person begin, now that one has ended. */
  void leave(JobRow ended) {
    lock(ended.person);
    if (going(ended) >= AT_ONCE) {
      return;
    }
    List<JobRow> next =
        entities
            .createQuery(
                "from JobRow where person = :person and parked and state = :waiting"
                    + " order by createdAt",
                JobRow.class)
            .setParameter("person", ended.person)
            .setParameter("waiting", JobState.WAITING)
            .setMaxResults(1)
            .getResultList();
    for (JobRow job : next) {
      job.parked = false;
      hurry(job);
    }
  }

  /** Has a parked job begin as soon as there is a thread for it. */
  void hurry(JobRow job) {
    at().reschedule(
            TaskInstanceId.of(JobRunner.TASK.getTaskName(), job.id.toString()), Instant.now());
    hurry();
  }

  /** How many other jobs of the same person are with the scheduler. */
  private long going(JobRow job) {
    return entities
        .createQuery(
            "select count(*) from JobRow where person = :person and not parked and id <> :id"
                + " and state in :open",
            Long.class)
        .setParameter("person", job.person)
        .setParameter("id", job.id)
        .setParameter("open", List.of(JobState.WAITING, JobState.RUNNING))
        .getSingleResult();
  }

  private void holdMap(JobRow job) {
    entities
        .createNativeQuery("select 1 from map where id = :map for key share")
        .setParameter("map", job.mapId)
        .getResultList();
  }

  /** One of a person's jobs enters or leaves at a time. */
  private void lock(UUID person) {
    Alone.hold(entities, person.getMostSignificantBits());
  }

  private Scheduler at() {
    return scheduler.getObject();
  }

  private void hurry() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            at().triggerCheckForDueExecutions();
          }
        });
  }
}
