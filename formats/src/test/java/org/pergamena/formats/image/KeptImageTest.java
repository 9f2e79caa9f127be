package org.pergamena.formats.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pergamena.core.layout.Box;
import org.pergamena.formats.read.UnreadableException;

class KeptImageTest {
  private static byte[] bytes(String words) {
    return words.getBytes(StandardCharsets.UTF_8);
  }

  private static String svg(String within) {
    return "<?xml version=\"1.0\"?><!DOCTYPE svg PUBLIC \"-//W3C//DTD SVG 1.1//EN\" \"x\">"
        + "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"80\" height=\"40\""
        + " xmlns:xlink=\"http://www.w3.org/1999/xlink\" onload=\"alert(1)\">"
        + within
        + "</svg>";
  }

  @Test
  void a_small_picture_is_sent_as_it_came_and_a_large_one_smaller() throws Exception {
    byte[] small = Images.halves("png", 200, 100);
    assertThat(KeptImage.of(small)).extracting(KeptImage::screen).isNull();
    KeptImage large = KeptImage.of(Images.halves("png", 4000, 1000));
    assertThat(large.width()).isEqualTo(4000);
    assertThat(large.bytes()).hasSizeGreaterThan(1000);
    KeptImage screen = KeptImage.of(large.screen());
    assertThat(screen.width()).isEqualTo(1280);
    assertThat(screen.height()).isEqualTo(320);
    assertThat(KeptImage.of(Images.webp()).screen()).as("for every browser").isNotNull();
    assertThat(KeptImage.of(Images.halves("gif", 20, 20)).kind()).isEqualTo(ImageKind.GIF);
  }

  @ParameterizedTest
  @CsvSource({"1, 60, 30, RB", "3, 60, 30, BR", "2, 60, 30, BR", "6, 30, 60, RB", "8, 30, 60, BR"})
  void a_photograph_is_seen_as_it_was_taken(int turn, int width, int height, String seen)
      throws Exception {
    KeptImage kept = KeptImage.of(Images.turned(turn, 60, 30));
    assertThat(kept.width()).isEqualTo(width);
    assertThat(kept.height()).isEqualTo(height);
    byte[] screen = kept.screen() == null ? kept.bytes() : kept.screen();
    boolean upright = width > height;
    Color first = Images.at(screen, upright ? 0.1 : 0.5, upright ? 0.5 : 0.1);
    assertThat(first.getRed() > first.getBlue()).isEqualTo(seen.startsWith("R"));
  }

  @Test
  void what_is_no_picture_or_too_large_is_refused_with_a_sentence() {
    assertThatThrownBy(() -> KeptImage.of(bytes("not a picture"))).hasMessageContaining("PNG");
    byte[] cut = Arrays.copyOf(Images.halves("png", 200, 100), 20);
    assertThatThrownBy(() -> KeptImage.of(cut)).hasMessageContaining("damaged");
    byte[] huge = Images.halves("png", 10, 10);
    ByteBuffer.wrap(huge).putInt(16, 60_000).putInt(20, 60_000);
    assertThatThrownBy(() -> KeptImage.of(huge)).isInstanceOf(UnreadableException.class);
    assertThatThrownBy(() -> KeptImage.of(new byte[KeptImage.MOST_BYTES + 1]))
        .hasMessageContaining("10 MB");
    assertThatThrownBy(() -> KeptImage.of(bytes("<svg><g></svg>")))
        .hasMessageContaining("damaged at line 1");
  }

  @Test
  void an_svg_is_drawn_for_the_screen_and_kept_without_what_runs() throws Exception {
    String kept =
        svg("<rect width='40' height='40' fill='#00f' onclick='x()'/><script>x()</script>");
    KeptImage image = KeptImage.of(bytes(kept));
    assertThat(image.width()).isEqualTo(80);
    assertThat(Images.at(image.screen(), 0.2, 0.5)).isEqualTo(Color.BLUE);
    String safe = new String(image.bytes(), StandardCharsets.UTF_8);
    assertThat(safe).contains("rect", "#00f").doesNotContain("script", "onclick", "onload", "DTD");
    assertThat(KeptImage.of(image.bytes()).bytes()).as("done twice").isEqualTo(image.bytes());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<image href='http://127.0.0.1/a.png' width='9' height='9'/>",
        "<image xlink:href='file:///etc/passwd' width='9' height='9'/>",
        "<foreignObject><body xmlns='http://www.w3.org/1999/xhtml'>etc/passwd</body></foreignObject>",
        "<style>@import 'http://127.0.0.1/a.css';</style>",
        "<style>rect { fill: u\\72l(http://127.0.0.1/a) }</style>",
        "<rect style='fill:url( http://127.0.0.1/b )' width='9' height='9'/>",
        "<a xlink:href='javascript:alert(1)'><rect width='9' height='9'/></a>",
        "<use href='http://127.0.0.1/c.svg#x'/>",
        "<animate attributeName='href' to='javascript:alert(1)'/>"
      })
  void an_svg_asks_for_nothing_outside(String within) throws Exception {
    String safe =
        new String(
            KeptImage.of(bytes(svg(within + "<circle r='4'/>"))).bytes(), StandardCharsets.UTF_8);
    assertThat(safe).doesNotContain("127.0.0.1", "etc/passwd", "javascript").contains("circle");
  }

  @Test
  @Timeout(value = 10, unit = TimeUnit.MINUTES)
  void an_svg_that_multiplies_itself_is_refused_or_drawn() {
    StringBuilder bomb = new StringBuilder("<g id='a0'><rect width='1' height='1'/></g>");
    for (int i = 1; i < 30; i++) {
      bomb.append("<g id='a%d'>".formatted(i));
      bomb.append("<use xlink:href='#a%1$d'/><use xlink:href='#a%1$d'/>".formatted(i - 1));
      bomb.append("</g>");
    }
    try {
      KeptImage.of(bytes(svg(bomb.toString())));
    } catch (UnreadableException refused) {
      assertThat(refused).hasMessageContaining("SVG");
    }
  }

  @Test
  void a_gallery_decodes_an_image_once_and_leaves_out_what_is_not_there() {
    AtomicInteger asked = new AtomicInteger();
    byte[] halves = Images.halves("png", 20, 20);
    Gallery gallery =
        new Gallery(
            image -> {
              asked.incrementAndGet();
              return image.equals("halves") ? halves : null;
            },
            1);
    BufferedImage page = new BufferedImage(60, 20, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = page.createGraphics();
    gallery.paint("halves", g, new Box(0, 0, 20, 20));
    gallery.paint("halves", g, new Box(40, 0, 20, 20));
    gallery.paint("halves", g, new Box(400, 0, 20, 20));
    gallery.paint("none", g, new Box(20, 0, 20, 20));
    assertThat(asked).hasValue(2);
    assertThat(new Color(page.getRGB(2, 10))).isEqualTo(Color.RED);
    assertThat(new Color(page.getRGB(57, 10))).isEqualTo(Color.BLUE);
    assertThat(new Color(page.getRGB(30, 10))).isEqualTo(Color.BLACK);
  }

  @Test
  void drawings_are_found_by_words_and_can_be_drawn() throws Exception {
    assertThat(Drawings.search("fish", 50))
        .extracting(Drawings.Drawing::image)
        .contains("ink/fish");
    assertThat(Drawings.search("", 30)).hasSize(30);
    assertThat(Drawings.search("no such thing", 30)).isEmpty();
    for (Drawings.Drawing drawing : Drawings.search("", 2000)) {
      byte[] svg = Drawings.svg(drawing.image(), "#2b2620").orElseThrow();
      assertThat(DrawnSvg.of(svg).width()).as(drawing.image()).isEqualTo(drawing.width());
    }
    assertThat(Drawings.svg("ink/none", "#000000")).isEmpty();
    assertThat(Drawings.has("fish")).isFalse();
  }
}
