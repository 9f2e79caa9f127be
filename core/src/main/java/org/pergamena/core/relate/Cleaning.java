package org.pergamena.core.relate;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Manner.Direction;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Together;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

/** Finds cross-links that say nothing more, and takes them away. */
public final class Cleaning {
  private record Pair(UUID one, UUID other) {}

  private final TopicMap map;
  private final Map<Pair, List<CrossLink>> between = new HashMap<>();
  private final Map<UUID, List<CrossLink>> leading = new HashMap<>();
  private final Set<UUID> gone = new HashSet<>();
  private final Set<UUID> needed = new HashSet<>();
  private final List<Redundant> found = new ArrayList<>();

  private Cleaning(TopicMap map) {
    this.map = map;
    for (CrossLink link : map.links()) {
      between.computeIfAbsent(pair(link), p -> new ArrayList<>()).add(link);
      leading.computeIfAbsent(link.from(), f -> new ArrayList<>()).add(link);
    }
  }

  /**
   * The cross-links that say nothing more, in the map's order. What one rests on is not itself
   * among them, so that all of them can be taken away together. Links with a note are kept, and
   * what is supposed makes nothing that is asserted redundant.
   */
  public static List<Redundant> redundant(TopicMap map) {
    Cleaning cleaning = new Cleaning(map);
    map.links().forEach(cleaning::look);
    return List.copyOf(cleaning.found);
  }

  private static Pair pair(CrossLink link) {
    return pair(link.from(), link.to());
  }

  private static Pair pair(UUID one, UUID other) {
    return one.compareTo(other) < 0 ? new Pair(one, other) : new Pair(other, one);
  }

  private void look(CrossLink link) {
    if (needed.contains(link.id()) || !link.note().isBlank() || twice(link) || bothWays(link)) {
      return;
    }
    if (tree(link)) {
      add(link, Redundant.Reason.TREE, List.of());
    } else {
      implied(link);
    }
  }

  private void add(CrossLink link, Redundant.Reason reason, List<UUID> others) {
    gone.add(link.id());
    needed.addAll(others);
    found.add(new Redundant(link.id(), reason, others));
  }

  private boolean covers(CrossLink other, CrossLink link) {
    return !other.id().equals(link.id())
        && !gone.contains(other.id())
        && (link.manner().supposed() || !other.manner().supposed());
  }

  /** Whether one says all that another between the same topics does. */
  private static boolean says(CrossLink other, CrossLink link) {
    boolean sameWay = other.from().equals(link.from());
    Direction way = link.manner().direction();
    Direction otherWay = other.manner().direction();
    boolean words = link.words().isEmpty() || link.words().equals(other.words());
    boolean points =
        way == Direction.NONE || otherWay == Direction.BOTH || way == otherWay && sameWay;
    return words && points;
  }

  private boolean twice(CrossLink link) {
    for (CrossLink other : between.get(pair(link))) {
      if (covers(other, link) && says(other, link)) {
        add(link, Redundant.Reason.TWICE, List.of(other.id()));
        return true;
      }
    }
    return false;
  }

  private boolean bothWays(CrossLink link) {
    for (CrossLink other : between.get(pair(link))) {
      boolean back =
          other.from().equals(link.to())
              && link.manner().equals(other.manner())
              && link.manner().direction() == Direction.ONE
              && link.words().equals(other.words());
      if (back && covers(other, link)) {
        add(link, Redundant.Reason.BOTH_WAYS, List.of(other.id()));
        return true;
      }
    }
    return false;
  }

  private boolean tree(CrossLink link) {
    Topic from = map.topic(link.from());
    Topic to = map.topic(link.to());
    return repeats(link, from, to) || repeats(link, to, from);
  }

  private static boolean repeats(CrossLink link, Topic upper, Topic lower) {
    String lead = lower.content().gloss().phrase().strip().toLowerCase(Locale.ROOT);
    return upper.id().equals(lower.parent())
        && (link.words().isEmpty() || link.words().equals(lead));
  }

  private void implied(CrossLink link) {
    if (link.manner().direction() != Direction.ONE) {
      return;
    }
    for (CrossLink first : leading.getOrDefault(link.from(), List.of())) {
      if (alike(first, link) && !first.to().equals(link.to())) {
        for (CrossLink second : between.getOrDefault(pair(first.to(), link.to()), List.of())) {
          if (second.from().equals(first.to()) && alike(second, link)) {
            add(link, Redundant.Reason.IMPLIED, List.of(first.id(), second.id()));
            return;
          }
        }
      }
    }
  }

  private boolean alike(CrossLink other, CrossLink link) {
    return covers(other, link)
        && other.manner().direction() == Direction.ONE
        && other.words().equals(link.words());
  }

  /**
   * Takes redundant cross-links away; where two led both ways, the other one points both ways.
   *
   * @throws MapRuleException if one of them is not redundant, or not any more
   */
  public static Change cleaned(TopicMap map, Set<UUID> links) {
    Map<UUID, Redundant> redundant = new HashMap<>();
    redundant(map).forEach(each -> redundant.put(each.link(), each));
    List<Change> changes = new ArrayList<>();
    for (UUID id : links) {
      Redundant each = redundant.get(id);
      if (each == null) {
        throw new MapRuleException(
            "One of these cross-links is not redundant any more. Look at the list again.");
      }
      changes.add(new LinkChange.Disconnect(id));
      if (each.reason() == Redundant.Reason.BOTH_WAYS) {
        UUID other = each.others().get(0);
        boolean supposed = map.link(other).manner().supposed();
        changes.add(new LinkChange.Qualify(other, new Manner(Direction.BOTH, supposed)));
      }
    }
    return new Together(changes);
  }
}
