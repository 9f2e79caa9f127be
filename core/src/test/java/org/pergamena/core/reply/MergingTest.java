package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.TopicMap;

class MergingTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  private static Merging.Named outline(String name, String text) {
    return new Merging.Named(name, ReplyReader.read(text, false), DAY);
  }

  private static Content content(TopicMap map, String label) {
    return map.topic(ComparingTest.topic(map, label)).content();
  }

  @Test
  void several_outlines_become_one_and_each_topic_says_from_which_it_comes() {
    TopicMap map =
        Merging.of(
            List.of(
                outline("A", "- Sea wall: a bank of clay against the tide\n  - Age\n- Birds\n"),
                outline("B", "- The sea wall: an old bank that was raised twice\n  - Height\n"),
                outline("Contents", "- Plants\n- Birds\n  - Waders\n")),
            "Ferrow",
            ComparingTest.map("- Nothing\n"),
            List.of(Tongue.of(Tongue.ENGLISH)),
            UUID::randomUUID);
    assertThat(TakingTest.tree(map))
        .containsExactly(
            "Ferrow", "-Sea wall", "--Age", "--Height", "-Birds", "--Waders", "-Plants");
    assertThat(content(map, "Sea wall").gloss().trace().assistant()).isEqualTo("A, B");
    assertThat(content(map, "Sea wall").gloss().definition()).startsWith("a bank of clay");
    assertThat(content(map, "Sea wall").note())
        .contains("B: an old bank that was raised twice", "B calls it: The sea wall");
    assertThat(content(map, "Birds").gloss().trace().assistant()).isEqualTo("A, Contents");
    assertThat(content(map, "Waders").gloss().trace().assistant()).isEqualTo("Contents");
  }

  @Test
  void two_replies_lie_beside_each_other_with_what_only_one_has() {
    Beside beside =
        Beside.of(
            ReplyReader.read("- Sea wall\n  - Age\n- Birds\n", false),
            ReplyReader.read("- Bird life\n- The sea wall\n- Plants\n", false),
            List.of());
    assertThat(beside.rows())
        .extracting(Beside.Pair::first, Beside.Pair::second)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple("Sea wall", "The sea wall"),
            org.assertj.core.groups.Tuple.tuple("Age", ""),
            org.assertj.core.groups.Tuple.tuple("Birds", "Bird life"),
            org.assertj.core.groups.Tuple.tuple("", "Plants"));
  }
}
