package org.pergamena.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.compare.Comparer;
import org.pergamena.core.study.compare.Comparison;
import org.pergamena.core.study.compare.Comparison.Both;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Comparison.Matter;
import org.pergamena.core.study.compare.Concord;
import org.pergamena.core.study.compare.Side;
import org.pergamena.formats.json.WholeMap;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code pergamena compare FILE... [--with FILE...] [--json]}. */
@Command(
    name = "compare",
    mixinStandardHelpOptions = true,
    description =
        "What two files, groups of files or maps that were saved have in common, and what each has"
            + " alone.")
public final class CompareCommand implements Callable<Integer> {
  private static final UUID NOBODY = new UUID(0, 0);
  private static final int PRINTED = 15;

  @Parameters(
      arity = "1..*",
      paramLabel = "FILE",
      description = "The first is compared with the others, or all with those after --with.")
  private List<Path> files;

  @Option(names = "--with", arity = "1..*", paramLabel = "FILE", description = "The other group.")
  private List<Path> with = List.of();

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new CompareCommand()).execute(arguments);
  }

  private record Where(String file, String place, String words) {}

  private record One(String words, int often, List<Where> passages) {}

  private record Pair(One one, One other, double sure, String against) {}

  private record Printed(List<One> one, List<Pair> both, List<One> other) {}

  private record Agreed(String one, String other, double agreement) {}

  private record All(
      String one,
      String other,
      Printed topics,
      Printed terms,
      Printed passages,
      Double agreement,
      List<Agreed> byTopic) {}

  private record Read(Side side, TopicMap map, List<Analysed> texts) {}

  @Override
  public Integer call() throws Refusal, IOException {
    List<Path> first = with.isEmpty() ? files.subList(0, 1) : files;
    List<Path> second = with.isEmpty() ? files.subList(1, files.size()) : with;
    if (second.isEmpty()) {
      throw new Refusal("There is one file alone. Name another to compare it with.");
    }
    Read one = read(first);
    Read other = read(second);
    Comparison found = Comparer.of(one.side(), other.side(), List.of());
    Concord concord =
        one.map() == null || other.map() == null
            ? null
            : Concord.of(one.map(), one.texts(), other.map(), other.texts());
    Map<UUID, Source> sources =
        Stream.of(one, other)
            .flatMap(each -> each.texts().stream())
            .map(Analysed::source)
            .collect(Collectors.toMap(Source::id, source -> source, (a, b) -> a));
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      out.println(
          StudyFiles.json(
              new All(
                  one.side().name(),
                  other.side().name(),
                  printed(found.topics(), sources),
                  printed(found.terms(), sources),
                  printed(found.passages(), sources),
                  concord == null ? null : concord.figure(),
                  concord == null ? List.of() : byTopic(concord, one.map(), other.map()))));
      return 0;
    }
    String ours = one.side().name();
    String theirs = other.side().name();
    print("Topics", found.topics(), ours, theirs, out);
    print("Terms", found.terms(), ours, theirs, out);
    print("Sentences", found.passages(), ours, theirs, out);
    if (concord != null) {
      out.printf(
          "%nAgreement of the two maps: %.2f (kappa, over %d sentences that both placed)%n",
          concord.figure(), concord.sentences());
      byTopic(concord, one.map(), other.map())
          .forEach(t -> out.printf("  %5.2f  %s = %s%n", t.agreement(), t.one(), t.other()));
    }
    return 0;
  }

  private static Read read(List<Path> files) throws Refusal, IOException {
    if (files.size() == 1 && MapFile.is(files.get(0))) {
      WholeMap whole = MapFile.read(files.get(0));
      List<Analysed> texts = whole.sources().stream().map(TextAnalyser::analyse).toList();
      return new Read(Side.map(whole.map(), texts), whole.map(), texts);
    }
    StudyFiles read = StudyFiles.read(files);
    String name =
        read.sources().values().stream().map(Source::name).collect(Collectors.joining(", "));
    TopicMap none = TopicMap.rootedAt(Topic.labelled(NOBODY, name));
    return new Read(Side.sources(name, none, read.texts()), null, read.texts());
  }

  private static Printed printed(Columns columns, Map<UUID, Source> sources) {
    return new Printed(
        columns.one().stream().map(matter -> one(matter, sources)).toList(),
        columns.both().stream()
            .map(
                b ->
                    new Pair(one(b.one(), sources), one(b.other(), sources), b.sure(), b.against()))
            .toList(),
        columns.other().stream().map(matter -> one(matter, sources)).toList());
  }

  private static One one(Matter matter, Map<UUID, Source> sources) {
    return new One(
        matter.words(),
        matter.often(),
        matter.passages().stream().map(passage -> where(passage, sources)).toList());
  }

  private static Where where(Passage passage, Map<UUID, Source> sources) {
    Source source = sources.get(passage.source());
    return new Where(source.name(), source.place(passage), passage.line());
  }

  private static List<Agreed> byTopic(Concord concord, TopicMap one, TopicMap other) {
    return concord.topics().stream()
        .map(
            topic ->
                new Agreed(
                    one.topic(topic.one()).label(),
                    topic.other() == null ? "" : other.topic(topic.other()).label(),
                    topic.kappa()))
        .toList();
  }

  private static void print(
      String title, Columns columns, String one, String other, PrintStream out) {
    if (columns.ones() + columns.boths() + columns.others() == 0) {
      return;
    }
    out.printf("%s%n", title);
    print("only " + one, columns.one().stream().map(Matter::words).toList(), columns.ones(), out);
    print("both", columns.both().stream().map(CompareCommand::line).toList(), columns.boths(), out);
    print(
        "only " + other,
        columns.other().stream().map(Matter::words).toList(),
        columns.others(),
        out);
  }

  private static String line(Both both) {
    String words =
        both.one().words().equalsIgnoreCase(both.other().words())
            ? both.one().words()
            : both.one().words() + " = " + both.other().words();
    String sure = both.sure() < 1 ? String.format(" (%.2f)", both.sure()) : "";
    return words + sure + (both.against().isEmpty() ? "" : " ! " + both.against());
  }

  private static void print(String head, List<String> lines, int all, PrintStream out) {
    out.printf("  %s (%d)%n", head, all);
    lines.stream().limit(PRINTED).forEach(line -> out.printf("    %s%n", line));
    if (all > Math.min(PRINTED, lines.size())) {
      out.printf("    and %d more, see --json%n", all - Math.min(PRINTED, lines.size()));
    }
  }
}
