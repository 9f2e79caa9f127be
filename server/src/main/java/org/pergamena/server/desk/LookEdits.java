package org.pergamena.server.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Changes of how a map and its topics look. */
final class LookEdits {
  private LookEdits() {}

  /** The change that an edit of looks makes, null for another edit. */
  static Change change(TopicMap now, Edit edit) {
    if (edit instanceof Edit.Paint paint) {
      Look look = look(now, paint.topic());
      Style style = paint.style().style();
      return new LookChange.Paint(
          paint.topic(), paint.below() ? look.below(style) : look.styled(style));
    } else if (edit instanceof Edit.Put put) {
      Look.Spot off = put.x() == null || put.y() == null ? null : new Look.Spot(put.x(), put.y());
      return new LookChange.Paint(put.topic(), look(now, put.topic()).off(off));
    } else if (edit instanceof Edit.Widen widen) {
      return new LookChange.Paint(widen.topic(), look(now, widen.topic()).wide(widen.width()));
    } else if (edit instanceof Edit.Plain plain) {
      return plain(now, plain);
    } else if (edit instanceof Edit.ArrangeBranch branch) {
      return branch(now, branch);
    } else if (edit instanceof Edit.Arrange arrange) {
      return arrange(now.look(), arrange);
    }
    return null;
  }

  private static Look look(TopicMap now, UUID topic) {
    return now.has(topic) ? now.topic(topic).content().look() : Look.NONE;
  }

  private static Change arrange(MapLook look, Edit.Arrange arrange) {
    return new LookChange.Arrange(
        new MapLook(
            arrange.arrangement() == null
                ? look.arrangement()
                : arrange.arrangement().arrangement(),
            Objects.requireNonNullElse(arrange.theme(), look.theme()),
            Objects.requireNonNullElse(arrange.numbered(), look.numbered()),
            Objects.requireNonNullElse(arrange.crossing(), look.crossing()),
            Objects.requireNonNullElse(arrange.tinted(), look.tinted()),
            arrange.paper() == null ? look.paper() : arrange.paper().paper(),
            arrange.styles() == null ? look.styles() : arrange.styles().styles(),
            arrange.walk() == null ? look.walk() : arrange.walk()));
  }

  private static Change branch(TopicMap now, Edit.ArrangeBranch branch) {
    Arrangement arrangement = branch.arrangement().arrangement();
    if (branch.topic().equals(now.root().id())) {
      return new LookChange.Arrange(now.look().with(arrangement));
    }
    return new LookChange.Paint(branch.topic(), look(now, branch.topic()).arranged(arrangement));
  }

  private static Change plain(TopicMap now, Edit.Plain plain) {
    Topic topic = now.topic(plain.topic());
    List<Topic> all =
        switch (plain.reach()) {
          case TOPIC -> List.of(topic);
          case CHILDREN -> now.children(topic);
          case BRANCH -> now.preorder(topic);
        };
    List<Change> changes = new ArrayList<>();
    for (Topic each : all) {
      Look given = each.content().look();
      Look bare =
          plain.places() ? given.off(null).wide(null) : given.styled(Style.NONE).below(Style.NONE);
      if (!bare.equals(given)) {
        changes.add(new LookChange.Paint(each.id(), bare));
      }
    }
    return new Together(changes);
  }
}
