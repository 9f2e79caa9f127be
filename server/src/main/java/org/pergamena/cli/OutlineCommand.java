package org.pergamena.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.ByHand;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.reply.Checked;
import org.pergamena.core.reply.Checked.Judged;
import org.pergamena.core.reply.Checking;
import org.pergamena.core.reply.Compared;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.reply.Compared.Kind;
import org.pergamena.core.reply.Comparing;
import org.pergamena.core.reply.Merging;
import org.pergamena.core.reply.Reply;
import org.pergamena.core.reply.Reply.Point;
import org.pergamena.core.reply.Reply.Why;
import org.pergamena.core.reply.ReplyReader;
import org.pergamena.core.source.Source;
import org.pergamena.formats.json.WholeMap;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.json.JsonMapper;

/** {@code pergamena outline FILE [--sources FILE...] [--against MAP.zip|FILE] [--json]}. */
@Command(
    name = "outline",
    mixinStandardHelpOptions = true,
    description =
        "Reads the outline in the reply of a text assistant, with what was repaired, what bears it"
            + " out, and in what it differs from a map or another outline.")
public final class OutlineCommand implements Callable<Integer> {
  private static final UUID NOBODY = new UUID(0, 0);

  @Parameters(arity = "1", paramLabel = "FILE", description = "The reply, as it was saved.")
  private Path file;

  @Option(
      names = "--sources",
      arity = "1..*",
      paramLabel = "FILE",
      description = "What is to bear it out; else the sources of the map.")
  private List<Path> sources = List.of();

  @Option(
      names = "--against",
      paramLabel = "MAP|FILE",
      description = "A map that was saved, or another outline.")
  private Path against;

  @Option(names = "--json", description = "All of it as JSON.")
  private boolean json;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new OutlineCommand()).execute(arguments);
  }

  /** All that is told, each part null where it was not asked for. */
  private record Told(Reply reply, Checked checked, Compared compared) {}

  @Override
  public Integer call() throws Refusal, IOException {
    Reply reply = ReplyReader.read(text(file), false);
    WholeMap standing = against == null ? null : standing();
    List<Source> texts = new ArrayList<>();
    for (Path source : sources) {
      texts.add(DistilCommand.source(source, UUID.randomUUID()));
    }
    if (texts.isEmpty() && standing != null) {
      texts.addAll(standing.sources());
    }
    List<Analysed> analysed = texts.stream().map(TextAnalyser::analyse).toList();
    List<Tongue> tongues = analysed.stream().map(Analysed::tongue).distinct().toList();
    TopicMap map = standing == null ? null : standing.map();
    Checked checked = analysed.isEmpty() ? null : Checking.of(reply, map, analysed, Progress.NONE);
    Compared compared =
        map == null ? null : Comparing.of(reply, map, List.of(), null, ByHand.NOTHING, tongues);
    Told told = new Told(reply, checked, compared);
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    if (json) {
      out.println(
          JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(told));
    } else {
      print(told, out);
    }
    return 0;
  }

  private static String text(Path file) throws Refusal {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new Refusal(file + ": it is not there, or is no text in UTF-8.", e);
    }
  }

  private WholeMap standing() throws Refusal, IOException {
    if (MapFile.is(against)) {
      return MapFile.read(against);
    }
    String name = MapFile.name(against);
    Reply outline = ReplyReader.read(text(against), false);
    TopicMap nothing = TopicMap.rootedAt(Topic.labelled(NOBODY, name));
    LocalDate today = LocalDate.now(ZoneOffset.UTC);
    TopicMap map =
        Merging.of(
            List.of(new Merging.Named(name, outline, today)),
            name,
            nothing,
            List.of(),
            UUID::randomUUID);
    return new WholeMap(map, List.of(), List.of());
  }

  private void print(Told told, PrintStream out) {
    Reply reply = told.reply();
    for (int i = 0; i < reply.points().size(); i++) {
      Point point = reply.points().get(i);
      String judged = told.checked() == null ? "" : "   " + words(told.checked().points().get(i));
      out.println("  ".repeat(point.level() - 1) + "- " + point.label() + judged);
    }
    reply
        .links()
        .forEach(link -> out.println("~ " + link.from() + " " + link.phrase() + " → " + link.to()));
    out.println();
    reply.repairs().forEach(each -> out.println("line " + each.line() + ": " + each.sentence()));
    reply.left().stream()
        .filter(left -> left.why() != Why.FORM)
        .forEach(left -> out.println("line " + left.line() + ": not taken: " + left.text()));
    if (told.checked() != null && !told.checked().unsaid().isEmpty()) {
      out.println(
          "the sources say much about, and it does not name: "
              + told.checked().unsaid().stream()
                  .map(unsaid -> unsaid.term() + " (" + unsaid.sentences() + ")")
                  .collect(Collectors.joining(", ")));
    }
    if (told.compared() != null) {
      differences(told.compared(), out);
    }
  }

  private static String words(Judged judged) {
    StringBuilder words = new StringBuilder("[").append(judged.grade().words());
    judged.cites().stream()
        .filter(cite -> cite.evidence() == null)
        .forEach(cite -> words.append("; no passage is called ").append(cite.key()));
    if (!judged.claims().isEmpty()) {
      words.append("; in no source: ").append(String.join(", ", judged.claims()));
    }
    return words.append(']').toString();
  }

  private static void differences(Compared compared, PrintStream out) {
    Map<Kind, Long> counts = new EnumMap<>(Kind.class);
    compared.differences().forEach(each -> counts.merge(each.kind(), 1L, Long::sum));
    out.println();
    out.println(
        counts.entrySet().stream()
            .map(each -> each.getKey().name().toLowerCase(Locale.ROOT) + " " + each.getValue())
            .collect(Collectors.joining(", ")));
    for (Difference each : compared.differences()) {
      if (each.kind() != Kind.SAME) {
        String was = each.was().isEmpty() ? "" : each.was();
        String is = each.kind() == Kind.MISSING ? "" : each.is();
        String arrow = was.isEmpty() || is.isEmpty() ? "" : " → ";
        out.println(each.kind().name().toLowerCase(Locale.ROOT) + ": " + was + arrow + is);
      }
    }
  }
}
