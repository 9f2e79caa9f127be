package org.pergamena.server.load;

import java.net.http.HttpClient;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.Executors;
import java.util.function.LongConsumer;
import org.pergamena.server.testing.LocalPostgres;
import org.pergamena.server.testing.Pause;
import org.pergamena.server.testing.ServerProcess;
import org.pergamena.server.testing.TestVisitor;

/**
 * Twenty and a hundred people who edit, on one map and each on their own, without rest and as
 * people do; and two hundred pages that listen meanwhile.
 */
public final class LoadRun {
  private static final int LISTENERS = 200;
  private static final int AS_PEOPLE_MS = 2_000;
  private static final double NANOS = 1e9;

  private LoadRun() {}

  /** What came of one way to edit. */
  record Outcome(int edits, int refused, Times answered, Times heard, double seconds) {
    String line(String name) {
      return "| %s | %.0f | %s | %s | %d |"
          .formatted(
              name,
              edits / seconds,
              answered.within(0.5) + " / " + answered.within(0.95),
              heard.count() == 0 ? "" : heard.within(0.5) + " / " + heard.within(0.95),
              refused);
    }
  }

  /** Runs each for {@code args[0]} seconds, 20 if it is not given, and prints a table. */
  public static void main(String[] args) {
    int seconds = args.length == 0 ? 20 : Integer.parseInt(args[0]);
    try (LocalPostgres database = LocalPostgres.start()) {
      Map<String, String> settings = new HashMap<>(database.environment());
      settings.put("PERGAMENA_MOST_PAGES", "" + LISTENERS);
      settings.put("PERGAMENA_MOST_NEWCOMERS", "100000");
      settings.put("PERGAMENA_MOST_STRANGERS", "100000");
      ServerProcess server = new ServerProcess(settings);
      try {
        System.out.println("| | edits a second | answered, ms: median / 95% | heard | refused |");
        System.out.println("|---|---|---|---|---|");
        run(server.address(), 4, true, 0, 0, seconds); // to warm up
        for (int editors : new int[] {20, 100}) {
          String people = editors + " people, ";
          tell(people + "one map, without rest", server, editors, true, 0, 0, seconds);
          tell(people + "own maps, without rest", server, editors, false, 0, 0, seconds);
          tell(
              people + "one map, an edit each 2 s",
              server,
              editors,
              true,
              AS_PEOPLE_MS,
              0,
              seconds);
        }
        tell(
            "20 people, one map, an edit each 2 s, 200 listeners",
            server,
            20,
            true,
            AS_PEOPLE_MS,
            LISTENERS,
            seconds);
      } finally {
        server.kill();
      }
    }
    System.exit(0);
  }

  private static void tell(
      String name,
      ServerProcess server,
      int editors,
      boolean oneMap,
      int pauseMs,
      int listeners,
      int seconds) {
    Outcome outcome = run(server.address(), editors, oneMap, pauseMs, listeners, seconds);
    System.out.println(outcome.line(name));
  }

  /** Has people edit for some seconds. */
  static Outcome run(
      String address, int editors, boolean oneMap, int pauseMs, int listeners, int seconds) {
    TestVisitor first = new TestVisitor(address);
    UUID map = first.newMap();
    List<UUID> topics = LoadEditor.fill(first, map);
    Times heard = new Times();
    ConcurrentSkipListMap<Long, Long> made = new ConcurrentSkipListMap<>();
    HttpClient client = HttpClient.newBuilder().executor(Executors.newFixedThreadPool(4)).build();
    List<LoadListener> pages = new ArrayList<>();
    for (int i = 0; i < listeners; i++) {
      pages.add(LoadListener.open(client, first, map, hearing(made, heard)));
    }
    while (!pages.stream().allMatch(LoadListener::hears)) {
      Pause.millis(20);
    }
    List<LoadEditor> all = new ArrayList<>();
    for (int i = 0; i < editors; i++) {
      LongConsumer acknowledged = revision -> made.putIfAbsent(revision, System.nanoTime());
      if (oneMap) {
        all.add(new LoadEditor(first, map, topics, pauseMs, i, acknowledged));
      } else {
        TestVisitor own = new TestVisitor(address);
        UUID ownMap = own.newMap();
        List<UUID> ownTopics = LoadEditor.fill(own, ownMap);
        all.add(new LoadEditor(own, ownMap, ownTopics, pauseMs, i, revision -> {}));
      }
    }
    List<Thread> threads = all.stream().map(editor -> new Thread(editor, "editor")).toList();
    long begun = System.nanoTime();
    threads.forEach(Thread::start);
    Pause.millis(seconds * 1_000L);
    all.forEach(LoadEditor::stop);
    threads.forEach(LoadRun::join);
    double took = (System.nanoTime() - begun) / NANOS;
    pages.forEach(LoadListener::close);
    Times answered = new Times();
    all.forEach(editor -> editor.times().into(answered));
    int refused = all.stream().mapToInt(LoadEditor::refused).sum();
    return new Outcome(answered.count(), refused, answered, heard, took);
  }

  /** Notes for a page how long after its answer it heard of each edit. */
  private static LongConsumer hearing(ConcurrentSkipListMap<Long, Long> made, Times heard) {
    Map<Long, Boolean> known = new ConcurrentHashMap<>();
    return revision -> {
      long now = System.nanoTime();
      made.headMap(revision, true)
          .forEach(
              (earlier, at) -> {
                if (known.putIfAbsent(earlier, true) == null) {
                  heard.add(Math.max(0, now - at));
                }
              });
    };
  }

  private static void join(Thread thread) {
    try {
      thread.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
