package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

class NamingTest {
  private static final String BIRDS =
      "Wading birds came back to the marsh. Many wading birds feed on the mud in winter.";
  private static final String WALL =
      "The outer wall was patched each winter. The parish paid for the outer wall.";

  private final Source source = source();
  private final Naming naming = new Naming(List.of(TextAnalyser.analyse(source)));
  private final UUID topic = UUID.randomUUID();

  private static Source source() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.PARAGRAPH, 0, BIRDS);
    builder.block(Block.Kind.PARAGRAPH, 0, WALL);
    return new Source(UUID.randomUUID(), "notes", builder.build());
  }

  /** A map with one topic that a person made and linked a word in the middle of a sentence to. */
  private TopicMap map(String label, String word) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow"));
    int at = source.text().text().indexOf(word);
    Evidence evidence =
        new Evidence(
            UUID.randomUUID(),
            Passage.of(source, new Span(at, at + word.length())),
            Stance.SUPPORTS,
            Origin.HAND_LINKED,
            1);
    return map.apply(
            new TreeChange.AddBranch(
                map.root().id(), Place.LAST, Branch.of(Topic.labelled(topic, label))))
        .map()
        .apply(new EvidenceChange.Link(topic, Place.LAST, evidence))
        .map();
  }

  @Test
  void a_topic_made_by_hand_is_offered_names_from_the_sentences_that_it_is_linked_to() {
    TopicMap map = map("Mine", "feed");
    List<String> offers = naming.offers(map, map.topic(topic), 4);
    assertThat(offers).isNotEmpty().hasSizeLessThanOrEqualTo(4).doesNotHaveDuplicates();
    assertThat(offers.toString()).containsIgnoringCase("wading birds").doesNotContain("wall");
  }

  @Test
  void what_it_is_called_already_is_not_offered_again() {
    TopicMap map = map("Mine", "feed");
    String best = naming.offers(map, map.topic(topic), 4).get(0);
    TopicMap renamed = map.apply(new ContentChange.Relabel(topic, best)).map();
    Topic now = renamed.topic(topic);
    assertThat(naming.offers(renamed, now, 4)).doesNotContain(best);
  }

  @Test
  void a_topic_without_passages_is_offered_none() {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow"));
    assertThat(naming.offers(map, map.root(), 4)).isEmpty();
  }

  @Test
  void a_branch_is_named_anew_but_for_what_a_person_named_and_what_rests_on_nothing() {
    TopicMap map = map("Mine", "feed");
    List<Naming.Offered> names = naming.names(map, map.root(), Set.of(map.root().id()));
    assertThat(names).extracting(Naming.Offered::topic).containsExactly(topic);
    assertThat(names.get(0).label()).contains(" ").doesNotContainIgnoringCase("wall");
    assertThat(naming.names(map, map.root(), Set.of(map.root().id(), topic))).isEmpty();
    TopicMap bare = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow"));
    assertThat(naming.names(bare, bare.root(), Set.of())).isEmpty();
  }

  private static Evidence again(Evidence e) {
    return new Evidence(UUID.randomUUID(), e.passage(), e.stance(), e.origin(), e.strength());
  }

  @Test
  void no_two_topics_of_a_branch_are_named_alike() {
    TopicMap map = map("Mine", "feed");
    UUID other = UUID.randomUUID();
    TopicMap both =
        map.apply(
                new TreeChange.AddBranch(
                    map.root().id(), Place.LAST, Branch.of(Topic.labelled(other, "Second"))))
            .map()
            .apply(
                new EvidenceChange.Link(
                    other, Place.LAST, again(map.topic(topic).evidence().get(0))))
            .map();
    List<Naming.Offered> names = naming.names(both, both.root(), Set.of(both.root().id()));
    assertThat(names).extracting(Naming.Offered::topic).containsExactly(topic, other);
    assertThat(names).extracting(Naming.Offered::label).doesNotHaveDuplicates();
    TopicMap taken = both.apply(new ContentChange.Relabel(other, names.get(0).label())).map();
    assertThat(naming.names(taken, taken.topic(topic), Set.of()))
        .extracting(Naming.Offered::label)
        .doesNotContain(names.get(0).label());
  }

  @Test
  void what_was_just_distilled_is_offered_no_other_names() {
    for (List<Source> sources :
        List.of(
            List.of(Texts.plain("one")),
            List.of(Texts.spoken("two")),
            List.of(Texts.headed("three"), Texts.plain("four")))) {
      TopicMap map = Texts.map(DistilOptions.DEFAULT, sources.toArray(Source[]::new));
      Naming names = new Naming(sources.stream().map(TextAnalyser::analyse).toList());
      assertThat(map.preorder()).hasSizeGreaterThan(3);
      assertThat(names.names(map, map.root(), Set.of())).isEmpty();
    }
  }

  @Test
  void an_authors_heading_stays() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.HEADING, 1, "What winters here");
    builder.block(Block.Kind.PARAGRAPH, 0, BIRDS);
    Source headed = new Source(UUID.randomUUID(), "notes", builder.build());
    Naming names = new Naming(List.of(TextAnalyser.analyse(headed)));
    Span all = new Span(0, headed.text().text().length());
    Content content =
        Content.labelled("What winters here")
            .withGrounds("", List.of(), List.of(new Extent(headed.id(), all)));
    TopicMap map = TopicMap.rootedAt(new Topic(topic, null, List.of(), content));
    assertThat(names.names(map, map.root(), Set.of())).isEmpty();
    TopicMap otherwise = map.apply(new ContentChange.Relabel(topic, "Something")).map();
    assertThat(names.names(otherwise, otherwise.root(), Set.of())).hasSize(1);
  }

  @Test
  void somebody_else_may_name_what_nobody_named_and_what_is_asked_for_alone() {
    TopicMap map = map("Mine", "feed");
    Topic mine = map.topic(topic);
    assertThat(naming.nameable(map, List.of(map.root()), 0, Set.of()))
        .containsExactly(map.root(), mine);
    assertThat(naming.nameable(map, List.of(map.root()), 1, Set.of())).containsExactly(map.root());
    assertThat(naming.nameable(map, List.of(mine), 0, Set.of(topic))).isEmpty();
    assertThat(naming.nameable(map, List.of(mine), 1, Set.of(topic))).containsExactly(mine);
  }
}
