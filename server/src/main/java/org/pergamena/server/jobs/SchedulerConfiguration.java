package org.pergamena.server.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import javax.sql.DataSource;
import org.pergamena.server.site.Outage;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The scheduler that hands jobs out among all servers on the database. */
@Configuration
class SchedulerConfiguration {
  private static final Duration AFTER_OUTAGE = Duration.ofSeconds(2);
  private static final int THREADS = Turns.AT_ONCE + 1;

  @Bean(destroyMethod = "stop")
  Scheduler scheduler(DataSource database, JobRunner runner) {
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
        .threads(THREADS)
        .pollingInterval(Duration.ofSeconds(1))
        .heartbeatInterval(Duration.ofSeconds(2))
        .missedHeartbeatsLimit(4)
        .shutdownMaxWait(Duration.ofSeconds(2))
        .build();
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
