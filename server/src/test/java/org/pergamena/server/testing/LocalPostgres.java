package org.pergamena.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;

/** A real PostgreSQL of the tests' own, started by the script that the start command uses too. */
public final class LocalPostgres implements AutoCloseable {
  private final Path folder;
  private final String port;

  private LocalPostgres(Path folder, String port) {
    this.folder = folder;
    this.port = port;
  }

  /** Starts an empty one. */
  public static LocalPostgres start() {
    try {
      Path folder = Files.createTempDirectory("pergamena-test");
      Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
      String port = run("start", folder).strip();
      String script = Repository.root().resolve("bin/postgres").toString();
      String stop = "\"$0\" stop \"$1\"; rm -rf \"$1\"";
      Ending.with(ProcessHandle.current(), "bash", "-c", stop, script, folder.toString());
      return new LocalPostgres(folder, port);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The settings by which the application finds it. */
  public Map<String, String> environment() {
    try {
      return Map.of(
          "PERGAMENA_DB_URL",
          "jdbc:postgresql://127.0.0.1:" + port + "/pergamena",
          "PERGAMENA_DB_PASSWORD",
          Files.readString(folder.resolve("password")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Where it keeps what it holds. */
  public Path folder() {
    return folder;
  }

  /** A connection as the application has them. */
  public Connection connect() throws SQLException {
    Map<String, String> settings = environment();
    return DriverManager.getConnection(
        settings.get("PERGAMENA_DB_URL"), "pergamena", settings.get("PERGAMENA_DB_PASSWORD"));
  }

  /** Ends it as a crash of the machine would: every process at once. */
  public void kill() {
    try {
      String pid = Files.readAllLines(folder.resolve("data/postmaster.pid")).get(0).strip();
      ProcessHandle postmaster = ProcessHandle.of(Long.parseLong(pid)).orElseThrow();
      var all =
          java.util.stream.Stream.concat(
                  java.util.stream.Stream.of(postmaster), postmaster.descendants())
              .toList();
      all.forEach(ProcessHandle::destroyForcibly);
      for (ProcessHandle process : all) {
        process.onExit().join();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts it again after {@link #kill}, on the same port. */
  public void restart() {
    run("start", folder, port);
  }

  @Override
  public void close() {
    run("stop", folder);
    try {
      new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static String run(String action, Path folder, String... more) {
    try {
      Path script = Repository.root().resolve("bin/postgres");
      Process process =
          new ProcessBuilder(
                  java.util.stream.Stream.concat(
                          java.util.stream.Stream.of(script.toString(), action, folder.toString()),
                          java.util.Arrays.stream(more))
                      .toList())
              .redirectError(ProcessBuilder.Redirect.INHERIT)
              .start();
      String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (process.waitFor() != 0) {
        throw new IllegalStateException("bin/postgres " + action + " failed");
      }
      return printed;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
