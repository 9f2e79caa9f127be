package org.pergamena.server.visitors;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.pergamena.server.site.SecurityLog;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;

class ThrottleTest {
  private final AtomicInteger let = new AtomicInteger();
  private final FilterChain chain = (request, response) -> let.incrementAndGet();

  @AfterEach
  void nobody() {
    SecurityContextHolder.clearContext();
  }

  private static void is(UUID visitor) {
    SecurityContextHolder.getContext()
        .setAuthentication(
            UsernamePasswordAuthenticationToken.authenticated(visitor, null, List.of()));
  }

  private MockHttpServletResponse ask(Throttle throttle, String path) throws Exception {
    MockHttpServletResponse response = new MockHttpServletResponse();
    throttle.doFilter(new MockHttpServletRequest("GET", path), response, chain);
    return response;
  }

  @Test
  void who_asks_too_much_hears_when_to_ask_again_and_others_notice_nothing() throws Exception {
    Throttle throttle = new Throttle(5, 2, 1_000_000, new SecurityLog());
    is(new UUID(0, 1));
    for (int i = 0; i < 5; i++) {
      assertThat(ask(throttle, "/api/maps").getStatus()).isEqualTo(200);
    }
    MockHttpServletResponse refused = ask(throttle, "/api/maps");
    assertThat(refused.getStatus()).isEqualTo(429);
    assertThat(Integer.parseInt(refused.getHeader("Retry-After"))).isBetween(1, 15);
    assertThat(refused.getContentAsString()).contains("Wait a moment");
    assertThat(ask(throttle, "/assets/x.js").getStatus()).as("what ships").isEqualTo(200);
    is(new UUID(0, 2));
    assertThat(ask(throttle, "/api/maps").getStatus()).isEqualTo(200);
    SecurityContextHolder.clearContext();
    ask(throttle, "/api/session");
    SecurityContextHolder.getContext()
        .setAuthentication(
            new AnonymousAuthenticationToken(
                "key", "nobody", AuthorityUtils.createAuthorityList("ROLE_ANONYMOUS")));
    ask(throttle, "/api/session");
    assertThat(ask(throttle, "/api/session").getStatus()).as("strangers").isEqualTo(429);
  }

  @Test
  void only_so_many_files_come_in_as_there_is_memory_for() throws Exception {
    Throttle throttle = new Throttle(1_000, 1_000, 500_000_000, new SecurityLog());
    AtomicInteger within = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    CountDownLatch begun = new CountDownLatch(2);
    FilterChain reading =
        (request, response) -> {
          most.accumulateAndGet(within.incrementAndGet(), Math::max);
          begun.countDown();
          try {
            begun.await();
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
          within.decrementAndGet();
        };
    ExecutorService people = Executors.newFixedThreadPool(6);
    try {
      List<Future<Integer>> all =
          java.util.stream.IntStream.range(0, 6)
              .mapToObj(i -> people.submit(() -> send(throttle, reading)))
              .toList();
      for (Future<Integer> one : all) {
        assertThat(one.get()).isEqualTo(200);
      }
    } finally {
      people.shutdownNow();
    }
    assertThat(most).as("241 MB each, of 500").hasValue(2);
  }

  @Test
  void a_file_that_is_worked_on_aside_keeps_its_share_until_that_is_done() throws Exception {
    Throttle throttle = new Throttle(1_000, 1_000, 250_000_000, new SecurityLog());
    AsyncContext[] going = new AsyncContext[1];
    send(throttle, (request, response) -> going[0] = request.startAsync(request, response));
    AtomicInteger later = new AtomicInteger();
    Thread next =
        new Thread(
            () -> {
              try {
                send(throttle, (request, response) -> later.incrementAndGet());
              } catch (Exception e) {
                throw new IllegalStateException(e);
              }
            });
    next.start();
    while (next.getState() != Thread.State.TIMED_WAITING && next.isAlive()) {
      Thread.onSpinWait();
    }
    assertThat(later).as("it waits").hasValue(0);
    going[0].complete();
    next.join();
    assertThat(later).hasValue(1);
  }

  private static int send(Throttle throttle, FilterChain reading) throws Exception {
    MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/maps/x/sources");
    request.setAsyncSupported(true);
    request.setContentType("multipart/form-data; boundary=b");
    request.setContent(new byte[60_000_000]);
    MockHttpServletResponse response = new MockHttpServletResponse();
    throttle.doFilter(request, response, reading);
    return response.getStatus();
  }
}
