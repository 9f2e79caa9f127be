package org.pergamena.formats.picture;

import java.io.OutputStream;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.pergamena.core.layout.Backdrop;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.Direction;
import org.pergamena.core.layout.Item;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.formats.fonts.Faces;
import org.pergamena.formats.fonts.FontMeasurer;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.text.XmlWords;

/**
 * A scene as an SVG drawing (W3C SVG 1.1): text stays text, each line of it as wide as it was laid
 * out whatever font the reader has; images are within it.
 */
public final class SvgPicture {
  private static final String SPACE = "http://www.w3.org/2000/svg";
  private static final String LINKS = "http://www.w3.org/1999/xlink";

  /** Families for scripts that the faces do not have. */
  private static final String OTHERS = ", 'Noto Sans Hebrew', 'Noto Naskh Arabic'";

  private final Scene scene;
  private final Gallery gallery;
  private final FontMeasurer measurer = new FontMeasurer();
  private final Letters letters;
  private final XMLStreamWriter out;

  /** The looks of elements, and by which names they are called. */
  private final Map<String, String> classes = new LinkedHashMap<>();

  /** What becomes of letters. */
  private enum Letters {
    /** They stay text, in a file of its own. */
    TEXT,
    /** They stay text, within a page that has the fonts. */
    WITHIN,
    OUTLINES
  }

  private SvgPicture(Scene scene, Gallery gallery, Letters letters, XMLStreamWriter out) {
    this.letters = letters;
    this.scene = scene;
    this.gallery = gallery;
    this.out = out;
  }

  /**
   * Writes a scene; the stream stays open.
   *
   * @param title what the drawing is of
   * @param ground the colour of the page, or null for a clear one
   */
  public static void write(
      Scene scene, String title, String ground, Gallery gallery, OutputStream to) {
    write(scene, title, ground, gallery, Letters.TEXT, to);
  }

  /**
   * Writes a scene with letters as outlines, for those who do not have its fonts; the stream stays
   * open.
   */
  public static void outlined(Scene scene, String title, Gallery gallery, OutputStream to) {
    write(scene, title, null, gallery, Letters.OUTLINES, to);
  }

  /** Writes a scene as a part of a page, on a clear ground; the stream stays open. */
  public static void part(Scene scene, String title, Gallery gallery, OutputStream to) {
    write(scene, title, null, gallery, Letters.WITHIN, to);
  }

  private static void write(
      Scene scene, String title, String ground, Gallery gallery, Letters letters, OutputStream to) {
    try {
      XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(to, "UTF-8");
      if (letters != Letters.WITHIN) {
        out.writeStartDocument("UTF-8", "1.0");
      }
      new SvgPicture(scene, gallery, letters, out)
          .write(title, ground == null && scene.dark() ? scene.ground() : ground);
      out.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("The drawing cannot be written.", e);
    }
  }

  private void write(String title, String ground) throws XMLStreamException {
    out.writeStartElement("svg");
    out.writeDefaultNamespace(SPACE);
    out.writeNamespace("xlink", LINKS);
    out.writeAttribute("width", number(scene.width()));
    out.writeAttribute("height", number(scene.height()));
    out.writeAttribute("viewBox", "0 0 " + number(scene.width()) + " " + number(scene.height()));
    out.writeAttribute("role", "img");
    out.writeStartElement("title");
    out.writeCharacters(XmlWords.of(title));
    out.writeEndElement();
    if (ground != null) {
      rectangle(new Box(0, 0, scene.width(), scene.height()), ground);
    }
    under();
    for (Placed topic : scene.topics()) {
      out.writeStartElement("g");
      out.writeAttribute("id", "t" + topic.id());
      out.writeAttribute(
          "transform", "translate(" + number(topic.x()) + " " + number(topic.y()) + ")");
      items(topic.items());
      out.writeEndElement();
    }
    for (Scene.Across link : scene.links()) {
      out.writeStartElement("g");
      items(link.items());
      out.writeEndElement();
    }
    if (!classes.isEmpty()) {
      classes();
    }
    out.writeEndElement();
    out.writeEndDocument();
  }

  /** What lies on the ground below all: a pattern, and words across it. */
  private void under() throws XMLStreamException {
    Backdrop.Tile tile = scene.backdrop().tile();
    if (tile != null) {
      String side = number(tile.side());
      out.writeStartElement("defs");
      out.writeStartElement("pattern");
      out.writeAttribute("id", "grain");
      out.writeAttribute("width", side);
      out.writeAttribute("height", side);
      out.writeAttribute("patternUnits", "userSpaceOnUse");
      items(List.copyOf(tile.lines()));
      out.writeEndElement();
      out.writeEndElement();
      rectangle(new Box(0, 0, scene.width(), scene.height()), "url(#grain)");
    }
    if (scene.watermark() != null) {
      words(scene.watermark());
    }
  }

  private void items(List<Item> items) throws XMLStreamException {
    for (Item item : items) {
      if (item instanceof Item.Words words) {
        words(words);
      } else if (item instanceof Item.Bar bar) {
        rectangle(bar.box(), bar.fill());
      } else if (item instanceof Item.Area area) {
        out.writeEmptyElement("path");
        out.writeAttribute("d", "M0 0" + area.path().svg() + "z");
        look(Map.of("fill", area.fill()));
      } else if (item instanceof Item.Image image) {
        image(image);
      } else if (item instanceof Item.Line line) {
        line(line);
      }
    }
  }

  private void words(Item.Words words) throws XMLStreamException {
    if (words.text().isEmpty()) {
      return;
    } else if (letters == Letters.OUTLINES) {
      out.writeEmptyElement("path");
      out.writeAttribute("d", Outlines.of(words));
      out.writeAttribute("fill", words.fill());
      return;
    }
    out.writeStartElement("text");
    out.writeAttribute("x", number(words.x()));
    out.writeAttribute("y", number(words.y()));
    Map<String, String> looks = font(words.style());
    looks.put("fill", words.fill());
    if (words.role() == Item.Role.PHRASE) {
      looks.put("paint-order", "stroke");
      looks.put("stroke", scene.ground());
      looks.put("stroke-width", "4");
    }
    if (Direction.turns(words.text())) {
      looks.put("unicode-bidi", "plaintext");
      looks.computeIfPresent("font-family", (name, families) -> families + OTHERS);
    }
    look(looks);
    out.writeAttribute("textLength", number(measurer.width(words.text(), words.style())));
    out.writeAttribute("lengthAdjust", "spacingAndGlyphs");
    out.writeCharacters(XmlWords.of(words.text()));
    out.writeEndElement();
  }

  private static Map<String, String> font(TextStyle style) {
    Face face = style.face();
    Map<String, String> looks = new LinkedHashMap<>();
    looks.put("font-size", number(style.size()) + "px");
    String family = Faces.family(face);
    String others =
        switch (face.typeface()) {
          case BOOK, FINE -> "Georgia, serif";
          case PLAIN, NARROW -> "'Segoe UI', sans-serif";
          case TYPED -> "monospace";
        };
    looks.put("font-family", (family.contains(" ") ? "'" + family + "'" : family) + ", " + others);
    looks.put("font-weight", String.valueOf(face.weight()));
    if (face.italic()) {
      looks.put("font-style", "italic");
    }
    return looks;
  }

  /** How an element looks: told by itself, and in a page, which is to be small, by a class. */
  private void look(Map<String, String> looks) throws XMLStreamException {
    if (letters == Letters.WITHIN) {
      String rule =
          looks.entrySet().stream()
              .map(look -> look.getKey() + ":" + look.getValue())
              .collect(Collectors.joining(";"));
      classes.computeIfAbsent(rule, r -> "s" + classes.size());
      out.writeAttribute("class", classes.get(rule));
      return;
    }
    for (Map.Entry<String, String> look : looks.entrySet()) {
      out.writeAttribute(look.getKey(), look.getValue());
    }
  }

  private void classes() throws XMLStreamException {
    out.writeStartElement("style");
    for (Map.Entry<String, String> known : classes.entrySet()) {
      out.writeCharacters("." + known.getValue() + "{" + known.getKey() + "}");
    }
    out.writeEndElement();
  }

  private void rectangle(Box box, String fill) throws XMLStreamException {
    out.writeEmptyElement("rect");
    out.writeAttribute("x", number(box.x()));
    out.writeAttribute("y", number(box.y()));
    out.writeAttribute("width", number(box.width()));
    out.writeAttribute("height", number(box.height()));
    look(Map.of("fill", fill));
  }

  private void image(Item.Image image) throws XMLStreamException {
    Gallery.Embedded embedded = gallery.embedded(image.image());
    if (embedded == null) {
      return;
    }
    out.writeStartElement("image");
    out.writeAttribute("x", number(image.box().x()));
    out.writeAttribute("y", number(image.box().y()));
    out.writeAttribute("width", number(image.box().width()));
    out.writeAttribute("height", number(image.box().height()));
    out.writeAttribute("preserveAspectRatio", "none");
    String data = Base64.getEncoder().encodeToString(embedded.bytes());
    out.writeAttribute(LINKS, "href", "data:" + embedded.type() + ";base64," + data);
    if (!image.alt().isBlank()) {
      out.writeStartElement("title");
      out.writeCharacters(XmlWords.of(image.alt()));
      out.writeEndElement();
    }
    out.writeEndElement();
  }

  private void line(Item.Line line) throws XMLStreamException {
    out.writeEmptyElement("path");
    out.writeAttribute("d", "M0 0" + line.path().svg());
    Map<String, String> looks = new LinkedHashMap<>();
    looks.put("fill", "none");
    looks.put("stroke", line.stroke());
    looks.put("stroke-width", number(line.width()));
    if (line.dash().isEmpty()) {
      looks.put("stroke-linecap", "round");
    } else {
      looks.put(
          "stroke-dasharray",
          line.dash().stream().map(SvgPicture::number).collect(Collectors.joining(" ")));
    }
    looks.put("stroke-linejoin", "round");
    look(looks);
  }

  private static String number(double value) {
    String text = String.format(Locale.ROOT, "%.2f", value);
    return text.replaceFirst("\\.?0+$", "");
  }
}
