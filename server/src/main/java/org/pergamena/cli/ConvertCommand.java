package org.pergamena.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.pergamena.core.reference.Reference;
import org.pergamena.formats.bring.MapFiles;
import org.pergamena.formats.json.MapArchive;
import org.pergamena.formats.json.WholeMap;
import org.pergamena.formats.publish.Works;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** {@code pergamena convert map.zip -o map.EXT}. */
@Command(
    name = "convert",
    mixinStandardHelpOptions = true,
    description =
        "Writes a map that was saved as ZIP, JSON, JSON-LD, OPML, Markdown or CSV in another format.")
public final class ConvertCommand implements Callable<Integer> {
  private static final UUID NOBODY = new UUID(0, 0);

  @Parameters(arity = "1", paramLabel = "FILE", description = "The map that was saved.")
  private Path file;

  @Mixin private Output output;

  /** Runs the command and exits: 0, or 2 with a sentence on standard error. */
  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return Complaint.line(new ConvertCommand()).execute(arguments);
  }

  @Override
  public Integer call() throws IOException {
    output.format(); // what cannot be written is not read first
    String name = file.getFileName().toString();
    MapArchive.Contents contents = MapFiles.read(name, Files.readAllBytes(file), NOBODY);
    output.write(
        contents.whole(),
        works(contents.whole()),
        Output.store(contents.files(), contents.pictures()));
    return 0;
  }

  private static Works works(WholeMap whole) {
    Map<UUID, Reference> known = new HashMap<>();
    whole.works().stream()
        .filter(work -> work.source() != null)
        .forEach(work -> known.put(work.source(), work.work().reference()));
    return whole.works().isEmpty() ? Works.guessed(whole.sources(), known) : Works.of(whole);
  }
}
