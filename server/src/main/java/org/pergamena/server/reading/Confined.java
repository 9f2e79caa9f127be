package org.pergamena.server.reading;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.pergamena.formats.citation.ReferenceList;
import org.pergamena.formats.citation.Style;
import org.pergamena.formats.image.Figures;
import org.pergamena.formats.image.KeptImage;
import org.pergamena.formats.read.UnreadableException;
import org.pergamena.server.site.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * What is made of strangers' bytes while a person waits: a few at a time, in processes that have
 * nothing of the server, and each for a bounded time.
 */
@Service
public class Confined {
  private static final int AT_ONCE = Math.max(2, Runtime.getRuntime().availableProcessors());
  private static final int PATIENCE_SECONDS = 20;

  private final ReaderPool pool;
  private final Semaphore places = new Semaphore(AT_ONCE, true);
  private final ReadingLimits limits;

  Confined(ReaderPool pool, ReadingLimits limits) {
    this.pool = pool;
    this.limits = new ReadingLimits(limits.megabytes(), PATIENCE_SECONDS, PATIENCE_SECONDS);
  }

  /**
   * An image as it is kept.
   *
   * @throws Refused with a sentence if it is none, or takes too much
   */
  public KeptImage image(byte[] bytes) {
    return done(ConfinedWork.IMAGE, "", bytes, KeptImage.class);
  }

  /**
   * The figures in a file.
   *
   * @throws Refused with a sentence if there can be none
   */
  public List<Figures.Figure> figures(byte[] bytes) {
    return List.of(done(ConfinedWork.FIGURES, "", bytes, Figures.Figure[].class));
  }

  /**
   * A figure in a file as it is kept.
   *
   * @throws Refused with a sentence if there is none of that number
   */
  public KeptImage figure(byte[] bytes, int number) {
    return done(ConfinedWork.FIGURE, String.valueOf(number), bytes, KeptImage.class);
  }

  /**
   * What is in a list of references.
   *
   * @throws Refused with a sentence if it is none
   */
  public ReferenceList references(byte[] bytes) {
    return done(ConfinedWork.REFERENCES, "", bytes, ReferenceList.class);
  }

  /**
   * A citation style that a person brings.
   *
   * @throws Refused with a sentence if it is none
   */
  public Style style(byte[] bytes) {
    return done(ConfinedWork.STYLE, "", bytes, Style.class);
  }

  /**
   * Tries whether a report can be begun from a template.
   *
   * @throws Refused with a sentence if not
   */
  public void requireTemplate(byte[] docx) {
    done(ConfinedWork.TEMPLATE, "", docx, Boolean.class);
  }

  /**
   * Tries whether a map's file is read in time, before it is read for good.
   *
   * @throws Refused with a sentence if not
   */
  public void requireMap(String name, byte[] bytes) {
    done(ConfinedWork.MAP, name, bytes, Boolean.class);
  }

  /**
   * Tries whether the reply of a text assistant is.
   *
   * @throws Refused with a sentence if not
   */
  public void requireReply(String reply) {
    done(ConfinedWork.REPLY, "", reply.getBytes(StandardCharsets.UTF_8), Boolean.class);
  }

  /**
   * Tries whether an outline is.
   *
   * @throws Refused with a sentence if not
   */
  public void requireOutline(String outline) {
    done(ConfinedWork.OUTLINE, "", outline.getBytes(StandardCharsets.UTF_8), Boolean.class);
  }

  private <T> T done(ConfinedWork work, String argument, byte[] bytes, Class<T> type) {
    boolean placed = false;
    try {
      placed = places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
      if (!placed) {
        throw new Refused(
            HttpStatus.TOO_MANY_REQUESTS,
            "Many files are being looked at just now. Try again in a moment.");
      }
      return pool.done(work, argument, bytes, type, share -> {}, limits);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Refused(HttpStatus.SERVICE_UNAVAILABLE, "This was interrupted. Try again.");
    } catch (UnreadableException e) {
      throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
    } finally {
      if (placed) {
        places.release();
      }
    }
  }
}
