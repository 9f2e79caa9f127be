package org.pergamena.core.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Matching.Match;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.brief.Brief.Wish;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.Change;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.EvidenceChange;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.Trace;
import org.pergamena.core.reply.Compared.Difference;
import org.pergamena.core.source.Passage;

class TakingTest {
  private static final Trace TRACE = new Trace("Local", "More", LocalDate.of(2026, 5, 1));

  private static Applied taken(TopicMap map, String text, Predicate<Difference> wanted) {
    Reply reply = ReplyReader.read(text, false);
    Compared compared = ComparingTest.compared(map, text, Wish.SUBJECT);
    List<String> ids = compared.differences().stream().filter(wanted).map(Difference::id).toList();
    Change change =
        Taking.of(map, reply, compared, List.of(), ids, map.root().id(), TRACE, UUID::randomUUID)
            .change();
    return map.apply(change);
  }

  static List<String> tree(TopicMap map) {
    return map.preorder().stream().map(t -> "-".repeat(map.level(t)) + t.label()).toList();
  }

  @Test
  void what_is_taken_comes_to_its_place_and_can_be_undone() {
    TopicMap map = ComparingTest.map("- Sea wall\n  - Age\n- Birds\n");
    String reply =
        "- Sea wall\n  - Height: how far it stands above the highest tide\n- Plants\n  - Age\n"
            + "- Bird life\n";
    Applied all = taken(map, reply, each -> true);
    assertThat(tree(all.map()))
        .containsExactly(
            "Ferrow saltmarsh", "-Sea wall", "--Height", "-Plants", "--Age", "-Bird life");
    Topic height = all.map().topic(ComparingTest.topic(all.map(), "Height"));
    assertThat(height.content().gloss().definition()).startsWith("how far it stands");
    assertThat(height.content().gloss().trace()).isEqualTo(TRACE);
    assertThat(all.map().apply(all.inverse()).map()).isEqualTo(map);
    assertThat(taken(map, reply, each -> false).map()).isEqualTo(map);
  }

  @Test
  void what_stands_above_a_new_topic_comes_with_it() {
    TopicMap map = ComparingTest.map("- Sea wall\n");
    TopicMap after =
        taken(map, "- Sea wall\n- Plants\n  - Salt\n    - Glands\n", d -> d.is().equals("Glands"))
            .map();
    assertThat(tree(after))
        .containsExactly("Ferrow saltmarsh", "-Sea wall", "-Plants", "--Salt", "---Glands");
  }

  @Test
  void what_is_taken_brings_the_passages_that_were_found_for_it() {
    TopicMap map = ComparingTest.map("- Sea wall\n");
    String text = "- Sea wall\n- Plants\n";
    Passage passage = new Passage(UUID.randomUUID(), 3, 9, "plants", "the ", " grew");
    Checked.Judged nothing =
        new Checked.Judged(Support.Grade.UNSUPPORTED, List.of(), List.of(), List.of());
    Checked.Judged found =
        new Checked.Judged(
            Support.Grade.THIN, List.of(new Match(null, passage, 0.7)), List.of(), List.of());
    Compared compared = ComparingTest.compared(map, text, Wish.SUBJECT);
    List<String> ids = compared.differences().stream().map(Difference::id).toList();
    Change change =
        Taking.of(
                map,
                ReplyReader.read(text, false),
                compared,
                List.of(nothing, found),
                ids,
                map.root().id(),
                TRACE,
                UUID::randomUUID)
            .change();
    TopicMap after = map.apply(change).map();
    Evidence evidence = after.topic(ComparingTest.topic(after, "Plants")).evidence().get(0);
    assertThat(evidence.passage()).isEqualTo(passage);
    assertThat(evidence.origin()).isEqualTo(Origin.MATCHED);
    assertThat(evidence.strength()).isEqualTo(0.7);
  }

  @Test
  void keys_become_links_and_relations_join_what_they_name() {
    TopicMap map = ComparingTest.map("- Sea wall\n- Birds\n");
    Evidence evidence =
        new Evidence(
            UUID.fromString("3f9a2c00-0000-4000-8000-000000000000"),
            new Passage(UUID.randomUUID(), 3, 9, "waders", "the ", " fed"),
            Stance.SUPPORTS,
            Origin.DISTILLED,
            0.9);
    UUID birds = ComparingTest.topic(map, "Birds");
    map = map.apply(new EvidenceChange.Link(birds, Place.LAST, evidence)).map();
    String reply =
        "- Sea wall [p3f9a2c]\n- Waders in winter [p3f9a2c, p000000]\n\n"
            + "| From | Relation | To |\n|---|---|---|\n| Waders in winter | feed by | Sea wall |\n"
            + "| Tide | meets | Sea wall |\n";
    TopicMap after = taken(map, reply, each -> true).map();
    Topic waders = after.topic(ComparingTest.topic(after, "Waders in winter"));
    assertThat(waders.evidence()).hasSize(1);
    assertThat(waders.evidence().get(0).passage()).isEqualTo(evidence.passage());
    assertThat(waders.evidence().get(0).id()).isNotEqualTo(evidence.id());
    assertThat(after.topic(ComparingTest.topic(map, "Sea wall")).evidence()).hasSize(1);
    assertThat(after.links()).extracting("phrase").containsExactlyInAnyOrder("feed by", "meets");
    assertThat(tree(after)).contains("-Tide");
  }

  @Provide
  Arbitrary<String> outlines() {
    Arbitrary<String> line =
        Arbitraries.of(0, 1, 2)
            .flatMap(
                depth ->
                    Arbitraries.of(
                            "Sea wall",
                            "Wall",
                            "Age",
                            "Age of the wall",
                            "Birds",
                            "Waders",
                            "Birds: those that feed on the mud in winter",
                            "Cost",
                            "Costs")
                        .map(label -> "  ".repeat(depth) + "- " + label));
    return line.list().ofMinSize(1).ofMaxSize(12).map(lines -> String.join("\n", lines));
  }

  @Property(tries = 300)
  void whatever_is_taken_nothing_that_stood_is_gone(
      @ForAll("outlines") String standing, @ForAll("outlines") String reply) {
    TopicMap map = ComparingTest.map(standing);
    Applied all = taken(map, reply, each -> true);
    map.preorder().forEach(topic -> assertThat(all.map().has(topic.id())).isTrue());
    assertThat(all.map().apply(all.inverse()).map()).isEqualTo(map);
  }
}
