package org.pergamena.core.study.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.study.Naming;
import org.pergamena.core.study.draft.DraftCheck.Carried;
import org.pergamena.core.study.draft.DraftCheck.Line;
import org.pergamena.core.study.draft.DraftCheck.Room;

/**
 * Holds a draft against what it is to say.
 *
 * <pre>{@code
 * DraftCheck check = Drafting.check(DraftText.of("Talk", words), DraftText.points(message), map, texts);
 * }</pre>
 */
public final class Drafting {
  private static final int MOST_LINES = 40;

  private Drafting() {}

  /**
   * Tells where a draft carries what.
   *
   * @param points what it is to say; may be empty
   * @param map whose topics take room in it
   * @param texts the sources of the map
   */
  public static DraftCheck check(
      Analysed draft, List<String> points, TopicMap map, List<Analysed> texts) {
    List<Sentence> sentences = draft.sentences();
    Map<Integer, Integer> places = new HashMap<>();
    for (int i = 0; i < sentences.size(); i++) {
      places.put(sentences.get(i).span().start(), i);
    }
    int[] point = new int[sentences.size()];
    double[] strength = new double[sentences.size()];
    Arrays.fill(point, -1);
    Matching matching = new Matching(List.of(draft));
    List<Carried> carried = new ArrayList<>();
    for (int p = 0; p < points.size(); p++) {
      List<Integer> lines = new ArrayList<>();
      double best = 0;
      int room = 0;
      for (Matching.Match match : matching.saying(points.get(p), MOST_LINES)) {
        int at = places.get(match.passage().start());
        lines.add(at);
        room += sentences.get(at).words();
        best = Math.max(best, match.strength());
        if (match.strength() > strength[at]) {
          strength[at] = match.strength();
          point[at] = p;
        }
      }
      carried.add(new Carried(points.get(p), best, lines, room));
    }
    List<UUID> topics = new TopicTeller(map, texts).of(draft);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < sentences.size(); i++) {
      Sentence sentence = sentences.get(i);
      lines.add(
          new Line(
              sentence.span().start(),
              sentence.span().end(),
              sentence.words(),
              topics.get(i),
              point[i],
              strength[i]));
    }
    int words = lines.stream().mapToInt(Line::words).sum();
    return new DraftCheck(words, lines, rooms(lines, map), carried);
  }

  private static List<Room> rooms(List<Line> lines, TopicMap map) {
    Map<UUID, Room> rooms = new HashMap<>();
    Room none = new Room(null, 0, 0);
    for (Line line : lines) {
      if (line.topic() == null) {
        none = none.with(line);
      }
      for (UUID at = line.topic(); at != null && map.topic(at).parent() != null; ) {
        rooms.put(at, rooms.getOrDefault(at, new Room(at, 0, 0)).with(line));
        at = map.topic(at).parent();
      }
    }
    List<Room> all = new ArrayList<>();
    map.preorder().stream().map(t -> rooms.get(t.id())).filter(Objects::nonNull).forEach(all::add);
    if (none.lines() > 0) {
      all.add(none);
    }
    return all;
  }

  /** The time that words take when they are spoken, in minutes. */
  public static double minutes(int words, int perMinute) {
    return words / (double) Math.max(1, perMinute);
  }

  /**
   * How a point of two versions of a draft stands.
   *
   * @param before strength in the version before, -1 if that was not to say it
   * @param after the same of the version after
   */
  public record PointSince(String words, double before, double after) {}

  /** The points of two versions, those of the version after first. */
  public static List<PointSince> points(DraftCheck before, DraftCheck after) {
    Map<String, PointSince> points = new LinkedHashMap<>();
    after
        .points()
        .forEach(
            p -> points.put(Naming.key(p.words()), new PointSince(p.words(), -1, p.strength())));
    before
        .points()
        .forEach(
            p ->
                points.merge(
                    Naming.key(p.words()),
                    new PointSince(p.words(), p.strength(), -1),
                    (old, own) -> new PointSince(old.words(), own.before(), old.after())));
    return List.copyOf(points.values());
  }
}
