package org.pergamena.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.pergamena.core.study.people.People;
import org.pergamena.core.study.people.PeopleFinder;
import org.pergamena.core.study.people.Somebody;
import org.pergamena.core.study.people.Somebody.Form;
import org.pergamena.core.study.people.Tie;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code pergamena people FILE... [--json]}. */
@Command(
    name = "people",
    mixinStandardHelpOptions = true,
    description = "People and bodies that files name, and who occurs with whom.")
public final class PeopleCommand implements Callable<Integer> {
  private static final int MOST_TIES = 20;

  @Parameters(arity = "1..*", paramLabel = "FILE", description = "What names them.")
  private List<Path> files;

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new PeopleCommand()).execute(arguments);
  }

  private record Named(
      String name, String kind, List<String> roles, List<Form> forms, List<Where> places) {}

  private record Where(String file, String place, String words) {}

  private record Tied(
      String from, String to, int sentences, int paragraphs, List<String> phrases) {}

  private record All(List<Named> people, List<Tied> ties) {}

  @Override
  public Integer call() throws Refusal {
    StudyFiles read = StudyFiles.read(files);
    People people = PeopleFinder.in(read.texts(), List.of());
    Map<String, String> names = new HashMap<>();
    people.all().forEach(each -> names.put(each.key(), each.name()));
    List<Named> all = people.all().stream().map(each -> named(each, read)).toList();
    List<Tied> ties = people.ties().stream().map(each -> tied(each, names)).toList();
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      out.println(StudyFiles.json(new All(all, ties)));
      return 0;
    } else if (all.isEmpty()) {
      out.println("The files name nobody, as far as their words go.");
      return 0;
    }
    for (Named each : all) {
      String roles = each.roles().isEmpty() ? "" : ", " + String.join(", ", each.roles());
      String forms = String.join("; ", each.forms().stream().map(Form::words).toList());
      out.printf("%4d  %s%s (%s)%n", each.places().size(), each.name(), roles, each.kind());
      if (each.forms().size() > 1) {
        out.printf("      named as %s%n", forms);
      }
    }
    out.println();
    for (Tied each : ties.subList(0, Math.min(MOST_TIES, ties.size()))) {
      String phrase = each.phrases().isEmpty() ? "with" : each.phrases().get(0);
      out.printf("%4d  %s – %s – %s%n", each.sentences(), each.from(), phrase, each.to());
    }
    return 0;
  }

  private static Named named(Somebody each, StudyFiles read) {
    List<Where> places =
        each.places().stream()
            .map(
                p -> new Where(read.file(p.passage()), read.place(p.passage()), p.passage().line()))
            .toList();
    String kind = each.person() ? "person" : "body";
    return new Named(each.name(), kind, each.roles(), each.forms(), places);
  }

  private static Tied tied(Tie tie, Map<String, String> names) {
    return new Tied(
        names.get(tie.from()),
        names.get(tie.to()),
        tie.sentences(),
        tie.paragraphs(),
        tie.phrases());
  }
}
