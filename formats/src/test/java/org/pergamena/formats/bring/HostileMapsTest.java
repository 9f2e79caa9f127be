package org.pergamena.formats.bring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.TopicMap;

/** Files that were made to be hard on whoever reads them. */
class HostileMapsTest {
  private static final UUID AUTHOR = new UUID(9, 9);

  @Test
  void a_topic_with_any_number_of_footnote_marks_is_a_topic() {
    String text = "# The marsh\n\n## Wall" + "[^1]".repeat(50_000) + "\n";
    TopicMap map =
        MapFiles.read("x.md", text.getBytes(StandardCharsets.UTF_8), AUTHOR).whole().map();
    assertThat(map.preorder())
        .extracting(topic -> topic.label())
        .containsExactly("The marsh", "Wall");
  }

  @Test
  void an_archive_that_unpacks_to_far_more_than_its_length_is_refused() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("map.json"));
      zip.write(new byte[40_000_000]);
    }
    assertThatThrownBy(() -> MapFiles.read("x.zip", bytes.toByteArray(), AUTHOR))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("unpacks to more");
  }
}
