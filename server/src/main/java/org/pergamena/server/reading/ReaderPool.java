package org.pergamena.server.reading;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Reads files and what else strangers made, each in a process that does nothing else meanwhile. A
 * process that reads well is used again; one that fails, takes too long or is not wanted any more
 * is ended.
 */
@Service
@EnableConfigurationProperties(ReadingLimits.class)
public class ReaderPool {
  private static final int LONGEST_NAME = 900;

  private final ReadingLimits limits;
  private final Deque<ConfinedProcess> idle = new ArrayDeque<>();
  private final Set<ConfinedProcess> all = new HashSet<>();
  private boolean closed;

  ReaderPool(ReadingLimits limits) {
    this.limits = limits;
  }

  /** Has one process ready for the first file. */
  @EventListener
  void ready(ApplicationReadyEvent event) {
    Scratch.sweep();
    Thread warming = new Thread(() -> giveBack(take()), "reader-warming");
    warming.setDaemon(true);
    warming.start();
  }

  /**
   * Reads a file.
   *
   * @param kind what a person says it is, or null to find out
   * @param progress is told the share that is read; what it throws stops reading
   * @throws UnreadableException with a sentence for the person if nothing can be read
   */
  public ReadSource read(String name, SourceKind kind, byte[] bytes, DoubleConsumer progress)
      throws UnreadableException {
    String shown =
        name.length() <= LONGEST_NAME ? name : name.substring(name.length() - LONGEST_NAME);
    String argument = (kind == null ? "" : kind.name()) + " " + shown;
    return done(ConfinedWork.SOURCE, argument, bytes, ReadSource.class, progress, limits);
  }

  /** Has work done by a process that is used again if all goes well. */
  <T> T done(
      ConfinedWork work,
      String argument,
      byte[] bytes,
      Class<T> type,
      DoubleConsumer progress,
      ReadingLimits allowed)
      throws UnreadableException {
    ConfinedProcess process = take();
    boolean well = false;
    try {
      T done = process.done(work, argument, bytes, type, progress, allowed);
      well = true;
      return done;
    } catch (UnreadableException e) {
      well = e.getCause() == null && process.alive() && !e.getMessage().equals(allowed.tooSlow());
      throw e;
    } finally {
      if (well) {
        giveBack(process);
      } else {
        end(process);
      }
    }
  }

  private synchronized ConfinedProcess take() {
    while (!idle.isEmpty()) {
      ConfinedProcess process = idle.pop();
      if (process.alive()) {
        return process;
      }
      all.remove(process);
    }
    try {
      ConfinedProcess process = new ConfinedProcess(limits.megabytes());
      all.add(process);
      return process;
    } catch (IOException e) {
      throw new UncheckedIOException("No process for reading could be started.", e);
    }
  }

  private synchronized void giveBack(ConfinedProcess process) {
    if (closed) {
      process.close();
    } else {
      idle.push(process);
    }
  }

  private synchronized void end(ConfinedProcess process) {
    process.close();
    all.remove(process);
  }

  @PreDestroy
  synchronized void close() {
    closed = true;
    all.forEach(ConfinedProcess::close);
    all.clear();
    idle.clear();
  }
}
