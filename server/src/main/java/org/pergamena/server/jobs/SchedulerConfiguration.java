package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.pergamena.server.site.Outage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The scheduler that hands jobs out among all servers on the database. */
@Configuration
class SchedulerConfiguration {
  private static final Duration AFTER_OUTAGE = Duration.ofSeconds(2);
  private static final TaskDescriptor<Void> UPKEEP = TaskDescriptor.of("upkeep");
  private static final Duration BETWEEN_UPKEEP = Duration.ofMinutes(30);
  private static final Logger LOG = LoggerFactory.getLogger(SchedulerConfiguration.class);
  private static final int THREADS = Turns.AT_ONCE + 1;

  @Bean(destroyMethod = "stop")
  Scheduler scheduler(DataSource database, JobRunner runner, List<Upkeep> upkeeps) {
    return Scheduler.create(
            new TransactionAwareDataSourceProxy(database),
            Tasks.oneTime(JobRunner.TASK)
                .onFailure(
                    (failed, operations) -> {
                      if (failed.getCause().filter(Outage::is).isPresent()) {
                        operations.reschedule(failed, soon());
                      } else {
                        operations.stop();
                      }
                    })
                .execute((task, context) -> runner.run(UUID.fromString(task.getId()))))
        .startTasks(
            Tasks.recurring(UPKEEP, FixedDelay.of(BETWEEN_UPKEEP))
                .execute((task, context) -> upkeeps.forEach(SchedulerConfiguration::tidy)))
        .threads(THREADS)
        .pollingInterval(Duration.ofSeconds(1))
        .heartbeatInterval(Duration.ofSeconds(2))
        .missedHeartbeatsLimit(4)
        .shutdownMaxWait(Duration.ofSeconds(2))
        .build();
  }

  private static void tidy(Upkeep upkeep) {
    try {
      upkeep.tidy();
    } catch (RuntimeException e) {
      LOG.warn("what has had its time could not be tidied up, it is tried again", e);
    }
  }

  /** A job is left undone only by an outage; it is tried again until that is over. */
  private static Instant soon() {
    return Instant.now().plus(AFTER_OUTAGE);
  }

  @Bean
  Starter starter(Scheduler scheduler) {
    return new Starter(scheduler);
  }

  /** Begins to take jobs once everything else is there. */
  record Starter(Scheduler scheduler) {
    @EventListener
    void ready(ApplicationReadyEvent event) {
      scheduler.start();
    }
  }
}
