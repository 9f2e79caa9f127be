package org.pergamena.formats.picture;

import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.pergamena.core.map.Numbering;
import tools.jackson.databind.json.JsonMapper;

/**
 * The colours of the map, from the same file that the browser takes them from.
 *
 * @param pigments of the main branches, in order
 * @param inks of the sources, in order
 */
public record Theme(
    String vellum,
    String ink,
    String softInk,
    String rubric,
    List<String> pigments,
    List<String> inks) {

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

  /** The colour of a main branch; the ink for the root, a softer one for what is set aside. */
  Color pigment(int branch) {
    return branch < 0 ? label(branch) : Color.decode(pigments.get(branch % pigments.size()));
  }

  /** The colour of a label on a main branch. */
  Color label(int branch) {
    return Color.decode(branch == Numbering.ASIDE ? softInk : ink);
  }

  /** The ink of a source. */
  Color ink(int source) {
    return Color.decode(inks.get(source % inks.size()));
  }
}
