package org.pergamena.server.testing;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.util.Map;

/** The application as a process that can be killed and started again. */
public final class ServerProcess {
  private final Map<String, String> environment;
  private final int port = freePort();
  private Process process;

  /** Starts it, with settings by environment. */
  public ServerProcess(Map<String, String> environment) {
    this.environment = environment;
    start();
  }

  /** Where its page is. */
  public String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Starts it, and waits until it answers. */
  public void start() {
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
    builder.environment().put("PERGAMENA_PORT", "" + port);
    builder.environment().put("PERGAMENA_DEMO", "false");
    builder.environment().put("PERGAMENA_MOST_REQUESTS", "1000000");
    builder.environment().putAll(environment);
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
    return Repository.root().resolve("server/target/process.log").toFile();
  }

  /** Kills it at once. */
  public void kill() {
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
