package org.pergamena.core.study.ask;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.compare.CompareMark.Kind;

class AnsweringTest {
  private static final Source NOTES =
      new Source(
          UUID.randomUUID(),
          "notes",
          new SourceTextBuilder()
              .block(
                  Block.Kind.PARAGRAPH,
                  0,
                  "The old wall was breached in October 1987. The wall had cost 212,000 a year to"
                      + " patch. It was opened because a winter storm would have broken it. Waders"
                      + " came to feed on the mud. The warden counted nineteen kinds of wader."
                      + " The treasurer did not believe the saving. Terns nest on the islands.")
              .build());

  private static final Answering ANSWERING = new Answering(List.of(TextAnalyser.analyse(NOTES)));

  private static String best(String question) {
    return ANSWERING.to(question, null).found().get(0).passage().exact();
  }

  @Test
  void the_passage_that_answers_comes_first() {
    assertThat(best("When was the wall breached?")).startsWith("The old wall was breached");
    assertThat(best("What did the wall cost?")).startsWith("The wall had cost");
    assertThat(best("How many kinds of wader are there?")).startsWith("The warden counted");
    assertThat(best("Where do the terns nest?")).startsWith("Terns nest");
    assertThat(best("Who did not believe the savings?")).startsWith("The treasurer");
  }

  @Test
  void other_words_that_the_sources_give_for_a_term_are_found_as_well() {
    Source squeeze =
        new Source(
            UUID.randomUUID(),
            "squeeze",
            SourceText.plain(
                "The drowning of marsh, also called coastal squeeze, is slow. In 2019 the drowning"
                    + " of marsh had taken nine hectares. The ferry runs twice a day. Terns nest"
                    + " on the islands. The treasurer keeps a boat at the quay."));
    Answering answering = new Answering(List.of(TextAnalyser.analyse(squeeze)));
    assertThat(answering.to("What did coastal squeeze take?", null).found())
        .extracting(answer -> answer.passage().exact())
        .anyMatch(words -> words.startsWith("In 2019 the drowning"));
    CompareMark same = new CompareMark(Kind.TERM, "vessel", "boat", true);
    Answering told = new Answering(List.of(TextAnalyser.analyse(squeeze)), List.of(same));
    assertThat(told.to("Who keeps a vessel?", null).found()).hasSize(1);
    assertThat(answering.to("Who keeps a vessel?", null).found()).isEmpty();
  }

  @Test
  void where_the_sources_say_nothing_nothing_is_claimed() {
    assertThat(ANSWERING.to("What does a ferry ticket cost in summer?", null).found()).isEmpty();
    assertThat(ANSWERING.to("Who is it?", null).found()).isEmpty();
    assertThat(ANSWERING.to("", null).found()).isEmpty();
    assertThat(new Answering(List.of()).to("Where is the wall?", null).found()).isEmpty();
  }

  @Test
  void each_answer_names_the_topics_under_which_it_stands() {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow"));
    Topic birds = Topic.labelled(UUID.randomUUID(), "Birds");
    map = map.apply(new TreeChange.AddBranch(map.root().id(), Place.LAST, Branch.of(birds))).map();
    Answers.Answer terns = ANSWERING.to("Where do terns nest?", map).found().get(0);
    assertThat(terns.topics()).isEmpty();
    Evidence evidence =
        new Evidence(UUID.randomUUID(), terns.passage(), Stance.SUPPORTS, Origin.HAND_LINKED, 1);
    map = map.apply(new EvidenceChange.Link(birds.id(), Place.LAST, evidence)).map();
    assertThat(ANSWERING.to("Where do terns nest?", map).found().get(0).topics())
        .containsExactly(birds.id());
    assertThat(terns.strength()).isEqualTo(1);
  }
}
