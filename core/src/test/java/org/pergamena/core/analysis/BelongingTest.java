package org.pergamena.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.Branch;
import org.pergamena.core.map.Content;
import org.pergamena.core.map.ContentChange;
import org.pergamena.core.map.Extent;
import org.pergamena.core.map.Place;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.map.TreeChange;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class BelongingTest {
  private static final String WALL =
      "The old wall of clay and stone was cracked, and engineers patched the stone of the wall each"
          + " winter until the clay under the wall gave way to the storms of the sea. The wall was"
          + " rebuilt of stone on clay in the spring.";
  private static final String BIRDS =
      "Redshank and other waders feed on the mud at low water, and the redshank nest on the marsh"
          + " where waders raise their young by the creeks in June. The warden counts the nests of"
          + " redshank and the young of all waders.";

  private final Source source = source();
  private final List<Analysed> texts = List.of(TextAnalyser.analyse(source));

  /** Three paragraphs on the wall, then three on birds. */
  private static Source source() {
    SourceTextBuilder text = new SourceTextBuilder();
    for (String subject : List.of(WALL, BIRDS)) {
      for (int i = 0; i < 3; i++) {
        text.block(Block.Kind.PARAGRAPH, 0, subject);
      }
    }
    return new Source(UUID.randomUUID(), "notes", text.build());
  }

  private Topic topic(String label, int from, int to) {
    List<Block> blocks = source.text().blocks();
    List<Extent> extent = new ArrayList<>();
    blocks.subList(from, to).forEach(b -> extent.add(new Extent(source.id(), b.span())));
    UUID id = UUID.randomUUID();
    return Topic.of(id, Content.labelled(label).withGrounds("", List.of(), extent));
  }

  private static TopicMap map(Topic... mains) {
    TopicMap map = TopicMap.rootedAt(Topic.labelled(UUID.randomUUID(), "Marsh"));
    for (int i = 0; i < mains.length; i++) {
      map =
          map.apply(new TreeChange.AddBranch(map.root().id(), Place.LAST, Branch.of(mains[i])))
              .map();
    }
    return map;
  }

  @Test
  void paragraphs_on_the_topic_s_own_subject_belong_to_it() {
    Topic wall = topic("Wall", 0, 3);
    TopicMap map = map(wall, topic("Birds", 3, 6));
    assertThat(Belonging.of(map, map.topic(wall.id()), texts))
        .isEqualTo(new Belonging(3, 3, null, 0, List.of()));
  }

  @Test
  void a_paragraph_that_is_more_like_the_topic_beside_it_is_told_with_that_topic() {
    Topic wall = topic("Wall", 0, 4);
    Topic birds = topic("Birds", 4, 6);
    TopicMap map = map(wall, birds);
    assertThat(Belonging.of(map, map.topic(wall.id()), texts))
        .isEqualTo(new Belonging(4, 3, birds.id(), 1, List.of()));
  }

  @Test
  void what_is_aside_is_no_rival_and_a_topic_without_text_has_nothing_to_belong() {
    Topic wall = topic("Wall", 0, 4);
    Topic birds = topic("Birds", 4, 6);
    Topic bare = Topic.labelled(UUID.randomUUID(), "Bare");
    TopicMap map = map(wall, birds, bare);
    assertThat(Belonging.of(map, map.topic(bare.id()), texts))
        .isEqualTo(new Belonging(0, 0, null, 0, List.of()));
    TopicMap aside = map.apply(new ContentChange.SetAside(birds.id(), true)).map();
    assertThat(Belonging.of(aside, aside.topic(wall.id()), texts).own()).isEqualTo(4);
    assertThat(Belonging.of(map, map.root(), texts).nearest()).isNull();
  }

  @Test
  void a_topic_of_sources_that_have_nothing_in_common_is_told_to_be_mixed() {
    Source sea = written("sea", WALL, BIRDS);
    Source again = written("again", BIRDS, WALL);
    Source bread =
        written(
            "bread",
            "Flour, salt and leaven are kneaded into dough, and the dough rises overnight in a"
                + " covered bowl before the baker shapes each loaf and slides it into the oven.",
            "A crust forms once steam fills the oven, and the baker turns every loaf so that its"
                + " crumb stays soft while flour browns on the bottom.");
    List<Analysed> all = Stream.of(sea, again, bread).map(TextAnalyser::analyse).toList();
    Topic mixed = over("Mixed", sea, bread);
    Topic kindred = over("Kindred", sea, again);
    TopicMap map = map(mixed, kindred);
    assertThat(Belonging.of(map, map.topic(mixed.id()), all).mixed())
        .containsExactly(List.of(sea.id()), List.of(bread.id()));
    assertThat(Belonging.of(map, map.topic(kindred.id()), all).mixed()).isEmpty();
  }

  private static Source written(String name, String... paragraphs) {
    SourceTextBuilder text = new SourceTextBuilder();
    for (int i = 0; i < 5; i++) {
      for (String paragraph : paragraphs) {
        text.block(Block.Kind.PARAGRAPH, 0, paragraph);
      }
    }
    return new Source(UUID.randomUUID(), name, text.build());
  }

  private static Topic over(String label, Source... sources) {
    List<Extent> extent = new ArrayList<>();
    for (Source source : sources) {
      source.text().blocks().forEach(b -> extent.add(new Extent(source.id(), b.span())));
    }
    return Topic.of(UUID.randomUUID(), Content.labelled(label).withGrounds("", List.of(), extent));
  }
}
