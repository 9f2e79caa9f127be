package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.mockConstruction;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.MockedConstruction;
import org.pergamena.server.site.Refused;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.postgresql.core.Notification;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pages come and go; those that stay hear their news. */
class NewsFeedTest {
  private static final int MOST_OF_ONE = 40;

  private static final long PATIENCE_SECONDS = 60;
  private static final int SLOW = 12;
  private static final int WAITS_UNTIL_A_SIGN_OF_LIFE = 15;

  private static final UUID SOMEBODY = UUID.randomUUID();

  private final UUID map = UUID.randomUUID();
  private final PGConnection server = mock(PGConnection.class);
  private final CountDownLatch told = new CountDownLatch(1);
  private final AtomicInteger waits = new AtomicInteger();
  private NewsFeed feed;
  private SseEmitter gone;
  private SseEmitter there;

  @BeforeEach
  void opens_two_pages() throws Exception {
    Connection connection = mock(Connection.class);
    when(connection.createStatement()).thenReturn(mock(Statement.class));
    when(connection.unwrap(PGConnection.class)).thenReturn(server);
    DataSource database = mock(DataSource.class);
    when(database.getConnection()).thenReturn(connection);
    feed = new NewsFeed(database, MOST_OF_ONE);
    try (MockedConstruction<SseEmitter> pages =
        mockConstruction(SseEmitter.class, NewsFeedTest::goes)) {
      feed.listen(SOMEBODY, map, () -> "news of the page that goes");
      feed.listen(
          SOMEBODY,
          map,
          () -> {
            if (waits.get() > WAITS_UNTIL_A_SIGN_OF_LIFE) {
              told.countDown();
            }
            return "news of the page that stays";
          });
      gone = pages.constructed().get(0);
      there = pages.constructed().get(1);
    }
  }

  /** The first page goes at once. */
  private static void goes(SseEmitter page, MockedConstruction.Context made) throws IOException {
    if (made.getCount() == 1) {
      IllegalStateException recycled = new IllegalStateException("the response is recycled");
      doThrow(new IOException("broken pipe"))
          .when(page)
          .send(any(SseEmitter.SseEventBuilder.class));
      doThrow(recycled).when(page).complete();
      doThrow(recycled).when(page).completeWithError(any());
    }
  }

  @AfterEach
  void ends() {
    feed.close();
  }

  /** Nothing comes for a while, then each wait is interrupted by what is new, or by a failure. */
  private void hears(SQLException failure) throws SQLException {
    when(server.getNotifications(anyInt()))
        .then(
            call -> {
              int wait = waits.incrementAndGet();
              if (wait <= WAITS_UNTIL_A_SIGN_OF_LIFE) {
                return null;
              }
              if (failure != null && wait == WAITS_UNTIL_A_SIGN_OF_LIFE + 1) {
                throw failure;
              }
              Thread.sleep(1);
              return new PGNotification[] {new Notification("pergamena", 0, map.toString())};
            });
    feed.ready(null);
  }

  @Test
  void a_page_that_has_gone_does_not_keep_others_from_hearing() throws Exception {
    hears(null);
    assertThat(told.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
    verify(gone, timeout(PATIENCE_SECONDS * 1000).atLeastOnce()).complete();
    verify(there, timeout(PATIENCE_SECONDS * 1000).atLeast(2))
        .send(any(SseEmitter.SseEventBuilder.class));
  }

  @Test
  void many_slow_pages_keep_nobody_from_hearing() throws Exception {
    CountDownLatch read = new CountDownLatch(1);
    AtomicInteger first = new AtomicInteger();
    try (MockedConstruction<SseEmitter> pages =
        mockConstruction(SseEmitter.class, (page, made) -> slow(page, made, read))) {
      for (int i = 0; i < SLOW; i++) {
        feed.listen(UUID.randomUUID(), map, () -> "news of a page that does not read");
      }
      CountDownLatch heard = new CountDownLatch(1);
      feed.listen(
          SOMEBODY,
          map,
          () -> {
            first.incrementAndGet();
            heard.countDown();
            return "news of a page that reads";
          });
      assertThat(heard.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
      SseEmitter reads = pages.constructed().get(SLOW);
      verify(reads, timeout(PATIENCE_SECONDS * 1000)).send(any(SseEmitter.SseEventBuilder.class));
    } finally {
      read.countDown();
    }
    assertThat(first).as("told once").hasValue(1);
  }

  private static void slow(SseEmitter page, MockedConstruction.Context made, CountDownLatch read)
      throws IOException {
    if (made.getCount() <= SLOW) {
      doAnswer(
              call -> {
                read.await();
                return null;
              })
          .when(page)
          .send(any(SseEmitter.SseEventBuilder.class));
    }
  }

  @Test
  void a_person_has_only_so_many_pages_open() {
    UUID many = UUID.randomUUID();
    try (MockedConstruction<SseEmitter> pages = mockConstruction(SseEmitter.class)) {
      for (int i = 0; i < MOST_OF_ONE; i++) {
        feed.listen(many, UUID.randomUUID(), () -> "");
      }
      assertThatThrownBy(() -> feed.listen(many, map, () -> ""))
          .isInstanceOf(Refused.class)
          .hasMessageContaining("Close some");
      feed.listen(UUID.randomUUID(), map, () -> "");
      assertThat(pages.constructed()).hasSize(MOST_OF_ONE + 1);
    }
  }

  @Test
  void what_fails_is_heard_again() throws Exception {
    hears(new SQLException("the server was stopped"));
    assertThat(told.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
  }
}
