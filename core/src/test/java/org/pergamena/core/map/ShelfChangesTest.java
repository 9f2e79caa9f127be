package org.pergamena.core.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

/** Changes that concern the sources on the shelf, and what they do to the map. */
class ShelfChangesTest {
  private static final List<String> OLD =
      List.of(
          "The wall was breached in the autumn of the second year.",
          "Nineteen waders were counted at every high water in winter.",
          "The treasurer asked what the new bank would cost to inspect.");

  private final Source letters = source("letters", OLD);
  private final Source survey = source("survey", List.of("The survey took five years to make."));

  private static SourceText text(List<String> paragraphs) {
    SourceTextBuilder builder = new SourceTextBuilder();
    paragraphs.forEach(p -> builder.block(Block.Kind.PARAGRAPH, 0, p));
    return builder.build();
  }

  private static Source source(String name, List<String> paragraphs) {
    return new Source(UUID.randomUUID(), name, text(paragraphs));
  }

  private static Evidence quote(Source source, String words) {
    int at = source.text().text().indexOf(words);
    Passage passage = Passage.of(source, new Span(at, at + words.length()));
    return new Evidence(UUID.randomUUID(), passage, Stance.SUPPORTS, Origin.HAND_LINKED, 1);
  }

  private TopicMap map() {
    Topic root =
        Topic.of(
            UUID.randomUUID(),
            Content.labelled("Marsh")
                .withNote("my note")
                .withGrounds(
                    OLD.get(0),
                    List.of(
                        quote(letters, OLD.get(0)),
                        quote(survey, "The survey took five years to make."),
                        quote(letters, OLD.get(2))),
                    List.of(
                        new Extent(letters.id(), new Span(0, letters.text().text().length())),
                        new Extent(survey.id(), new Span(0, 10)))));
    return TopicMap.rootedAt(root);
  }

  @Test
  void a_source_that_leaves_takes_its_passages_and_gives_them_back() {
    TopicMap map = map();
    Applied gone = map.apply(new ShelfChange.Withdraw(letters.id()));
    Topic root = gone.map().root();
    assertThat(root.evidence()).hasSize(1);
    assertThat(root.evidence().get(0).passage().source()).isEqualTo(survey.id());
    assertThat(root.extent()).hasSize(1);
    assertThat(root.summary()).as("it may have stood there").isEmpty();
    assertThat(root.note()).isEqualTo("my note");
    assertThat(gone.inverse().parts()).contains(new ShelfChange.Restore(letters.id()));
    Applied back = gone.map().apply(gone.inverse());
    assertThat(back.map()).isEqualTo(map);
    assertThat(back.map().apply(back.inverse()).map()).isEqualTo(gone.map());
  }

  @Test
  void a_newer_text_keeps_every_passage_found_or_adrift() {
    TopicMap map = map();
    Source newer =
        new Source(letters.id(), "letters", text(List.of("A foreword.", OLD.get(1), OLD.get(0))));
    UUID from = UUID.randomUUID();
    UUID to = UUID.randomUUID();
    Applied done = map.apply(NewerText.change(map, letters, newer, from, to));
    List<Evidence> evidence = done.map().root().evidence();
    assertThat(evidence).hasSize(3);
    assertThat(evidence.get(0).passage().anchored()).isTrue();
    assertThat(evidence.get(0).passage().start())
        .isEqualTo(newer.text().text().indexOf(OLD.get(0)));
    assertThat(evidence.get(1)).isEqualTo(map.root().evidence().get(1));
    assertThat(evidence.get(2).passage().anchored()).isFalse();
    assertThat(evidence.get(2).passage().exact()).isEqualTo(OLD.get(2));
    assertThat(evidence)
        .extracting(Evidence::id)
        .isEqualTo(map.root().evidence().stream().map(Evidence::id).toList());
    assertThat(done.map().root().extent())
        .allSatisfy(
            e ->
                assertThat(e.span().end())
                    .isLessThanOrEqualTo(
                        e.source().equals(letters.id()) ? newer.text().text().length() : 10));
    assertThat(done.inverse().parts()).contains(new ShelfChange.Retext(letters.id(), to, from));
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  @Test
  void passages_that_are_adrift_are_no_hindrance_to_linking_others() {
    TopicMap map = map();
    Source bare = new Source(letters.id(), "letters", text(List.of("Something else.")));
    UUID id = UUID.randomUUID();
    TopicMap now = map.apply(NewerText.change(map, letters, bare, id, id)).map();
    Evidence more = quote(bare, "Something else");
    TopicMap linked = now.apply(new EvidenceChange.Link(now.root().id(), Place.FIRST, more)).map();
    assertThat(linked.root().evidence()).hasSize(4).startsWith(more);
  }

  @Test
  void all_that_a_topic_has_of_a_source_is_sorted_and_apart() {
    TopicMap map = map();
    int whole = letters.text().text().length();
    assertThat(map.root().spans(letters.id())).containsExactly(new Span(0, whole));
    int end = "The survey took five years to make.".length();
    assertThat(map.root().spans(survey.id())).containsExactly(new Span(0, end));
    assertThat(map.root().spans(UUID.randomUUID())).isEmpty();
    Source bare = new Source(letters.id(), "letters", text(List.of("Something else.")));
    UUID id = UUID.randomUUID();
    TopicMap adrift = map.apply(NewerText.change(map, letters, bare, id, id)).map();
    assertThat(adrift.root().spans(letters.id()))
        .as("passages that are adrift stand nowhere")
        .allMatch(span -> span.end() <= bare.text().text().length());
  }
}
