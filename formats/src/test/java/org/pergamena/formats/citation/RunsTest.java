package org.pergamena.formats.citation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.pergamena.core.publish.Block.Run;

class RunsTest {
  private static List<Run> runs(String html) {
    return Runs.of(Jsoup.parseBodyFragment(html).body());
  }

  @Test
  void slant_weight_and_links_are_kept_and_blanks_are_few() {
    assertThat(
            runs(
                "  Kest.\n <span style=\"font-style: italic\">Mud &amp; <span style=\"font-style:"
                    + " normal\">Oss</span></span>, <b>3</b> <a href=\"https://x.example\">here</a>. "))
        .containsExactly(
            Run.plain("Kest. "),
            new Run("Mud & ", false, true, null),
            Run.plain("Oss, "),
            new Run("3", true, false, null),
            Run.plain(" "),
            new Run("here", false, false, "https://x.example"),
            Run.plain("."));
    assertThat(runs(" \n ")).isEmpty();
  }

  @Test
  void several_citations_are_joined_in_one_pair_of_brackets() {
    List<Run> slanted =
        List.of(Run.plain("("), new Run("Mud", false, true, null), Run.plain(", 3)"));
    assertThat(Runs.joined(List.of(slanted, List.of(Run.plain("(2031)")))))
        .containsExactly(
            Run.plain("("), new Run("Mud", false, true, null), Run.plain(", 3; 2031)"));
    assertThat(Runs.joined(List.of(slanted))).isEqualTo(slanted);
  }
}
