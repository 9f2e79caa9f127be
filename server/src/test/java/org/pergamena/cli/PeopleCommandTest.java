package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("it listens to what is printed")
class PeopleCommandTest {
  @TempDir private Path folder;

  private static String printed(String... arguments) {
    return Printed.by(PeopleCommand::run, arguments);
  }

  @Test
  void files_name_people_and_bodies() throws Exception {
    String minutes = "../demo/harbour-committee-minutes.txt";
    assertThat(printed(minutes)).contains("Treasurer (person)", "Ferrow Harbour Committee (body)");
    assertThat(printed(minutes, "--json")).contains("\"kind\" : \"body\"", "\"phrases\"");
    Path none = Files.writeString(folder.resolve("none.txt"), "Mud settles where water is slow.");
    assertThat(printed(none.toString())).contains("The files name nobody");
  }
}
