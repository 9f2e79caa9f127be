package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.MapTheme;
import org.pergamena.formats.picture.Theme;

class ThemeTest {
  private static final double TEXT = 4.5;
  private static final double SIGN = 3;

  /** Contrast ratio by WCAG 2.2, from relative luminance. */
  private static double contrast(String one, String other) {
    double first = luminance(Color.decode(one));
    double second = luminance(Color.decode(other));
    return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
  }

  private static double luminance(Color colour) {
    return 0.2126 * linear(colour.getRed())
        + 0.7152 * linear(colour.getGreen())
        + 0.0722 * linear(colour.getBlue());
  }

  private static double linear(int channel) {
    double share = channel / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  @ParameterizedTest
  @EnumSource
  void everything_can_be_read_in_every_theme(MapTheme name) {
    Theme theme = Theme.of(name);
    List<String> letters = new ArrayList<>(theme.pigments());
    letters.addAll(theme.byHand().values());
    letters.addAll(List.of(theme.ink(), theme.softInk(), theme.rubric()));
    assertThat(letters)
        .allSatisfy(
            colour -> assertThat(contrast(colour, theme.vellum())).isGreaterThanOrEqualTo(TEXT));
    assertThat(theme.inks())
        .allSatisfy(
            colour -> assertThat(contrast(colour, theme.vellum())).isGreaterThanOrEqualTo(SIGN));
    assertThat(theme.byHand()).containsOnlyKeys(Ink.values());
  }

  /** How much least two colours must differ (CIE 1976) to be told from each other side by side. */
  private static final double APART = 10;

  private static final int FIRST = 8;

  @ParameterizedTest
  @EnumSource(names = "PRINT", mode = EnumSource.Mode.EXCLUDE)
  void the_first_branches_are_told_apart_by_people_who_are_colour_blind(MapTheme name) {
    Theme theme = Theme.of(name);
    for (ColourVision vision : ColourVision.values()) {
      List<double[]> seen = theme.pigments().subList(0, FIRST).stream().map(vision::seen).toList();
      for (int i = 0; i < FIRST; i++) {
        for (int j = 0; j < i; j++) {
          assertThat(ColourVision.difference(seen.get(i), seen.get(j)))
              .as("branches %d and %d in %s for %s", j + 1, i + 1, name, vision)
              .isGreaterThan(APART);
        }
      }
    }
    assertThat(theme.byHand().values()).containsAll(theme.pigments().subList(0, FIRST));
  }

  @ParameterizedTest
  @EnumSource(names = "CONTRAST")
  void the_strong_one_is_stronger(MapTheme name) {
    Theme theme = Theme.of(name);
    assertThat(theme.pigments())
        .allSatisfy(colour -> assertThat(contrast(colour, theme.vellum())).isGreaterThan(7));
    assertThat(theme.palette().weight()).isGreaterThan(1.5);
  }
}
