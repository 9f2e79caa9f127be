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
 * Reads files, each in a process that does nothing else meanwhile. A process that reads well is
 * used again; one that fails, takes too long or is not wanted any more is ended.
 */
@Service
@EnableConfigurationProperties(ReadingLimits.class)
public class ReaderPool {
  private final ReadingLimits limits;
  private final Deque<ReaderProcess> idle = new ArrayDeque<>();
  private final Set<ReaderProcess> all = new HashSet<>();
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
    ReaderProcess process = take();
    boolean well = false;
    try {
      ReadSource read = process.read(name, kind, bytes, progress, limits);
      well = true;
      return read;
    } catch (UnreadableException e) {
      well = e.getCause() == null && process.alive() && !e.getMessage().equals(limits.tooSlow());
      throw e;
    } finally {
      if (well) {
        giveBack(process);
      } else {
        end(process);
      }
    }
  }

  private synchronized ReaderProcess take() {
    while (!idle.isEmpty()) {
      ReaderProcess process = idle.pop();
      if (process.alive()) {
        return process;
      }
      all.remove(process);
    }
    try {
      ReaderProcess process = new ReaderProcess(limits.megabytes());
      all.add(process);
      return process;
    } catch (IOException e) {
      throw new UncheckedIOException("No process for reading could be started.", e);
    }
  }

  private synchronized void giveBack(ReaderProcess process) {
    if (closed) {
      process.close();
    } else {
      idle.push(process);
    }
  }

  private synchronized void end(ReaderProcess process) {
    process.close();
    all.remove(process);
  }

  @PreDestroy
  synchronized void close() {
    closed = true;
    all.forEach(ReaderProcess::close);
    all.clear();
    idle.clear();
  }
}
