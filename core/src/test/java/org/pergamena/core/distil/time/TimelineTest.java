package org.pergamena.core.distil.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class TimelineTest {
  @Test
  void groups_come_in_the_order_of_what_they_tell() {
    String words =
        "In 2016 the wall was opened. It held for a day. In 1953 the sea broke in. The village"
            + " fled. In 1774 the marsh was drained.";
    Analysed text =
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain(words)));
    List<Group> children =
        List.of(
            group(text, 0, 1),
            group(text, 1, 2),
            group(text, 2, 3),
            group(text, 3, 4),
            group(text, 4, 5));
    Group sorted = new Timeline(List.of(text)).sorted(new Group(null, List.of(), children));
    assertThat(sorted.children().stream().map(g -> first(g.sentences().get(0), words)).toList())
        .containsExactly("In 1774", "In 1953", "The vil", "In 2016", "It held");
  }

  @Test
  void topics_come_in_the_order_of_what_their_passages_tell() {
    String words =
        "In 2016 the wall was opened. It held for a day. In 1953 the sea broke in. The village"
            + " fled. In 1774 the marsh was drained.";
    Source source = new Source(UUID.randomUUID(), "n", SourceText.plain(words));
    Timeline timeline = new Timeline(List.of(TextAnalyser.analyse(source)));
    TopicMap map = Maps.root("root");
    for (String name : List.of("opened", "held", "broke", "drained")) {
      map = Maps.with(map, "root", name);
    }
    map = Maps.with(map, "drained", "below");
    map = told(map, source, "opened", "In 2016 the wall was opened.");
    map = told(map, source, "broke", "the sea broke in");
    map = told(map, source, "below", "the marsh was drained");
    assertThat(timeline.order(map, map.root()))
        .containsExactly(Maps.id("drained"), Maps.id("broke"), Maps.id("opened"), Maps.id("held"));
  }

  @Test
  void without_dates_the_years_after_an_event_make_the_order() {
    String words =
        "Redshank bred in the third year after the breach. The survey began two years before the"
            + " breach. In the first summer glasswort came.";
    Analysed text =
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in("eng"));
    Timeline timeline = new Timeline(List.of(text));
    assertThat(timeline.empty()).isFalse();
    List<Group> children = List.of(group(text, 0, 1), group(text, 1, 2), group(text, 2, 3));
    Group sorted = timeline.sorted(new Group(null, List.of(), children));
    assertThat(sorted.children().stream().map(g -> first(g.sentences().get(0), words)).toList())
        .containsExactly("The sur", "In the ", "Redshan");
    Analysed plain =
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain("Mud is wet.")));
    assertThat(new Timeline(List.of(plain)).empty()).isTrue();
  }

  private static TopicMap told(TopicMap map, Source source, String topic, String words) {
    return Maps.filled(map, topic, List.of(Maps.evidence(topic + " e", source, words)), List.of());
  }

  private static Group group(Analysed text, int from, int to) {
    return new Group(null, List.of(Part.plain(text, from, to)), List.of());
  }

  private static String first(Sentence sentence, String words) {
    return words.substring(sentence.span().start(), sentence.span().start() + 7);
  }
}
