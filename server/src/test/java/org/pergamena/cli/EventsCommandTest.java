package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("it listens to what is printed")
class EventsCommandTest {
  private static final String MEMORY = "../demo/survey-report.html";

  @TempDir private Path folder;

  private static String printed(String... arguments) {
    return Printed.by(EventsCommand::run, arguments);
  }

  @Test
  void files_tell_what_happened_when() throws Exception {
    Path wall = Files.writeString(folder.resolve("wall.txt"), "In 1774 the parish was drained.");
    assertThat(printed(wall.toString())).contains("1774", "The parish was drained", "wall.txt");
    assertThat(printed(wall.toString(), "--json")).contains("\"when\" : \"1774\"");
    assertThat(printed(MEMORY)).contains("--at breach=TIME");
    assertThat(printed(MEMORY, "--at", "breach=2019-10-12")).contains("2020-24", "2020/2021");
    assertThat(EventsCommand.run(MEMORY, "--at", "breach=soon")).isEqualTo(2);
    Path none = Files.writeString(folder.resolve("none.txt"), "The marsh lies behind a wall.");
    assertThat(printed(none.toString())).contains("The files tell of no time");
  }
}
