package org.pergamena.server.reading;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.DoubleConsumer;
import org.pergamena.formats.read.UnreadableException;

/** One process of {@link ConfinedMain} and the talk with it. */
final class ConfinedProcess implements AutoCloseable {
  private static final long LISTEN_MS = 200;
  private static final int LONGEST_NAME = 1000;
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
  ConfinedProcess(int megabytes) throws IOException {
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
                    ConfinedMain.class.getName()),
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
   * Has work done.
   *
   * @param progress is told the share now and then, also while nothing comes; what it throws ends
   *     the process
   * @throws UnreadableException with a sentence if nothing comes of it
   */
  <T> T done(
      ConfinedWork work,
      String argument,
      byte[] bytes,
      Class<T> type,
      DoubleConsumer progress,
      ReadingLimits limits)
      throws UnreadableException {
    share = 0;
    lastHeard = System.nanoTime();
    FutureTask<T> talk = new FutureTask<>(() -> ask(work, argument, bytes, type));
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

  private <T> T ask(ConfinedWork work, String argument, byte[] bytes, Class<T> type)
      throws IOException, UnreadableException {
    to.writeByte(work.ordinal());
    to.writeUTF(argument.length() <= LONGEST_NAME ? argument : argument.substring(0, LONGEST_NAME));
    to.writeInt(bytes.length);
    to.write(bytes);
    to.flush();
    while (true) {
      byte said = from.readByte();
      lastHeard = System.nanoTime();
      if (said == ConfinedMain.PROGRESS) {
        share = from.readDouble();
      } else if (said == ConfinedMain.DONE) {
        return ConfinedWork.JSON.readValue(from.readNBytes(from.readInt()), type);
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
