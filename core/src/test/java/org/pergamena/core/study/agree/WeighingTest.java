package org.pergamena.core.study.agree;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.agree.Verdict.Kind;

/** 120 pairs of statements, a third of which contradict each other. */
class WeighingTest {
  private static Verdict verdict(String one, String other) {
    return Weighing.of(claim(one), claim(other));
  }

  private static Claim claim(String words) {
    Analysed text =
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in("eng"));
    return Claim.of(text.tongue(), text.sentences().get(0), words);
  }

  private static Kind kind(String name) {
    return name.equals("against") ? Kind.AGAINST : name.equals("with") ? Kind.ALIKE : Kind.APART;
  }

  @ParameterizedTest
  @CsvSource({"fitted,0.9,0.8", "later,0.8,0.6"})
  void contradictions_are_pointed_out_and_rarely_wrongly(
      String set, double leastPrecision, double leastRecall) throws IOException {
    int right = 0;
    int claimed = 0;
    int there = 0;
    int alikeRight = 0;
    int alikeClaimed = 0;
    List<String> wrong = new ArrayList<>();
    try (var in = getClass().getResourceAsStream("/agreement/" + set + ".tsv")) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList()) {
        String[] parts = line.split("\t");
        Verdict verdict = verdict(parts[2], parts[3]);
        boolean against = kind(parts[0]) == Kind.AGAINST;
        there += against ? 1 : 0;
        claimed += verdict.kind() == Kind.AGAINST ? 1 : 0;
        right += against && verdict.kind() == Kind.AGAINST ? 1 : 0;
        alikeClaimed += verdict.kind() == Kind.ALIKE ? 1 : 0;
        alikeRight += kind(parts[0]) == Kind.ALIKE && verdict.kind() == Kind.ALIKE ? 1 : 0;
        if (verdict.kind() != kind(parts[0])) {
          wrong.add("\n" + verdict.kind() + " " + verdict.why() + " for " + line);
        }
      }
    }
    assertThat(alikeRight / (double) alikeClaimed).isGreaterThanOrEqualTo(0.8);
    assertThat(right / (double) claimed).as("%s", wrong).isGreaterThanOrEqualTo(leastPrecision);
    assertThat(right / (double) there).as("%s", wrong).isGreaterThanOrEqualTo(leastRecall);
  }
}
