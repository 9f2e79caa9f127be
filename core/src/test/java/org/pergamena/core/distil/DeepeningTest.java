package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.LeftOut;
import org.pergamena.core.analysis.Matching;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.MapRuleException;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;
import org.pergamena.core.source.Spans;

class DeepeningTest {
  private static final List<String> WALL =
      List.of(
          "The old wall was built by hand from clay and stone.",
          "Storms had broken the wall in many places by the time of the survey.",
          "Every winter the parish mended the wall with clay from the fields.",
          "An engineer measured the height of the wall after each storm.",
          "The clay of the wall had dried and cracked along its crest.");
  private static final List<String> BIRDS =
      List.of(
          "Redshank and curlew fed on the new mud at low water.",
          "The warden counted the birds from a hide on the bank.",
          "Nineteen kinds of wading birds were seen in the fifth winter.",
          "Young birds hid from the fox in the tall grass of the upper marsh.",
          "The birds nested on islands left by the old drains.");

  private static Source source() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, "Printed for the board.");
    builder.block(Block.Kind.HEADING, 1, "The survey");
    for (List<String> sentences : List.of(WALL, BIRDS)) {
      for (int i = 0; i < 2; i++) {
        builder.block(Block.Kind.PARAGRAPH, 0, String.join(" ", sentences));
      }
    }
    builder.block(Block.Kind.FOOTNOTE, 0, "Counted twice by the warden and her two helpers.");
    return new Source(UUID.randomUUID(), "survey", builder.build());
  }

  private final Source source = source();
  private final List<Analysed> texts = List.of(TextAnalyser.analyse(source));

  private TopicMap map() {
    return new Distiller(texts, new DistilOptions(1, 2), Progress.NONE)
        .distil()
        .map(UUID.randomUUID(), UUID::randomUUID);
  }

  @Test
  void a_topic_gets_sub_topics_of_its_own_text_and_keeps_what_it_had() {
    Topic whole =
        Topic.of(
            UUID.randomUUID(),
            Content.labelled("Marsh")
                .withNote("mine")
                .withGrounds(
                    "",
                    List.of(),
                    List.of(new Extent(source.id(), new Span(0, source.text().text().length())))));
    TopicMap map = TopicMap.rootedAt(whole);
    Applied done = map.apply(Deepening.change(map, map.root(), texts, UUID::randomUUID));
    List<Topic> children = done.map().children(done.map().root());
    assertThat(children).hasSizeBetween(2, 7);
    assertThat(children).allSatisfy(c -> assertThat(c.evidence()).isNotEmpty());
    assertThat(children).extracting(Topic::label).doesNotHaveDuplicates();
    assertThat(done.map().root().note()).isEqualTo("mine");
    assertThat(letters(done.map())).isEqualTo(letters(map));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  /** Number of letters that some topic accounts for. */
  private int letters(TopicMap map) {
    List<Span> spans =
        map.preorder().stream()
            .flatMap(topic -> topic.extent().stream().map(Extent::span))
            .toList();
    return Spans.union(spans).stream()
        .mapToInt(
            s -> source.text().text().substring(s.start(), s.end()).replaceAll("\\s", "").length())
        .sum();
  }

  @Test
  void a_topic_with_few_words_is_not_divided() {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
    assertThatThrownBy(() -> Deepening.change(map, map.root(), texts, UUID::randomUUID))
        .isInstanceOf(MapRuleException.class)
        .hasMessageContaining("0 words of its own");
  }

  @Test
  void more_like_a_topic_are_its_own_kind_and_not_linked_yet() {
    TopicMap map = map();
    Topic birds =
        map.preorder().stream()
            .filter(t -> t.evidence().toString().contains("birds") && t.children().isEmpty())
            .findFirst()
            .orElseThrow();
    List<Matching.Match> more = new Matching(texts).like(birds);
    assertThat(more).isNotEmpty();
    assertThat(more.get(0).strength()).isBetween(0.2, 1.0);
    List<String> linked = new ArrayList<>();
    birds.evidence().forEach(e -> linked.add(e.passage().start() + ""));
    assertThat(more).noneMatch(m -> linked.contains(m.passage().start() + ""));
  }

  @Test
  void what_is_on_no_topic_is_told_with_its_reason() {
    assertThat(LeftOut.of(map(), List.of(source), List.of()))
        .extracting(LeftOut::why)
        .containsExactly(LeftOut.Why.ASIDE);
    TopicMap bare = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
    assertThat(LeftOut.of(bare, List.of(source), List.of()))
        .extracting(LeftOut::why)
        .containsExactly(
            LeftOut.Why.FRONT_MATTER,
            LeftOut.Why.NO_TOPIC,
            LeftOut.Why.NO_TOPIC,
            LeftOut.Why.NO_TOPIC,
            LeftOut.Why.NO_TOPIC,
            LeftOut.Why.ASIDE);
  }
}
