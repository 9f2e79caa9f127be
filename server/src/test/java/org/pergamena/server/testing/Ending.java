package org.pergamena.server.testing;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Ends what tests have started when they are stopped themselves, however that is. */
public final class Ending {
  private static final String WAIT =
      "while kill -0 \"$0\" 2>/dev/null; do sleep 1; done; exec \"$@\"";

  private Ending() {}

  /** Runs a command once a process is no more. */
  public static void with(ProcessHandle parent, String... command) throws IOException {
    List<String> all = new ArrayList<>(List.of("setsid", "bash", "-c", WAIT, "" + parent.pid()));
    all.addAll(List.of(command));
    new ProcessBuilder(all)
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start();
  }
}
