package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Applied;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.NewerBlocks;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.source.Span;

class FoldingInTest {
  private static final String WALL =
      "The old sea wall was built by hand from clay. Storms broke the sea wall in many places."
          + " Every winter the parish mended the wall with clay. The clay of the wall had cracked.";
  private static final String BIRDS =
      "Redshank and curlew fed on the mud at low water. The warden counted the wading birds from"
          + " a hide. Nineteen kinds of wading birds were seen in winter. Young birds hid in grass.";
  private static final String FERRY =
      "The ferry timetable was changed in June. Tickets for the ferry are sold at the kiosk. The"
          + " ferry company ran an extra boat on Sundays. Children travel on the ferry for free."
          + " Season tickets for the ferry cost less than those of the year before at the kiosk.";

  private static Source source(String name, String... sections) {
    SourceTextBuilder builder = new SourceTextBuilder();
    for (int i = 0; i < sections.length; i += 2) {
      builder.block(Block.Kind.HEADING, 1, sections[i]);
      builder.block(Block.Kind.PARAGRAPH, 0, sections[i + 1]);
    }
    return new Source(UUID.randomUUID(), name, builder.build());
  }

  @Test
  void new_evidence_goes_to_standing_topics_and_only_a_new_subject_is_a_new_topic() {
    Source old = source("survey", "The wall", WALL, "Wading birds", BIRDS);
    Analysed first = TextAnalyser.analyse(old);
    TopicMap map =
        new Distiller(List.of(first), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    Topic wall = map.children(map.root()).get(0);
    map = map.apply(new ContentChange.Relabel(wall.id(), "My wall")).map();
    map = map.apply(new ContentChange.Annotate(wall.id(), "mine")).map();
    Source more =
        source(
            "letters",
            "A letter on clay",
            WALL.replace("Storms", "Great storms"),
            "On the boats",
            FERRY);
    List<Analysed> texts = List.of(first, TextAnalyser.analyse(more));
    FoldingIn.Plan plan = FoldingIn.plan(map, texts, more.id(), whole(more), UUID::randomUUID);
    Applied done = map.apply(plan.change());
    List<UUID> touched = plan.touched().stream().map(FoldingIn.Touched::topic).toList();
    Topic now = done.map().topic(wall.id());
    assertThat(now.label()).isEqualTo("My wall");
    assertThat(now.note()).isEqualTo("mine");
    assertThat(now.evidence()).containsAll(map.topic(wall.id()).evidence());
    assertThat(now.evidence()).hasSizeGreaterThan(map.topic(wall.id()).evidence().size());
    assertThat(done.map().root().children()).startsWith(map.root().children().toArray(UUID[]::new));
    List<Topic> added =
        done.map().preorder().stream().filter(t -> touched.contains(t.id())).toList();
    assertThat(added).hasSizeGreaterThanOrEqualTo(2).contains(now);
    assertThat(added.toString()).contains("ferry");
    assertThat(Coverage.of(done.map(), List.of(more)).get(more.id()).share()).isGreaterThan(0.8);
    assertThat(done.map().apply(done.inverse()).map()).isEqualTo(map);
  }

  private static List<Span> whole(Source source) {
    return List.of(new Span(0, source.text().text().length()));
  }

  @Test
  void of_a_newer_version_only_what_is_new_comes_and_what_was_removed_by_hand_stays_away() {
    Source old = source("survey", "The wall", WALL, "Wading birds", BIRDS);
    TopicMap map =
        new Distiller(List.of(TextAnalyser.analyse(old)), DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    Topic birds = map.children(map.root()).get(1);
    map = map.apply(new TreeChange.RemoveBranch(birds.id())).map();
    Source built = source("survey", "The wall", WALL, "Wading birds", BIRDS, "On the boats", FERRY);
    Source newer = new Source(old.id(), old.name(), built.text());
    List<Span> within = NewerBlocks.of(old.text(), newer.text());
    FoldingIn.Plan plan =
        FoldingIn.plan(
            map, List.of(TextAnalyser.analyse(newer)), newer.id(), within, UUID::randomUUID);
    TopicMap done = map.apply(plan.change()).map();
    assertThat(plan.touched()).isNotEmpty().allMatch(touched -> touched.passages() >= 0);
    String quoted =
        plan.touched().stream()
            .flatMap(touched -> done.topic(touched.topic()).evidence().stream())
            .map(evidence -> evidence.passage().exact())
            .toList()
            .toString();
    assertThat(quoted).contains("ferry").doesNotContain("dunlin");
    assertThat(FoldingIn.offTheMap(done, newer.id(), within))
        .allSatisfy(span -> assertThat(newer.text().locate(span.end()).section()).contains("boats"))
        .allSatisfy(span -> assertThat(span.end() - span.start()).isLessThan(20));
  }
}
