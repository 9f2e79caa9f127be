package org.pergamena.core.distil.quote;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Bag;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class StrengthTest {
  private static final List<String> SUBJECTS =
      List.of(
          "The outer wall was an earth bank faced with stone. The stone facing of the wall slipped"
              + " in storms. Engineers inspected the wall and its stone. A rebuilt wall of stone was"
              + " too dear.",
          "Wading birds came back to the mud. Redshank and dunlin are most of the wading birds."
              + " The warden counts birds on the mud each month. Redshank bred on the mud for the"
              + " first time.",
          "Carbon is buried with the silt. Cores of silt give the burial of carbon. Half of the"
              + " carbon was made elsewhere. Credits for carbon are disputed by advisers.");

  private final Analysed text = TextAnalyser.analyse(source());
  private final Strength strength = new Strength(new Quoting(List.of(text)), bags());

  private static Source source() {
    SourceTextBuilder words = new SourceTextBuilder();
    SUBJECTS.forEach(subject -> words.block(Block.Kind.PARAGRAPH, 0, subject));
    return new Source(UUID.randomUUID(), "notes", words.build());
  }

  private List<Sentence> of(int subject) {
    return text.sentences().stream().filter(s -> s.block() == subject).toList();
  }

  private List<Bag> bags() {
    List<Bag> bags = new ArrayList<>();
    for (int subject = 0; subject < SUBJECTS.size(); subject++) {
      Bag bag = new Bag();
      of(subject).forEach(bag::add);
      bags.add(bag);
    }
    return bags;
  }

  private double strength(Sentence sentence, int subject) {
    return strength.of(text, sentence.span(), Set.of(subject));
  }

  @Test
  void it_tells_right_links_from_shuffled_ones() {
    int pairs = 0;
    int told = 0;
    for (Sentence sentence : text.sentences()) {
      double right = strength(sentence, sentence.block());
      for (Sentence other : text.sentences()) {
        for (int subject = 0; subject < SUBJECTS.size(); subject++) {
          if (subject != other.block()) {
            pairs++;
            told += right > strength(other, subject) ? 1 : 0;
          }
        }
      }
    }
    assertThat((double) told / pairs).as("area under the curve").isGreaterThan(0.97);
  }

  @Test
  void a_half_parts_right_from_wrong() {
    for (Sentence sentence : text.sentences()) {
      assertThat(strength(sentence, sentence.block())).isGreaterThan(0.5);
      assertThat(strength(sentence, (sentence.block() + 1) % 3)).isLessThan(0.5);
    }
  }

  @Test
  void for_a_topic_above_others_all_below_it_is_its_own() {
    Sentence sentence = text.sentences().get(0);
    double above = strength.of(text, sentence.span(), Set.of(0, 1));
    assertThat(above).isGreaterThan(strength(sentence, 1));
    List<Quote> quotes =
        List.of(new Quote(text, of(1).get(0).span(), 1), new Quote(text, of(0).get(1).span(), 0.1));
    assertThat(strength.weigh(quotes, Set.of(0)).get(0).span()).isEqualTo(of(0).get(1).span());
  }
}
