package org.pergamena.core.study.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Maps;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.compare.Comparison.Columns;

/** Two accounts, of whose sentences it is known which say the same. */
class SentencePairsTest {
  private static Side side(String name, List<String> sentences) {
    Source source = new Source(id(name), name, SourceText.plain(String.join(" ", sentences)));
    List<Analysed> texts = List.of(TextAnalyser.analyse(source));
    return Side.sources(name, Maps.root("root"), texts);
  }

  @Test
  void most_sentences_that_say_the_same_are_paired_and_hardly_any_others() throws Exception {
    List<String> one = new ArrayList<>();
    List<String> other = new ArrayList<>();
    Set<String> right = new HashSet<>();
    try (InputStream in = getClass().getResourceAsStream("/compare/pairs.tsv")) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        String[] both = line.split("\t", -1);
        if (!both[0].isBlank()) {
          one.add(both[0]);
        }
        if (!both[1].isBlank()) {
          other.add(0, both[1]);
        }
        if (!both[0].isBlank() && !both[1].isBlank()) {
          right.add(both[0] + " = " + both[1]);
        }
      }
    }
    Columns found = Comparer.of(side("one", one), side("other", other), List.of()).passages();
    List<String> pairs =
        found.both().stream().map(b -> b.one().words() + " = " + b.other().words()).toList();
    long met = pairs.stream().filter(right::contains).count();
    assertThat(right).hasSize(14);
    assertThat(met).as(pairs.toString()).isGreaterThanOrEqualTo(13);
    assertThat(pairs.size() - met).as(pairs.toString()).isZero();
  }
}
