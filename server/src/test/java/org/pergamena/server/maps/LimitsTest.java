package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManagerFactory;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.pergamena.server.jobs.JobKind;
import org.pergamena.server.jobs.Jobs;
import org.pergamena.server.site.Refused;
import org.pergamena.server.sources.SourceFiles;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.visitors.Visitors;
import org.springframework.context.ApplicationContext;

/** What is counted is what is in the database. */
@ExtendWith(TestApplication.class)
@Isolated("it counts what is there")
class LimitsTest {
  private static final long FREE = 1_000_000_000;

  private ApplicationContext application;
  private UUID somebody;
  private UUID map;

  @BeforeEach
  void begin(ApplicationContext running) {
    application = running;
    somebody = UUID.randomUUID();
    application.getBean(Visitors.class).ensure(somebody);
    map = application.getBean(Maps.class).create(somebody);
  }

  /** Says what is refused with limits of so many maps, sources, bytes and jobs. */
  private void with(int maps, int sources, long bytes, int jobs, Asked asked) {
    application
        .getBean(EntityManagerFactory.class)
        .runInTransaction(
            entities ->
                asked.of(
                    new Limits(entities, new Disk(() -> FREE, 100), maps, sources, bytes, jobs)));
  }

  private interface Asked {
    void of(Limits limits);
  }

  private UUID source(int bytes) {
    return application
        .getBean(SourceFiles.class)
        .add(map, "x" + UUID.randomUUID() + ".txt", new byte[bytes]);
  }

  @Test
  void maps_are_counted_of_their_owner_alone() {
    UUID other = UUID.randomUUID();
    application.getBean(Visitors.class).ensure(other);
    with(1, 9, 9, 9, limits -> limits.requireRoomForMap(other));
    assertThatThrownBy(() -> with(1, 9, 9, 9, limits -> limits.requireRoomForMap(somebody)))
        .isInstanceOf(Refused.class)
        .hasMessage("You have 1 maps, as many as there may be. Delete one first.");
    with(2, 9, 9, 9, limits -> limits.requireRoomForMap(somebody));
  }

  @Test
  void sources_and_their_bytes_are_counted() {
    source(700_000);
    assertThatThrownBy(
            () -> with(9, 1, 9_000_000, 9, limits -> limits.requireRoomForSource(map, 1)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("1 sources");
    with(9, 2, 9_000_000, 9, limits -> limits.requireRoomForSource(map, 1));
    assertThatThrownBy(
            () -> with(9, 9, 1_000_000, 9, limits -> limits.requireRoomForBytes(map, 400_000)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("of the 1 MB");
    with(9, 9, 1_000_000, 9, limits -> limits.requireRoomForBytes(map, 200_000));
  }

  @Test
  void jobs_are_counted_until_they_have_ended() {
    with(9, 9, 9, 1, limits -> limits.requireRoomForJob(somebody));
    UUID job = application.getBean(Jobs.class).ask(somebody, map, null, JobKind.DISTIL, "{}");
    try {
      assertThatThrownBy(() -> with(9, 9, 9, 1, limits -> limits.requireRoomForJob(somebody)))
          .isInstanceOf(Refused.class)
          .hasMessageContaining("Wait until some are done");
    } finally {
      application.getBean(Jobs.class).cancel(map, job);
    }
  }

  @Test
  void a_disk_that_is_nearly_full_takes_nothing_more_in() {
    long[] free = {1_000};
    Disk disk = new Disk(() -> free[0], 300);
    assertThatCode(() -> disk.requireRoom(700)).doesNotThrowAnyException();
    assertThatThrownBy(() -> disk.requireRoom(701))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("nearly full");
    free[0] = 299;
    assertThatThrownBy(() -> disk.requireRoom(0)).isInstanceOf(Refused.class);
  }
}
