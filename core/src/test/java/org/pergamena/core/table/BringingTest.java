package org.pergamena.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;

class BringingTest {
  private TopicMap map = Maps.marsh();

  private static List<List<String>> table(String... rows) {
    return Arrays.stream(rows).map(row -> Arrays.asList(row.split("\\|", -1))).toList();
  }

  private Bringing.Plan bring(List<List<String>> topics, List<List<String>> relations) {
    Bringing.Plan plan = Bringing.plan(map, map.root().id(), topics, relations, UUID::randomUUID);
    Applied applied = map.apply(plan.change());
    assertThat(applied.map().apply(applied.inverse()).map()).isEqualTo(map);
    map = applied.map();
    return plan;
  }

  private Topic named(String label) {
    return map.preorder().stream().filter(t -> t.label().equals(label)).findFirst().orElseThrow();
  }

  private String path(String label) {
    Topic topic = named(label);
    return topic.parent() == null ? label : map.topic(topic.parent()).label() + " > " + label;
  }

  @Test
  void columns_are_known_by_their_names_and_rows_may_stand_in_any_order() {
    Bringing.Plan plan =
        bring(
            table(
                "Tags|Topic|Under|Remarks|Meaning",
                "agreed, by Maren|Sluice gate|Sluice||A door for water.",
                "|Sluice|wall|Ask.|",
                "|Fish|creeks||"),
            List.of());
    assertThat(path("Sluice gate")).isEqualTo("Sluice > Sluice gate");
    assertThat(path("Sluice")).isEqualTo("wall > Sluice");
    assertThat(named("Sluice").note()).isEqualTo("Ask.");
    assertThat(named("Sluice gate").content().gloss().definition()).isEqualTo("A door for water.");
    List<String> tags = named("Sluice gate").content().gloss().tags();
    assertThat(tags).hasSize(2).startsWith("agreed");
    assertThat(map.legend().tag(tags.get(1)).orElseThrow().word()).isEqualTo("by Maren");
    assertThat(plan.topics()).isEqualTo(2);
    assertThat(plan.there()).isEqualTo(1);
    assertThat(plan.topicFaults()).isEmpty();
  }

  @Test
  void numbers_tell_parents_and_a_table_without_names_is_read_by_its_cells() {
    bring(table("1|Costs", "1.2|Soil", "2|People", "1.1|Gates|of steel"), List.of());
    assertThat(path("Gates")).isEqualTo("Costs > Gates");
    assertThat(path("Soil")).isEqualTo("Costs > Soil");
    assertThat(path("People")).isEqualTo("root > People");
    assertThat(named("Gates").content().gloss().definition()).isEqualTo("of steel");
  }

  @Test
  void faults_are_told_by_row_and_the_sound_rest_is_taken() {
    Bringing.Plan plan =
        bring(
            table(
                "Topic|Parent",
                "Ring|Wheel",
                "Wheel|Ring",
                "Spoke|Wheel",
                "Gate|Nowhere",
                "|wall",
                "Sound|wall",
                "sound|Wall"),
            List.of());
    assertThat(plan.topics()).isEqualTo(1);
    assertThat(path("Sound")).isEqualTo("wall > Sound");
    assertThat(plan.topicFaults()).extracting(Fault::row).containsExactly(2, 3, 4, 5, 6, 8);
    assertThat(plan.topicFaults().get(0).sentence()).contains("under itself");
    assertThat(plan.topicFaults().get(2).sentence()).contains("Row 3");
    assertThat(plan.topicFaults().get(3).sentence()).contains("no \"Nowhere\"");
    assertThat(plan.topicFaults().get(4).sentence()).contains("no label");
  }

  @Test
  void the_same_label_may_stand_under_different_parents() {
    bring(table("Topic|Parent", "Costs|wall", "Costs|creeks"), List.of());
    assertThat(map.preorder()).filteredOn(topic -> topic.label().equals("Costs")).hasSize(2);
  }

  @Test
  void terms_and_relations_become_topics_and_links_and_are_not_doubled() {
    List<List<String>> terms = table("Silt|What rivers carry", "Reed|", "AGE|Years");
    List<List<String>> relations =
        table("Silt|feeds|Reed", "Reed|holds|silt", "Reed|hides|Otter", "Reed|is|reed", "|is|Reed");
    Bringing.Plan plan = bring(terms, relations);
    assertThat(plan.topics()).isEqualTo(2);
    assertThat(plan.links()).isEqualTo(2);
    assertThat(plan.relationFaults()).extracting(Fault::row).containsExactly(3, 4, 5);
    assertThat(plan.relationFaults().get(0).sentence()).contains("\"Otter\"");
    assertThat(map.topic(id("age")).content().gloss().definition()).isEqualTo("Years");

    Bringing.Plan again = bring(terms, relations.subList(0, 2));
    assertThat(again.topics()).isZero();
    assertThat(again.links()).isZero();
    assertThat(again.there()).isEqualTo(5);
  }

  @Test
  void named_columns_of_relations_may_stand_in_any_order() {
    bring(List.of(), table("To|From|Verb", "age|fish|outlives"));
    assertThat(map.links().get(0).from()).isEqualTo(id("fish"));
    assertThat(map.links().get(0).phrase()).isEqualTo("outlives");
  }
}
