package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.Font;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.TextStyle;
import org.pergamena.core.layout.TextStyle.Face;
import org.pergamena.core.map.Arrangement;
import org.pergamena.core.map.Colour;
import org.pergamena.core.map.Grain;
import org.pergamena.core.map.Ink;
import org.pergamena.core.map.LayoutKind;
import org.pergamena.core.map.Look;
import org.pergamena.core.map.LookChange;
import org.pergamena.core.map.MapLook;
import org.pergamena.core.map.MapTheme;
import org.pergamena.core.map.NamedStyle;
import org.pergamena.core.map.Outline;
import org.pergamena.core.map.Paper;
import org.pergamena.core.map.Rule;
import org.pergamena.core.map.Strength;
import org.pergamena.core.map.Stroke;
import org.pergamena.core.map.Style;
import org.pergamena.core.map.Styles;
import org.pergamena.core.map.TextSize;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Typeface;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.fonts.Faces;
import org.pergamena.formats.fonts.FontMeasurer;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.json.MapJson;
import org.pergamena.formats.json.MapReader;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.picture.Drawing;
import org.pergamena.formats.picture.PdfPicture;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.picture.SvgPicture;

/** Looks go into files and come back out of them. */
class LooksFileTest {
  private static final UUID ROOT = new UUID(0, 1);
  private static final UUID WALL = new UUID(0, 2);
  private static final UUID FISH = new UUID(0, 3);
  private static final Style LOUD =
      new Style(
          Typeface.TYPED,
          TextSize.LARGER,
          true,
          true,
          Colour.read("#ffffff"),
          Colour.read("#123456"),
          Outline.OVAL,
          new Stroke(Colour.of(Ink.MOSS, 60), Strength.HEAVY, null, true));

  private static TopicMap map() {
    TopicMap map =
        TopicMap.of(
            List.of(
                Topic.labelled(ROOT, "Болото і море").withChildren(List.of(WALL, FISH)),
                Topic.labelled(WALL, "Wall").withParent(ROOT),
                Topic.labelled(FISH, "Αλμυρός βάλτος").withParent(ROOT)));
    MapLook look =
        new MapLook(
            Arrangement.of(LayoutKind.BRACES),
            MapTheme.PLAIN,
            true,
            MapLook.Crossing.LINES,
            false,
            new Paper(
                Grain.GRID, Colour.of(Ink.OCHRE, 12), Strength.STRONG, Typeface.FINE, "Draft"),
            new Styles(
                List.of(Style.NONE, Style.sized(TextSize.SMALL)),
                List.of(new NamedStyle("Loud", LOUD)),
                List.of(
                    new Rule(Rule.By.LEVEL, "", Style.NONE, null, Rule.Each.INK),
                    new Rule(Rule.By.WORDS, "wall", Style.sized(TextSize.LARGE), "key", null))),
            List.of());
    return map.apply(new LookChange.Arrange(look))
        .map()
        .apply(
            new LookChange.Paint(
                WALL, Look.NONE.styled(LOUD).below(Style.inked(Colour.of(Ink.WOAD)))))
        .map()
        .apply(new LookChange.Paint(FISH, Look.NONE.off(new Look.Spot(10, 200)).wide(90)))
        .map();
  }

  private static Scene scene() {
    return new Drawing().prepare(map(), List.of(), Set.of()).scene(Set.of());
  }

  @Test
  void a_map_document_has_all_looks_as_its_schema_says_and_gives_them_back() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MapJson.write(new WholeMap(map(), List.of(), List.of()), out);
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("../docs/map.schema.json")));
    String json = out.toString(StandardCharsets.UTF_8);
    assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
    TopicMap back = MapReader.read(out.toByteArray(), new UUID(9, 9)).map();
    assertThat(back.look()).isEqualTo(map().look());
    assertThat(back.topic(WALL).content().look()).isEqualTo(map().topic(WALL).content().look());
    assertThat(back.topic(FISH).content().look()).isEqualTo(map().topic(FISH).content().look());
  }

  @Test
  void an_ink_of_an_older_file_is_an_ink_still() {
    String older =
        "{\"topics\": [{\"id\": \"" + ROOT + "\", \"label\": \"Marsh\", \"ink\": \"WOAD\"}]}";
    TopicMap back = MapReader.read(older.getBytes(StandardCharsets.UTF_8), new UUID(9, 9)).map();
    assertThat(back.root().content().look().style()).isEqualTo(Style.inked(Colour.of(Ink.WOAD)));
  }

  @Test
  void a_drawing_has_its_grain_its_watermark_its_shapes_and_its_faces() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    SvgPicture.write(scene(), "Marsh", scene().ground(), Gallery.empty(), out);
    String svg = out.toString(StandardCharsets.UTF_8);
    assertThat(svg)
        .contains("<pattern id=\"grain\"", "url(#grain)", ">Draft<", "fill=\"#123456\"")
        .contains("font-family=\"'EB Garamond', Georgia, serif\"")
        .contains("font-family=\"'JetBrains Mono', monospace\"");
  }

  @Test
  void a_picture_has_its_grain_and_a_pdf_its_words() throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    PngPicture.of(scene(), Pixels.scaled(1)).write(Gallery.empty(), Progress.NONE, png);
    var image = ImageIO.read(new ByteArrayInputStream(png.toByteArray()));
    int ground = Integer.decode(scene().ground());
    // a line of the grid goes through the twelfth pixel, and between two there is the ground
    assertThat(image.getRGB(30, 3) & 0xffffff).isEqualTo(ground);
    assertThat(image.getRGB(12, 3) & 0xffffff).isNotEqualTo(ground);
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    PdfPicture.write(
        map(), "en", scene(), org.pergamena.formats.picture.Paper.FIT, Gallery.empty(), pdf);
    try (var document = Loader.loadPDF(pdf.toByteArray())) {
      assertThat(new PDFTextStripper().getText(document)).contains("Draft", "Wall", "Αλμυρός");
    }
  }

  @Test
  void hebrew_and_arabic_have_letters_in_every_file() throws IOException {
    TextStyle style = new TextStyle(Face.READING, 16);
    double one = new FontMeasurer().width("ים", style);
    assertThat(new FontMeasurer().width("ים ים", style)).isGreaterThan(2 * one);
    for (String words : List.of("הקיר הישן", "الجدار القديم", "Wall הקיר 1953")) {
      Scene marsh =
          new Drawing()
              .prepare(TopicMap.rootedAt(Topic.labelled(ROOT, words)), List.of(), Set.of())
              .scene(Set.of());
      ByteArrayOutputStream svg = new ByteArrayOutputStream();
      SvgPicture.outlined(marsh, "Marsh", Gallery.empty(), svg);
      // a box for each letter that is lacking has four corners; letters have many more steps
      assertThat(svg.toString(StandardCharsets.UTF_8).split("Q|C")).hasSizeGreaterThan(30);
      ByteArrayOutputStream png = new ByteArrayOutputStream();
      PngPicture.of(marsh, Pixels.scaled(1)).write(Gallery.empty(), Progress.NONE, png);
      assertThat(ImageIO.read(new ByteArrayInputStream(png.toByteArray())).getWidth())
          .isEqualTo((int) marsh.width());
    }
  }

  @ParameterizedTest
  @EnumSource
  void every_face_ships_with_greek_and_cyrillic(Face face) {
    Font font = Faces.font(new TextStyle(face, 12));
    assertThat(font.canDisplayUpTo("Ferrow αβγδωΣΩάή абвгжщэюяЖЫ ąęłžčř — “”«»…")).isEqualTo(-1);
    assertThat(Faces.file(face).bytes()).isNotEmpty();
  }
}
