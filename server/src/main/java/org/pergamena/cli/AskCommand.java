package org.pergamena.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.pergamena.core.source.Passage;
import org.pergamena.core.study.ask.Answering;
import org.pergamena.core.study.ask.Answers;
import org.pergamena.core.study.ask.Answers.Answer;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

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
    StudyFiles read = StudyFiles.read(files);
    Answers answers = new Answering(read.texts()).to(question, null);
    List<Printed> all = answers.found().stream().map(answer -> printed(answer, read)).toList();
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      out.println(StudyFiles.json(all));
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

  private static Printed printed(Answer answer, StudyFiles read) {
    Passage passage = answer.passage();
    return new Printed(read.file(passage), read.place(passage), answer.strength(), passage.line());
  }
}
