package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pergamena.formats.publish.FileFormat;

class ConvertCommandTest {
  private static final String DEMO = "../demo/";

  @Test
  void a_map_that_was_saved_is_written_in_every_format(@TempDir Path folder) throws IOException {
    Path zip = folder.resolve("map.zip");
    assertThat(DistilCommand.run(DEMO + "marsh-and-memory.md", "-o", zip.toString())).isZero();
    for (FileFormat format : FileFormat.values()) {
      Path file = folder.resolve("again." + format.ending());
      assertThat(ConvertCommand.run(zip.toString(), "-o", file.toString(), "--scale", "1"))
          .as(format.name())
          .isZero();
      assertThat(file).isNotEmptyFile();
    }
    Path again = folder.resolve("again.zip");
    Path json = folder.resolve("once.json");
    Path twice = folder.resolve("twice.json");
    ConvertCommand.run(zip.toString(), "-o", json.toString());
    ConvertCommand.run(again.toString(), "-o", twice.toString());
    assertThat(Files.readString(twice)).isEqualTo(Files.readString(json));
    assertThat(Files.readString(json)).contains("Marsh and memory").contains("\"works\"");
  }

  @Test
  void what_cannot_be_done_is_said(@TempDir Path folder) throws IOException {
    Path words = Files.writeString(folder.resolve("words.txt"), "Just words.");
    assertThat(ConvertCommand.run(words.toString(), "-o", "x.pdf")).isEqualTo(2);
    assertThat(ConvertCommand.run(words.toString(), "-o", "x.exe")).isEqualTo(2);
    assertThat(ConvertCommand.run(folder.resolve("none.zip").toString())).isEqualTo(2);
  }
}
