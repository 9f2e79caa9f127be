package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Signs;

class LegendTest {
  private static Tag tag(String id, String word) {
    return new Tag(id, word, "", "leaf");
  }

  @Test
  void a_map_begins_with_twelve_tags_whose_signs_are_there() {
    assertThat(Legend.USUAL.tags()).hasSize(12);
    assertThat(Legend.USUAL.tags())
        .allMatch(tag -> Signs.of(tag.sign()).isPresent() && !tag.meaning().isBlank());
    assertThat(Legend.USUAL.named(" Agreed ").orElseThrow().id()).isEqualTo("agreed");
  }

  @Test
  void two_tags_have_different_words_and_every_tag_has_one() {
    assertThatThrownBy(() -> new Legend(List.of(tag("a", "mine"), tag("b", "Mine "))))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining("Two tags");
    assertThatThrownBy(() -> tag("a", " ")).isInstanceOf(MapRuleException.class);
    assertThatThrownBy(() -> tag("a", "two\nlines")).isInstanceOf(MapRuleException.class);
  }

  @Test
  void tags_that_leave_the_legend_leave_the_topics_and_come_back_by_undo() {
    TopicMap map =
        Maps.marsh().apply(new ContentChange.Mark(id("wall"), List.of("agreed", "open"))).map();
    Legend fewer = new Legend(List.of(tag("open", "still open")));
    Applied done = map.apply(LegendChange.defined(map, fewer));
    assertThat(done.map().topic(id("wall")).content().gloss().tags()).containsExactly("open");
    assertThat(done.map().legend()).isEqualTo(fewer);
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void a_gloss_keeps_each_tag_once_and_says_what_is_too_much() {
    assertThat(Gloss.NONE.withTags(List.of("a", "b", "a")).tags()).containsExactly("a", "b");
    assertThat(Gloss.NONE.withDefinition(" ", true).pinned()).isFalse();
    List<String> many = IntStream.range(0, 30).mapToObj(i -> "t" + i).toList();
    assertThatThrownBy(() -> Gloss.NONE.withTags(many)).hasMessageContaining("at most 20 tags");
    assertThatThrownBy(() -> Gloss.NONE.withPhrase("two\nlines")).hasMessageContaining("one line");
    String tooLong = "x".repeat(Gloss.LONGEST_DEFINITION + 1);
    assertThatThrownBy(() -> Gloss.NONE.withDefinition(tooLong, false))
        .hasMessageContaining("into the note");
  }

  @Test
  void a_topic_has_its_tags_in_its_order_and_only_those_of_the_legend() {
    Topic topic =
        Topic.labelled(Maps.id("wall"), "Wall")
            .with(c -> c.withGloss(gloss -> gloss.withTags(List.of("open", "gone", "agreed"))));
    assertThat(Legend.USUAL.of(topic)).extracting(Tag::id).containsExactly("open", "agreed");
    assertThat(Legend.USUAL.words(topic)).isEqualTo("open question, agreed");
    assertThat(Legend.USUAL.words(Topic.labelled(Maps.id("bank"), "Bank"))).isEmpty();
  }
}
