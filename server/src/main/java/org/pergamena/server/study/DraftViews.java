package org.pergamena.server.study;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.draft.DraftCheck;
import org.pergamena.core.study.draft.DraftCheck.Carried;
import org.pergamena.core.study.draft.DraftCheck.Line;
import org.pergamena.core.study.draft.Drafting;

/** What is told of drafts. */
final class DraftViews {
  private DraftViews() {}

  /**
   * A draft, and what it carries.
   *
   * @param minutes that all of it takes when it is spoken
   * @param rooms of its topics in the map's order, then of what is on none
   */
  record DraftView(
      String id,
      String name,
      int version,
      String text,
      String message,
      int perMinute,
      int words,
      double minutes,
      List<LineView> lines,
      List<RoomView> rooms,
      List<CarriedView> points) {}

  /**
   * A sentence.
   *
   * @param point that it carries most of, -1 for none
   */
  record LineView(int start, int end, int words, UUID topic, int point, double strength) {}

  /** What a topic takes with those below it; a null topic is what is on none. */
  record RoomView(UUID topic, int words, double minutes, int lines) {}

  /**
   * A point.
   *
   * @param state whether it is carried
   * @param lines that carry it, the strongest first
   * @param sources passages of the map's sources that say it
   */
  record CarriedView(
      String words,
      State state,
      double strength,
      List<Integer> lines,
      double minutes,
      List<StudiedPassage> sources) {}

  /** How a point stands. */
  enum State {
    CARRIED,
    TOUCHED,
    MISSING
  }

  /** Two versions held against each other. */
  record DraftsCompared(
      int wordsBefore,
      int wordsAfter,
      List<RoomChange> rooms,
      List<Drafting.PointSince> points,
      List<String> gone,
      List<Reworded> reworded,
      List<String> came) {}

  /** The words that a topic had and has; a null topic is what is on none. */
  record RoomChange(UUID topic, int before, int after) {}

  /** A sentence that says the same in other words. */
  record Reworded(String before, String after, double sure) {}

  /** A sentence as it is told. */
  static LineView view(Line line) {
    return new LineView(
        line.start(), line.end(), line.words(), line.topic(), line.point(), line.strength());
  }

  /** A point as it is told, with what the sources say to it. */
  static CarriedView view(Carried point, int pace, Matching sources, Studied studied) {
    State state =
        point.missing()
            ? State.MISSING
            : point.strength() >= Carried.FULLY ? State.CARRIED : State.TOUCHED;
    return new CarriedView(
        point.words(),
        state,
        point.strength(),
        point.lines(),
        Drafting.minutes(point.room(), pace),
        studied.views(passages(point.words(), sources)));
  }

  /** Passages of the sources that say a point. */
  static List<Passage> passages(String point, Matching sources) {
    return sources.saying(point, Matching.MOST).stream().map(Matching.Match::passage).toList();
  }

  /** Two wordings of the same. */
  static Reworded reworded(Both both) {
    return new Reworded(both.one().words(), both.other().words(), both.sure());
  }

  /** What each topic has more or less of than before. */
  static List<RoomChange> rooms(DraftCheck before, DraftCheck after) {
    Map<UUID, Integer> was = new HashMap<>();
    Map<UUID, Integer> is = new HashMap<>();
    Set<UUID> topics = new LinkedHashSet<>();
    after.rooms().forEach(room -> is.put(room.topic(), room.words()));
    before.rooms().forEach(room -> was.put(room.topic(), room.words()));
    after.rooms().forEach(room -> topics.add(room.topic()));
    before.rooms().forEach(room -> topics.add(room.topic()));
    return topics.stream()
        .map(t -> new RoomChange(t, was.getOrDefault(t, 0), is.getOrDefault(t, 0)))
        .toList();
  }
}
