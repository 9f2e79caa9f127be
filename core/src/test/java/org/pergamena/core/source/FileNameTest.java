package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class FileNameTest {
  @Test
  void a_name_is_the_last_part_of_a_path_without_what_cannot_be_seen() {
    assertThat(FileName.of("../../etc/pass<b>wd.txt")).isEqualTo("pass<b>wd.txt");
    assertThat(FileName.of("C:\\marsh\\wall.pdf")).isEqualTo("wall.pdf");
    assertThat(FileName.of("wall\u202efdp.exe")).isEqualTo("wallfdp.exe");
    assertThat(FileName.of("a\0b\ud800\n.txt")).isEqualTo("ab.txt");
    assertThat(FileName.of("\ud83c\udf0a.md")).isEqualTo("\ud83c\udf0a.md");
    assertThat(FileName.of(null)).isEmpty();
  }

  @Test
  void a_long_name_keeps_its_ending() {
    String name = FileName.of("wall ".repeat(100) + ".docx");
    assertThat(name.length()).isLessThanOrEqualTo(FileName.LONGEST);
    assertThat(name).startsWith("wall wall").endsWith("\u2026.docx");
  }
}
