package org.pergamena.server.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ConfinementTest {
  private final Confinement confinement = Confinement.here();

  private String said(String script) throws IOException {
    File scratch = Scratch.folder(confinement);
    try {
      ProcessBuilder builder = confinement.command(List.of("sh", "-c", script), scratch);
      Process process = builder.redirectErrorStream(true).start();
      return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    } finally {
      Scratch.delete(scratch);
      assertThat(scratch).doesNotExist();
    }
  }

  @Test
  void a_process_has_no_secrets_and_a_folder_of_its_own() throws IOException {
    assertThat(said("env").lines().map(line -> line.replaceFirst("=.*", "")))
        .contains("PATH", "HOME", "TMPDIR")
        .isSubsetOf(
            "PATH",
            "HOME",
            "TMPDIR",
            "LANG",
            "LC_ALL",
            "TESSDATA_PREFIX",
            "JAVA_HOME",
            "PWD",
            "OLDPWD",
            "SHLVL",
            "_");
    assertThat(said("echo mud > \"$TMPDIR/x\" && cat \"$TMPDIR/x\"")).isEqualTo("mud");
  }

  @Test
  void it_is_kept_from_the_network_and_from_rights_where_that_can_be() throws IOException {
    if (confinement.withoutNetwork()) {
      assertThat(said("tail -n +3 /proc/net/dev | cut -d: -f1").lines().map(String::strip))
          .as("nothing but loopback, and that is down")
          .containsExactly("lo");
    }
    if (confinement.asNobody()) {
      assertThat(said("id -u")).isEqualTo("" + Confinement.NOBODY);
    }
    assertThat(confinement.toString()).contains("without secrets");
  }

  private static List<String> by(List<String> prefix, List<String> command) {
    return Stream.of(prefix, command).flatMap(List::stream).toList();
  }

  private static String ran(List<String> command) throws IOException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
  }

  @Test
  void where_it_is_the_servers_own_user_it_neither_sees_nor_ends_the_server() throws IOException {
    assumeThat(System.getProperty("user.name")).isEqualTo("root");
    List<String> prefix = by(Confinement.NO_RIGHTS, Confinement.APART);
    assumeThat(ran(by(prefix, List.of("echo", "works")))).isEqualTo("works");
    ProcessBuilder builder = new ProcessBuilder(by(Confinement.NO_RIGHTS, List.of("sleep", "60")));
    builder.environment().put("PERGAMENA_DB_PASSWORD", "hidden");
    Process server = builder.start();
    try {
      String script = "cat /proc/$1/environ; kill -9 $1; echo tried";
      List<String> attack = List.of("sh", "-c", script, "attack", "" + server.pid());
      assertThat(ran(by(prefix, attack))).doesNotContain("hidden").endsWith("tried");
      assertThat(server.isAlive()).isTrue();
    } finally {
      server.destroyForcibly();
    }
  }

  @Test
  void what_servers_that_are_gone_have_left_is_swept() throws IOException {
    Path left = Path.of(System.getProperty("java.io.tmpdir"), "pergamena-reading-999999999-x");
    Files.createDirectories(left.resolve("poifiles"));
    File ours = Scratch.folder(confinement);
    Scratch.sweep();
    assertThat(left).doesNotExist();
    assertThat(ours).exists();
    Scratch.delete(ours);
  }
}
