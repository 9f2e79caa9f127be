package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class ExportApiTest {
  @Test
  void markdown_has_every_topic_and_every_passage_with_its_place(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    JsonNode desk = visitor.desk(map);
    Answer answer = visitor.get("/api/maps/" + map + "/export/markdown");
    assertThat(answer.headers().get("Content-Disposition"))
        .contains("attachment")
        .contains("Letting");
    String text = answer.text();
    assertThat(text).startsWith("# Letting the sea back in at Ferrow\n");
    desk.get("topics")
        .valueStream()
        .forEach(t -> assertThat(text).contains(t.get("label").asString()));
    long own = desk.get("topics").valueStream().mapToLong(t -> t.get("own").asLong()).sum();
    assertThat(text.lines().filter(line -> line.matches("\\[\\^\\d+]: .*"))).hasSize((int) own);
    assertThat(text).containsPattern("Ferrow survey report, p\\. \\d+");
    assertThat(text).containsPattern("Wardens interview, \\d+:\\d\\d");
    assertThat(text).contains("Savings claimed by the survey");
  }

  @Test
  void a_picture_has_the_pixels_that_it_was_said_to_have(TestVisitor visitor) throws IOException {
    UUID map = visitor.firstMap();
    visitor.put("/api/maps/" + map + "/folds", Map.of("level", 1));
    String png = "/api/maps/" + map + "/export/png";
    int[] heights = new int[2];
    for (boolean whole : new boolean[] {true, false}) {
      JsonNode said = visitor.get(png + "/size?scale=2&whole=" + whole).json();
      Answer answer = visitor.get(png + "?scale=2&whole=" + whole);
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(answer.bytes()));
      assertThat(image.getWidth()).isEqualTo(said.get("width").asInt());
      assertThat(image.getHeight()).isEqualTo(said.get("height").asInt());
      heights[whole ? 0 : 1] = image.getHeight();
    }
    assertThat(heights[0]).as("the whole map, closed branches too").isGreaterThan(heights[1]);
  }

  @Test
  void a_branch_is_taken_alone(TestVisitor visitor) throws IOException {
    UUID map = visitor.firstMap();
    JsonNode main =
        visitor
            .desk(map)
            .get("topics")
            .valueStream()
            .filter(topic -> topic.get("level").asInt() == 1)
            .findFirst()
            .orElseThrow();
    String of = "topic=" + main.get("id").asString();
    String text = visitor.get("/api/maps/" + map + "/export/markdown?" + of).text();
    assertThat(text).startsWith("# " + main.get("label").asString());
    String png = "/api/maps/" + map + "/export/png?scale=1&whole=true";
    BufferedImage branch = read(visitor.get(png + "&" + of).bytes());
    assertThat(branch.getHeight()).isLessThan(read(visitor.get(png).bytes()).getHeight());
    assertThat(visitor.get("/api/maps/" + map + "/export/markdown?topic=" + map).status())
        .isEqualTo(422);
  }

  private static BufferedImage read(byte[] png) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  @Test
  void a_scale_out_of_range_is_refused(TestVisitor visitor) {
    Answer answer =
        visitor.get("/api/maps/" + visitor.firstMap() + "/export/png?scale=9&whole=true");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.problem()).contains("between 1 and 8");
  }
}
