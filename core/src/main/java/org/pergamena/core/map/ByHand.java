package org.pergamena.core.map;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.source.Passage;

/**
 * What a person decided about a map with their own hands, as it follows from the changes that they
 * made and that still hold.
 *
 * @param labels topics whose label they gave
 * @param definitions topics whose definition they wrote
 * @param places topics that they put where they are, or made
 * @param asides topics that they set aside or took back
 * @param removed topics that they took out, with what these carried
 * @param unlinked passages that they unlinked
 */
public record ByHand(
    Set<UUID> labels,
    Set<UUID> definitions,
    Set<UUID> places,
    Set<UUID> asides,
    List<Content> removed,
    List<Passage> unlinked) {
  public ByHand {
    labels = Set.copyOf(labels);
    definitions = Set.copyOf(definitions);
    places = Set.copyOf(places);
    asides = Set.copyOf(asides);
    removed = List.copyOf(removed);
    unlinked = List.copyOf(unlinked);
  }

  /** Nothing. */
  public static final ByHand NOTHING =
      new ByHand(Set.of(), Set.of(), Set.of(), Set.of(), List.of(), List.of());

  /** A change that a person made, with its inverse. */
  public record Made(Change change, Change inverse) {}

  /** What follows from changes, the earliest first. */
  public static ByHand of(List<Made> changes) {
    Reader reader = new Reader();
    changes.forEach(reader::read);
    return new ByHand(
        reader.labels,
        reader.definitions,
        reader.places,
        reader.asides,
        reader.removed,
        reader.unlinked);
  }

  private static final class Reader {
    private final Set<UUID> labels = new HashSet<>();
    private final Set<UUID> definitions = new HashSet<>();
    private final Set<UUID> places = new HashSet<>();
    private final Set<UUID> asides = new HashSet<>();
    private final List<Content> removed = new ArrayList<>();
    private final List<Passage> unlinked = new ArrayList<>();

    void read(Made made) {
      for (Change part : made.change().parts()) {
        if (part instanceof ContentChange.Relabel relabel) {
          labels.add(relabel.topic());
        } else if (part instanceof ContentChange.DefineTopic define) {
          definitions.add(define.topic());
        } else if (part instanceof ContentChange.SetAside aside) {
          asides.add(aside.topic());
        } else if (part instanceof TreeChange.Move move) {
          places.add(move.topic());
        } else if (part instanceof TreeChange.AddBranch add) {
          add.branch().topics().forEach(topic -> places.add(topic.id()));
          add.branch().topics().forEach(topic -> labels.add(topic.id()));
          add.branch().topics().forEach(topic -> definitions.add(topic.id()));
        }
      }
      for (Change part : made.inverse().parts()) {
        if (part instanceof TreeChange.AddBranch back) {
          back.branch().topics().forEach(topic -> removed.add(topic.content()));
        } else if (part instanceof EvidenceChange.Link back) {
          unlinked.add(back.evidence().passage());
        }
      }
    }
  }

  /**
   * Whether a person has a hand in a topic: they made, named or placed it, wrote a note or a
   * definition, gave it a tag or a look, linked a passage, or linked it to another.
   */
  public boolean touches(TopicMap map, Topic topic) {
    return labels.contains(topic.id())
        || places.contains(topic.id())
        || !topic.note().isBlank()
        || !topic.content().look().equals(Look.NONE)
        || !topic.content().gloss().equals(Gloss.NONE)
        || topic.evidence().stream().anyMatch(e -> e.origin() != Origin.DISTILLED)
        || map.links().stream().anyMatch(link -> link.ends(topic.id()));
  }
}
