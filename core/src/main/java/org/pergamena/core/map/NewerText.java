package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.pergamena.core.source.Anchoring;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;

/** Carries a map over to a newer text of one of its sources, without dropping a passage. */
public final class NewerText {
  private NewerText() {}

  /**
   * One change that gives a source its newer text and every topic its passages there; those that
   * are not found again stay, {@linkplain Passage#adrift adrift}. A summary that is not in it any
   * more goes.
   *
   * @param from identity of the text before
   * @param to identity of the text after
   */
  public static Change change(TopicMap map, Source before, Source after, UUID from, UUID to) {
    Anchoring anchoring = new Anchoring(before.text(), after.text());
    String old = line(before);
    String now = line(after);
    List<Change> changes = new ArrayList<>(List.of(new ShelfChange.Retext(after.id(), from, to)));
    for (Topic topic : map.preorder()) {
      boolean gone =
          !topic.summary().isEmpty()
              && old.contains(topic.summary())
              && !now.contains(topic.summary());
      if (topic.restsOn(after.id()) || gone) {
        changes.add(
            new ContentChange.Refill(
                topic.id(),
                gone ? "" : topic.summary(),
                topic.evidence().stream().map(e -> carried(e, after, anchoring)).toList(),
                topic.extent().stream().flatMap(e -> carried(e, after, anchoring)).toList()));
      }
    }
    for (CrossLink link : map.links()) {
      if (link.restsOn(after.id())) {
        changes.add(
            new LinkChange.Ground(
                link.id(),
                link.grounds().stream().map(e -> carried(e, after, anchoring)).toList()));
      }
    }
    return new Together(changes);
  }

  /**
   * Whether a change that was made of an earlier state of a map still does all that it should:
   * every topic and link that rests on the source now is one that it gives its passages, and has
   * the same ones.
   *
   * @param before the map that it was made of
   */
  public static boolean fits(TopicMap before, TopicMap now, UUID source) {
    return resting(before, source).equals(resting(now, source));
  }

  private static Map<UUID, List<Object>> resting(TopicMap map, UUID source) {
    Map<UUID, List<Object>> resting = new HashMap<>();
    for (Topic topic : map.preorder()) {
      if (topic.restsOn(source)) {
        resting.put(topic.id(), List.of(topic.summary(), topic.evidence(), topic.extent()));
      }
    }
    for (CrossLink link : map.links()) {
      if (link.restsOn(source)) {
        resting.put(link.id(), List.copyOf(link.grounds()));
      }
    }
    return resting;
  }

  private static String line(Source source) {
    return source.text().text().replaceAll("\\s+", " ");
  }

  private static Evidence carried(Evidence evidence, Source after, Anchoring anchoring) {
    Passage passage = evidence.passage();
    if (!passage.source().equals(after.id())) {
      return evidence;
    }
    Passage now =
        anchoring.find(passage).map(span -> Passage.of(after, span)).orElseGet(passage::adrift);
    return evidence.at(now);
  }

  private static Stream<Extent> carried(Extent extent, Source after, Anchoring anchoring) {
    return extent.source().equals(after.id())
        ? anchoring.carried(extent.span()).stream().map(span -> new Extent(after.id(), span))
        : Stream.of(extent);
  }
}
