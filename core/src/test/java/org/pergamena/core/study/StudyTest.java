package org.pergamena.core.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;

/** What all that is found has in common: its names, its topics, how it comes on the map. */
class StudyTest {
  private static final String WORDS = "The wall is old. Fish came into the creeks.";
  private static final Source SOURCE = new Source(id("s"), "s", SourceText.plain(WORDS));

  private static Passage passage(String words) {
    int start = WORDS.indexOf(words);
    return Passage.of(SOURCE, new Span(start, start + words.length()));
  }

  @Test
  void names_are_the_same_whatever_the_spaces_and_capitals() {
    assertThat(Naming.key("The  wall\nis old.")).isEqualTo(Naming.key("the wall is old. "));
    assertThat(Naming.key("The wall")).isNotEqualTo(Naming.key("The walls"));
  }

  @Test
  void long_lines_are_cut_between_words() {
    assertThat(Naming.shortened("The wall is old.", 20)).isEqualTo("The wall is old.");
    assertThat(Naming.shortened("The wall, which is old, leaks.", 12)).isEqualTo("The wall\u2026");
    assertThat(Naming.shortened("x".repeat(50), 10)).hasSize(10).endsWith("\u2026");
  }

  @Test
  void passages_stand_under_the_topics_that_have_them_the_nearest_to_a_leaf_first() {
    TopicMap map = Maps.marsh();
    map =
        Maps.filled(map, "age", List.of(Maps.evidence("e", SOURCE, "The wall is old.")), List.of());
    map = Maps.filled(map, "wall", List.of(Maps.evidence("f", SOURCE, "wall is old")), List.of());
    TopicsAt topics = new TopicsAt(map);
    assertThat(topics.of(passage("The wall is old."))).containsExactly(id("age"), id("wall"));
    assertThat(topics.of(passage("Fish came"))).isEmpty();
    assertThat(new TopicsAt(null).of(passage("Fish came"))).isEmpty();
    assertThat(topics.of(passage("The wall").adrift())).isEmpty();
  }

  @Test
  void what_was_found_becomes_a_branch_with_passages_of_a_person() {
    Sprig leaf =
        new Sprig("The wall is old", "Ask.", List.of(passage("The wall is old.")), List.of());
    Sprig longest = new Sprig("word ".repeat(200), "", List.of(), List.of());
    Branch branch = Sprig.of("Found", List.of(leaf, longest)).branch(UUID::randomUUID);
    assertThat(branch.topics()).hasSize(3);
    Topic root = branch.topics().get(0);
    Topic first = branch.topics().get(1);
    assertThat(root.children()).containsExactly(first.id(), branch.topics().get(2).id());
    assertThat(first.parent()).isEqualTo(root.id());
    assertThat(first.note()).isEqualTo("Ask.");
    assertThat(first.evidence().get(0).origin()).isEqualTo(Origin.HAND_LINKED);
    assertThat(branch.topics().get(2).label().length()).isLessThanOrEqualTo(Content.LONGEST_LABEL);
  }
}
