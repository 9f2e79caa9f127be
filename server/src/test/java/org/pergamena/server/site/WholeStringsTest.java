package org.pergamena.server.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class WholeStringsTest {
  private final JsonMapper json = JsonMapper.builder().addModule(new WholeStrings()).build();

  record Said(String words) {}

  private String read(String escaped) {
    return json.readValue("{\"words\": \"" + escaped + "\"}", Said.class).words();
  }

  @Test
  void halves_of_characters_are_made_whole_and_what_is_none_is_refused() {
    assertThat(read("the \\ud83c\\udf0a sea")).isEqualTo("the \ud83c\udf0a sea");
    assertThat(read("\\ud83c sea \\udf0a")).isEqualTo("\ufffd sea \ufffd");
    assertThat(read("wall")).isEqualTo("wall");
    assertThat(json.readValue("{\"words\": null}", Said.class).words()).isNull();
    assertThatThrownBy(() -> read("a\\u0000b")).hasMessageContaining("Take it out");
  }
}
