package org.pergamena.formats.picture;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.pergamena.core.layout.Palette;
import org.pergamena.core.map.Ink;
import tools.jackson.databind.json.JsonMapper;

/**
 * The colours of the map, from the same file that the browser takes them from.
 *
 * @param pigments of the main branches, in order
 * @param inks of the sources, in order
 * @param byHand those that a person can give a topic
 */
public record Theme(
    String vellum,
    String ink,
    String softInk,
    String rubric,
    List<String> pigments,
    List<String> inks,
    Map<Ink, String> byHand) {

  /** The light theme. */
  public static final Theme LIGHT = read();

  private static Theme read() {
    try (InputStream in = Theme.class.getResourceAsStream("theme.json")) {
      return JsonMapper.builder()
          .disable(tools.jackson.databind.DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build()
          .readValue(in, Theme.class);
    } catch (IOException e) {
      throw new UncheckedIOException("The theme cannot be read.", e);
    }
  }

  /** The colours that scenes are painted with. */
  public Palette palette() {
    return new Palette(ink, softInk, rubric, pigments, inks, byHand);
  }
}
