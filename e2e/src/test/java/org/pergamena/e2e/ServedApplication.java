package org.pergamena.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.pergamena.server.testing.Ending;
import org.pergamena.server.testing.LocalPostgres;
import org.pergamena.server.testing.Repository;

/** The application as a process of its own, on a database of its own. */
final class ServedApplication implements AutoCloseable {
  private final LocalPostgres database = LocalPostgres.start();
  private final int port = freePort();
  private Process process;

  ServedApplication() {
    start();
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Starts it and waits until it receives visitors, for whom it makes the demonstration first. */
  void start() {
    Path log = Repository.root().resolve("e2e/target/application.log");
    ProcessBuilder builder =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty(
                    "surefire.test.class.path", System.getProperty("java.class.path")),
                "org.pergamena.server.PergamenaServer")
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(log.toString())));
    builder.environment().putAll(database.environment());
    builder.environment().put("PERGAMENA_PORT", "" + port);
    builder.environment().put("PERGAMENA_DEMO", "true");
    builder
        .environment()
        .put("PERGAMENA_DEMO_FOLDER", Repository.root().resolve("demo").toString());
    try {
      process = builder.start();
      Ending.with(ProcessHandle.current(), "kill", "-9", "" + process.pid());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    awaitPage();
  }

  /** Ends it as a crash would: nothing gets a chance to tidy up. */
  void kill() {
    process.destroyForcibly();
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    process.destroy();
    try {
      if (!process.waitFor(10, TimeUnit.SECONDS)) {
        kill();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    database.close();
  }

  private void awaitPage() {
    long end = System.nanoTime() + Duration.ofMinutes(10).toNanos();
    while (!served()) {
      if (!process.isAlive() || System.nanoTime() > end) {
        throw new IllegalStateException("no page; see e2e/target/application.log");
      }
      pause();
    }
  }

  private boolean served() {
    try {
      HttpURLConnection connection =
          (HttpURLConnection) URI.create(address() + "/api/session").toURL().openConnection();
      return connection.getResponseCode() == 200;
    } catch (IOException e) {
      return false;
    }
  }

  private static void pause() {
    try {
      Thread.sleep(100);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
