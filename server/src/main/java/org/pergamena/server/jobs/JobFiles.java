package org.pergamena.server.jobs;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Files that jobs write for a person to take, kept in parts for an hour. No connection is held
 * between one part and the next.
 */
@Service
public class JobFiles implements Upkeep {
  private static final Duration KEPT = Duration.ofHours(1);

  /** How long it is known what became of a job; of one that changed its map, always. */
  private static final Duration TOLD = Duration.ofDays(30);

  private static final int PART = 1_000_000;

  /** Of one person, beside the one that is being written. */
  private static final int MOST = 4;

  private final EntityManager entities;
  private final TransactionTemplate transactions;

  JobFiles(EntityManager entities, TransactionTemplate transactions) {
    this.entities = entities;
    this.transactions = transactions;
  }

  /** The file of a job, to be written and closed; one that it wrote before is gone. */
  public OutputStream open(UUID job) {
    drop(job);
    return new Parts(job);
  }

  /** Lets the file of a job go. */
  public void drop(UUID job) {
    transactions.executeWithoutResult(
        status ->
            entities
                .createNativeQuery("delete from job_part where job_id = :job")
                .setParameter("job", job)
                .executeUpdate());
  }

  /** How long the file of a job is, in bytes. */
  public long size(UUID job) {
    return transactions.execute(
        status ->
            ((Number)
                    entities
                        .createNativeQuery(
                            "select coalesce(sum(length(bytes)), 0) from job_part"
                                + " where job_id = :job")
                        .setParameter("job", job)
                        .getSingleResult())
                .longValue());
  }

  /** Copies the file of a job; the stream stays open. */
  public void copy(UUID job, OutputStream out) throws IOException {
    byte[] part = part(job, 0);
    for (int number = 1; part != null; number++) {
      out.write(part);
      part = part(job, number);
    }
  }

  private byte[] part(UUID job, int number) {
    List<?> found =
        transactions.execute(
            status ->
                entities
                    .createNativeQuery(
                        "select bytes from job_part where job_id = :job and number = :number",
                        byte[].class)
                    .setParameter("job", job)
                    .setParameter("number", number)
                    .getResultList());
    return found.isEmpty() ? null : (byte[]) found.get(0);
  }

  /** Lets files go that are too old, and jobs that ended long ago. */
  @Override
  public void tidy() {
    Instant now = Instant.now();
    transactions.executeWithoutResult(
        status -> {
          entities
              .createNativeQuery(
                  "delete from job_part where job_id in (select id from job where changed_at < :old"
                      + " and state not in ('WAITING', 'RUNNING'))")
              .setParameter("old", now.minus(KEPT))
              .executeUpdate();
          entities
              .createNativeQuery(
                  "delete from job j where changed_at < :old"
                      + " and state not in ('WAITING', 'RUNNING')"
                      + " and not exists (select 1 from revision r where r.job_id = j.id)")
              .setParameter("old", now.minus(TOLD))
              .executeUpdate();
        });
  }

  /** Lets files of a person go, all but the last few. */
  public void sweep(UUID person) {
    transactions.executeWithoutResult(
        status ->
            entities
                .createNativeQuery(
                    "delete from job_part where job_id in (select j.id from job j"
                        + " where j.person = :person and j.kind = 'EXPORT'"
                        + " and j.state not in ('WAITING', 'RUNNING')"
                        + " order by j.changed_at desc offset :most)")
                .setParameter("person", person)
                .setParameter("most", MOST)
                .executeUpdate());
  }

  /** Keeps what is written, a part at a time. */
  private final class Parts extends OutputStream {
    private final UUID job;
    private final byte[] part = new byte[PART];
    private int filled;
    private int number;

    Parts(UUID job) {
      this.job = job;
    }

    @Override
    public void write(int b) {
      part[filled++] = (byte) b;
      keepIfFull();
    }

    @Override
    public void write(byte[] bytes, int from, int length) {
      int at = from;
      int left = length;
      while (left > 0) {
        int some = Math.min(left, PART - filled);
        System.arraycopy(bytes, at, part, filled, some);
        filled += some;
        at += some;
        left -= some;
        keepIfFull();
      }
    }

    private void keepIfFull() {
      if (filled == PART) {
        keep();
      }
    }

    private void keep() {
      byte[] bytes = Arrays.copyOf(part, filled);
      transactions.executeWithoutResult(
          status ->
              entities
                  .createNativeQuery(
                      "insert into job_part (job_id, number, bytes) values (:job, :number, :bytes)")
                  .setParameter("job", job)
                  .setParameter("number", number)
                  .setParameter("bytes", bytes)
                  .executeUpdate());
      number++;
      filled = 0;
    }

    @Override
    public void close() {
      if (filled > 0) {
        keep();
      }
    }
  }
}
