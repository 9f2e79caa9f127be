package org.pergamena.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;
import org.pergamena.formats.citation.CslJson;
import org.pergamena.server.testing.TestApplication;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** What a database of an older version holds is not lost. */
@ExtendWith(TestApplication.class)
class MigrationTest {
  private static final String SCHEMA = "older_version";

  private static void migrate(DataSource data, String to) {
    Flyway.configure().dataSource(data).schemas(SCHEMA).target(to).load().migrate();
  }

  @Test
  void what_was_known_of_sources_becomes_their_reference(ApplicationContext application) {
    DataSource data = new DelegatingDataSource(application.getBean(DataSource.class));
    migrate(data, "7");
    JdbcTemplate sql = new JdbcTemplate(data);
    UUID visitor = UUID.randomUUID();
    UUID map = UUID.randomUUID();
    UUID content = UUID.randomUUID();
    UUID text = UUID.randomUUID();
    sql.update("insert into older_version.visitor values (?, now())", visitor);
    sql.update(
        "insert into older_version.map (id, owner, revision, created_at, changed_at)"
            + " values (?, ?, 1, now(), now())",
        map,
        visitor);
    sql.update(
        "insert into older_version.content (id, sha256, size, bytes) values (?, 'x', 0, '')",
        content);
    sql.update(
        "insert into older_version.source_text (id, content_id, kind, body, structure, words, pages,"
            + " duration, author, dated, digest)"
            + " values (?, ?, 'TEXT', '', '{}', 0, 0, 0, 'Wenna Kest', '2031-05', 'd')",
        text,
        content);
    UUID own = source(sql, map, content, text, 0, "Ferrow Harbour Committee", "spring 2030", "");
    UUID read = source(sql, map, content, text, 1, null, null, "field notes");
    UUID bare = source(sql, map, content, null, 2, null, null, "");
    migrate(data, "8");
    Reference first = reference(sql, own);
    assertThat(first.get(Role.AUTHOR)).isEqualTo(Person.read("{Ferrow Harbour Committee}"));
    assertThat(first.get(Field.ISSUED)).isEqualTo("spring 2030");
    assertThat(first.get(Field.TITLE)).isEqualTo("A name");
    Reference second = reference(sql, read);
    assertThat(second.get(Role.AUTHOR)).isEqualTo(Person.read("Kest, Wenna"));
    assertThat(second.get(Field.ISSUED)).isEqualTo("2031-05");
    assertThat(second.get(Field.GENRE)).isEqualTo("field notes");
    assertThat(second.type()).isEqualTo(WorkType.DOCUMENT);
    assertThat(key(sql, own)).isEqualTo("source-1");
    assertThat(key(sql, read)).isEqualTo("source-2");
    assertThat(key(sql, bare)).as("it gets one when it is read").isNull();
    sql.execute("drop schema older_version cascade");
  }

  private static UUID source(
      JdbcTemplate sql,
      UUID map,
      UUID content,
      UUID text,
      int position,
      String author,
      String dated,
      String category) {
    UUID id = UUID.randomUUID();
    sql.update(
        "insert into older_version.source (id, map_id, content_id, text_id, position, file_name,"
            + " name, created_at, author, dated, category)"
            + " values (?, ?, ?, ?, ?, 'a.txt', 'A name', now(), ?, ?, ?)",
        id,
        map,
        content,
        text,
        position,
        author,
        dated,
        category);
    return id;
  }

  private static Reference reference(JdbcTemplate sql, UUID source) {
    return CslJson.read(
        sql.queryForObject(
            "select reference from older_version.source where id = ?", String.class, source));
  }

  private static String key(JdbcTemplate sql, UUID source) {
    return sql.queryForObject(
        "select cite_key from older_version.source where id = ?", String.class, source);
  }
}
