package org.pergamena.formats.fonts;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.pergamena.core.layout.TextStyle;
import org.pergamena.core.layout.TextStyle.Face;

/** The very font files that the browser loads, as AWT fonts with kerning. */
public final class Faces {
  private static final Map<Face, String> FILES =
      new EnumMap<>(
          Map.of(
              Face.READING, "Literata_400Regular",
              Face.READING_ITALIC, "Literata_400Regular_Italic",
              Face.READING_MEDIUM, "Literata_500Medium",
              Face.READING_SEMIBOLD, "Literata_600SemiBold",
              Face.CONTROL, "AlegreyaSans_400Regular",
              Face.CONTROL_MEDIUM, "AlegreyaSans_500Medium",
              Face.CONTROL_BOLD, "AlegreyaSans_700Bold"));
  private static final Map<Face, Font> FONTS = new EnumMap<>(Face.class);

  static {
    FILES.forEach((face, file) -> FONTS.put(face, load(file)));
  }

  private Faces() {}

  /** The font for a style. */
  public static Font font(TextStyle style) {
    return FONTS
        .get(style.face())
        .deriveFont(
            Map.of(
                TextAttribute.SIZE, (float) style.size(),
                TextAttribute.KERNING, TextAttribute.KERNING_ON,
                TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
  }

  /** The bytes of the file of a face, and the names by which fonts made of it go. */
  public record FontFile(String postScriptName, String family, byte[] bytes) {}

  /** The files of all faces. */
  public static List<FontFile> files() {
    List<FontFile> files = new ArrayList<>();
    FILES.forEach(
        (face, file) -> {
          try (InputStream in = Faces.class.getResourceAsStream(file + ".ttf")) {
            Font font = FONTS.get(face);
            String family = font.getFamily(Locale.ROOT);
            files.add(new FontFile(font.getPSName(), family, in.readAllBytes()));
          } catch (IOException e) {
            throw new UncheckedIOException("The font " + file + " cannot be read.", e);
          }
        });
    return files;
  }

  private static Font load(String file) {
    try (InputStream in = Faces.class.getResourceAsStream(file + ".ttf")) {
      return Font.createFont(Font.TRUETYPE_FONT, in);
    } catch (IOException e) {
      throw new UncheckedIOException("The font " + file + " cannot be read.", e);
    } catch (FontFormatException e) {
      throw new IllegalStateException("The font " + file + " is damaged.", e);
    }
  }
}
