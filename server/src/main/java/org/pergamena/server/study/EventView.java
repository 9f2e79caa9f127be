package org.pergamena.server.study;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.study.event.Happening;
import org.pergamena.core.study.event.Happening.Said;
import org.pergamena.core.time.Grain;
import org.pergamena.core.time.TimeWriter;
import org.pergamena.core.time.Told.Basis;
import org.pergamena.core.time.When;

/**
 * An event.
 *
 * @param when as ISO 8601-2 writes it, empty if it is not known
 * @param date the same in words
 * @param from its first moment in days since 1970, null if it is not known
 * @param to the moment after its last
 * @param grain how finely its time is told
 * @param shown the time in the words of the source or of the person
 * @param after where it lies on a line that counts from an event, in years; null if it does not
 * @param basis how its time is known; null if a person gave it
 * @param countedFrom the words that it is counted from, may be empty
 * @param passages none if a person added it
 * @param differs events that tell the same at another time
 * @param off whether it was taken off the line
 */
record EventView(
    String key,
    String label,
    String when,
    String date,
    Double from,
    Double to,
    Grain grain,
    String shown,
    Double after,
    Basis basis,
    String countedFrom,
    List<EventPassage> passages,
    List<EventDiffers> differs,
    boolean byHand,
    boolean off) {
  /**
   * A passage that tells of an event.
   *
   * @param key by which it is corrected
   * @param words the part of it that tells this
   */
  record EventPassage(
      String key,
      UUID source,
      int start,
      int end,
      String exact,
      String words,
      String place,
      String time,
      List<UUID> topics) {}

  /** Another event of the same, and why it is one. */
  record EventDiffers(String key, String reason) {}

  static EventView of(Happening event, Studied studied) {
    When when = event.when();
    Said first = event.accounts().isEmpty() ? null : event.accounts().get(0);
    return new EventView(
        event.key(),
        event.label(),
        when == null ? "" : when.iso(),
        when == null ? "" : TimeWriter.words(when),
        when == null ? null : (Double) When.days(when.from()),
        when == null ? null : (Double) When.days(when.to()),
        when == null ? null : when.grain(),
        event.shown(),
        Double.isNaN(event.after()) ? null : (Double) event.after(),
        first == null ? null : first.told().basis(),
        first == null ? "" : first.told().from(),
        event.accounts().stream()
            .filter(said -> studied.has(said.passage()))
            .map(said -> passage(said, studied.view(said.passage())))
            .toList(),
        event.differs().stream().map(d -> new EventDiffers(d.key(), d.reason())).toList(),
        event.byHand(),
        event.off());
  }

  private static EventPassage passage(Said said, StudiedPassage at) {
    return new EventPassage(
        said.key(),
        at.source(),
        at.start(),
        at.end(),
        at.exact(),
        said.words(),
        at.place(),
        said.told().words(),
        at.topics());
  }
}
