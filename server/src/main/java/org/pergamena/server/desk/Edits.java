package org.pergamena.server.desk;

import java.util.UUID;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TreeChange;
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

  Change change(UUID mapId, Edit edit) {
    if (edit instanceof Edit.Add add) {
      Topic topic = Topic.labelled(add.topic(), add.label().strip());
      return new TreeChange.AddBranch(add.parent(), Place.after(add.after()), Branch.of(topic));
    } else if (edit instanceof Edit.Rename rename) {
      return new ContentChange.Relabel(rename.topic(), rename.label());
    } else if (edit instanceof Edit.Note note) {
      return new ContentChange.Annotate(note.topic(), note.note());
    } else if (edit instanceof Edit.SetAside set) {
      return new ContentChange.SetAside(set.topic(), set.aside());
    } else if (edit instanceof Edit.Remove remove) {
      return new TreeChange.RemoveBranch(remove.topic());
    } else if (edit instanceof Edit.Move move) {
      return new TreeChange.Move(move.topic(), move.parent(), Place.after(move.after()));
    } else if (edit instanceof Edit.Unlink unlink) {
      return new EvidenceChange.Unlink(unlink.topic(), unlink.evidence());
    } else if (edit instanceof Edit.Several several) {
      return new Together(several.edits().stream().map(each -> change(mapId, each)).toList());
    }
    return edit instanceof Edit.Link link ? link(mapId, link) : outsideTheTree(edit);
  }

  private static Change outsideTheTree(Edit edit) {
    if (edit instanceof Edit.Connect connect) {
      return new LinkChange.Connect(
          new CrossLink(connect.link(), connect.from(), connect.to(), connect.phrase().strip()));
    } else if (edit instanceof Edit.Rephrase rephrase) {
      return new LinkChange.Rephrase(rephrase.link(), rephrase.phrase());
    } else if (edit instanceof Edit.Disconnect disconnect) {
      return new LinkChange.Disconnect(disconnect.link());
    } else if (edit instanceof Edit.Paint paint) {
      return new LookChange.Paint(
          paint.topic(), paint.ink() == null ? Look.NONE : new Look(paint.ink()));
    }
    return new LookChange.Arrange(new MapLook(((Edit.Arrange) edit).layout()));
  }

  private Change link(UUID mapId, Edit.Link link) {
    Source source = sources.source(mapId, link.source());
    Evidence evidence =
        new Evidence(
            UUID.randomUUID(),
            Passage.of(source, new Span(link.start(), link.end())),
            Stance.SUPPORTS,
            Origin.HAND_LINKED,
            1);
    return new EvidenceChange.Link(link.topic(), Place.LAST, evidence);
  }
}
