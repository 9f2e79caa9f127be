package org.pergamena.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Tag;

/**
 * What is said of a desk as a whole.
 *
 * @param stamp names this state of the desk; later states have larger ones
 * @param shelf names the state of all but the map; another one means that something has changed
 * @param folded whether the person has chosen which branches are open
 * @param focus the branch that the person looks at as if it were the whole, or null
 * @param share of all the sources' text that is on the map, 0 to 1
 * @param outlined whether the map follows an outline
 * @param again whether a map distilled anew waits to be taken
 * @param arrangement how the map is laid out
 * @param theme in which it is drawn
 * @param numbered whether topics have their numbers beside them
 * @param crossing how cross-links are drawn
 * @param tinted whether a cross-link has the colour of the branch that it comes from
 * @param paper what it is drawn on
 * @param styles looks and rules of its topics
 * @param key what the looks by rule mean
 * @param walk the topics through which one is led, in order; empty for all in the map's order
 * @param legend the tags of the map, in the order in which they are offered
 */
record DeskFacts(
    long stamp,
    long revision,
    String shelf,
    boolean folded,
    @Schema(
            types = {"string", "null"},
            format = "uuid")
        UUID focus,
    boolean canUndo,
    boolean canRedo,
    double share,
    boolean outlined,
    boolean again,
    ArrangementView arrangement,
    MapTheme theme,
    boolean numbered,
    MapLook.Crossing crossing,
    boolean tinted,
    PaperView paper,
    StylesView styles,
    List<KeyView> key,
    List<UUID> walk,
    List<Tag> legend) {

  /**
   * What a look by rule means.
   *
   * @param rule its place among the rules
   * @param source whose name belongs after the words, or null
   * @param ink colour of the label, null if the rule does not say
   * @param ground colour behind it, null if the rule does not say
   * @param size in times of the usual
   * @param tag identity of a tag that shows, or null
   * @param topics how many have it
   */
  record KeyView(
      int rule,
      String words,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID source,
      @Schema(types = {"string", "null"}) String ink,
      @Schema(types = {"string", "null"}) String ground,
      double size,
      @Schema(types = {"string", "null"}) String tag,
      int topics) {}
}
