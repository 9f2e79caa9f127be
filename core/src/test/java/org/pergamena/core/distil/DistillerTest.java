package org.pergamena.core.distil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.pergamena.core.analysis.Coverage;
import org.pergamena.core.analysis.LabelRules;
import org.pergamena.core.analysis.LeftOut;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.progress.Progress;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;

class DistillerTest {
  private static final String[] BREAD = {
    "Sourdough needs only flour, water and salt.",
    "Wild yeasts in the starter raise the dough overnight.",
    "Knead the dough until it is smooth, then fold it.",
    "Bake the loaf in a covered pot until the crust is dark."
  };

  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);

  @Test
  void headings_are_the_backbone_of_a_source_that_has_them() {
    TopicMap map = Texts.map(DistilOptions.DEFAULT, Texts.headed("article"));
    assertThat(map.root().label()).isEqualTo("The marsh at Ferrow");
    assertThat(map.children(map.root()))
        .extracting(Topic::label)
        .containsExactly("Why the wall was breached", "Wings over the water", "What the mud keeps");
    assertThat(map.children(map.children(map.root()).get(1)))
        .extracting(Topic::label)
        .containsExactly("Terns");
  }

  @Test
  void text_without_headings_is_cut_where_its_subject_changes() {
    Source source = Texts.plain("plain");
    TopicMap map = Texts.map(new DistilOptions(1, 3), source);
    List<Topic> mains = map.children(map.root());
    assertThat(mains).hasSize(3);
    String text = source.text().text();
    assertThat(text.substring(mains.get(1).extent().get(0).span().start()))
        .startsWith("Wading birds came back");
    assertThat(text.substring(mains.get(2).extent().get(0).span().start()))
        .startsWith("Mud that settles");
    assertThat(mains.get(0).label().toLowerCase(Locale.ROOT)).containsAnyOf("wall", "stone");
    assertThat(mains.get(1).label().toLowerCase(Locale.ROOT)).containsAnyOf("birds", "redshank");
    assertThat(mains.get(2).label().toLowerCase(Locale.ROOT)).contains("carbon");
  }

  @Test
  void speech_without_marks_is_cut_too_and_quoted_by_whole_sentences() {
    Source source = Texts.spoken("talk");
    TopicMap map = Texts.map(new DistilOptions(1, 3), source);
    assertThat(map.children(map.root())).hasSize(3);
    Set<Integer> starts = new HashSet<>();
    TextAnalyser.analyse(source).sentences().forEach(s -> starts.add(s.span().start()));
    assertThat(evidence(map)).allMatch(e -> starts.contains(e.passage().start()));
  }

  @Test
  void what_two_sources_both_treat_is_one_topic_with_passages_of_both() {
    Source article = Texts.headed("article");
    Source talk = Texts.plain("talk");
    TopicMap map = Texts.map(new DistilOptions(2, 0), article, talk);
    var supports = Support.of(map);
    assertThat(map.children(map.root()))
        .anyMatch(
            topic ->
                topic.label().toLowerCase(Locale.ROOT).contains("carbon")
                        | topic.label().contains("mud")
                    && supports.get(topic.id()).sources().size() == 2);
  }

  @Test
  void a_small_source_on_another_subject_has_a_main_branch_of_its_own() {
    SourceTextBuilder text = new SourceTextBuilder();
    Texts.paragraphs(text, 3, BREAD);
    Source bread = Texts.source("bread", text);
    TopicMap map = Texts.map(DistilOptions.DEFAULT, Texts.plain("talk"), Texts.headed("b"), bread);
    var supports = Support.of(map);
    assertThat(map.children(map.root()))
        .filteredOn(topic -> supports.get(topic.id()).sources().contains(bread.id()))
        .singleElement()
        .satisfies(
            topic -> assertThat(supports.get(topic.id()).sources()).containsExactly(bread.id()));
  }

  @Test
  void every_quote_equals_the_text_at_its_offsets_and_every_leaf_has_one_to_six() {
    for (Source source : List.of(Texts.headed("a"), Texts.plain("b"), Texts.spoken("c"))) {
      TopicMap map = Texts.map(DistilOptions.DEFAULT, source);
      for (Evidence e : evidence(map)) {
        assertThat(source.text().text().substring(e.passage().start(), e.passage().end()))
            .isEqualTo(e.passage().exact());
        assertThat(e.strength()).isBetween(0.0, 1.0);
      }
      assertThat(map.preorder())
          .filteredOn(topic -> topic.children().isEmpty())
          .allMatch(topic -> topic.evidence().size() >= 1 && topic.evidence().size() <= 6);
    }
  }

  @Test
  void labels_are_short_unique_and_begin_and_end_with_words_that_say_something() {
    TopicMap map = Texts.map(DistilOptions.DEFAULT, Texts.plain("a"), Texts.spoken("b"));
    List<String> labels = map.preorder().stream().map(Topic::label).toList();
    assertThat(labels).doesNotHaveDuplicates();
    for (String label : labels) {
      String[] words = label.split(" ");
      assertThat(words.length).as(label).isBetween(1, 6);
      assertThat(ENGLISH.stop(words[0]) || ENGLISH.stop(words[words.length - 1]))
          .as(label)
          .isFalse();
      assertThat(Character.isUpperCase(label.charAt(0))).as(label).isTrue();
    }
  }

  @Test
  void levels_and_branches_are_kept_to() {
    for (int levels = 1; levels <= DistilOptions.MOST_LEVELS; levels++) {
      TopicMap map = Texts.map(new DistilOptions(levels, 2), Texts.headed("a"), Texts.plain("b"));
      int most = levels;
      assertThat(map.preorder())
          .allMatch(topic -> map.level(topic) <= most && topic.children().size() <= 2);
    }
    assertThatThrownBy(() -> new DistilOptions(6, 0)).hasMessageContaining("between 1 and 5");
    assertThatThrownBy(() -> new DistilOptions(3, 13)).hasMessageContaining("between 2 and 12");
  }

  @Test
  void the_extents_account_for_nearly_all_of_the_text() {
    Source source = Texts.plain("a");
    TopicMap map = Texts.map(DistilOptions.DEFAULT, source);
    assertThat(Coverage.of(map, List.of(source)).get(source.id()).share()).isGreaterThan(0.99);
  }

  @Test
  void a_few_words_before_the_first_heading_are_a_gap_of_the_ribbon() {
    Source headed = Texts.headed("a");
    String byline = "By somebody, spring.\n\n";
    SourceText text = headed.text();
    Source source = new Source(headed.id(), "a", MovedText.by(byline, text));
    TopicMap map = Texts.map(DistilOptions.DEFAULT, source);
    var ribbon = Coverage.of(map, List.of(source)).get(source.id()).ribbon();
    assertThat(ribbon.get(0).branch()).isEqualTo(Coverage.NOWHERE);
    assertThat(source.text().text().substring(0, ribbon.get(0).end())).startsWith("By somebody");
    assertThat(ribbon.get(1).branch()).isNotEqualTo(Coverage.NOWHERE);
  }

  @Test
  void the_same_sources_give_the_same_map_each_time() {
    TopicMap first = Texts.map(DistilOptions.DEFAULT, Texts.headed("a"), Texts.plain("b"));
    for (int i = 0; i < 3; i++) {
      assertThat(Texts.map(DistilOptions.DEFAULT, Texts.headed("a"), Texts.plain("b")))
          .isEqualTo(first);
    }
  }

  @Test
  void little_text_gives_a_small_map_and_no_text_a_sentence() {
    Source tiny = new Source(new UUID(0, 1), "note", SourceText.plain("The wall is old."));
    TopicMap map = Texts.map(DistilOptions.DEFAULT, tiny);
    assertThat(map.size()).isEqualTo(1);
    assertThat(map.root().evidence()).hasSize(1);
    Source empty = new Source(new UUID(0, 2), "empty", SourceText.plain("..."));
    assertThatThrownBy(
            () -> Texts.map(DistilOptions.DEFAULT, new Source(empty.id(), "e", MovedText.none())))
        .hasMessageContaining("no words");
  }

  @Test
  void distilling_is_told_of_its_steps_and_can_be_stopped() {
    List<String> steps = new ArrayList<>();
    var texts = List.of(TextAnalyser.analyse(Texts.plain("a")));
    new Distiller(texts, DistilOptions.DEFAULT, (step, share) -> steps.add(step)).distil();
    assertThat(new HashSet<>(steps)).hasSizeGreaterThanOrEqualTo(3);
    Progress stop =
        (step, share) -> {
          throw new CancellationException();
        };
    assertThatThrownBy(() -> new Distiller(texts, DistilOptions.DEFAULT, stop).distil())
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void headings_in_capitals_are_in_sentence_case_and_an_index_is_left_out() {
    SourceTextBuilder text = new SourceTextBuilder();
    text.block(Block.Kind.HEADING, 1, "A.1 THE SEA WALL AT FERROW");
    Texts.paragraphs(text, 1, Texts.WALL);
    text.block(Block.Kind.PARAGRAPH, 0, "The tide at Ferrow was high. The wall at Ferrow stood.");
    text.block(Block.Kind.HEADING, 1, "WADING BIRDS");
    Texts.paragraphs(text, 1, Texts.BIRDS);
    text.block(Block.Kind.HEADING, 1, "INDEX");
    text.block(Block.Kind.HEADING, 2, "W");
    text.block(Block.Kind.PARAGRAPH, 0, "wading birds, 3; wall, outer, 1; wall, inner, 2");
    Source source = Texts.source("manual", text);
    TopicMap map = Texts.map(new DistilOptions(1, 0), source);
    assertThat(map.children(map.root()))
        .extracting(Topic::label)
        .containsExactly("The sea wall at Ferrow", "Wading birds");
    assertThat(LeftOut.of(map, List.of(source), List.of()))
        .extracting(LeftOut::why)
        .containsExactly(LeftOut.Why.INDEX);
  }

  @Test
  void it_can_be_stopped_in_the_midst_of_a_step() {
    var texts = List.of(TextAnalyser.analyse(Texts.plain("a")));
    for (String step : List.of("Dividing the sources", "Weighing words")) {
      int[] times = {0};
      Progress stop =
          (now, share) -> {
            if (now.equals(step) && ++times[0] > 5) {
              throw new CancellationException();
            }
          };
      assertThatThrownBy(() -> new Distiller(texts, DistilOptions.DEFAULT, stop).distil())
          .as(step)
          .isInstanceOf(CancellationException.class);
    }
  }

  @Test
  void labels_keep_the_written_rules() {
    List<Analysed> texts =
        List.of(TextAnalyser.analyse(Texts.plain("a")), TextAnalyser.analyse(Texts.spoken("b")));
    TopicMap map =
        new Distiller(texts, DistilOptions.DEFAULT, Progress.NONE)
            .distil()
            .map(UUID.randomUUID(), UUID::randomUUID);
    assertThat(LabelRules.broken(map, texts))
        .filteredOn(broken -> broken.rule() != LabelRules.Rule.ABOVE)
        .isEmpty();
  }

  private static List<Evidence> evidence(TopicMap map) {
    return map.preorder().stream().flatMap(topic -> topic.evidence().stream()).toList();
  }

  @Test
  void sources_can_stand_side_by_side_and_be_chosen() {
    Source one = Texts.plain("one");
    Source two = Texts.plain("two");
    DistilOptions apart = new DistilOptions(2, 0).by(DistilOptions.Order.SOURCES);
    TopicMap map = Texts.map(apart, one, two);
    assertThat(map.children(map.root())).extracting(Topic::label).containsExactly("one", "two");
    DistilOptions chosen = new DistilOptions(2, 0, null, null, Set.of(two.id()), null);
    assertThat(Texts.map(chosen, one, two).preorder())
        .allSatisfy(t -> assertThat(t.restsOn(one.id())).isFalse());
  }
}
