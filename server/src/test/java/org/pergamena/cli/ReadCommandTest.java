package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pergamena.server.testing.Repository;
import picocli.CommandLine;

class ReadCommandTest {
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... arguments) {
    return new CommandLine(new ReadCommand())
        .setOut(new PrintWriter(out))
        .setErr(new PrintWriter(err))
        .execute(arguments);
  }

  @Test
  void the_text_of_a_file_is_printed_and_what_was_left_out_is_told() {
    Path file = Repository.root().resolve("demo/survey-report.pdf");
    assertThat(run(file.toString(), "--times", "2")).isZero();
    assertThat(out.toString()).contains("Why the wall was breached");
    assertThat(err.toString())
        .contains("Ferrow survey report: 2,409 words, 13 pages")
        .contains("left out: 26 running heads and page numbers");
  }

  @Test
  void a_file_that_is_missing_or_bad_says_so(@TempDir Path folder) throws Exception {
    assertThat(run(folder.resolve("none.txt").toString())).isEqualTo(2);
    assertThat(err.toString()).contains("There is no file");
    Path empty = Files.createFile(folder.resolve("empty.txt"));
    assertThat(run(empty.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("empty.txt: The file is empty.");
  }
}
