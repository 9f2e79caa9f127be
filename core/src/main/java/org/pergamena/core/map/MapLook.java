package org.pergamena.core.map;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * How a map as a whole is shown.
 *
 * @param arrangement has a layout
 * @param numbered whether topics have their numbers beside them
 * @param tinted whether a cross-link has the colour of the branch that it comes from
 * @param paper what it is drawn on
 * @param styles of its topics
 * @param walk the topics through which one is led, in order; empty for all in the map's order
 */
public record MapLook(
    Arrangement arrangement,
    MapTheme theme,
    boolean numbered,
    Crossing crossing,
    boolean tinted,
    Paper paper,
    Styles styles,
    List<UUID> walk) {
  /** The look of a map that nobody has given another. */
  public static final MapLook USUAL =
      new MapLook(
          Arrangement.of(LayoutKind.BRACES),
          MapTheme.VELLUM,
          true,
          Crossing.LINES,
          false,
          Paper.NONE,
          Styles.NONE,
          List.of());

  public MapLook {
    walk = walk == null ? List.of() : List.copyOf(walk);
    if (walk.size() > TopicMap.MOST_TOPICS) {
      throw new MapRuleException("A walk has at most as many steps as a map has topics.");
    }
    if (arrangement.layout() == null) {
      throw new MapRuleException("A map has a layout. Choose one.");
    }
  }

  /** The same laid out in another way. */
  public MapLook with(Arrangement newArrangement) {
    return new MapLook(newArrangement, theme, numbered, crossing, tinted, paper, styles, walk);
  }

  /** The same for a copy of its map. */
  MapLook copied(Map<UUID, UUID> topics, UnaryOperator<UUID> sources) {
    List<UUID> steps = walk.stream().map(topics::get).filter(Objects::nonNull).toList();
    return with(styles.copied(topics, sources)).with(steps);
  }

  /** The same with another way through it. */
  public MapLook with(List<UUID> newWalk) {
    return new MapLook(arrangement, theme, numbered, crossing, tinted, paper, styles, newWalk);
  }

  /** The same in another theme. */
  public MapLook with(MapTheme newTheme) {
    return new MapLook(arrangement, newTheme, numbered, crossing, tinted, paper, styles, walk);
  }

  /** The same with cross-links drawn in another way. */
  public MapLook with(Crossing newCrossing) {
    return new MapLook(arrangement, theme, numbered, newCrossing, tinted, paper, styles, walk);
  }

  /** The same on other paper. */
  public MapLook with(Paper newPaper) {
    return new MapLook(arrangement, theme, numbered, crossing, tinted, newPaper, styles, walk);
  }

  /** The same with other looks of its topics. */
  public MapLook with(Styles newStyles) {
    return new MapLook(arrangement, theme, numbered, crossing, tinted, paper, newStyles, walk);
  }

  /** How cross-links are drawn. */
  public enum Crossing {
    /** As lines where these cover no words, else as ties. */
    LINES,
    /** As pairs of reference marks. */
    TIES,
    /** Those of the chosen topic alone. */
    CHOSEN
  }
}
