package org.pergamena.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class MatchingTest {
  private static final Source NOTES =
      new Source(
          UUID.randomUUID(),
          "notes",
          new SourceTextBuilder()
              .block(
                  Block.Kind.PARAGRAPH,
                  0,
                  "The old wall was breached in the autumn of the second year. Barley had grown"
                      + " behind the wall for a hundred years. The warden counted nineteen waders at"
                      + " high water. Glasswort spread over the mud where the barley had been sown."
                      + " The harbour committee met twice about the cost of the new bank.")
              .build());

  private final Matching matching = new Matching(List.of(TextAnalyser.analyse(NOTES)));

  private List<Matching.Match> matches(String label) {
    Topic topic = Topic.labelled(UUID.randomUUID(), label);
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Ferrow"));
    map = map.apply(new TreeChange.AddBranch(map.root().id(), Place.LAST, Branch.of(topic))).map();
    return matching.of(map, map.topic(topic.id()));
  }

  @Test
  void the_words_that_bear_a_topic_out_come_first() {
    assertThat(matches("Counting waders").get(0).passage().exact())
        .startsWith("The warden counted nineteen waders");
    assertThat(matches("Cost of the new bank").get(0).passage().exact())
        .startsWith("The harbour committee");
    assertThat(matches("Breach of the wall"))
        .isSortedAccordingTo((a, b) -> Double.compare(b.strength(), a.strength()));
    assertThat(matches("Breach of the wall").get(0).strength()).isBetween(0.5, 1.0);
  }

  @Test
  void what_the_sources_do_not_say_has_no_match() {
    assertThat(matches("Ferry timetable and ticket prices")).isEmpty();
    assertThat(matches("The of and")).isEmpty();
  }
}
