package org.pergamena.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.Answering;
import org.pergamena.core.study.Answers;
import org.pergamena.core.study.Answers.Answer;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.json.JsonMapper;

/** {@code pergamena ask FILE... --question TEXT [--json]}. */
@Command(
    name = "ask",
    mixinStandardHelpOptions = true,
    description = "The passages of files that answer a question, the best first.")
public final class AskCommand implements Callable<Integer> {
  @Parameters(arity = "1..*", paramLabel = "FILE", description = "What is to answer.")
  private List<Path> files;

  @Option(names = "--question", required = true, description = "The question, in words.")
  private String question;

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new AskCommand()).execute(arguments);
  }

  /** A passage as it is printed. */
  private record Printed(String file, String place, double strength, String words) {}

  @Override
  public Integer call() throws Refusal {
    Map<UUID, Source> sources = new HashMap<>();
    List<Analysed> analysed = new ArrayList<>();
    for (Path file : files) {
      Source source = DistilCommand.source(file, UUID.randomUUID());
      sources.put(source.id(), source);
      analysed.add(TextAnalyser.analyse(source));
    }
    Answers answers = new Answering(analysed).to(question, null);
    List<Printed> all =
        answers.found().stream()
            .map(answer -> printed(answer, sources.get(answer.passage().source())))
            .toList();
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      out.println(
          JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(all));
    } else if (all.isEmpty()) {
      out.println("The files say nothing to this, as far as its words go.");
    } else {
      all.forEach(
          each ->
              out.printf(
                  "%.2f  %s%n      %s%s%n",
                  each.strength(),
                  each.words(),
                  each.file(),
                  each.place().isEmpty() ? "" : ", " + each.place()));
    }
    return 0;
  }

  private static Printed printed(Answer answer, Source source) {
    Passage passage = answer.passage();
    String place = source.text().locate(passage.start()).citation();
    return new Printed(source.name(), place, answer.strength(), passage.line());
  }
}
