package org.pergamena.core.layout;

import java.util.List;
import java.util.Map;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Numbering;

/**
 * The colours that a scene is painted with, each as {@code #RRGGBB}.
 *
 * @param ground behind all
 * @param weight how many times as strong as usual lines are
 * @param plain whether letters have no serifs
 * @param pigments of the main branches
 * @param inks of the sources
 * @param byHand those that a person can give
 */
public record Palette(
    String ground,
    double weight,
    boolean plain,
    String ink,
    String softInk,
    String rubric,
    List<String> pigments,
    List<String> inks,
    Map<Ink, String> byHand) {

  /** The colour of a main branch; the ink for the root, a softer one for what is set aside. */
  String pigment(int branch) {
    return branch < 0 ? label(branch) : pigments.get(branch % pigments.size());
  }

  /** The colour of a label on a main branch. */
  String label(int branch) {
    return branch == Numbering.ASIDE ? softInk : ink;
  }

  /** The ink of a source, from 0. */
  String source(int source) {
    return inks.get(source % inks.size());
  }
}
