package org.pergamena.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.pergamena.core.study.event.Chronicle;
import org.pergamena.core.study.event.Chronicle.Counted;
import org.pergamena.core.study.event.Chronicler;
import org.pergamena.core.study.event.Happening;
import org.pergamena.core.study.event.Happening.Said;
import org.pergamena.core.time.Edtf;
import org.pergamena.core.time.When;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code pergamena events FILE... [--at EVENT=TIME] [--json]}. */
@Command(
    name = "events",
    mixinStandardHelpOptions = true,
    description = "What happened when, as files tell it.")
public final class EventsCommand implements Callable<Integer> {
  @Parameters(arity = "1..*", paramLabel = "FILE", description = "What tells it.")
  private List<Path> files;

  @Option(
      names = "--at",
      paramLabel = "EVENT=TIME",
      description = "When an event was that others are counted from: --at breach=2019-10-12.")
  private Map<String, String> given = new HashMap<>();

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new EventsCommand()).execute(arguments);
  }

  /**
   * An event as it is printed.
   *
   * @param when as ISO 8601-2 writes it, empty if it is not known
   */
  private record Printed(
      String when, String told, String event, List<Passages> passages, List<String> otherwise) {}

  private record Passages(String file, String place, String words) {}

  private record All(List<Printed> events, List<Printed> open, String countedFrom) {}

  @Override
  public Integer call() throws Refusal {
    Map<String, When> at = new HashMap<>();
    for (Map.Entry<String, String> each : given.entrySet()) {
      When when =
          Edtf.read(each.getValue())
              .orElseThrow(
                  () ->
                      new Refusal(
                          each.getValue()
                              + " is no time. Write it as 2019, 2019-10 or 2019-10-12."));
      at.put(each.getKey(), when);
    }
    StudyFiles read = StudyFiles.read(files);
    Chronicle chronicle = Chronicler.of(read.texts(), List.of(), at);
    List<Printed> dated = chronicle.events().stream().map(e -> printed(e, read)).toList();
    List<Printed> open = chronicle.open().stream().map(e -> printed(e, read)).toList();
    Counted counted = chronicle.counted();
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      String from = counted == null ? "" : counted.event();
      out.println(StudyFiles.json(new All(dated, open, from)));
      return 0;
    }
    dated.forEach(each -> print(out, each));
    if (!open.isEmpty()) {
      out.printf("%nIts time is open:%n");
      open.forEach(each -> print(out, each));
    }
    if (dated.isEmpty() && open.isEmpty()) {
      out.println("The files tell of no time.");
    } else if (counted != null && counted.when().isEmpty()) {
      out.printf(
          "%n%d times are counted from the %s. If you know when that was: --at %s=TIME.%n",
          counted.times(), counted.event(), counted.event());
    }
    return 0;
  }

  private static void print(PrintStream out, Printed event) {
    String when = event.when().isEmpty() ? event.told() : event.when();
    out.printf("%-24s %s%n", when, event.event());
    event.passages().stream()
        .map(p -> p.place().isEmpty() ? p.file() : p.file() + ", " + p.place())
        .distinct()
        .forEach(cited -> out.printf("%24s %s%n", "", cited));
    event.otherwise().forEach(reason -> out.printf("%24s ! %s%n", "", reason));
  }

  private static Printed printed(Happening event, StudyFiles read) {
    return new Printed(
        event.when() == null ? "" : event.when().iso(),
        event.shown(),
        event.label(),
        event.accounts().stream().map(said -> passages(said, read)).toList(),
        event.differs().stream().map(Happening.Differs::reason).toList());
  }

  private static Passages passages(Said said, StudyFiles read) {
    return new Passages(
        read.file(said.passage()), read.place(said.passage()), said.passage().line());
  }
}
