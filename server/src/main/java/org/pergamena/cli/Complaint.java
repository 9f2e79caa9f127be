package org.pergamena.cli;

import java.io.IOException;
import java.nio.file.NoSuchFileException;
import picocli.CommandLine;

/** What the command line says of an error: a sentence, and never where in the code it arose. */
final class Complaint {
  private Complaint() {}

  /** A command that says such sentences and exits with 2, also of wrong parameters. */
  static CommandLine line(Object command) {
    return new CommandLine(command)
        .setExecutionExceptionHandler((e, line, parsed) -> say(line, sentence(e)))
        .setParameterExceptionHandler(
            (e, rest) -> say(e.getCommandLine(), e.getMessage() + " See --help."));
  }

  private static int say(CommandLine line, String sentence) {
    line.getErr().println(sentence);
    line.getErr().flush();
    return 2;
  }

  private static String sentence(Exception e) {
    if (e instanceof NoSuchFileException) {
      return "There is no file " + e.getMessage() + ".";
    }
    if (e instanceof IOException) {
      return "A file cannot be read or written: " + e.getMessage() + ".";
    }
    boolean own =
        e.getStackTrace().length > 0
            && e.getStackTrace()[0].getClassName().startsWith("org.pergamena.")
            && e.getMessage() != null;
    return own
        ? e.getMessage()
        : "This did not work, through no fault of yours ("
            + e.getClass().getSimpleName()
            + "). Try another file, or tell us of this one.";
  }
}
