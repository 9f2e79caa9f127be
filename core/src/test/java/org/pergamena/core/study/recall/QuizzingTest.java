package org.pergamena.core.study.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pergamena.core.map.Maps.id;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.core.study.recall.Memory.Grade;
import org.pergamena.core.study.recall.Quiz.Kind;
import org.pergamena.core.study.recall.Quizzing.Dated;

class QuizzingTest {
  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);
  private static final String SAID =
      "The outer wall was built of clay that men had dug from a pit behind the farm.";
  private static final Source ONE = source("one", SAID);
  private static final Source OTHER = source("other", "Terns nest on the islands.");
  private static final List<Analysed> TEXTS =
      List.of(TextAnalyser.analyse(ONE), TextAnalyser.analyse(OTHER));

  private static Source source(String name, String words) {
    return new Source(id(name), name, SourceText.plain(words));
  }

  private static TopicMap map() {
    TopicMap map = Maps.root("root");
    for (String name : List.of("Wall", "Birds", "Money")) {
      map = Maps.with(map, "root", name);
    }
    for (String name : List.of("Clay", "Sluice", "Crest path")) {
      map = Maps.with(map, "Wall", name);
    }
    for (String name : List.of("Terns", "Redshank")) {
      map = Maps.with(map, "Birds", name);
    }
    return Maps.filled(map, "Clay", List.of(Maps.evidence("e", ONE, SAID)), List.of());
  }

  private static Dated dated(String label, double from, double to) {
    return new Dated(label, from, to, Passage.of(ONE, new Span(0, 9)), List.of(id("Clay")));
  }

  private static Quizzing quizzing() {
    return new Quizzing(
        map(),
        TEXTS,
        () ->
            List.of(
                dated("It was built", 0, 1),
                dated("It leaked", 10, 20),
                dated("It still leaked", 15, 18),
                dated("It was opened", 30, 31)));
  }

  private static Quiz quiz(String topic, Kind kind, long seed) {
    return quizzing().of(map().topic(id(topic)), kind, seed).orElseThrow();
  }

  private static Marking marked(Quiz quiz, List<Integer> chosen, String... written) {
    return Marking.of(quiz, chosen, List.of(written), ENGLISH);
  }

  @Test
  void what_belongs_under_a_topic_is_asked_among_what_does_not() {
    Quiz quiz = quiz("Wall", Kind.BELOW, 1);
    assertThat(quiz.asks()).isEqualTo("Which of these belong under \u201cWall\u201d?");
    assertThat(quiz.right().stream().map(quiz.options()::get))
        .containsExactlyInAnyOrder("Clay", "Sluice", "Crest path");
    assertThat(quiz.options()).hasSize(7).doesNotContain("Wall", "root");
    assertThat(quiz.grounds()).hasSize(1);
    assertThat(marked(quiz, quiz.right()).grade()).isEqualTo(Grade.YES);
    assertThat(marked(quiz, quiz.right().subList(0, 2)).grade()).isEqualTo(Grade.PARTLY);
    Marking all = marked(quiz, List.of(0, 1, 2, 3, 4, 5, 6));
    assertThat(all.grade()).as("choosing everything is no knowledge").isEqualTo(Grade.NO);
    assertThat(all.wrong()).hasSize(4);
  }

  @Test
  void one_topic_that_is_missing_is_one_of_four() {
    Quiz quiz = quiz("Wall", Kind.MISSING, 2);
    assertThat(quiz.options()).hasSize(4);
    assertThat(quiz.right()).hasSize(1);
    assertThat(quiz.text()).doesNotContain(quiz.answer()).contains(";");
    assertThat(marked(quiz, quiz.right()).grade()).isEqualTo(Grade.YES);
    assertThat(marked(quiz, List.of()).grade()).isEqualTo(Grade.NO);
  }

  @Test
  void which_source_says_something_is_one_of_the_sources() {
    Quiz quiz = quiz("Clay", Kind.SOURCE, 3);
    assertThat(quiz.text()).isEqualTo(SAID);
    assertThat(quiz.options()).containsExactlyInAnyOrder("one", "other");
    assertThat(quiz.answer()).isEqualTo("one");
  }

  @Test
  void key_words_of_a_passage_are_covered_and_met_in_any_form() {
    Quiz quiz = quiz("Clay", Kind.COVERED, 4);
    assertThat(quiz.expected()).hasSizeBetween(1, 2);
    String whole = quiz.text();
    for (String word : quiz.expected()) {
      whole = whole.replaceFirst(Quiz.COVER, word);
    }
    assertThat(whole).isEqualTo(SAID);
    assertThat(marked(quiz, List.of(), quiz.expected().toArray(String[]::new)).grade())
        .isEqualTo(Grade.YES);
    assertThat(marked(quiz, List.of()).grade()).isEqualTo(Grade.NO);
    assertThat(Marking.same("outer wall", "Outer walls", ENGLISH)).isTrue();
    assertThat(Marking.same("sluice", "sluce", ENGLISH)).isTrue();
    assertThat(Marking.same("clay", "play", ENGLISH)).isFalse();
    assertThat(Marking.same("sluice", "", ENGLISH)).isFalse();
  }

  @Test
  void the_order_of_events_is_asked_of_those_that_do_not_overlap() {
    Quiz quiz = quiz("Wall", Kind.ORDER, 5);
    assertThat(quiz.right().stream().map(quiz.options()::get).toList())
        .startsWith("It was built")
        .endsWith("It was opened")
        .hasSize(3);
    assertThat(marked(quiz, quiz.right()).grade()).isEqualTo(Grade.YES);
    assertThat(quizzing().of(map().topic(id("Birds")), Kind.ORDER, 5)).isEmpty();
  }

  @Test
  void what_is_remembered_in_ones_own_words_is_held_against_the_branch() {
    Quiz quiz = quiz("Wall", Kind.FREE, 6);
    assertThat(quiz.expected()).containsExactly("Clay", "Sluice", "Crest path");
    Marking two = marked(quiz, List.of(), "It was made of clay\nand there was the sluice");
    assertThat(two.met()).containsExactly(true, true, false);
    assertThat(two.grade()).isEqualTo(Grade.PARTLY);
    assertThat(marked(quiz, List.of(), "").grade()).isEqualTo(Grade.NO);
  }

  @Test
  void the_same_seed_makes_the_same_question_and_another_turns_to_another_kind() {
    Topic wall = map().topic(id("Wall"));
    assertThat(quizzing().kinds(wall))
        .containsExactly(Kind.BELOW, Kind.MISSING, Kind.ORDER, Kind.FREE);
    assertThat(quizzing().about(wall, 7)).isEqualTo(quizzing().about(wall, 7));
    Optional<Quiz> next = quizzing().about(wall, 8);
    assertThat(next.map(Quiz::kind)).isNotEqualTo(quizzing().about(wall, 7).map(Quiz::kind));
    assertThat(quizzing().about(map().topic(id("Terns")), 1)).isEmpty();
    assertThat(quizzing().asked()).containsExactly(id("root"), id("Wall"), id("Clay"), id("Birds"));
  }
}
