package org.pergamena.core.shipped;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Signs;

/** By the signs, which ship so. */
class ShippedTest {
  private static final Shipped<String> SIGNS =
      new Shipped<>(
          Signs.class, "signs.txt.gz", parts -> parts[0].replace('-', ' '), parts -> parts[2]);

  private static List<String> found(String words, int most) {
    return SIGNS.search(words, most, (name, path) -> name);
  }

  @Test
  void things_are_known_by_their_names() {
    assertThat(SIGNS.of("leaf").orElseThrow()).startsWith("M");
    assertThat(SIGNS.of("no-such-leaf")).isEmpty();
  }

  @Test
  void every_word_of_a_search_begins_a_word_and_the_shortest_names_come_first() {
    assertThat(found("leaf", 9)).startsWith("leaf").allMatch(name -> name.contains("leaf"));
    assertThat(found("  SEARCH check ", 9)).contains("search-check");
    assertThat(found("heck", 2000)).noneMatch("check"::equals);
    List<String> all = found("", 5000);
    assertThat(all)
        .hasSizeGreaterThan(1000)
        .isSortedAccordingTo(Comparator.comparingInt(String::length));
    assertThat(found("", 4)).isEqualTo(all.subList(0, 4));
  }

  @Test
  void a_file_that_is_not_packed_is_told_by_its_name() {
    assertThatThrownBy(() -> new Shipped<>(Signs.class, "signs.LICENSE", parts -> "", parts -> ""))
        .hasMessageContaining("signs.LICENSE");
  }
}
