package org.pergamena.core.distil.steer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.DistilOptions;
import org.pergamena.core.distil.Distiller;
import org.pergamena.core.distil.Wishes;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

class SteeringTest {
  private static final List<String> BIRDS =
      List.of(
          "Redshank nest in the saltmarsh every spring and raise their young there.",
          "The ringing group counts redshank and other waders from the hide.",
          "Waders feed on the mud when the tide is low and roost on the marsh.",
          "Young birds leave the nest in June and feed along the creeks.");
  private static final List<String> MONEY =
      List.of(
          "The realignment cost the county nine million in the first two years.",
          "A grant paid for half of the cost and the county paid the rest.",
          "Upkeep of the old wall would have cost more than the grant in ten years.",
          "The treasurer expects the cost to be paid back by lower upkeep.");
  private static final List<String> WALL =
      List.of(
          "The old wall was built of clay and stone by the parish.",
          "A surveyor found cracks in the wall after the winter storms.",
          "The wall was breached in two places with diggers.",
          "Clay from the breach was used to raise the inner bank.");

  private static final Analysed BOOK = text("book", Stream.of(BIRDS, MONEY, WALL));
  private static final Analysed TALK = text("talk", Stream.of(WALL, BIRDS));

  private static Analysed text(String name, Stream<List<String>> subjects) {
    StringBuilder words = new StringBuilder();
    subjects.forEach(
        s -> {
          for (int i = 0; i < 4; i++) {
            words.append(String.join(" ", s)).append("\n\n");
          }
        });
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), name, SourceText.plain(words.toString())));
  }

  private static Wishes asking(String question) {
    return new Wishes(question, List.of(), List.of(), List.of());
  }

  private static TopicMap map(Wishes wishes, Analysed... texts) {
    DistilOptions options = new DistilOptions(2, 4).with(wishes);
    return new Distiller(List.of(texts), options, Progress.NONE)
        .distil()
        .map(UUID.randomUUID(), UUID::randomUUID);
  }

  private static String words(Topic topic, Analysed text) {
    StringBuilder words = new StringBuilder();
    for (Span span : topic.spans(text.source().id())) {
      words.append(text.source().text().text(), span.start(), span.end()).append(' ');
    }
    return words.toString();
  }

  @Test
  void what_answers_the_question_is_in_front_and_the_rest_is_aside() {
    TopicMap map = map(asking("Who pays the cost?"), BOOK, TALK);
    assertThat(map.root().label()).isEqualTo("Who pays the cost?");
    List<Topic> mains = map.children(map.root());
    Topic rest = mains.get(mains.size() - 1);
    assertThat(rest.aside()).isTrue();
    assertThat(rest.label()).isEqualTo("Also in the sources");
    for (Topic main : mains.subList(0, mains.size() - 1)) {
      assertThat(main.aside()).isFalse();
      map.preorder(main).forEach(t -> assertThat(words(t, BOOK)).doesNotContain("nest"));
    }
    assertThat(map.preorder(rest).stream().map(t -> words(t, BOOK)))
        .anyMatch(words -> words.contains("nest"))
        .noneMatch(words -> words.contains("grant paid for half"));
  }

  @Test
  void a_question_in_words_that_no_source_has_is_refused() {
    assertThatThrownBy(() -> map(asking("Why do unicorns sing?"), BOOK))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("unicorns sing");
  }

  @Test
  void main_branches_given_beforehand_are_filled_in_their_order() {
    List<String> branches = List.of("Birds", "Money: cost, grant, paid", "Volcanoes");
    TopicMap map = map(new Wishes("", branches, null, null), BOOK);
    List<Topic> mains = map.children(map.root());
    assertThat(mains).extracting(Topic::label).startsWith("Birds", "Money", "Volcanoes");
    assertThat(all(map, mains.get(0))).contains("redshank").doesNotContain("grant");
    assertThat(all(map, mains.get(1))).contains("grant").doesNotContain("redshank");
    assertThat(all(map, mains.get(2))).isEmpty();
    assertThat(mains.get(2).evidence()).isEmpty();
    assertThat(mains.get(mains.size() - 1).aside()).isTrue();
    assertThat(all(map, mains.get(mains.size() - 1))).contains("surveyor");
  }

  private static String all(TopicMap map, Topic main) {
    StringBuilder words = new StringBuilder();
    map.preorder(main).forEach(topic -> words.append(words(topic, BOOK)));
    return words.toString();
  }

  @Test
  void a_question_and_main_branches_together_lose_nothing() {
    Wishes wishes = new Wishes("Who pays the cost?", List.of("Grant"), null, null);
    TopicMap map = map(wishes, BOOK, TALK);
    String everything = all(map, map.root());
    Stream.of(BIRDS, MONEY, WALL)
        .flatMap(List::stream)
        .forEach(sentence -> assertThat(everything).contains(sentence));
  }

  @Test
  void terms_that_must_appear_get_a_topic_with_the_sentences_that_have_them() {
    Wishes wishes = new Wishes("", null, List.of("surveyor", "basilisk"), null);
    TopicMap map = map(wishes, BOOK);
    Topic found = named(map, "Surveyor");
    assertThat(found.evidence())
        .isNotEmpty()
        .allSatisfy(e -> assertThat(e.passage().exact()).contains("surveyor"));
    Topic bare = named(map, "Basilisk");
    assertThat(bare.evidence()).isEmpty();
    assertThat(bare.parent()).isEqualTo(map.root().id());
  }

  private static Topic named(TopicMap map, String label) {
    return map.preorder().stream().filter(t -> t.label().equals(label)).findFirst().orElseThrow();
  }

  @Test
  void terms_to_leave_out_are_in_no_label_and_no_passage() {
    TopicMap map = map(new Wishes("", null, null, List.of("redshank")), BOOK);
    for (Topic topic : map.preorder()) {
      assertThat(topic.label()).doesNotContainIgnoringCase("redshank");
      assertThat(words(topic, BOOK)).doesNotContainIgnoringCase("redshank");
    }
    assertThat(all(map, map.root())).contains("Waders feed on the mud");
  }

  @Test
  void a_section_under_a_heading_with_a_term_to_leave_out_goes_as_a_whole() {
    SourceTextBuilder report = new SourceTextBuilder();
    report.block(Block.Kind.HEADING, 1, "Costs");
    report.block(Block.Kind.PARAGRAPH, 0, "The county paid.");
    report.block(Block.Kind.HEADING, 1, "Birds");
    report.block(Block.Kind.PARAGRAPH, 0, "They nest here.");
    Analysed text = TextAnalyser.analyse(new Source(UUID.randomUUID(), "report", report.build()));
    Analysed left = Terms.without(text, List.of("cost"));
    assertThat(left.sentences()).hasSize(1);
    assertThat(left.source().excluded()).isNotEmpty();
  }

  @Test
  void how_many_topics_come_is_told_beforehand() {
    DistilOptions options = new DistilOptions(2, 4).with(asking("Who pays the cost?"));
    Distiller distiller = new Distiller(List.of(BOOK, TALK), options, Progress.NONE);
    TopicMap map = distiller.distil().map(UUID.randomUUID(), UUID::randomUUID);
    List<Integer> sizes = distiller.outlook().levels();
    assertThat(sizes.get(0)).isEqualTo(map.root().children().size());
    assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(map.size() - 1);
  }

  @Test
  void sources_that_speak_of_different_things_are_told_apart_beforehand() {
    Analysed marsh =
        of("marsh", "The tide fills the creek. Silt settles on the marsh. Birds feed on the mud. ");
    Analysed more =
        of("more", "The creek carries silt to the marsh. The tide feeds birds on the mud. ");
    Analysed bread =
        of("bread", "The baker kneads dough. Yeast makes loaves rise. The oven browns a crust. ");
    Distiller.Outlook outlook =
        new Distiller(List.of(marsh, more, bread), DistilOptions.DEFAULT, Progress.NONE).outlook();
    assertThat(outlook.subjects())
        .containsExactlyInAnyOrder(
            List.of(marsh.source().id(), more.source().id()), List.of(bread.source().id()));
    assertThat(
            new Distiller(List.of(marsh, more), DistilOptions.DEFAULT, Progress.NONE)
                .outlook()
                .subjects())
        .hasSize(1);
  }

  private static Analysed of(String name, String words) {
    SourceTextBuilder text = new SourceTextBuilder();
    for (int i = 0; i < 8; i++) {
      text.block(Block.Kind.PARAGRAPH, 0, words.repeat(6).strip());
    }
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), name, text.build()));
  }

  @Test
  void finer_detail_gives_more_topics_and_brief_fewer() {
    int brief = count(DistilOptions.Detail.BRIEF);
    int fine = count(DistilOptions.Detail.FINE);
    assertThat(brief).isLessThan(fine);
  }

  private static int count(DistilOptions.Detail detail) {
    DistilOptions options = new DistilOptions(3, 0, detail, null, Set.of(), null);
    return new Distiller(List.of(BOOK), options, Progress.NONE)
        .outlook().levels().stream().mapToInt(Integer::intValue).sum();
  }

  @Test
  void wishes_beyond_measure_are_refused_with_a_sentence() {
    assertThatThrownBy(() -> asking("x".repeat(501))).hasMessageContaining("at most 500");
    List<String> many = Stream.iterate(1, i -> i + 1).limit(51).map(i -> "t" + i).toList();
    assertThatThrownBy(() -> new Wishes("", many, null, null)).hasMessageContaining("51");
    assertThatThrownBy(() -> new Wishes("", null, List.of("x".repeat(301)), null))
        .hasMessageContaining("longer than 300");
    assertThat(new Wishes(" a ", List.of(" b  c ", "", "b c"), null, null).mains())
        .containsExactly("b c");
  }
}
