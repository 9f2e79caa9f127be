package org.pergamena.core.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Evidence;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Origin;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.Topic;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Passage;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.compare.Comparer;
import org.pergamena.core.study.compare.Comparison;
import org.pergamena.core.study.compare.Comparison.Columns;
import org.pergamena.core.study.compare.Concord;
import org.pergamena.core.study.compare.Side;
import org.pergamena.core.study.draft.DraftCheck;
import org.pergamena.core.study.draft.DraftText;
import org.pergamena.core.study.draft.Drafting;
import org.pergamena.core.study.recall.Marking;
import org.pergamena.core.study.recall.Memory;
import org.pergamena.core.study.recall.Memory.Grade;
import org.pergamena.core.study.recall.Quiz;
import org.pergamena.core.study.recall.Quizzing;

/** What holds of any texts and any map on them. */
class StudyProperties {
  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);
  private static final List<String> NOUNS =
      List.of("wall", "creek", "warden", "mud", "tide", "oyster", "path", "bank", "tern", "sluice");
  private static final List<String> VERBS = List.of("covers", "crosses", "feeds", "lost", "keeps");

  private static Source source(String name, Random random, int sentences) {
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < sentences; i++) {
      words.append("The old ").append(of(NOUNS, random)).append(' ').append(of(VERBS, random));
      words.append(" the ").append(of(NOUNS, random)).append(" of the ").append(of(NOUNS, random));
      words.append(random.nextInt(3) == 0 ? " in " + (1900 + random.nextInt(90)) : "").append(". ");
    }
    return new Source(Maps.id(name), name, SourceText.plain(words.toString()));
  }

  private static String of(List<String> words, Random random) {
    return words.get(random.nextInt(words.size()));
  }

  /** A map whose topics are called by nouns and rest on sentences of some texts. */
  private static TopicMap map(String root, List<Analysed> texts, Random random, int size) {
    TopicMap map = Maps.root(root);
    List<String> names = new ArrayList<>(List.of(root));
    for (int i = 0; i < size; i++) {
      String name = of(NOUNS, random) + " " + of(NOUNS, random) + " " + root + i;
      map = Maps.with(map, of(names, random), name);
      names.add(name);
      List<Evidence> evidence = new ArrayList<>();
      for (int j = random.nextInt(3); j > 0; j--) {
        Analysed text = texts.get(random.nextInt(texts.size()));
        Sentence sentence = text.sentences().get(random.nextInt(text.sentences().size()));
        Passage passage = Passage.of(text.source(), sentence.span());
        UUID id = new UUID(i, j + 1L);
        evidence.add(new Evidence(id, passage, Stance.SUPPORTS, Origin.DISTILLED, 1));
      }
      map = Maps.filled(map, name, evidence, List.of());
    }
    return map;
  }

  private static List<Analysed> texts(Random random) {
    return List.of(
        TextAnalyser.analyse(source("one", random, 12)),
        TextAnalyser.analyse(source("two", random, 12)));
  }

  @Property(tries = 60)
  void all_that_is_compared_stands_in_one_column_whatever_a_person_said(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 25) int size) {
    Random random = new Random(seed);
    List<Analysed> texts = texts(random);
    TopicMap map = map("a", texts, random, size);
    TopicMap other = map("b", texts, random, size);
    List<CompareMark> marks = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      String one = map.preorder().get(random.nextInt(map.size())).label();
      String two = other.preorder().get(random.nextInt(other.size())).label();
      marks.add(new CompareMark(Kind.TOPIC, one, two, random.nextBoolean()));
      marks.add(
          new CompareMark(Kind.TERM, of(NOUNS, random), of(NOUNS, random), random.nextBoolean()));
    }
    Comparison found = Comparer.of(Side.map(map, texts), Side.map(other, texts), marks);
    Columns topics = found.topics();
    assertThat(topics.ones() + topics.boths()).isEqualTo(map.size() - 1);
    assertThat(topics.others() + topics.boths()).isEqualTo(other.size() - 1);
    for (Columns each : List.of(topics, found.terms(), found.passages())) {
      assertThat(each.both()).allMatch(both -> both.sure() >= 0 && both.sure() <= 1);
    }
    Comparison turned = Comparer.of(Side.map(other, texts), Side.map(map, texts), marks);
    assertThat(turned.topics().boths() + turned.topics().ones())
        .isEqualTo(topics.boths() + topics.others());
  }

  @Property(tries = 60)
  void maps_agree_with_themselves_wholly_and_with_each_other_alike_both_ways(@ForAll long seed) {
    Random random = new Random(seed);
    List<Analysed> texts = texts(random);
    TopicMap map = map("a", texts, random, 14);
    TopicMap other = map("b", texts, random, 14);
    Concord one = Concord.of(map, texts, other, texts);
    Concord two = Concord.of(other, texts, map, texts);
    assertThat(one.figure()).isCloseTo(two.figure(), within(1e-9));
    assertThat(one.sentences()).isEqualTo(two.sentences());
    assertThat(one.figure()).isBetween(-1.0, 1.0);
    assertThat(Concord.of(map, texts, map, texts).topics())
        .allMatch(topic -> topic.kappa() == 1 || topic.both() + topic.onlyOne() == 0);
  }

  @Property(tries = 60)
  void every_question_has_a_right_answer_that_is_marked_right(
      @ForAll long seed, @ForAll @IntRange(min = 2, max = 30) int size) {
    Random random = new Random(seed);
    List<Analysed> texts = texts(random);
    TopicMap map = map("a", texts, random, size);
    Quizzing quizzing = new Quizzing(map, texts, List::of);
    Set<UUID> asked = new HashSet<>(quizzing.asked());
    for (Topic topic : map.preorder()) {
      assertThat(quizzing.kinds(topic).isEmpty()).isEqualTo(!asked.contains(topic.id()));
      for (Quiz.Kind kind : quizzing.kinds(topic)) {
        Quiz quiz = quizzing.of(topic, kind, random.nextLong()).orElseThrow();
        assertThat(quiz.right()).allMatch(place -> place >= 0 && place < quiz.options().size());
        assertThat(quiz.answer()).isNotBlank();
        Marking right = Marking.of(quiz, quiz.right(), quiz.expected(), ENGLISH);
        assertThat(right.grade()).as(quiz.toString()).isIn(Grade.YES, null);
        Marking nothing = Marking.of(quiz, List.of(), List.of(), ENGLISH);
        assertThat(nothing.grade()).isIn(Grade.NO, null);
        Marking.of(quiz, List.of(random.nextInt(100)), List.of("", "x", ""), ENGLISH);
      }
    }
  }

  @Property(tries = 200)
  void whatever_is_answered_memory_stays_within_its_bounds(@ForAll long seed) {
    Random random = new Random(seed);
    Instant now = Instant.parse("2026-01-01T00:00:00Z");
    Grade[] grades = Grade.values();
    Memory memory = Memory.first(grades[random.nextInt(3)], now);
    for (int i = 0; i < 40; i++) {
      now = now.plus(Duration.ofMinutes(random.nextInt(60_000)));
      double before = memory.stability();
      Grade grade = grades[random.nextInt(3)];
      memory = memory.after(grade, now);
      assertThat(memory.stability()).isBetween(0.1, 3_650.0);
      assertThat(memory.difficulty()).isBetween(1.0, 10.0);
      assertThat(memory.known(now)).isEqualTo(1);
      assertThat(memory.due()).isAfter(now);
      if (grade == Grade.NO) {
        assertThat(memory.stability()).isLessThanOrEqualTo(Math.max(0.1, before));
      } else {
        assertThat(memory.stability()).isGreaterThanOrEqualTo(Math.min(3_650, before));
      }
    }
  }

  @Property(tries = 60)
  void the_rooms_of_a_draft_are_all_of_it_and_its_lines_come_in_order(@ForAll long seed) {
    Random random = new Random(seed);
    List<Analysed> texts = texts(random);
    TopicMap map = map("a", texts, random, 12);
    Analysed draft = DraftText.of("d", source("d", random, 9).text().text(), "eng");
    String endless = "The old wall covers the creek of the tern. ".repeat(20);
    List<String> points = List.of(endless, of(NOUNS, random), "");
    DraftCheck check = Drafting.check(draft, points, map, texts);
    int mains =
        check.rooms().stream()
            .filter(room -> room.topic() == null || map.level(map.topic(room.topic())) == 1)
            .mapToInt(DraftCheck.Room::words)
            .sum();
    assertThat(mains).isEqualTo(check.words());
    assertThat(check.lines()).isSortedAccordingTo(Comparator.comparingInt(DraftCheck.Line::start));
    assertThat(check.points()).hasSize(3).allMatch(point -> point.strength() <= 1);
    assertThat(check.points().get(2).missing()).isTrue();
  }
}
