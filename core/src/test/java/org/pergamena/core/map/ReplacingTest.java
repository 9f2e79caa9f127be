package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Replacing.Found;
import org.pergamena.core.map.Replacing.Where;

class ReplacingTest {
  private static final UUID ROOT = UUID.randomUUID();
  private static final UUID WALL = UUID.randomUUID();
  private static final UUID LINK = UUID.randomUUID();
  private static final TopicMap MAP =
      TopicMap.of(
          List.of(
              new Topic(ROOT, null, List.of(WALL), Content.labelled("Ferrow")),
              new Topic(
                  WALL,
                  ROOT,
                  List.of(),
                  Content.labelled("The Wall (old)").withNote("A wall is a wall."))),
          List.of(CrossLink.of(LINK, WALL, ROOT, "walls in")),
          MapLook.USUAL);

  @Test
  void words_are_found_in_labels_notes_and_phrases_and_the_map_stays_as_it_is() {
    assertThat(new Replacing("wall", "bank", false).in(MAP))
        .containsExactly(
            new Found(Where.LABEL, WALL, "The Wall (old)", "The bank (old)"),
            new Found(Where.NOTE, WALL, "A wall is a wall.", "A bank is a bank."),
            new Found(Where.PHRASE, LINK, "walls in", "banks in"));
    assertThat(MAP.topic(WALL).label()).isEqualTo("The Wall (old)");
  }

  @Test
  void capitals_count_if_so_wished() {
    assertThat(new Replacing("Wall", "Bank", true).in(MAP))
        .extracting(Found::after)
        .containsExactly("The Bank (old)");
  }

  @Test
  void signs_stand_for_themselves() {
    assertThat(new Replacing("(old)", "$1\\", false).in(MAP))
        .extracting(Found::after)
        .containsExactly("The Wall $1\\");
    assertThat(new Replacing(".*", "", false).in(MAP)).isEmpty();
  }

  @Test
  void nothing_to_find_and_more_than_a_note_holds_are_refused() {
    assertThatThrownBy(() -> new Replacing(" ", "x", false))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining("1 to 300 characters");
    TopicMap long_ =
        MAP.apply(new ContentChange.Annotate(WALL, "a".repeat(Content.LONGEST_NOTE))).map();
    assertThatThrownBy(() -> new Replacing("a", "bcd", false).in(long_))
        .hasMessageContaining("too long");
  }
}
