package org.pergamena.core.study.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.gap.LooseEnds.Bearing;
import org.pergamena.core.study.gap.LooseEnds.Related;

class LooseEndsTest {
  private static final Source SURVEY =
      source("survey", "The wall is old. Fish came into the creeks.");
  private static final Source DIARY =
      source(
          "diary",
          "The old wall was wet. Nobody in the village had ever asked what the tall grey stones"
              + " beside the ferry steps were for, or who had put them there.");
  private static final Source NOTE = source("note", "Bread and milk.");

  private static Source source(String name, String words) {
    return new Source(id(name), name, SourceText.plain(words));
  }

  private static TopicMap map() {
    TopicMap map = Maps.marsh();
    map =
        Maps.filled(
            map,
            "age",
            List.of(
                Maps.evidence("e1", SURVEY, "The wall is old."),
                Maps.evidence("e2", DIARY, "The old wall was wet.")),
            List.of());
    map =
        Maps.filled(
            map,
            "fish",
            List.of(Maps.evidence("e3", SURVEY, "Fish came into the creeks.")),
            List.of());
    CrossLink link = CrossLink.of(UUID.randomUUID(), id("squeeze"), id("age"), "makes");
    return map.apply(new LinkChange.Connect(link)).map();
  }

  private static LooseEnds ends() {
    return LooseEnds.of(map(), List.of(SURVEY, DIARY, NOTE), List.of());
  }

  @Test
  void topics_with_more_relations_than_the_rest_are_key_and_those_with_one_are_ends() {
    LooseEnds ends = ends();
    assertThat(ends.mean()).isEqualTo(1.6);
    assertThat(ends.key())
        .containsExactly(
            new Related(id("wall"), 2), new Related(id("age"), 2), new Related(id("squeeze"), 2));
    assertThat(ends.ends()).containsExactly(id("creeks"), id("fish"));
  }

  @Test
  void topics_of_one_source_and_of_none_are_told() {
    LooseEnds ends = ends();
    assertThat(ends.single()).containsExactly(id("creeks"), id("fish"));
    assertThat(ends.unsupported()).containsExactly(id("squeeze"));
  }

  @Test
  void sources_that_bear_little_come_first_and_what_is_on_no_topic_is_told() {
    LooseEnds ends = ends();
    assertThat(ends.bearing().stream().map(Bearing::source))
        .containsExactly(NOTE.id(), DIARY.id(), SURVEY.id());
    Bearing note = ends.bearing().get(0);
    assertThat(note.topics()).isZero();
    assertThat(note.little()).isTrue();
    assertThat(ends.bearing().get(2).alone()).isEqualTo(1);
    assertThat(ends.left()).hasSize(1);
    assertThat(ends.left().get(0).source()).isEqualTo(DIARY.id());
  }
}
