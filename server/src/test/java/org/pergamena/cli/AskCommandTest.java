package org.pergamena.cli;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("it listens to what is printed")
class AskCommandTest {
  private static final String MEMORY = "../demo/marsh-and-memory.md";

  private static String printed(String... arguments) {
    return Printed.by(AskCommand::run, arguments);
  }

  @Test
  void files_answer_a_question_or_say_nothing() {
    String told = printed(MEMORY, "--question", "Where do the terns nest?");
    assertThat(told.lines().findFirst().orElseThrow()).contains("Terns nest on the little islands");
    assertThat(told).contains("marsh-and-memory.md, Wings over the water");
    assertThat(printed(MEMORY, "--question", "What is coastal squeeze?", "--json"))
        .contains("\"words\"", "coastal squeeze");
    assertThat(printed(MEMORY, "--question", "Who governs Atlantis?")).contains("say nothing");
    assertThat(AskCommand.run(MEMORY)).isEqualTo(2);
  }
}
