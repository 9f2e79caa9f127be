package org.pergamena.core.study.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.pergamena.core.map.Maps.id;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.compare.Concord.OnTopic;

class ConcordTest {
  private static final List<String> SENTENCES =
      List.of(
          "The wall is old.",
          "The wall was patched.",
          "The wall leaks.",
          "Fish came back.",
          "Herons came back.",
          "Waders feed there.");
  private static final Source TEXT =
      new Source(id("text"), "text", SourceText.plain(String.join(" ", SENTENCES)));

  /** The same words in a source of another map. */
  private static final Source COPY = new Source(id("copy"), "copy", TEXT.text());

  /** A map of two main topics: the first few sentences, the rest. */
  private static TopicMap map(String prefix, Source source, int first) {
    TopicMap map = Maps.root(prefix);
    map = Maps.with(map, prefix, prefix + "1");
    map = Maps.with(map, prefix, prefix + "2");
    map = Maps.with(map, prefix + "1", prefix + "below");
    map = Maps.filled(map, prefix + "below", evidence(prefix, source, 0, first), List.of());
    return Maps.filled(
        map, prefix + "2", evidence(prefix, source, first, SENTENCES.size()), List.of());
  }

  private static List<Evidence> evidence(String prefix, Source source, int from, int to) {
    List<Evidence> all = new ArrayList<>();
    for (int i = from; i < to; i++) {
      all.add(Maps.evidence(prefix + i, source, SENTENCES.get(i)));
    }
    return all;
  }

  private static Concord concord(int one, int other) {
    List<Analysed> texts = List.of(TextAnalyser.analyse(TEXT));
    List<Analysed> copies = List.of(TextAnalyser.analyse(COPY));
    return Concord.of(map("a", TEXT, one), texts, map("b", COPY, other), copies);
  }

  @Test
  void maps_that_put_the_same_together_agree_wholly_whatever_they_call_it() {
    Concord concord = concord(3, 3);
    assertThat(concord.figure()).isEqualTo(1);
    assertThat(concord.sentences()).isEqualTo(6);
    assertThat(concord.topics())
        .contains(new OnTopic(id("a2"), id("b2"), 3, 0, 0, 1))
        .allMatch(topic -> topic.kappa() == 1);
  }

  @Test
  void one_sentence_that_stands_elsewhere_costs_as_much_as_the_published_formula_says() {
    Concord concord = concord(3, 4);
    // pairs that stand together: 6 in the one, 7 in the other, 4 in both, of 15
    double agreed = 10 / 15.0;
    double chance = (6 * 7 + 9 * 8) / 225.0;
    assertThat(concord.figure()).isEqualTo((agreed - chance) / (1 - chance), within(0.005));
    assertThat(concord.topics()).contains(new OnTopic(id("a2"), id("b2"), 2, 1, 0, 0.67));
  }

  @Test
  void what_only_one_map_has_is_with_nothing_of_the_other() {
    List<Analysed> texts = List.of(TextAnalyser.analyse(TEXT));
    TopicMap bare = Maps.root("bare");
    Concord concord = Concord.of(map("a", TEXT, 3), texts, bare, texts);
    assertThat(concord.figure()).isZero();
    assertThat(concord.sentences()).isZero();
    assertThat(concord.shared()).isEqualTo(6);
    assertThat(concord.topics()).allMatch(topic -> topic.other() == null && topic.kappa() == 0);
    assertThat(Concord.of(bare, List.of(), bare, List.of()).topics()).isEmpty();
  }
}
