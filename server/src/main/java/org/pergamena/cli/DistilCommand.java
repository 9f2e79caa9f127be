package org.pergamena.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Wishes;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.reference.Guess;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.When;
import org.pergamena.core.source.Source;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.publish.Works;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code pergamena distil FILE... [OPTIONS] [-o map.md] [--json]}. */
@Command(
    name = "distil",
    mixinStandardHelpOptions = true,
    description = "Distils files into a topic map, in the format that the name of -o ends in.")
public final class DistilCommand implements Callable<Integer> {
  @Parameters(arity = "1..*", paramLabel = "FILE", description = "PDF, Markdown, text, VTT, SRT.")
  private List<Path> files;

  @Option(names = "--levels", description = "Levels below the root, 1 to 5 (default: 3).")
  private int levels = DistilOptions.DEFAULT.levels();

  @Option(
      names = "--branches",
      description = "Most topics under one topic, 2 to 12 (default: by the material).")
  private int branches = DistilOptions.DEFAULT.branches();

  @Option(
      names = "--detail",
      description = "How finely: ${COMPLETION-CANDIDATES} (default: ${DEFAULT-VALUE}).")
  private DistilOptions.Detail detail = DistilOptions.Detail.USUAL;

  @Option(
      names = "--order",
      description = "What main branches follow: ${COMPLETION-CANDIDATES} (default: SUBJECT).")
  private DistilOptions.Order order = DistilOptions.Order.SUBJECT;

  @Option(names = "--question", description = "What the map should answer.")
  private String question;

  @Option(names = "--main", description = "A main branch to fill; any number of times.")
  private List<String> mains;

  @Option(names = "--term", description = "A term that must appear; any number of times.")
  private List<String> terms;

  @Option(names = "--without", description = "A term to leave out; any number of times.")
  private List<String> without;

  @Mixin private Output output;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new DistilCommand()).execute(arguments);
  }

  @Override
  public Integer call() throws Refusal {
    Wishes wishes = new Wishes(question, mains, terms, without);
    DistilOptions options = new DistilOptions(levels, branches, detail, order, Set.of(), wishes);
    output.format(); // what cannot be written is not distilled first
    Supplier<UUID> ids = counting();
    List<Source> sources = new ArrayList<>();
    Map<UUID, Reference> known = new HashMap<>();
    Map<UUID, MapArchive.SourceFile> brought = new HashMap<>();
    for (Path file : files) {
      UUID id = ids.get();
      ReadSource read = read(file);
      String name = read.name(file.getFileName().toString());
      sources.add(new Source(id, name, read.text()).in(read.language()));
      known.put(id, known(name, read));
      brought.put(id, brought(file, read));
    }
    TopicMap map =
        new Distiller(sources.stream().map(TextAnalyser::analyse).toList(), options, Progress.NONE)
            .distil()
            .map(ids.get(), ids);
    WholeMap whole = new WholeMap(map, sources, List.of());
    output.write(whole, Works.guessed(sources, known), Output.store(brought, Map.of()));
    return 0;
  }

  /** Identities that are the same on every run. */
  private static Supplier<UUID> counting() {
    long[] next = {1};
    return () -> new UUID(0, next[0]++);
  }

  private static MapArchive.SourceFile brought(Path file, ReadSource read) throws Refusal {
    try {
      return new MapArchive.SourceFile(
          file.getFileName().toString(),
          Files.readAllBytes(file),
          read.kind(),
          read.facts(),
          read.omissions(),
          read.layout(),
          read.scanned());
    } catch (IOException e) {
      throw new Refusal(file + ": it may not be read any more.", e);
    }
  }

  /** What a file says of itself, as far as that can be cited. */
  private static Reference known(String name, ReadSource read) {
    String title = Objects.requireNonNullElse(read.title(), name);
    return Guess.of(
        new Guess.Said(
            title,
            Objects.requireNonNullElse(read.facts().author(), ""),
            Objects.requireNonNullElse(read.facts().date(), ""),
            read.kind().work(),
            "",
            new When(0, 0, 0),
            read.text().text()));
  }

  static Source source(Path file, UUID id) throws Refusal {
    ReadSource read = read(file);
    return new Source(id, file.getFileName().toString(), read.text()).in(read.language());
  }

  private static ReadSource read(Path file) throws Refusal {
    String name = file.getFileName().toString();
    try {
      return new SourceReader().read(name, Files.readAllBytes(file), share -> {});
    } catch (IOException e) {
      throw new Refusal(file + ": there is no such file, or it may not be read.", e);
    } catch (UnreadableException e) {
      throw new Refusal(file + ": " + e.getMessage(), e);
    }
  }
}
