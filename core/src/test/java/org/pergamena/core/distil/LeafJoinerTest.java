package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class LeafJoinerTest {
  private static final String TEXT =
      "Wading birds came back. The old wall leaked. Somebody said so. The wall was cut."
          + " Oysters died in June. The lease ran out.";

  private Analysed text;

  @BeforeEach
  void read() {
    text = TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", SourceText.plain(TEXT)));
  }

  private Group leaf(String heading, int from) {
    return new Group(heading, List.of(Part.plain(text, from, from + 1)), List.of());
  }

  private static Group above(Group... children) {
    return new Group(null, List.of(), List.of(children));
  }

  /** With those groups poorly named whose words are given. */
  private Group joined(Group branch, String... poor) {
    LeafJoiner joiner = new LeafJoiner(2, group -> Set.of(poor).contains(words(group)) ? 1 : 3);
    Group root = joiner.joined(above(branch));
    assertThat(root.words()).isEqualTo(branch.words());
    return root.children().get(0);
  }

  private String words(Group group) {
    StringBuilder words = new StringBuilder();
    group.sentences().forEach(each -> each.tokens().forEach(t -> words.append(t.surface() + " ")));
    return words.toString().strip();
  }

  @Test
  void a_leaf_without_a_name_joins_the_one_beside_it_that_it_has_more_in_common_with() {
    Group birds = leaf(null, 0);
    Group wall = leaf(null, 1);
    Group cut = leaf(null, 3);
    Group branch = joined(above(birds, wall, cut), "The old wall leaked .");
    assertThat(branch.children()).hasSize(2);
    assertThat(branch.children().get(0)).isSameAs(birds);
    assertThat(words(branch.children().get(1))).startsWith("The old wall").contains("cut");
  }

  @Test
  void two_that_stay_without_a_name_together_are_left_to_the_topic_above() {
    Group branch =
        joined(
            above(leaf(null, 1), leaf(null, 3)),
            "The wall was cut .",
            "The old wall leaked . The wall was cut .");
    assertThat(branch.children()).isEmpty();
    assertThat(branch.own()).hasSize(2);
  }

  @Test
  void what_has_a_heading_or_a_name_stays() {
    Group headed = leaf("Somebody", 2);
    Group oysters = leaf(null, 4);
    Group branch = joined(above(headed, oysters), "Somebody said so .");
    assertThat(branch.children()).containsExactly(headed, oysters);
    Group beside = joined(above(headed, oysters), "Oysters died in June .");
    assertThat(beside.children()).containsExactly(headed);
    assertThat(beside.own()).isEqualTo(oysters.own());
  }

  @Test
  void main_branches_stay_whatever_they_are_called() {
    Group lease = leaf(null, 5);
    assertThat(joined(lease, "The lease ran out .")).isSameAs(lease);
  }
}
