package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.pergamena.server.testing.LocalPostgres;
import org.pergamena.server.testing.Repository;

/** What is saved comes back, and the application rules nothing but what is its own. */
class BackupTest {
  private static String run(Path home, String... arguments) throws Exception {
    String[] command = new String[arguments.length + 1];
    command[0] = Repository.root().resolve("pergamena").toString();
    System.arraycopy(arguments, 0, command, 1, arguments.length);
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().put("PERGAMENA_HOME", home.toString());
    Process process = builder.start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return process.waitFor() + " " + said;
  }

  private static String asked(LocalPostgres database, String query) throws SQLException {
    try (Connection connection = database.connect();
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(query)) {
      StringBuilder rows = new StringBuilder();
      while (result.next()) {
        rows.append(result.getString(1)).append('\n');
      }
      return rows.toString();
    }
  }

  private static void does(LocalPostgres database, String... queries) throws SQLException {
    try (Connection connection = database.connect();
        Statement statement = connection.createStatement()) {
      for (String query : queries) {
        statement.execute(query);
      }
    }
  }

  @Test
  void what_is_saved_comes_back_elsewhere(@TempDir Path folder) throws Exception {
    Path file = folder.resolve("saved");
    String all = "select a || ' ' || b from told order by a";
    String before;
    try (LocalPostgres database = LocalPostgres.start()) {
      does(
          database,
          "create table told (a integer primary key, b text)",
          "insert into told select n, 'tide ' || n || ' \u6f6e' from generate_series(1, 500) n");
      before = asked(database, all);
      assertThat(run(database.folder(), "backup", file.toString())).startsWith("0 ");
      assertThat(asked(database, "select 'it runs on'")).isEqualTo("it runs on\n");
    }
    try (LocalPostgres other = LocalPostgres.start()) {
      does(other, "create table told (a integer)", "create table more (a integer)");
      assertThat(run(other.folder(), "restore", file.toString())).startsWith("0 ");
      other.restart();
      assertThat(asked(other, all)).isEqualTo(before);
      assertThatThrownBy(() -> asked(other, "select a from more")).hasMessageContaining("more");
      Files.writeString(folder.resolve("broken"), "no dump");
      assertThat(run(other.folder(), "restore", folder.resolve("broken").toString()))
          .startsWith("2 ")
          .contains("is not a file that ./pergamena backup has made");
      other.restart();
      assertThat(asked(other, all)).as("as it was").isEqualTo(before);
    }
  }

  @Test
  void the_application_rules_nothing_but_its_own() throws SQLException, IOException {
    try (LocalPostgres database = LocalPostgres.start()) {
      assertThat(
              asked(
                  database,
                  "select rolsuper or rolcreatedb or rolcreaterole from pg_roles"
                      + " where rolname = current_user"))
          .isEqualTo("f\n");
      assertThatThrownBy(() -> does(database, "copy (select 1) to program 'id'"))
          .isInstanceOf(SQLException.class)
          .hasMessageContaining("superuser");
      assertThatThrownBy(() -> asked(database, "select pg_read_file('/etc/passwd')"))
          .isInstanceOf(SQLException.class);
      assertThat(asked(database, "show data_checksums")).isEqualTo("on\n");
    }
  }
}
