package org.pergamena.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.pergamena.core.language.Language;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints the text that is read out of a file, and on standard error what was found in it. */
@Command(name = "read", description = "The text of a file, and what was found in it.")
public final class ReadCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", description = "the file to read")
  private Path file;

  @Option(
      names = "--times",
      defaultValue = "1",
      description = "read it so many times and tell the best speed")
  private int times;

  @Spec private CommandSpec spec;

  /** Runs the command and leaves the Java machine with its exit code. */
  public static void main(String[] arguments) {
    System.exit(Complaint.line(new ReadCommand()).execute(arguments));
  }

  @Override
  public Integer call() throws IOException {
    PrintWriter out = spec.commandLine().getOut();
    PrintWriter told = spec.commandLine().getErr();
    try {
      byte[] bytes = Files.readAllBytes(file);
      SourceReader reader = new SourceReader();
      ReadSource read = null;
      double best = Double.MAX_VALUE;
      for (int i = 0; i < Math.max(1, times); i++) {
        long start = System.nanoTime();
        read = reader.read(file.getFileName().toString(), bytes, share -> {});
        best = Math.min(best, (System.nanoTime() - start) / 1e9);
      }
      out.println(read.text().text());
      out.flush();
      tell(told, read, best);
      return 0;
    } catch (NoSuchFileException e) {
      told.println("There is no file " + file + ". Check its name.");
    } catch (UnreadableException e) {
      told.println(file.getFileName() + ": " + e.getMessage());
    }
    told.flush();
    return 2;
  }

  private static void tell(PrintWriter told, ReadSource read, double seconds) {
    SourceText text = read.text();
    long headings = text.blocks().stream().filter(b -> b.kind() == Block.Kind.HEADING).count();
    told.printf(
        Locale.ROOT,
        "%s: %,d words, %,d pages, %,d headings, %s, %.3f s, %,.0f words/s%n",
        read.title() == null ? read.kind().word() : read.title(),
        text.words(),
        text.pageCount(),
        headings,
        Language.name(read.language()),
        seconds,
        text.words() / seconds);
    for (Omission omission : read.omissions()) {
      told.println(
          "left out: "
              + omission.reason()
              + (omission.example().isEmpty() ? "" : " (" + omission.example() + ")"));
    }
    told.flush();
  }
}
