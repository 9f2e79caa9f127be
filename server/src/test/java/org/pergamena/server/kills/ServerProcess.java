package org.pergamena.server.kills;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.util.Map;
import org.pergamena.server.testing.Repository;

/** The application as a process that can be killed and started again. */
final class ServerProcess {
  private final Map<String, String> environment;
  private final int port = freePort();
  private Process process;

  ServerProcess(Map<String, String> environment) {
    this.environment = environment;
    start();
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  void start() {
    ProcessBuilder builder =
        new ProcessBuilder(
                System.getProperty("java.home") + "/bin/java",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xmx700m",
                "-cp",
                System.getProperty(
                    "surefire.test.class.path", System.getProperty("java.class.path")),
                "org.pergamena.server.PergamenaServer")
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.appendTo(log()));
    builder.environment().putAll(environment);
    builder.environment().put("PERGAMENA_PORT", "" + port);
    builder.environment().put("PERGAMENA_DEMO", "false");
    builder.environment().put("PERGAMENA_MOST_REQUESTS", "1000000");
    try {
      process = builder.start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    while (!served()) {
      if (!process.isAlive()) {
        throw new IllegalStateException("the server did not start; see " + log());
      }
      Pause.millis(50);
    }
  }

  private static File log() {
    return Repository.root().resolve("server/target/kills.log").toFile();
  }

  void kill() {
    process.destroyForcibly();
    process.onExit().join();
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

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
