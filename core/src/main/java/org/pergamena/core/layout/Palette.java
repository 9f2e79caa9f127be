package org.pergamena.core.layout;

import java.util.List;
import java.util.Map;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.Numbering;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Typeface;

/**
 * The colours that a scene is painted with, each as {@code #RRGGBB}.
 *
 * @param ground behind all
 * @param weight how many times as strong as usual lines are
 * @param face that its words are set in
 * @param pigments of the main branches
 * @param inks of the sources
 * @param byHand those that a person can give
 */
public record Palette(
    String ground,
    double weight,
    Typeface face,
    String ink,
    String softInk,
    String rubric,
    List<String> pigments,
    List<String> inks,
    Map<Ink, String> byHand) {

  /** The same on the paper that a person chose. */
  public Palette on(Paper paper) {
    return new Palette(
        paper.ground() == null ? ground : colour(paper.ground()),
        paper.strength() == null ? weight : weight * paper.strength().factor(),
        paper.face() == null ? face : paper.face(),
        ink,
        softInk,
        rubric,
        pigments,
        inks,
        byHand);
  }

  /** The colour of a main branch; the ink for the root, a softer one for what is set aside. */
  public String pigment(int branch) {
    return branch < 0 ? label(branch) : pigments.get(branch % pigments.size());
  }

  /** The colour of a label on a main branch. */
  String label(int branch) {
    return branch == Numbering.ASIDE ? softInk : ink;
  }

  /** The colour of a label in a style. */
  String labelled(Style given, int branch) {
    if (given.ink() != null) {
      return colour(given.ink());
    }
    return given.ground() == null ? label(branch) : readable(label(branch), colour(given.ground()));
  }

  /** The ink of a source, from 0. */
  String source(int source) {
    return inks.get(source % inks.size());
  }

  /** What a colour is on this palette. */
  public String colour(Colour colour) {
    return colour.free() != null
        ? colour.free()
        : Contrast.mixed(byHand.get(colour.ink()), ground, colour.strength());
  }

  /** A colour of letters that reads on a ground: the one given if it does. */
  String readable(String wished, String on) {
    return Contrast.ratio(wished, on) >= Contrast.LEAST
        ? wished
        : Contrast.ratio(ink, on) >= Contrast.ratio(ground, on) ? ink : ground;
  }

  /** A text in the face that the map is set in; what is set apart from its words stays. */
  TextStyle set(TextStyle style) {
    return style.face().typeface() == Typeface.BOOK ? style.in(face) : style;
  }
}
