package org.pergamena.core.distil.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.distil.text.Token;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class LabellerTest {
  private static final Tongue ENGLISH = Tongue.of(Tongue.ENGLISH);

  private static final List<String> PARTS =
      List.of(
          "The cost of the outer wall has fallen. The parish paid for the outer wall every winter,"
              + " and the cost was high. Nobody pays the cost of the outer wall now.",
          "Wading birds came back in the second year. The warden counts the wading birds every"
              + " month. Most wading birds feed on the mud.",
          "The harbour committee met in June. The harbour committee asked for another survey. The"
              + " treasurer of the harbour committee kept the minutes.");

  private static Analysed text() {
    return text(PARTS);
  }

  private static Analysed text(List<String> paragraphs) {
    SourceTextBuilder builder = new SourceTextBuilder();
    paragraphs.forEach(part -> builder.block(Block.Kind.PARAGRAPH, 0, part));
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static List<Group> groups(Analysed text) {
    List<Group> groups = new ArrayList<>();
    for (int i = 0; i < PARTS.size(); i++) {
      groups.add(new Group(null, List.of(Part.plain(text, 3 * i, 3 * i + 3)), List.of()));
    }
    return groups;
  }

  @Test
  void a_part_is_named_by_the_words_that_an_author_would_put_over_it() {
    Analysed text = text();
    Labeller labeller = new Labeller(List.of(text), () -> {});
    List<String> labels =
        groups(text).stream().map(group -> labeller.label(group, "Ferrow")).toList();
    assertThat(labels.get(0)).containsIgnoringCase("outer wall");
    assertThat(labels.get(1)).containsIgnoringCase("birds");
    assertThat(labels.get(2)).containsIgnoringCase("harbour committee");
    assertThat(labels).doesNotHaveDuplicates();
    for (String label : labels) {
      String[] words = label.split(" ");
      assertThat(words.length).isBetween(1, 6);
      assertThat(ENGLISH.stop(words[0])).as(label).isFalse();
      assertThat(ENGLISH.stop(words[words.length - 1])).as(label).isFalse();
      assertThat(Character.isUpperCase(label.charAt(0))).isTrue();
    }
  }

  @Test
  void the_authors_heading_stands_without_its_number() {
    Analysed text = text();
    Group headed = new Group("2.1 The wall", groups(text).get(0).own(), List.of());
    assertThat(new Labeller(List.of(text), () -> {}).label(headed, "Ferrow")).isEqualTo("The wall");
  }

  @Test
  void no_topic_gets_the_words_of_a_heading_that_stands_elsewhere() {
    Analysed text = text();
    List<Group> groups = groups(text);
    String taken = new Labeller(List.of(text), () -> {}).label(groups.get(1), "Ferrow");
    Group headed = new Group(taken, groups.get(2).own(), List.of());
    Labeller labeller = new Labeller(List.of(text), () -> {});
    labeller.label(new Group(null, List.of(), List.of(groups.get(1), headed)), "");
    assertThat(labeller.label(groups.get(1), "Ferrow")).isNotEqualTo(taken);
    assertThat(labeller.label(headed, "Ferrow")).isEqualTo(taken);
  }

  @Test
  void likely_words_are_early_and_frequent_and_sound_like_a_subject() {
    Analysed text = text();
    Vocabulary vocabulary = new Vocabulary(List.of(text), () -> {});
    HeadWords head = new HeadWords(groups(text).get(0), vocabulary);
    assertThat(head.likelihood("wall")).isGreaterThan(head.likelihood("winter"));
    assertThat(head.likelihood("wall")).isBetween(0.2, 1.0);
    assertThat(head.likelihood("bird")).isZero();
    assertThat(head.lift("wall")).isGreaterThan(0);
  }

  @Test
  void several_labels_are_offered_best_first_no_two_of_the_same_words_and_none_is_used_up() {
    Analysed text = text();
    Labeller labeller = new Labeller(List.of(text), () -> {});
    Group wall = groups(text).get(0);
    List<String> offers = labeller.offers(wall, "", 5);
    assertThat(offers).hasSizeBetween(2, 5).doesNotHaveDuplicates();
    assertThat(offers.toString()).contains("uter wall");
    assertThat(labeller.offers(wall, "", 5)).isEqualTo(offers);
    assertThat(labeller.label(wall, "")).isEqualTo(offers.get(0));
  }

  @Test
  void what_the_text_joins_is_told_from_what_only_stands_in_it() {
    Analysed text =
        text(
            List.of(
                "The wall and the birds were counted by the wardens.",
                "The birds came back. The tide rose over the fields.",
                "Oysters died in the summer. The tide was high."));
    Part all = Part.plain(text, 0, text.sentences().size());
    Joins joins = new Joins(new Group(null, List.of(all), List.of()));
    assertThat(joins.joined(tokens("wall"), tokens("birds"))).isTrue();
    assertThat(joins.joined(tokens("tide"), tokens("birds"))).isFalse();
  }

  @Test
  void a_label_spans_what_has_its_words_in_one_sentence() {
    Spread together = spread("The file system burned. A crane came.");
    Spread apart = spread("The file was lost. A system of creeks grew.");
    List<String> stems = List.of("file", "system");
    assertThat(Labeller.span(stems, List.of(together, together), true)).isEqualTo(1);
    assertThat(Labeller.span(stems, List.of(together, apart), true)).isEqualTo(0.75);
    assertThat(Labeller.span(stems, List.of(apart, apart), true)).isEqualTo(0.5);
    assertThat(Labeller.span(stems, List.of(apart, apart), false)).isGreaterThan(0.5);
    assertThat(Labeller.span(stems, List.of(apart), true)).isEqualTo(1);
  }

  private static Spread spread(String words) {
    return new Spread(text(List.of(words)).sentences());
  }

  private static List<Token> tokens(String words) {
    return TextAnalyser.tokens(words, ENGLISH);
  }
}
