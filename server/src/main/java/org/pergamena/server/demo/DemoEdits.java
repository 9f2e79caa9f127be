package org.pergamena.server.demo;

import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;

/** What somebody did by hand to the demonstration map after it was distilled. */
final class DemoEdits {
  private static final String TITLE = "Letting the sea back in at Ferrow";
  private static final String QUOTE =
      "The treasurer asked that the saving be stated net of the new bank's inspection cost";
  private static final String NOTE =
      "Savings claimed by the survey; the harbour committee puts them lower. Check which comparison"
          + " each side uses.";

  private final List<Source> sources;

  DemoEdits(List<Source> sources) {
    this.sources = sources;
  }

  List<Function<TopicMap, Change>> all() {
    return List.of(
        map -> new ContentChange.Relabel(map.root().id(), TITLE),
        map -> new ContentChange.Annotate(aboutTheSaving(map).id(), NOTE),
        this::linkTreasurer);
  }

  private Change linkTreasurer(TopicMap map) {
    for (Source source : sources) {
      int start = source.text().text().indexOf(QUOTE);
      if (start >= 0) {
        Topic topic = aboutTheSaving(map);
        Passage passage = Passage.of(source, new Span(start, start + QUOTE.length()));
        return new EvidenceChange.Link(
            topic.id(),
            Place.LAST,
            new Evidence(UUID.randomUUID(), passage, Stance.DISPUTES, Origin.HAND_LINKED, 1));
      }
    }
    throw new IllegalStateException("The minutes no longer have: " + QUOTE);
  }

  /** The leaf whose quotes and label speak most of upkeep and saving. */
  private static Topic aboutTheSaving(TopicMap map) {
    Topic best = map.root();
    long most = -1;
    for (Topic topic : map.preorder()) {
      String words = topic.label() + " " + topic.evidence();
      long hits = words.split("(?i)upkeep|saving|patching", -1).length;
      if (topic.children().isEmpty() && hits > most) {
        best = topic;
        most = hits;
      }
    }
    return best;
  }
}
