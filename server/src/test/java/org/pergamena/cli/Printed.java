package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.function.ToIntFunction;

/** What a command prints. */
final class Printed {
  private Printed() {}

  /** What a command that succeeds prints. */
  static String by(ToIntFunction<String[]> command, String... arguments) {
    PrintStream usual = System.out;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
    try {
      assertThat(command.applyAsInt(arguments)).isZero();
    } finally {
      System.setOut(usual);
    }
    return out.toString(StandardCharsets.UTF_8);
  }
}
