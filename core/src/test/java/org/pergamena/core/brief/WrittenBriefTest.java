package org.pergamena.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.pergamena.core.map.Maps.id;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.brief.Brief.Along;
import org.pergamena.core.brief.Brief.Limits;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class WrittenBriefTest {
  private static final Source SURVEY =
      new Source(id("survey"), "Survey", SourceText.plain("The old wall leaks. It is low."));

  private static TopicMap marsh() {
    TopicMap map =
        Maps.filled(
            Maps.marsh(),
            "age",
            List.of(Maps.evidence("e", SURVEY, "The old wall leaks.")),
            List.of());
    return map.apply(new ContentChange.Annotate(id("wall"), "Ask\nthe warden.")).map();
  }

  private static Brief brief(Wish wish, List<UUID> topics, Limits limits, Along... along) {
    return new Brief(wish, topics, "", limits, "", "", "", Set.of(along));
  }

  @Test
  void it_says_what_is_wanted_for_whom_within_which_limits_and_in_which_form() {
    Brief brief =
        new Brief(
            Wish.SUBJECT,
            List.of(),
            "Breaching a sea wall",
            new Limits(3, 5, 1),
            "a parish council",
            "an engineer of coasts",
            "French",
            Set.of());
    assertThat(WrittenBrief.of(brief, marsh(), List.of(SURVEY)).text())
        .isEqualTo(
            """
            Write as an engineer of coasts.
            Write an outline of the subject “Breaching a sea wall”, for a parish council.
            Use at most 3 levels. Put at most 5 points under each point. Keep each point to at most 1 word.
            Answer with one nested Markdown list in one code block and nothing else.
            Write in French.
            """);
  }

  @Test
  void labels_notes_and_passages_go_along_with_keys_by_which_they_are_cited() {
    Brief brief =
        brief(
            Wish.MORE, List.of(id("wall")), Limits.NONE, Along.LABELS, Along.NOTES, Along.PASSAGES);
    WrittenBrief written = WrittenBrief.of(brief, marsh(), List.of(SURVEY));
    String key = ShortKeys.passages(List.of(id("e"))).get(id("e"));
    assertThat(key).matches("p[0-9a-f]{6}");
    assertThat(written.text())
        .contains("Tell more on “wall”")
        .contains("- wall\n  Note: Ask the warden.\n  - age\n  - squeeze\n")
        .contains("[" + key + "] The old wall leaks. (Survey")
        .doesNotContain("fish");
    assertThat(written.passages()).isEqualTo(1);
    assertThat(written.words()).isEqualTo(written.text().strip().split("\\s+").length);
    assertThat(written.tokens()).isBetween(written.words(), 2 * written.words());
  }

  @ParameterizedTest
  @EnumSource
  void every_wish_is_worded_and_says_the_form_of_its_answer(Wish wish) {
    String text = WrittenBrief.of(brief(wish, List.of(), Limits.NONE), marsh(), List.of()).text();
    assertThat(text).contains("“root”").contains("in one code block and nothing else");
  }

  @Test
  void topics_that_are_gone_are_not_asked_for_and_without_passages_it_says_so() {
    Brief brief = brief(Wish.BELOW, List.of(id("gone"), id("fish")), Limits.NONE, Along.PASSAGES);
    assertThat(WrittenBrief.of(brief, marsh(), List.of(SURVEY)).text())
        .contains("“fish”")
        .contains("There are no passages.");
  }

  @Test
  void passages_that_begin_alike_have_longer_keys() {
    UUID one = UUID.fromString("3f9a2c11-0000-4000-8000-000000000001");
    UUID other = UUID.fromString("3f9a2c22-0000-4000-8000-000000000002");
    UUID third = UUID.fromString("aaaaaaaa-0000-4000-8000-000000000003");
    assertThat(ShortKeys.passages(List.of(one, other, third, one)))
        .isEqualTo(Map.of(third, "paaaaaa", one, "p3f9a2c11", other, "p3f9a2c22"));
  }

  @Test
  void a_limit_or_a_field_that_is_none_is_refused() {
    assertThatThrownBy(() -> new Limits(-1, 0, 0)).hasMessageContaining("between 1 and 200");
    assertThatThrownBy(
            () ->
                new Brief(Wish.MORE, List.of(), "x".repeat(501), Limits.NONE, "", "", "", Set.of()))
        .hasMessageContaining("500");
  }

  @Test
  void names_are_asked_for_with_what_stands_about_each_topic_and_its_passages() {
    Brief brief = brief(Wish.WORDING, List.of(), new Limits(0, 0, 5), Along.PASSAGES);
    List<Topic> named = List.of(marsh().topic(id("wall")), marsh().topic(id("age")));
    WrittenBrief written =
        WrittenBrief.ofNames(
            brief,
            marsh(),
            List.of(SURVEY),
            named,
            topic ->
                topic.id().equals(id("age")) ? List.of("Leaks", "Old wall") : List.<String>of());
    Map<UUID, String> keys = ShortKeys.topics(marsh());
    assertThat(written.text())
        .contains("Name topics of a map on “root”.", "at most 5 words", "its key, a colon")
        .contains(
            "\n"
                + keys.get(id("wall"))
                + ": wall\n  Under: root\n  Beside: creeks\n  Over: age; squeeze\n  > The old wall leaks.\n")
        .endsWith(
            "\n"
                + keys.get(id("age"))
                + ": age\n  Under: wall\n  Beside: squeeze\n  Offered: Leaks; Old wall\n  > The old wall leaks.\n");
    assertThat(written.passages()).isEqualTo(2);
  }

  @Test
  void without_offers_all_that_it_is_about_is_asked_for() {
    Brief brief = brief(Wish.WORDING, List.of(id("fish")), Limits.NONE);
    assertThat(WrittenBrief.of(brief, Maps.marsh(), List.of()).text())
        .contains(": fish\n")
        .doesNotContain(": wall\n");
  }

  @Test
  void where_nothing_is_to_be_named_nothing_is_asked_for() {
    Brief brief = brief(Wish.WORDING, List.of(), Limits.NONE);
    assertThat(
            WrittenBrief.ofNames(brief, marsh(), List.of(), List.of(), topic -> List.of()).text())
        .endsWith("There is no topic to be named.\n")
        .doesNotContain(": wall\n");
  }

  @Test
  void labels_are_looked_for_only_where_they_go_along() {
    TopicMap map = Maps.root("root");
    for (int i = 0; i < 150; i++) {
      map = Maps.with(map, "root", "topic " + i);
    }
    List<Topic> looked = new ArrayList<>();
    String text =
        WrittenBrief.ofNames(
                brief(Wish.WORDING, List.of(), Limits.NONE),
                map,
                List.of(),
                map.preorder(),
                topic -> {
                  looked.add(topic);
                  return List.of();
                })
            .text();
    assertThat(looked).hasSize(100);
    assertThat(text).endsWith("These are the first 100 of 151 topics.\n");
  }
}
