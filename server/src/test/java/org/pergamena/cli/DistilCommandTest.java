package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;
import org.pergamena.server.testing.Repository;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@Isolated("it listens to what is printed")
class DistilCommandTest {
  private static final String DEMO = Repository.root().resolve("demo").toString() + "/";

  private record Run(int code, String out, String err) {}

  private static Run run(String... arguments) {
    return printed(() -> DistilCommand.run(arguments));
  }

  private static Run printed(IntSupplier command) {
    PrintStream out = System.out;
    PrintStream err = System.err;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    ByteArrayOutputStream complained = new ByteArrayOutputStream();
    try {
      System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
      System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
      int code = command.getAsInt();
      return new Run(
          code,
          printed.toString(StandardCharsets.UTF_8),
          complained.toString(StandardCharsets.UTF_8));
    } finally {
      System.setOut(out);
      System.setErr(err);
    }
  }

  @Test
  void json_has_sources_topics_extents_and_exact_passages() {
    Run run = run("--json", DEMO + "survey-report.pdf", DEMO + "wardens-interview.vtt");
    assertThat(run.code()).as(run.err()).isZero();
    JsonNode json = JsonMapper.builder().build().readTree(run.out());
    assertThat(json.at("/sources/0/name").asString()).isEqualTo("Ferrow survey report");
    int passages = 0;
    for (JsonNode topic : json.get("topics")) {
      for (JsonNode passage : topic.get("passages")) {
        JsonNode source =
            json.get("sources")
                .valueStream()
                .filter(s -> s.get("id").equals(passage.get("source")))
                .findFirst()
                .orElseThrow();
        assertThat(
                source
                    .get("text")
                    .asString()
                    .substring(passage.get("start").asInt(), passage.get("end").asInt()))
            .isEqualTo(passage.get("exact").asString());
        assertThat(passage.has("page")).isEqualTo(source.equals(json.at("/sources/0")));
        passages++;
      }
    }
    assertThat(passages).isGreaterThan(20);
    assertThat(run("--json", DEMO + "survey-report.pdf", DEMO + "wardens-interview.vtt").out())
        .as("the same each time")
        .isEqualTo(run.out());
  }

  @Test
  void the_name_of_the_output_says_the_format(@TempDir Path folder) throws IOException {
    for (String ending : List.of("docx", "html", "svg", "png", "opml", "xlsx", "txt", "json")) {
      Path file = folder.resolve("map." + ending);
      Run run = run(DEMO + "wardens-interview.vtt", "-o", file.toString());
      assertThat(run.code()).as(run.err()).isZero();
      assertThat(Files.size(file)).as(ending).isGreaterThan(500);
    }
    assertThat(Files.readString(folder.resolve("map.html"))).startsWith("<!doctype html>");
    Run none = run(DEMO + "wardens-interview.vtt", "-o", folder.resolve("map.exe").toString());
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.err()).contains("end in .exe").contains(".docx");
    assertThat(folder.resolve("map.exe")).doesNotExist();
  }

  @Test
  void a_map_is_laid_out_as_is_wished(@TempDir Path folder) throws IOException {
    Set<String> drawings = new HashSet<>();
    for (String layout :
        List.of("braces", "both-sides", "leftward", "downward", "upward", "radial", "indented")) {
      Path file = folder.resolve(layout + ".svg");
      Run run = run(DEMO + "wardens-interview.vtt", "--layout", layout, "-o", file.toString());
      assertThat(run.code()).as(run.err()).isZero();
      drawings.add(Files.readString(file));
      assertThat(Files.readString(file)).as("text is text").contains("<text");
    }
    assertThat(drawings).hasSize(7);
    Path night = folder.resolve("night.svg");
    Run dark = run(DEMO + "wardens-interview.vtt", "--theme", "night", "-o", night.toString());
    assertThat(dark.code()).isZero();
    assertThat(Files.readString(night)).contains("#1F1C19");
    Run none = run(DEMO + "wardens-interview.vtt", "--layout", "spiral");
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.err()).contains("no layout called spiral").contains("both-sides");
  }

  @Test
  void markdown_goes_to_the_file_that_is_named(@TempDir Path folder) throws IOException {
    Path map = folder.resolve("map.md");
    Run run = run(DEMO + "marsh-and-memory.md", "--levels", "1", "--branches", "3", "-o", "" + map);
    assertThat(run.code()).as(run.err()).isZero();
    assertThat(run.out()).isEmpty();
    assertThat(Files.readString(map).lines().filter(line -> line.startsWith("## "))).hasSize(3);
  }

  @Test
  void a_map_is_steered_from_the_command_line() {
    Run run =
        run(
            DEMO + "marsh-and-memory.md",
            DEMO + "harbour-committee-minutes.txt",
            "--question",
            "What did the scheme cost?",
            "--term",
            "basilisk",
            "--without",
            "oyster",
            "--detail",
            "FINE");
    assertThat(run.code()).as(run.err()).isZero();
    assertThat(run.out())
        .startsWith("# What did the scheme cost?")
        .contains("Also in the sources", "Basilisk")
        .doesNotContainIgnoringCase("oyster");
    Run mains = run(DEMO + "marsh-and-memory.md", "--main", "Birds", "--main", "Money: cost, sum");
    assertThat(mains.out()).contains("## 1 Birds", "## 2 Money", "## 3 Also in the sources");
    assertThat(run(DEMO + "marsh-and-memory.md", "--question", "Zyzzyva?").err())
        .contains("none of the words");
  }

  @Test
  void labels_and_strengths_of_files_are_checked() {
    PrintStream out = System.out;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    try {
      System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
      int code =
          new picocli.CommandLine(new CheckCommand())
              .execute(DEMO + "survey-report.pdf", DEMO + "wardens-interview.vtt");
      assertThat(code).isZero();
    } finally {
      System.setOut(out);
    }
    String told = printed.toString(StandardCharsets.UTF_8);
    assertThat(told).contains("topics, labels that break a rule");
    String area = told.substring(told.lastIndexOf(' ')).strip();
    assertThat(Double.parseDouble(area)).isGreaterThan(0.95);
  }

  @Test
  void what_cannot_be_done_ends_with_2_and_a_sentence(@TempDir Path folder) throws IOException {
    Path empty = Files.createFile(folder.resolve("empty.txt"));
    assertThat(run("nowhere.txt"))
        .isEqualTo(new Run(2, "", "nowhere.txt: there is no such file, or it may not be read.\n"));
    assertThat(run("" + empty).err()).contains("empty.txt: The file is empty.");
    assertThat(run(DEMO + "marsh-and-memory.md", "--levels", "7").err())
        .contains("between 1 and 5");
    assertThat(run().code()).isEqualTo(2);
    assertThat(run("--colour", "x.txt").err()).contains("--colour");
  }

  @Test
  void labels_and_passages_are_offered_for_stretches_of_a_text(@TempDir Path folder)
      throws IOException {
    String text =
        "Bread is baked here. The cost of the outer wall has fallen. Nobody pays the cost of the"
            + " outer wall now.\n\nWading birds came back to the mud.";
    int start = text.indexOf("The cost");
    int end = text.indexOf("\n");
    Path file =
        Files.writeString(
            folder.resolve("groups.json"),
            JsonMapper.builder()
                .build()
                .writeValueAsString(
                    List.of(
                        Map.of(
                            "text",
                            text,
                            "captions",
                            false,
                            "groups",
                            List.of(Map.of("id", "g1", "extent", List.of(List.of(start, end))))))));
    Run run = printed(() -> LabelCommand.run(file.toString()));
    assertThat(run.code()).as(run.err()).isZero();
    JsonNode answer = JsonMapper.builder().build().readTree(run.out());
    assertThat(answer.get("id").asString()).isEqualTo("g1");
    assertThat(answer.at("/labels/0").asString()).containsIgnoringCase("wall");
    assertThat(answer.at("/passages/0/start").asInt()).isBetween(start, end);

    Files.writeString(file, "[{\n]");
    Run broken = printed(() -> LabelCommand.run(file.toString()));
    assertThat(broken.code()).isEqualTo(2);
    assertThat(broken.err()).contains("line 2").contains("--help").doesNotContain("at org.");
    Files.writeString(
        file, "[{\"text\": \"Short.\", \"groups\": [{\"id\": \"x\", \"extent\": [[3, 99]]}]}]");
    assertThat(printed(() -> LabelCommand.run(file.toString())).err())
        .contains("Group x has an extent that is not within its text: [3, 99].");
    Files.writeString(file, "[{\"text\": \"Short.\"}]");
    assertThat(printed(() -> LabelCommand.run(file.toString())).err())
        .contains("A text without words or groups");
  }
}
