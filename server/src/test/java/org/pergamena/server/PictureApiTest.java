package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class PictureApiTest {
  private static byte[] green(int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.GREEN);
    g.fillRect(0, 0, width, height);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private static UUID root(TestVisitor visitor, UUID map) {
    return UUID.fromString(visitor.desk(map).at("/topics/0/id").asString());
  }

  private static JsonNode add(TestVisitor visitor, UUID map, byte[] bytes) {
    return visitor.uploadTo("/api/maps/" + map + "/pictures", "wall.png", bytes).json();
  }

  private static Map<String, Object> picture(String image, String where) {
    Map<String, Object> picture = new HashMap<>();
    picture.put("id", UUID.randomUUID());
    picture.put("image", image);
    picture.put("alt", "The old wall");
    picture.put("where", where);
    picture.put("width", 120);
    picture.put("ratio", 0.5);
    return picture;
  }

  private static Map<String, Object> illustrate(UUID topic, List<?> pictures) {
    return Map.of("type", "Illustrate", "topic", topic, "pictures", pictures);
  }

  @Test
  void a_picture_is_kept_shown_drawn_in_the_export_and_undone(TestVisitor visitor)
      throws IOException {
    UUID map = visitor.newMap();
    UUID root = root(visitor, map);
    JsonNode kept = add(visitor, map, green(200, 100));
    assertThat(kept.get("width").asInt()).isEqualTo(200);
    String image = kept.get("image").asString();
    assertThat(add(visitor, map, green(200, 100)).get("image")).isEqualTo(kept.get("image"));
    List<?> two = List.of(picture(image, "ABOVE"), picture("ink/fish", "BELOW"));
    JsonNode desk = visitor.edit(map, illustrate(root, two)).desk();
    assertThat(desk.at("/topics/0/pictures")).hasSize(2);
    JsonNode drawn = desk.at("/scene/topics/0/drawn/images");
    assertThat(drawn).hasSize(2);
    assertThat(drawn.at("/0/height").asDouble()).isEqualTo(60);

    TestVisitor.Answer shown = visitor.get("/api/maps/" + map + "/pictures/" + image);
    assertThat(shown.headers().get("content-type")).isEqualTo("image/png");
    assertThat(shown.headers().get("cache-control")).contains("immutable").contains("private");
    assertThat(ImageIO.read(new ByteArrayInputStream(shown.bytes())).getWidth()).isEqualTo(200);
    byte[] png = visitor.export(map, "png?scale=2").bytes();
    BufferedImage exported = ImageIO.read(new ByteArrayInputStream(png));
    JsonNode at = desk.at("/scene/topics/0");
    int x = (int) (2 * (at.get("x").asDouble() + drawn.at("/0/x").asDouble() + 60));
    int y = (int) (2 * (at.get("y").asDouble() + drawn.at("/0/y").asDouble() + 30));
    assertThat(new Color(exported.getRGB(x, y))).isEqualTo(Color.GREEN);

    assertThat(visitor.undo(map).desk().at("/topics/0/pictures")).isEmpty();
    assertThat(visitor.redo(map).desk().at("/topics/0/pictures")).hasSize(2);
  }

  @Test
  void what_is_no_picture_or_not_kept_with_the_map_is_refused(
      TestVisitor visitor, TestVisitor other) throws IOException {
    UUID map = visitor.newMap();
    byte[] words = "words".getBytes(StandardCharsets.UTF_8);
    assertThat(visitor.uploadTo("/api/maps/" + map + "/pictures", "a.png", words).problem())
        .contains("PNG, JPEG");
    UUID theirs = other.newMap();
    String image = add(other, theirs, green(60, 60)).get("image").asString();
    UUID root = root(visitor, map);
    assertThat(visitor.edit(map, illustrate(root, List.of(picture(image, "ABOVE")))).problem())
        .contains("Add it again");
    assertThat(visitor.get("/api/maps/" + map + "/pictures/" + image).status()).isEqualTo(404);
    assertThat(visitor.get("/api/maps/" + theirs + "/pictures/" + image).status()).isEqualTo(404);
    assertThat(visitor.edit(map, illustrate(root, List.of(picture("ink/none", "ABOVE")))).problem())
        .contains("Add it again");
  }

  @Test
  void a_topic_that_is_copied_to_another_map_and_a_map_that_is_doubled_keep_their_pictures(
      TestVisitor visitor) throws IOException {
    UUID map = visitor.newMap();
    UUID topic = visitor.add(map, root(visitor, map), null, "Wall");
    String image = add(visitor, map, green(90, 60)).get("image").asString();
    visitor.edit(map, illustrate(topic, List.of(picture(image, "BEFORE"))));
    UUID other = visitor.newMap();
    Map<String, ?> plant =
        Map.of(
            "type", "Plant", "map", map, "topics", List.of(topic), "parent", root(visitor, other));
    JsonNode copied = visitor.edit(other, plant).desk();
    assertThat(copied.at("/topics/1/pictures/0/image").asString()).isEqualTo(image);
    String copy = visitor.post("/api/maps/" + map + "/copy", null).json().get("id").asString();
    visitor.delete("/api/maps/" + map);
    for (Object there : List.of(other, copy)) {
      assertThat(visitor.get("/api/maps/" + there + "/pictures/" + image).status()).isEqualTo(200);
    }
  }

  @Test
  void drawings_are_found_by_words(TestVisitor visitor) {
    JsonNode found = visitor.get("/api/drawings?words=fish").json();
    assertThat(found).isNotEmpty();
    String image = found.at("/0/image").asString();
    assertThat(visitor.get("/api/drawings/" + image).text()).startsWith("<svg");
    assertThat(visitor.get("/api/drawings/ink/none").status()).isEqualTo(404);
  }

  @Test
  void a_figure_of_a_source_becomes_a_picture(TestVisitor visitor) throws IOException {
    UUID map = visitor.newMap();
    String source = visitor.upload(map, "survey.pdf", pdf()).json().get("id").asString();
    String figures = "/api/maps/" + map + "/sources/" + source + "/figures";
    JsonNode found = visitor.get(figures).json();
    assertThat(found).hasSize(1);
    assertThat(found.at("/0/page").asInt()).isEqualTo(1);
    assertThat(visitor.get(figures + "/0").headers().get("content-type")).isEqualTo("image/png");
    JsonNode kept = visitor.post(figures + "/0", null).json();
    assertThat(kept.get("width").asInt()).isEqualTo(120);
    assertThat(visitor.get(figures + "/7").problem()).contains("any more");
  }

  private static byte[] pdf() throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      PDPage page = new PDPage();
      pdf.addPage(page);
      PDImageXObject figure = PDImageXObject.createFromByteArray(pdf, green(120, 60), "f");
      try (PDPageContentStream content = new PDPageContentStream(pdf, page)) {
        content.beginText();
        content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
        content.newLineAtOffset(100, 500);
        content.showText("The wall was breached in the autumn.");
        content.endText();
        content.drawImage(figure, 100, 100);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      pdf.save(out);
      return out.toByteArray();
    }
  }

  @Test
  void passages_bear_a_link_out_and_its_line_is_bent(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor, map);
    String source = visitor.read(map, "survey.txt", "The age of the wall drives the squeeze.\n");
    UUID age = visitor.add(map, root, null, "Age");
    UUID squeeze = visitor.add(map, root, age, "Squeeze");
    UUID link = UUID.randomUUID();
    visitor.edit(
        map,
        Map.of("type", "Connect", "link", link, "from", age, "to", squeeze, "phrase", "drives"));
    Map<String, ?> ground =
        Map.of("type", "Ground", "link", link, "source", source, "start", 4, "end", 19);
    JsonNode desk = visitor.edit(map, ground).desk();
    assertThat(desk.at("/links/0/grounds").asInt()).isEqualTo(1);
    assertThat(visitor.edit(map, ground).problem()).contains("already");
    String passages = "/api/maps/" + map + "/links/" + link + "/passages";
    JsonNode passage = visitor.get(passages).json().get(0);
    assertThat(passage.get("exact").asString()).isEqualTo("age of the wall");
    visitor.edit(map, Map.of("type", "Bow", "link", link, "bend", Map.of("x", 90, "y", -10)));
    desk = visitor.edit(map, Map.of("type", "Arrange", "tinted", true)).desk();
    assertThat(desk.at("/links/0/bend/x").asDouble()).isEqualTo(90);
    assertThat(desk.at("/scene/links/0/tie").asBoolean()).isFalse();
    assertThat(desk.at("/facts/tinted").asBoolean()).isTrue();
    Map<String, ?> unground =
        Map.of("type", "Unground", "link", link, "evidence", passage.get("evidence").asString());
    assertThat(visitor.edit(map, unground).desk().at("/links/0/grounds").asInt()).isZero();
    visitor.undo(map);
    assertThat(visitor.get(passages).json()).hasSize(1);
    visitor.delete("/api/maps/" + map + "/sources/" + source);
    assertThat(visitor.get(passages).json()).isEmpty();
    visitor.undo(map);
    assertThat(visitor.get(passages).json()).hasSize(1);
  }

  @Test
  void children_are_put_in_an_order(TestVisitor visitor) {
    UUID map = visitor.newMap();
    UUID root = root(visitor, map);
    UUID one = visitor.add(map, root, null, "One");
    UUID two = visitor.add(map, root, one, "Two");
    JsonNode desk =
        visitor
            .edit(map, Map.of("type", "Order", "topic", root, "children", List.of(two, one)))
            .desk();
    assertThat(desk.at("/topics/0/children/0").asString()).isEqualTo(two.toString());
  }
}
