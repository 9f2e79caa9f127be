package org.pergamena.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatchLevelTest {
  @ParameterizedTest
  @CsvSource({
    "17.0.14+7, at least 17.0.15",
    "21.0.2, at least 21.0.7",
    "19.0.2, none any more",
    "17.0.15+6-Debian-1, ''",
    "21.0.9, ''",
    "25, ''"
  })
  void a_java_without_updates_is_told(String version, String said) {
    String warning = PatchLevel.warning(Runtime.Version.parse(version)).orElse("");
    assertThat(warning).contains(said);
    assertThat(warning.isEmpty()).isEqualTo(said.isEmpty());
  }
}
