package org.pergamena.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.analysis.LabelRules.Rule;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class LabelRulesTest {
  private static final String WORDS =
      "The old wall of stone at the quay was breached. Wading birds feed in the things and the"
          + " introduction of the marsh.";

  private static List<Rule> rules(String... labels) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
    UUID parent = map.root().id();
    for (String label : labels) {
      Topic topic = Topic.labelled(UUID.randomUUID(), label.replace("> ", ""));
      map = map.apply(new TreeChange.AddBranch(parent, Place.LAST, Branch.of(topic))).map();
      parent = label.startsWith("> ") ? topic.id() : parent;
    }
    Source source = new Source(UUID.randomUUID(), "notes", SourceText.plain(WORDS));
    return LabelRules.broken(map, List.of(TextAnalyser.analyse(source))).stream()
        .map(LabelRules.Broken::rule)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({"Old wall", "Wading birds", "Birds and stone", "Wall of stone"})
  void sound_labels_break_no_rule(String label) {
    assertThat(rules(label)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "Old wall of stone at the quay wall,LENGTH",
    "The old wall,EDGE",
    "Introduction,SPECIFIC",
    "Gasworks,OWN_WORDS",
    "old wall,FORM",
    "Wading bird\u2026,FORM"
  })
  void each_rule_is_told(String label, Rule rule) {
    assertThat(rules(label)).containsExactly(rule);
  }

  @Test
  void twins_and_repeats_of_the_topic_above_are_told() {
    assertThat(rules("Old wall", "Old wall")).containsExactly(Rule.DISTINCT, Rule.DISTINCT);
    assertThat(rules("> Wall of stone", "Stone")).containsExactly(Rule.ABOVE);
  }
}
