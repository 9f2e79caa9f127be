package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("it listens to what is printed")
class CompareCommandTest {
  @TempDir private Path folder;

  private static String printed(String... arguments) {
    return Printed.by(CompareCommand::run, arguments);
  }

  private String file(String name, String words) throws Exception {
    return Files.writeString(folder.resolve(name), words).toString();
  }

  @Test
  void files_tell_what_both_have_and_what_each_has_alone() throws Exception {
    String one = file("one.txt", "The inspection of the outer wall took 18,000 euros. Terns nest.");
    String other = file("other.txt", "The inspection of the outer wall took 35,000 euros.");
    String third = file("third.txt", "The ferry did not run because of the fog.");
    assertThat(printed(one, other))
        .contains("both", "outer wall", "! Different figures: 18,000 euros against 35,000 euros.");
    assertThat(printed(one, other, "--with", third)).contains("ferry").contains("only third");
    assertThat(printed(one, other, "--json")).contains("\"against\" : \"Different figures");
    assertThat(CompareCommand.run(one)).isEqualTo(2);
    assertThat(CompareCommand.run(one, folder.resolve("gone.txt").toString())).isEqualTo(2);
  }

  @Test
  void maps_that_were_saved_tell_how_far_they_agree() throws Exception {
    String text =
        file(
            "text.md",
            "# Wall\n\nThe outer wall is old. It leaks at spring tides.\n\n"
                + "# Birds\n\nRedshank feed on the mud. Terns nest on the islands.\n");
    String map = folder.resolve("map.zip").toString();
    assertThat(DistilCommand.run(text, "-o", map)).isZero();
    assertThat(printed(map, map)).contains("Agreement of the two maps: 1.00", "Topics");
    assertThat(printed(map, map, "--json")).contains("\"agreement\" : 1.0");
    assertThat(CompareCommand.run(map, folder.resolve("gone.zip").toString())).isEqualTo(2);
  }
}
