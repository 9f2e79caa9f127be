package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@Isolated("it listens to what is printed")
class OutlineCommandTest {
  private static final String MEMORY = "../demo/marsh-and-memory.md";

  private static String printed(String... arguments) {
    return Printed.by(OutlineCommand::run, arguments);
  }

  @Test
  void a_reply_is_read_checked_and_compared_from_the_command_line(@TempDir Path folder)
      throws IOException {
    Path reply =
        Files.writeString(
            folder.resolve("reply.txt"),
            "Sure!\n\n- Old wall\n\t- Marsh\n    - Quentin's ferry of 4711\n- **Mud\n");
    Path other = Files.writeString(folder.resolve("other.txt"), "- Old walls\n- Birds\n");
    String told = printed(reply.toString(), "--sources", MEMORY, "--against", other.toString());
    assertThat(told)
        .contains("- Old wall   [", "in no source: ", "4711")
        .contains("line 1: not taken: Sure!", "line 6: \"**\" is not closed")
        .contains("renamed: Old walls → Old wall", "new: Mud", "missing: Birds");
    Path zip = folder.resolve("map.zip");
    assertThat(DistilCommand.run(MEMORY, "-o", zip.toString())).isZero();
    JsonNode all =
        JsonMapper.builder()
            .build()
            .readTree(printed(reply.toString(), "--against", zip.toString(), "--json"));
    assertThat(all.at("/reply/points")).hasSize(4);
    assertThat(all.at("/checked/points/0/grade").asString()).isNotBlank();
    assertThat(all.at("/compared/differences").toString()).contains("MISSING");
  }

  @Test
  void what_cannot_be_done_is_said(@TempDir Path folder) throws IOException {
    Path binary = Files.write(folder.resolve("binary.txt"), new byte[] {(byte) 0xff, 0, 1});
    assertThat(OutlineCommand.run(binary.toString())).isEqualTo(2);
    assertThat(OutlineCommand.run(folder.resolve("none.txt").toString())).isEqualTo(2);
    Path reply = Files.writeString(folder.resolve("reply.txt"), "- Wall\n");
    assertThat(OutlineCommand.run(reply.toString(), "--against", "none.zip")).isEqualTo(2);
  }
}
