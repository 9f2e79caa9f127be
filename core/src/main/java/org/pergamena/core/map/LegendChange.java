package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.List;

/** A change of the tags that a map has. */
public sealed interface LegendChange extends Change {

  /** Gives a map another legend; what topics are marked with stays as it is. */
  record Define(Legend legend) implements LegendChange {
    @Override
    public Change applyTo(Draft draft) {
      return new Define(draft.legend(legend));
    }
  }

  /** Gives a map another legend, and takes from its topics the tags that are not in it. */
  static Change defined(TopicMap map, Legend legend) {
    List<Change> changes = new ArrayList<>();
    for (Topic topic : map.preorder()) {
      List<String> tags = topic.content().gloss().tags();
      List<String> kept = tags.stream().filter(legend::has).toList();
      if (!kept.equals(tags)) {
        changes.add(new ContentChange.Mark(topic.id(), kept));
      }
    }
    changes.add(new Define(legend));
    return new Together(changes);
  }
}
