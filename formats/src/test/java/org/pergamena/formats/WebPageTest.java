package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.web.WebPage;

class WebPageTest {
  private static final String MUD = "The tide left a film of mud on the old fields of the parish. ";

  private static ReadSource read(String html) throws Exception {
    return new SourceReader().read("page.html", html.getBytes(StandardCharsets.UTF_8), share -> {});
  }

  @Test
  void a_page_tells_where_its_article_goes_on_and_what_can_be_heard() {
    WebPage page =
        new WebPage(
            "<title>Mud</title><link rel=next href='two.html'><video><source src=film.mp4>"
                + "<track kind=captions src='/film.vtt'></video>",
            "https://marsh.example/one.html");
    assertThat(page.title()).isEqualTo("Mud");
    assertThat(page.next()).contains("https://marsh.example/two.html");
    assertThat(page.captions()).contains("https://marsh.example/film.vtt");
    assertThat(page.recording()).contains("https://marsh.example/film.mp4");
    WebPage bare = new WebPage("<p>Nothing</p>", "https://marsh.example/");
    assertThat(bare.next()).isEmpty();
    assertThat(bare.captions()).isEmpty();
    assertThat(bare.recording()).isEmpty();
  }

  @Test
  void parts_of_an_article_are_joined_in_their_order() throws Exception {
    String first =
        "<html><head><title>Mud</title></head><body><nav>Home</nav><article><h1>Mud</h1><p>"
            + MUD.repeat(6)
            + "</p></article></body></html>";
    String second =
        "<html><body><nav>Home</nav><article><h2>Carbon</h2><p>"
            + MUD.replace("mud", "carbon").repeat(6)
            + "</p></article></body></html>";
    ReadSource read = read(WebPage.joined(List.of(first, second)));
    assertThat(read.title()).isEqualTo("Mud");
    assertThat(read.text().text()).containsSubsequence("film of mud", "Carbon", "film of carbon");
    assertThat(read.text().text()).doesNotContain("Home");
  }

  @Test
  void a_page_in_which_the_finder_of_articles_loses_its_way_is_read_whole() throws Exception {
    String title = "6.4. The mud of the marsh";
    String page =
        "<html><head><title>"
            + title
            + "</title></head><body><div><div class=titlepage><div><div><h2>"
            + title
            + "</h2></div></div></div><div>"
            + MUD.repeat(9).replace("old fields", "old fields, ditches and banks")
            + "</div></div></body></html>";
    ReadSource read = read(page);
    assertThat(read.title()).isEqualTo(title);
    assertThat(read.text().text()).startsWith(title).contains("banks of the parish.");
  }

  @Test
  void headings_and_short_lists_of_an_article_are_kept_and_clutter_is_not() throws Exception {
    ReadSource read =
        read(
            "<html><head><title>Mud</title></head><body><div class=navheader><a href=a>Prev</a>"
                + " <a href=b>Up</a> <a href=c>Next</a></div><div class=chapter><div"
                + " class=titlepage><h1>Mud</h1></div><p>"
                + MUD.repeat(6)
                + "</p><div class=titlepage><h2>Carbon</h2></div><ul><li>One</li></ul><p>"
                + MUD.repeat(6)
                + "</p><div class=related><p>Ten other walks</p></div></div>"
                + "<div id=comments><p>First to comment here today</p></div></body></html>");
    List<String> headings =
        read.text().blocks().stream()
            .filter(b -> b.kind() == Block.Kind.HEADING)
            .map(read.text()::words)
            .toList();
    assertThat(headings).containsExactly("Mud", "Carbon");
    assertThat(read.text().text())
        .contains("One")
        .doesNotContain("Prev")
        .doesNotContain("Ten other walks")
        .doesNotContain("First to comment");
  }
}
