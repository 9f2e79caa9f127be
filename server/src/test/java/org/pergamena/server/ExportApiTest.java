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
import org.pergamena.formats.publish.FileFormat;
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
    Answer answer = visitor.export(map, "md");
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
    assertThat(text).containsPattern("\\*Ferrow survey report\\*, p\\. \\d+");
    assertThat(text).containsPattern("Wardens interview\\*, \\d+:\\d\\d");
    assertThat(text).contains("Savings claimed by the survey");
  }

  @Test
  void a_picture_has_the_pixels_that_it_was_said_to_have(TestVisitor visitor) throws IOException {
    UUID map = visitor.firstMap();
    visitor.put("/api/maps/" + map + "/folds", Map.of("level", 1));
    int[] heights = new int[2];
    for (boolean whole : new boolean[] {true, false}) {
      JsonNode said =
          visitor.get("/api/maps/" + map + "/export/size?scale=2&open=" + !whole).json();
      Answer answer = visitor.export(map, "png?scale=2&open=" + !whole);
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
    String text = visitor.export(map, "md?" + of).text();
    assertThat(text).startsWith("# " + main.get("label").asString());
    String png = "png?scale=1";
    BufferedImage branch = read(visitor.export(map, png + "&" + of).bytes());
    assertThat(branch.getHeight()).isLessThan(read(visitor.export(map, png).bytes()).getHeight());
    assertThat(visitor.export(map, "md?topic=" + map).status()).isEqualTo(422);
  }

  @Test
  void every_format_comes_as_a_file_of_its_kind_with_what_was_wished(TestVisitor visitor) {
    UUID map = visitor.firstMap();
    for (FileFormat format : FileFormat.values()) {
      Answer answer = visitor.export(map, format.ending() + "?scale=1&levels=2");
      assertThat(answer.status()).as(format.name()).isEqualTo(200);
      assertThat(answer.headers().get("content-type")).startsWith(format.type().split(";")[0]);
      assertThat(answer.headers().get("content-disposition")).endsWith("." + format.ending());
    }
    String bare =
        visitor
            .export(map, "txt?levels=1&marks=false&summaries=false&notes=false&passages=false")
            .text();
    assertThat(bare.lines()).hasSize(6).allMatch(line -> !line.contains("thin"));
    String full = visitor.export(map, "txt").text();
    assertThat(full).contains("(thin)").contains("Ferrow survey report");
    assertThat(visitor.export(map, "txt?passages=false").text())
        .doesNotContain("Ferrow survey report");
    assertThat(visitor.export(map, "exe").status()).isEqualTo(404);
    assertThat(visitor.export(map, "txt?levels=-1").problem()).contains("levels");
    assertThat(visitor.other().export(map, "txt").status()).isEqualTo(404);
  }

  @Test
  void a_file_is_there_for_whoever_asked_until_it_is_stopped_or_others_take_its_place(
      TestVisitor visitor) {
    UUID map = visitor.firstMap();
    String path = "/api/maps/" + map + "/export/";
    String first = null;
    for (int i = 0; i < 7; i++) {
      String job = visitor.post(path + "txt", null).json().get("job").asString();
      first = first == null ? job : first;
      visitor.export(map, "txt");
    }
    assertThat(visitor.get(path + "files/" + first).problem()).contains("Write it once more");
    String large = visitor.post(path + "png?scale=8", null).json().get("job").asString();
    visitor.post("/api/maps/" + map + "/jobs/" + large + "/cancel", null);
    String state = path + "files/" + large + "/state";
    visitor.deskWhen(map, desk -> !visitor.get(state).text().matches(".*(WAITING|RUNNING).*"));
    assertThat(visitor.get(path + "files/" + large).status()).isEqualTo(404);
    assertThat(visitor.other().get(state).status()).isEqualTo(404);
    assertThat(visitor.desk(map).get("jobs")).as("what changes the map").isEmpty();
  }

  private static BufferedImage read(byte[] png) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(png));
  }

  @Test
  void a_scale_out_of_range_is_refused(TestVisitor visitor) {
    Answer answer = visitor.export(visitor.firstMap(), "png?scale=9");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.problem()).contains("between 0.05 and 8");
  }
}
