package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.server.testing.TestApplication;
import org.pergamena.server.testing.TestVisitor;
import org.pergamena.server.testing.TestVisitor.Answer;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class CatalogueApiTest {
  private static Answer find(TestVisitor visitor, UUID map, String query) {
    return visitor.get("/api/maps/" + map + "/catalogue?" + query);
  }

  @Test
  void works_are_found_by_what_is_known_of_them_and_put_on_the_shelf(TestVisitor visitor) {
    UUID map = visitor.newMap();
    JsonNode all = find(visitor, map, "title=marsh").json();
    int total = all.get("total").asInt();
    assertThat(total).isGreaterThan(20);
    assertThat(all.get("works").size()).isEqualTo(20);
    JsonNode next = find(visitor, map, "title=marsh&from=21").json();
    assertThat(next.get("works").size()).isEqualTo(Math.min(20, total - 20));
    assertThat(next.get("works").get(0)).isNotEqualTo(all.get("works").get(0));
    JsonNode articles = find(visitor, map, "title=marsh&type=ARTICLE&subject=carbon").json();
    assertThat(articles.get("total").asInt()).isBetween(1, total - 1);
    JsonNode article = articles.get("works").get(0);
    assertThat(article.at("/reference/type").asString()).isEqualTo("ARTICLE");
    assertThat(article.at("/reference/fields/CONTAINER").asString()).isNotBlank();
    assertThat(article.at("/reference/fields/PAGES").asString()).matches("\\d+-\\d+");
    JsonNode book = find(visitor, map, "type=BOOK&language=English").json().get("works").get(0);
    String isbn = book.at("/reference/fields/ISBN").asString();
    JsonNode same = find(visitor, map, "isbn=" + isbn).json();
    assertThat(same.get("total").asInt()).isEqualTo(1);
    assertThat(same.get("works").get(0).get("reference")).isEqualTo(book.get("reference"));
    visitor.post("/api/maps/" + map + "/works", book.get("reference"));
    JsonNode shown = visitor.get("/api/maps/" + map + "/references").json();
    assertThat(shown.at("/works/0/name").asString()).isEqualTo(book.get("name").asString());
  }

  @Test
  void one_that_knows_only_dublin_core_is_asked_for_that(TestVisitor visitor) {
    JsonNode found = find(visitor, visitor.newMap(), "title=marsh%20x-dc&type=BOOK").json();
    assertThat(found.get("works").valueStream())
        .isNotEmpty()
        .allSatisfy(work -> assertThat(work.at("/reference/type").asString()).isEqualTo("BOOK"))
        .allSatisfy(
            work -> assertThat(work.at("/reference/people/AUTHOR").asString()).isNotBlank());
  }

  @Test
  void what_goes_wrong_is_said_in_a_sentence(TestVisitor visitor) {
    UUID map = visitor.newMap();
    assertThat(find(visitor, map, "title=x-fail").problem())
        .contains("answered with 503")
        .contains("add the work by hand");
    assertThat(find(visitor, map, "title=x-garbled").problem()).contains("cannot be read as XML");
    assertThat(find(visitor, map, "title=x-delay-9000").problem())
        .contains("does not answer in 3 seconds");
    assertThat(find(visitor, map, "title=%20").status()).isEqualTo(400);
    assertThat(find(visitor, map, "type=NOTHING").status()).isEqualTo(400);
    assertThat(find(visitor, map, "title=" + "nosuchword").json().get("total").asInt()).isZero();
  }
}
