package org.pergamena.formats.picture;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.pergamena.core.layout.Palette;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.Typeface;
import tools.jackson.databind.json.JsonMapper;

/**
 * The colours of the map, from the same file that the browser takes them from.
 *
 * @param vellum the ground
 * @param weight how many times as strong as usual lines are, null for as usual
 * @param face that its words are set in, null for the book's
 * @param pigments of the main branches, in order
 * @param inks of the sources, in order
 * @param byHand those that a person can give a topic
 */
public record Theme(
    String vellum,
    Double weight,
    Typeface face,
    String ink,
    String softInk,
    String rubric,
    List<String> pigments,
    List<String> inks,
    Map<Ink, String> byHand) {

  /** The house's own. */
  public static final Theme LIGHT = read("theme.json", Theme.class);

  private static final Map<MapTheme, Theme> OTHERS = read("themes.json", Others.class);

  private static final class Others extends EnumMap<MapTheme, Theme> {
    private static final long serialVersionUID = 1L;

    Others() {
      super(MapTheme.class);
    }
  }

  /** The theme of a name. */
  public static Theme of(MapTheme name) {
    return OTHERS.getOrDefault(name, LIGHT);
  }

  private static <T> T read(String file, Class<T> type) {
    try (InputStream in = Theme.class.getResourceAsStream(file)) {
      return JsonMapper.builder()
          .disable(tools.jackson.databind.DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build()
          .readValue(in, type);
    } catch (IOException e) {
      throw new UncheckedIOException("The theme cannot be read.", e);
    }
  }

  /** The colours that scenes are painted with. */
  public Palette palette() {
    return new Palette(
        vellum,
        weight == null ? 1 : weight,
        face == null ? Typeface.BOOK : face,
        ink,
        softInk,
        rubric,
        pigments,
        inks,
        byHand);
  }
}
