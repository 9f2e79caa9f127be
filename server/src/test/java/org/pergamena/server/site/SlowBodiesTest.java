package org.pergamena.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServer;

@Timeout(600)
class SlowBodiesTest {
  private static final int MOST = 3;
  private static final AtomicInteger BEGUN = new AtomicInteger();
  private static WebServer server;

  /** Reads a body and tells its length, or refuses it unread. */
  private static final class Reading extends HttpServlet {
    private static final long serialVersionUID = 1L;

    @Override
    protected void doPost(HttpServletRequest request, HttpServletResponse response)
        throws IOException {
      if (request.getRequestURI().equals("/refused")) {
        response.setStatus(403);
        return;
      }
      BEGUN.incrementAndGet();
      response.getWriter().print(request.getInputStream().readAllBytes().length);
    }
  }

  @BeforeAll
  static void start() {
    TomcatServletWebServerFactory factory = new TomcatServletWebServerFactory(0);
    factory.addEngineValves(
        new SlowBodies(Duration.ofSeconds(1), Duration.ofSeconds(2), 1_000, MOST));
    server =
        factory.getWebServer(context -> context.addServlet("r", new Reading()).addMapping("/*"));
    server.start();
  }

  @AfterAll
  static void stop() {
    server.stop();
  }

  private static Socket post(String path, int length) throws IOException {
    Socket socket = new Socket("127.0.0.1", server.getPort());
    again(socket, path, length);
    return socket;
  }

  private static void again(Socket socket, String path, int length) throws IOException {
    socket
        .getOutputStream()
        .write(
            ("POST " + path + " HTTP/1.1\r\nHost: here\r\nContent-Length: " + length + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
  }

  private static String answer(Socket socket) throws IOException {
    byte[] bytes = new byte[4_096];
    int read = socket.getInputStream().read(bytes);
    return read < 0 ? "" : new String(bytes, 0, read, StandardCharsets.US_ASCII);
  }

  /** Sends a byte at a time until the other side has closed. */
  private static void drip(Socket socket) throws IOException {
    InputStream in = socket.getInputStream();
    OutputStream out = socket.getOutputStream();
    socket.setSoTimeout(100);
    while (true) {
      try {
        out.write('.');
        if (in.read() < 0) {
          return;
        }
      } catch (java.net.SocketTimeoutException e) {
        continue; // still open
      } catch (IOException e) {
        return;
      }
    }
  }

  @Test
  void a_body_that_comes_is_read_and_the_connection_goes_on() throws IOException {
    try (Socket socket = post("/", 100_000)) {
      socket.getOutputStream().write(new byte[100_000]);
      assertThat(answer(socket)).startsWith("HTTP/1.1 200").endsWith("100000");
      again(socket, "/", 3);
      socket.getOutputStream().write(new byte[3]);
      assertThat(answer(socket)).startsWith("HTTP/1.1 200").endsWith("3");
    }
  }

  @Test
  void a_body_that_drips_is_not_waited_for() throws IOException {
    try (Socket socket = post("/", 1_000_000)) {
      drip(socket);
    }
  }

  @Test
  void what_is_refused_says_so_and_is_not_waited_for_either() throws IOException {
    try (Socket socket = post("/refused", 3_000_000)) {
      socket.getOutputStream().write(new byte[2_000_000]);
      assertThat(answer(socket)).startsWith("HTTP/1.1 403");
      drip(socket);
    }
  }

  /** A request that is being read, once those of other tests have gone. */
  private static Socket waiting() throws IOException {
    while (true) {
      int before = BEGUN.get();
      Socket socket = post("/", 5);
      while (BEGUN.get() == before && socket.getInputStream().available() == 0) {
        Thread.onSpinWait();
      }
      if (BEGUN.get() > before) {
        return socket;
      }
      socket.close();
    }
  }

  @Test
  void from_one_address_only_so_many_come_at_a_time() throws IOException {
    List<Socket> open = new ArrayList<>();
    try {
      while (open.size() < MOST) {
        open.add(waiting());
      }
      try (Socket more = post("/", 5)) {
        assertThat(answer(more)).startsWith("HTTP/1.1 429").contains("Wait a moment");
      }
      for (Socket socket : open) {
        socket.getOutputStream().write(new byte[5]);
        assertThat(answer(socket)).startsWith("HTTP/1.1 200");
      }
    } finally {
      for (Socket socket : open) {
        socket.close();
      }
    }
  }
}
