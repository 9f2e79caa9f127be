package org.pergamena.server.desk;

import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.Span;
import org.pergamena.server.sources.Sources;
import org.springframework.stereotype.Component;

/** Turns what a person does into a change of the map. */
@Component
class Edits {
  private final Sources sources;

  Edits(Sources sources) {
    this.sources = sources;
  }

  Change change(UUID mapId, TopicMap map, Edit edit) {
    if (edit instanceof Edit.Add add) {
      Topic topic = Topic.labelled(add.topic(), add.label().strip());
      return new Change.AddBranch(add.parent(), add.index(), Branch.of(topic));
    } else if (edit instanceof Edit.Rename rename) {
      return new Change.Relabel(rename.topic(), rename.label());
    } else if (edit instanceof Edit.Note note) {
      return new Change.Annotate(note.topic(), note.note());
    } else if (edit instanceof Edit.SetAside set) {
      return new Change.SetAside(set.topic(), set.aside());
    } else if (edit instanceof Edit.Remove remove) {
      return new Change.RemoveBranch(remove.topic());
    } else if (edit instanceof Edit.Move move) {
      return new Change.Move(move.topic(), move.parent(), move.index());
    } else if (edit instanceof Edit.Unlink unlink) {
      return new Change.Unlink(unlink.topic(), unlink.evidence());
    }
    return link(mapId, map, (Edit.Link) edit);
  }

  private Change link(UUID mapId, TopicMap map, Edit.Link link) {
    Source source = sources.source(mapId, link.source());
    Evidence evidence =
        new Evidence(
            UUID.randomUUID(),
            Passage.of(source, new Span(link.start(), link.end())),
            Stance.SUPPORTS,
            Origin.HAND_LINKED,
            1);
    List<Evidence> there = map.topic(link.topic()).evidence();
    return new Change.Link(link.topic(), there.size(), evidence);
  }
}
