package org.pergamena.formats.fonts;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.pergamena.core.layout.TextStyle;
import org.pergamena.core.layout.TextStyle.Face;

/** The very font files that the browser loads, as AWT fonts with kerning, each once it is used. */
public final class Faces {
  private static final Map<Face, Font> FONTS = new ConcurrentHashMap<>();

  private Faces() {}

  private static String name(Face face) {
    String weight =
        switch (face.weight()) {
          case 400 -> "400Regular";
          case 500 -> "500Medium";
          case 600 -> "600SemiBold";
          default -> "700Bold";
        };
    return family(face).replace(" ", "") + "_" + weight + (face.italic() ? "_Italic" : "");
  }

  /** The name of its family, as pages and drawings call it. */
  public static String family(Face face) {
    return switch (face.typeface()) {
      case BOOK -> "Literata";
      case PLAIN -> "Alegreya Sans";
      case FINE -> "EB Garamond";
      case NARROW -> "Fira Sans Condensed";
      case TYPED -> "JetBrains Mono";
    };
  }

  /** The font for a style. */
  public static Font font(TextStyle style) {
    return plain(style.face())
        .deriveFont(
            Map.of(
                TextAttribute.SIZE, (float) style.size(),
                TextAttribute.KERNING, TextAttribute.KERNING_ON,
                TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
  }

  /** Those that ship for scripts that the faces do not have, regular and bold of each. */
  private static final String[][] OTHERS = {
    {"NotoSansHebrew_400Regular", "NotoSansHebrew_700Bold"},
    {"NotoNaskhArabic_400Regular", "NotoNaskhArabic_700Bold"}
  };

  private static final int BOLD = 600;
  private static final Map<String, Font> OTHER_FONTS = new ConcurrentHashMap<>();

  /** A font that has a letter which the face of a style lacks, or null. */
  static Font other(int letter, TextStyle style) {
    for (String[] names : OTHERS) {
      String name = names[style.face().weight() < BOLD ? 0 : 1];
      Font font = OTHER_FONTS.computeIfAbsent(name, Faces::load);
      if (font.canDisplay(letter)) {
        return font.deriveFont((float) style.size());
      }
    }
    return null;
  }

  private static Font plain(Face face) {
    return FONTS.computeIfAbsent(face, each -> load(name(each)));
  }

  /** The bytes of the file of a face, and the names by which fonts made of it go. */
  public record FontFile(String postScriptName, String family, byte[] bytes) {}

  /** The file of a face. */
  public static FontFile file(Face face) {
    try (InputStream in = Faces.class.getResourceAsStream(name(face) + ".ttf")) {
      Font font = plain(face);
      return new FontFile(font.getPSName(), font.getFamily(Locale.ROOT), in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException("The font " + name(face) + " cannot be read.", e);
    }
  }

  /** The faces that pages are written in. */
  public static List<Face> ofPages() {
    return List.of(
        Face.READING,
        Face.READING_ITALIC,
        Face.READING_MEDIUM,
        Face.READING_SEMIBOLD,
        Face.CONTROL,
        Face.CONTROL_MEDIUM,
        Face.CONTROL_BOLD);
  }

  private static Font load(String name) {
    try (InputStream in = Faces.class.getResourceAsStream(name + ".ttf")) {
      return Font.createFont(Font.TRUETYPE_FONT, in);
    } catch (IOException e) {
      throw new UncheckedIOException("The font " + name + " cannot be read.", e);
    } catch (FontFormatException e) {
      throw new IllegalStateException("The font " + name + " is damaged.", e);
    }
  }
}
