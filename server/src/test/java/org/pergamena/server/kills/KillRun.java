package org.pergamena.server.kills;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.pergamena.server.testing.LocalPostgres;
import org.pergamena.server.testing.Pause;
import org.pergamena.server.testing.ServerProcess;
import org.pergamena.server.testing.TestVisitor;

/**
 * Kills the server and its database at random while people edit and jobs run, and counts what was
 * lost of what was acknowledged and which jobs were not done exactly once.
 */
public final class KillRun {
  private static final int EDITORS = 3;
  private static final int WORKERS = 2;

  private KillRun() {}

  /** What came of it. */
  public record Outcome(int kills, int acknowledged, int lost, int notOnce, int jobs) {}

  /** Runs {@code args[0]} kills, 200 if it is not given, and prints what came of them. */
  public static void main(String[] args) throws Exception {
    int kills = args.length == 0 ? 200 : Integer.parseInt(args[0]);
    long seed = args.length < 2 ? System.nanoTime() : Long.parseLong(args[1]);
    System.out.println("seed " + seed);
    Outcome outcome = run(kills, seed, true);
    System.out.println("jobs " + outcome.jobs());
    System.out.printf(
        "kills %d, acknowledged %d, lost %d, jobs not done once %d%n",
        outcome.kills(), outcome.acknowledged(), outcome.lost(), outcome.notOnce());
    System.exit(outcome.lost() + outcome.notOnce() == 0 ? 0 : 1);
  }

  static Outcome run(int kills, long seed, boolean loud) throws Exception {
    Random random = new Random(seed);
    try (LocalPostgres database = LocalPostgres.start()) {
      ServerProcess server = new ServerProcess(database.environment());
      List<Editor> editors = new ArrayList<>();
      List<Worker> workers = new ArrayList<>();
      List<Thread> threads = new ArrayList<>();
      for (int i = 0; i < EDITORS; i++) {
        editors.add(new Editor(new TestVisitor(server.address()), random.nextLong()));
      }
      for (int i = 0; i < WORKERS; i++) {
        workers.add(new Worker(new TestVisitor(server.address()), random.nextLong()));
      }
      editors.forEach(editor -> threads.add(new Thread(editor, "editor")));
      workers.forEach(worker -> threads.add(new Thread(worker, "worker")));
      threads.forEach(Thread::start);
      for (int kill = 1; kill <= kills; kill++) {
        awaitEdits(editors, 1 + random.nextInt(8));
        // now and then long enough for a file to be read once a server has started
        Pause.millis(random.nextInt(random.nextInt(3) == 0 ? 6_000 : 1_200));
        if (random.nextBoolean()) {
          server.kill();
          server.start();
        } else {
          database.kill();
          database.restart();
        }
        if (loud && kill % 20 == 0) {
          System.out.println(kill + " kills");
        }
      }
      editors.forEach(Editor::stop);
      workers.forEach(Worker::stop);
      for (Thread thread : threads) {
        thread.join();
      }
      Map<String, String> settings = database.environment();
      awaitJobs(settings);
      int acknowledged = editors.stream().mapToInt(Editor::acknowledged).sum();
      int lost = editors.stream().mapToInt(Editor::lost).sum();
      tell(settings);
      Outcome outcome =
          new Outcome(
              kills,
              acknowledged,
              lost,
              count(settings, NOT_ONCE),
              count(settings, "select count(*) from job"));
      server.kill();
      return outcome;
    }
  }

  /** Waits until people can edit again, and have done so some times. */
  private static void awaitEdits(List<Editor> editors, int more) {
    int before = editors.stream().mapToInt(Editor::acknowledged).sum();
    while (editors.stream().mapToInt(Editor::acknowledged).sum() < before + more) {
      Pause.millis(10);
    }
  }

  /** Jobs that did not end as done, or that changed their map not once but oftener or never. */
  private static final String WRONG =
      """
      from job j where j.state <> 'DONE'
        or j.kind in ('DISTIL', 'FOLD') and
           (select count(*) from revision r where r.job_id = j.id) <> 1
        or j.kind = 'READ' and
           (select text_id from source s where s.id = j.source_id) is null""";

  private static final String NOT_ONCE = "select count(*) " + WRONG;

  private static void tell(Map<String, String> settings) throws SQLException {
    try (Connection connection = connection(settings);
        Statement statement = connection.createStatement();
        ResultSet wrong = statement.executeQuery("select kind, state, step, problem " + WRONG)) {
      while (wrong.next()) {
        System.out.printf(
            "%s %s at %s: %s%n",
            wrong.getString(1), wrong.getString(2), wrong.getString(3), wrong.getString(4));
      }
    }
  }

  private static Connection connection(Map<String, String> settings) throws SQLException {
    return DriverManager.getConnection(
        settings.get("PERGAMENA_DB_URL"), "pergamena", settings.get("PERGAMENA_DB_PASSWORD"));
  }

  private static void awaitJobs(Map<String, String> settings) throws SQLException {
    long end = System.nanoTime() + 180_000_000_000L;
    while (count(settings, "select count(*) from job where state in ('WAITING', 'RUNNING')") > 0) {
      if (System.nanoTime() > end) {
        return;
      }
      Pause.millis(200);
    }
  }

  private static int count(Map<String, String> settings, String query) throws SQLException {
    try (Connection connection = connection(settings);
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(query)) {
      result.next();
      return result.getInt(1);
    }
  }
}
