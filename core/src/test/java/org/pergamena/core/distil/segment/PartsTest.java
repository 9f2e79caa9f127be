package org.pergamena.core.distil.segment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class PartsTest {
  private static final String[] SUBJECTS = {"wall", "dunlin", "carbon", "oyster", "samphire"};

  /** Paragraphs on five subjects, each with a few words of its own between them. */
  private static Analysed text(String between) {
    SourceTextBuilder builder = new SourceTextBuilder();
    for (int i = 0; i < 60; i++) {
      String subject = SUBJECTS[i / 12];
      builder.block(
          Block.Kind.PARAGRAPH,
          0,
          "The %s of paragraph%d was seen by warden%d near the %s where gate%d stands open."
              .formatted(subject, i / 2, i / 3, subject, i));
      if (i % 12 == 11) {
        builder.block(Block.Kind.PARAGRAPH, 0, between.formatted("zander" + i));
      }
    }
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static List<Part> leaves(Analysed text) {
    return Parts.of(text, 3, 4, 120, () -> {}).leaves();
  }

  @Test
  void no_part_has_but_a_few_words() {
    Analysed text = text("Quite other %s words.");
    List<Part> leaves = leaves(text);
    assertThat(leaves).hasSizeGreaterThan(6);
    assertThat(leaves).allMatch(leaf -> leaf.words() >= 15, "fifteen words or more");
  }

  @Test
  void a_short_paragraph_with_a_colon_stands_with_what_it_announces() {
    SourceTextBuilder builder = new SourceTextBuilder();
    List<String> paragraphs = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      String subject = i < 12 ? "wall" : "dunlin";
      paragraphs.add(
          "The %s and the %s were seen by warden%d near the %s at gate%d."
              .formatted(subject, subject, i / 3, subject, i));
    }
    paragraphs.add(12, "The wall of earth and the wall of stone gave way to these:");
    paragraphs.forEach(p -> builder.block(Block.Kind.PARAGRAPH, 0, p));
    Analysed text = TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
    Part whole = new Part(text, 0, text.sentences().size() - 1, "Heading", 0, List.of());
    assertThat(Parts.withAnnouncements(text, List.of(0, 13, 20))).containsExactly(0, 12, 20);
    assertThat(Parts.withAnnouncements(text, List.of(0, 12, 20))).containsExactly(0, 12, 20);
    assertThat(whole.words()).isPositive();
  }
}
