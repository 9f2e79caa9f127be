package org.pergamena.server.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(600)
class AsideTest {
  private static final UUID ONE = new UUID(0, 1);
  private static final UUID OTHER = new UUID(0, 2);

  private final CountDownLatch open = new CountDownLatch(1);
  private Aside aside;

  @AfterEach
  void close() {
    open.countDown();
    aside.close();
  }

  private static void refused(CompletableFuture<?> asked, String sentence) {
    assertThatThrownBy(asked::get)
        .isInstanceOf(ExecutionException.class)
        .cause()
        .isInstanceOf(Refused.class)
        .hasMessageContaining(sentence);
  }

  @Test
  void what_is_computed_comes_and_what_is_wrong_too() throws Exception {
    aside = new Aside(1, Duration.ofSeconds(50));
    assertThat(aside.compute(ONE, progress -> "the wall").get()).isEqualTo("the wall");
    Refused wrong = Refused.notFound("This map");
    refused(
        aside.compute(
            ONE,
            progress -> {
              throw wrong;
            }),
        "does not exist");
  }

  @Test
  void what_takes_too_long_is_given_up_and_its_thread_is_free_again() throws Exception {
    aside = new Aside(1, Duration.ofMillis(200));
    refused(
        aside.compute(
            ONE,
            progress -> {
              while (true) {
                progress.at("on and on", 0);
              }
            }),
        "longer than can be waited for");
    CompletableFuture<String> next;
    do {
      next = aside.compute(OTHER, progress -> "free");
    } while (next.handle((free, error) -> error != null).get()); // until the first has noticed
    assertThat(next.get()).isEqualTo("free");
  }

  @Test
  void what_does_not_look_at_the_time_is_not_waited_for() {
    aside = new Aside(1, Duration.ofMillis(200));
    refused(aside.compute(ONE, progress -> open.await(1, TimeUnit.MINUTES)), "given up");
  }

  @Test
  void what_never_ends_keeps_no_place_from_others() throws Exception {
    aside = new Aside(1, Duration.ofMillis(200));
    refused(
        aside.compute(
            ONE,
            progress -> {
              while (open.getCount() > 0) {
                Thread.onSpinWait(); // it looks at nothing but the end of this test
              }
              return "late";
            }),
        "given up");
    CompletableFuture<String> next;
    do {
      next = aside.compute(OTHER, progress -> "in its place");
    } while (next.handle((there, error) -> error != null).get()); // a slow machine needs longer
    assertThat(next.get()).isEqualTo("in its place");
  }

  @Test
  void one_person_has_only_a_few_and_leaves_room_for_others() throws Exception {
    aside = new Aside(8, Duration.ofSeconds(50));
    for (int i = 0; i < 6; i++) {
      aside.compute(ONE, progress -> open.await(1, TimeUnit.MINUTES));
    }
    assertThatThrownBy(() -> aside.compute(ONE, progress -> ""))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("a lot at once");
    assertThat(aside.compute(OTHER, progress -> "room").get()).isEqualTo("room");
  }
}
