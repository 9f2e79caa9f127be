package org.pergamena.server.reading;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.DoubleConsumer;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import tools.jackson.databind.json.JsonMapper;

/** One process of {@link ReaderMain} and the talk with it. */
final class ReaderProcess implements AutoCloseable {
  private static final long LISTEN_MS = 200;
  private static final int LONGEST_NAME = 1000;
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Process process;
  private final DataOutputStream to;
  private final DataInputStream from;
  private volatile double share;
  private volatile long lastHeard;

  /**
   * Starts a process.
   *
   * @param megabytes of memory that a file may take to be read
   */
  ReaderProcess(int megabytes) throws IOException {
    Confinement confinement = Confinement.here();
    File scratch = Scratch.folder(confinement);
    process =
        confinement
            .command(
                List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xmx" + megabytes + "m",
                    "-Xss4m",
                    "-XX:+UseSerialGC",
                    "-XX:TieredStopAtLevel=1",
                    "-XX:+ExitOnOutOfMemoryError",
                    "-Djava.awt.headless=true",
                    "-Djava.io.tmpdir=" + scratch,
                    "-Dlogback.configurationFile=quiet-logback.xml",
                    "-cp",
                    System.getProperty("java.class.path"),
                    ReaderMain.class.getName()),
                scratch)
            .redirectError(ProcessBuilder.Redirect.to(new File("/dev/null")))
            .start();
    process.onExit().thenRun(() -> Scratch.delete(scratch));
    to = new DataOutputStream(process.getOutputStream());
    from = new DataInputStream(new BufferedInputStream(process.getInputStream()));
  }

  boolean alive() {
    return process.isAlive();
  }

  /**
   * Reads a file.
   *
   * @param progress is told the share now and then, also while nothing comes; what it throws ends
   *     the process
   * @throws UnreadableException with a sentence if there is no text
   */
  ReadSource read(
      String name, SourceKind kind, byte[] bytes, DoubleConsumer progress, ReadingLimits limits)
      throws UnreadableException {
    share = 0;
    lastHeard = System.nanoTime();
    FutureTask<ReadSource> talk = new FutureTask<>(() -> ask(name, kind, bytes));
    Thread thread = new Thread(talk, "reader-talk");
    thread.setDaemon(true);
    thread.start();
    long begun = System.nanoTime();
    while (true) {
      try {
        return talk.get(LISTEN_MS, TimeUnit.MILLISECONDS);
      } catch (TimeoutException e) {
        check(limits, begun);
        progress.accept(share);
      } catch (ExecutionException e) {
        if (e.getCause() instanceof UnreadableException unreadable) {
          throw unreadable;
        }
        throw new UnreadableException(limits.tooLarge(), e);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new UnreadableException("Reading was interrupted. Read it again.", e);
      }
    }
  }

  private void check(ReadingLimits limits, long begun) throws UnreadableException {
    long now = System.nanoTime();
    boolean silent = now - lastHeard > TimeUnit.SECONDS.toNanos(limits.silentSeconds());
    if (silent || now - begun > TimeUnit.SECONDS.toNanos(limits.seconds())) {
      throw new UnreadableException(limits.tooSlow());
    }
  }

  private ReadSource ask(String name, SourceKind kind, byte[] bytes)
      throws IOException, UnreadableException {
    byte[] kindName = (kind == null ? "" : kind.name()).getBytes(StandardCharsets.US_ASCII);
    to.writeByte(kindName.length);
    to.write(kindName);
    to.writeUTF(
        name.length() <= LONGEST_NAME ? name : name.substring(name.length() - LONGEST_NAME));
    to.writeInt(bytes.length);
    to.write(bytes);
    to.flush();
    while (true) {
      byte said = from.readByte();
      lastHeard = System.nanoTime();
      if (said == ReaderMain.PROGRESS) {
        share = from.readDouble();
      } else if (said == ReaderMain.READ) {
        return JSON.readValue(from.readNBytes(from.readInt()), ReadSource.class);
      } else {
        throw new UnreadableException(from.readUTF());
      }
    }
  }

  @Override
  public void close() {
    process.destroyForcibly();
  }
}
