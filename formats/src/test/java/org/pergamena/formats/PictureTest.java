package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Backdrop;
import org.pergamena.core.layout.Box;
import org.pergamena.core.layout.Item;
import org.pergamena.core.layout.MapLayout;
import org.pergamena.core.layout.Placed;
import org.pergamena.core.layout.Scene;
import org.pergamena.core.layout.Sheet;
import org.pergamena.core.layout.TextStyle;
import org.pergamena.core.layout.TopicLook;
import org.pergamena.core.layout.Typesetter;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.formats.fonts.FontMeasurer;
import org.pergamena.formats.image.Gallery;
import org.pergamena.formats.picture.Pixels;
import org.pergamena.formats.picture.PngPicture;
import org.pergamena.formats.picture.Theme;

class PictureTest {
  private static final FontMeasurer MEASURER = new FontMeasurer();

  private static Scene scene(int children) {
    List<Topic> topics = new ArrayList<>();
    List<UUID> ids = new ArrayList<>();
    for (int i = 1; i <= children; i++) {
      ids.add(new UUID(0, i));
    }
    UUID root = new UUID(1, 0);
    topics.add(Topic.labelled(root, "Marsh").withChildren(ids));
    ids.forEach(id -> topics.add(Topic.labelled(id, "Topic").withParent(root)));
    Sheet sheet =
        new Sheet(
            TopicMap.of(topics),
            null,
            Set.of(),
            t -> TopicLook.bare("1", List.of(0, 1), ""),
            new Typesetter(Theme.LIGHT.palette(), MEASURER));
    return MapLayout.lay(sheet);
  }

  private static BufferedImage drawn(PngPicture picture) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    picture.write(Gallery.empty(), Progress.NONE, out);
    return ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
  }

  @Test
  void a_picture_has_the_size_that_it_said() throws IOException {
    Scene scene = scene(4);
    for (int scale : new int[] {1, 3}) {
      PngPicture picture = PngPicture.of(scene, Pixels.scaled(scale));
      BufferedImage image = drawn(picture);
      assertThat(image.getWidth())
          .isEqualTo(picture.width())
          .isEqualTo((int) scene.width() * scale);
      assertThat(image.getHeight()).isEqualTo(picture.height());
    }
  }

  @Test
  void labels_strokes_and_tallies_are_drawn_where_the_scene_has_them() throws IOException {
    Scene scene = scene(4);
    BufferedImage image = drawn(PngPicture.of(scene, Pixels.scaled(2)));
    Placed topic = scene.topics().get(1);
    assertThat(inked(image, topic.box(), 2)).isPositive();
    Box mark =
        topic.items().stream()
            .filter(Item.Bar.class::isInstance)
            .map(item -> ((Item.Bar) item).box())
            .skip(1)
            .findFirst()
            .orElseThrow();
    int x = (int) ((topic.x() + mark.x() + mark.width() / 2) * 2);
    int y = (int) ((topic.y() + mark.y() + mark.height() / 2) * 2);
    assertThat(String.format("#%06X", image.getRGB(x, y) & 0xFFFFFF))
        .isEqualTo(Theme.LIGHT.inks().get(1));
  }

  private static int inked(BufferedImage image, Box box, int scale) {
    int ground = image.getRGB(0, 0);
    int inked = 0;
    for (int x = (int) box.x() * scale; x < box.right() * scale; x++) {
      for (int y = (int) box.y() * scale; y < box.bottom() * scale; y++) {
        inked += image.getRGB(x, y) == ground ? 0 : 1;
      }
    }
    return inked;
  }

  @Test
  void bands_join_without_a_seam() throws IOException {
    Scene scene = scene(24);
    BufferedImage large = drawn(PngPicture.of(scene, Pixels.scaled(8)));
    assertThat((long) large.getWidth() * large.getHeight())
        .as("several bands")
        .isGreaterThan(8_000_000);
    BufferedImage small = drawn(PngPicture.of(scene, Pixels.scaled(1)));
    for (int y = 0; y < large.getHeight(); y++) {
      boolean inkedRow = false;
      for (int x = 0; x < large.getWidth() && !inkedRow; x++) {
        inkedRow = large.getRGB(x, y) != large.getRGB(0, 0);
      }
      boolean expected = inkedNear(small, y / 8);
      assertThat(!inkedRow || expected).as("row " + y + " has ink where there is none").isTrue();
      boolean within =
          y > middle(scene.topics().get(1)) * 8 + 8
              && y < middle(scene.topics().get(scene.topics().size() - 1)) * 8 - 8;
      assertThat(inkedRow || !within)
          .as("row " + y + ": the brace from the first to the last topic has no gap")
          .isTrue();
    }
  }

  private static double middle(Placed topic) {
    return topic.y() + topic.height() / 2;
  }

  private static boolean inkedNear(BufferedImage image, int row) {
    for (int y = Math.max(0, row - 1); y <= Math.min(image.getHeight() - 1, row + 1); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if (image.getRGB(x, y) != image.getRGB(0, 0)) {
          return true;
        }
      }
    }
    return false;
  }

  @Test
  void a_picture_can_have_a_width_and_a_clear_ground() throws IOException {
    BufferedImage image = drawn(PngPicture.of(scene(4), new Pixels(0, 500, true)));
    assertThat(image.getWidth()).isEqualTo(500);
    assertThat(image.getRGB(0, 0) >>> 24).as("clear").isZero();
    assertThat(inked(image, new Box(0, 0, 500, image.getHeight()), 1)).isPositive();
  }

  @Test
  void a_picture_too_large_or_of_no_scale_is_refused_with_a_sentence() {
    Scene huge =
        new Scene(100_000, 100_000, Backdrop.plain("#ffffff"), List.of(), List.of(), List.of());
    assertThatThrownBy(() -> PngPicture.of(huge, Pixels.scaled(8)))
        .hasMessageContaining("smaller scale");
    assertThatThrownBy(() -> PngPicture.of(scene(1), Pixels.scaled(9)))
        .hasMessageContaining("between 0.05 and 8");
    assertThatThrownBy(() -> PngPicture.of(scene(1), new Pixels(0, 9, false)))
        .hasMessageContaining("too small");
  }

  @Test
  void widths_are_those_of_the_shipped_faces() {
    TextStyle small = new TextStyle(TextStyle.Face.READING, 10);
    TextStyle large = new TextStyle(TextStyle.Face.READING, 20);
    double width = MEASURER.width("Saltmarsh", small);
    assertThat(width).isBetween(40.0, 60.0);
    assertThat(MEASURER.width("Saltmarsh", large))
        .isCloseTo(2 * width, org.assertj.core.data.Offset.offset(0.5));
    assertThat(MEASURER.width("", small)).isZero();
    assertThat(MEASURER.width("mmm", small)).isGreaterThan(MEASURER.width("iii", small));
  }
}
