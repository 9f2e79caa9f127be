package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;

/** Requests that were made to harm: each is refused with a sentence, and others notice nothing. */
@ExtendWith(TestApplication.class)
class HostileApiTest {
  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void a_map_cannot_refer_to_somebody_elses_source(TestVisitor visitor) {
    UUID own = visitor.firstMap();
    String whole = visitor.export(own, "json").text();
    String source = visitor.desk(own).at("/sources/0/id").asString();
    // the file has the source under another identity, its passages still name this one
    String forged =
        whole.replaceFirst("\"id\"(\\s*):(\\s*)\"" + source, "\"id\":\"" + UUID.randomUUID());
    assertThat(forged).isNotEqualTo(whole).contains(source);
    Answer answer = visitor.other().uploadTo("/api/imports", "map.json", bytes(forged));
    assertThat(answer.status()).as(answer.text()).isEqualTo(400);
    assertThat(answer.problem()).contains("source");
  }

  @Test
  void an_identity_that_is_taken_elsewhere_is_a_conflict(TestVisitor visitor) {
    UUID one = visitor.newMap();
    UUID other = visitor.newMap();
    String root = visitor.desk(one).at("/topics/0/id").asString();
    UUID topic = visitor.add(one, UUID.fromString(root), null, "Creeks");
    String there = visitor.desk(other).at("/topics/0/id").asString();
    Answer answer =
        visitor.edit(
            other, Map.of("type", "Add", "topic", topic, "parent", there, "label", "Creeks"));
    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.problem()).contains("Nothing was changed");
  }

  @Test
  void an_svg_without_an_end_is_given_up_and_others_are_drawn_meanwhile(TestVisitor visitor) {
    UUID map = visitor.newMap();
    StringBuilder masks =
        new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg' width='900' height='900'>");
    for (int i = 0; i < 24; i++) {
      masks
          .append("<mask id='m")
          .append(i + 1)
          .append("'><g mask='url(#m")
          .append(i)
          .append(")'><rect width='900' height='900' fill='white'/></g><g mask='url(#m")
          .append(i)
          .append(")'><rect width='900' height='900' fill='white'/></g></mask>");
    }
    masks.append("<rect width='900' height='900' mask='url(#m24)'/></svg>");
    String pictures = "/api/maps/" + map + "/pictures";
    Answer answer = visitor.uploadTo(pictures, "x.svg", bytes(masks.toString()));
    assertThat(answer.status()).as(answer.text()).isEqualTo(422);
    String plain =
        "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9'/></svg>";
    assertThat(visitor.uploadTo(pictures, "y.svg", bytes(plain)).status()).isEqualTo(201);
  }

  @Test
  void a_list_of_references_that_grows_without_end_is_refused(TestVisitor visitor) {
    UUID map = visitor.newMap();
    StringBuilder list = new StringBuilder("@string{a0 = \"xxxxxxxxxx\"}\n");
    for (int i = 1; i < 13; i++) {
      String before = "a" + (i - 1);
      list.append("@string{a")
          .append(i)
          .append(" = ")
          .append(String.join(" # ", java.util.Collections.nCopies(10, before)))
          .append("}\n");
    }
    list.append("@book{x, title = a12, year = 1900}\n");
    Answer answer =
        visitor.uploadTo("/api/maps/" + map + "/references/list", "x.bib", bytes(list.toString()));
    assertThat(answer.status()).as(answer.text()).isIn(200, 422);
    String plain = "@book{y, title = {Silt}, year = 1900}";
    Answer next = visitor.uploadTo("/api/maps/" + map + "/references/list", "y.bib", bytes(plain));
    assertThat(next.status()).as(next.text()).isEqualTo(200);
  }

  @Test
  void changes_come_from_the_page_itself_alone(TestVisitor visitor) {
    for (String[] from :
        new String[][] {
          {"Origin", "https://elsewhere.example"},
          {"Origin", "null"},
          {"Sec-Fetch-Site", "cross-site"},
          {"Sec-Fetch-Site", "same-site"}
        }) {
      assertThat(visitor.send("POST", "/api/maps", null, null, from).status())
          .as(from[0] + " " + from[1])
          .isEqualTo(403);
    }
    assertThat(visitor.send("POST", "/api/maps", null, null, "Origin", visitor.address()).status())
        .isEqualTo(201);
    assertThat(
            visitor.send("POST", "/api/maps", null, null, "Sec-Fetch-Site", "same-origin").status())
        .isEqualTo(201);
  }
}
