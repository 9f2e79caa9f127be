package org.pergamena.core.study.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.people.Joining.Resolved;

/** Names found and joined, against texts in which they were marked by hand. */
class JoiningTest {
  private static final Pattern MARK = Pattern.compile("\\[\\[([^|]*)\\|([PB]):([a-z0-9]+)\\]\\]");

  /** Words named so often, found so often, and right so often; and the same for pairs of them. */
  private static final class Score {
    int named;
    int found;
    int right;
    int pairs;
    int foundPairs;
    int rightPairs;
    final List<String> wrong = new ArrayList<>();

    static double f1(int right, int found, int named) {
      return 2.0 * right / Math.max(1, found + named);
    }
  }

  private static void score(String marked, Score score) {
    Map<String, String> gold = new HashMap<>();
    StringBuilder plain = new StringBuilder();
    Matcher m = MARK.matcher(marked);
    int at = 0;
    while (m.find()) {
      plain.append(marked, at, m.start());
      String words = m.group(1);
      int start = plain.length() + (words.toLowerCase().startsWith("the ") ? 4 : 0);
      plain.append(words);
      gold.put(start + "-" + plain.length(), m.group(3));
      at = m.end();
    }
    plain.append(marked.substring(at));
    Analysed text =
        TextAnalyser.analyse(
            new Source(UUID.randomUUID(), "n", SourceText.plain(plain.toString())).in("eng"));
    Map<String, String> told = new HashMap<>();
    for (Resolved each : new Joining(List.of(text)).of(0)) {
      if (each.key() != null) {
        int start = each.mention().span().start();
        int end = each.mention().span().end();
        boolean article = plain.substring(start, end).toLowerCase().startsWith("the ");
        told.put((article ? start + 4 : start) + "-" + end, each.key());
      }
    }
    score.named += gold.size();
    score.found += told.size();
    for (String span : told.keySet()) {
      if (gold.containsKey(span)) {
        score.right++;
      } else {
        score.wrong.add("+" + words(plain, span));
      }
    }
    gold.keySet().stream()
        .filter(span -> !told.containsKey(span))
        .forEach(span -> score.wrong.add("-" + words(plain, span)));
    pairs(gold, told, plain, score);
  }

  private static String words(CharSequence plain, String span) {
    String[] ends = span.split("-");
    return plain.subSequence(Integer.parseInt(ends[0]), Integer.parseInt(ends[1])).toString();
  }

  private static void pairs(
      Map<String, String> gold, Map<String, String> told, CharSequence plain, Score score) {
    List<String> spans = gold.keySet().stream().filter(told::containsKey).sorted().toList();
    for (int i = 0; i < spans.size(); i++) {
      for (int j = 0; j < i; j++) {
        boolean same = gold.get(spans.get(i)).equals(gold.get(spans.get(j)));
        boolean said = told.get(spans.get(i)).equals(told.get(spans.get(j)));
        score.pairs += same ? 1 : 0;
        score.foundPairs += said ? 1 : 0;
        score.rightPairs += same && said ? 1 : 0;
        if (same != said) {
          score.wrong.add(
              words(plain, spans.get(i)) + (said ? " = " : " # ") + words(plain, spans.get(j)));
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"fitted,0.9,0.9", "unseen,0.85,0.85", "later,0.8,0.8"})
  void names_are_found_and_those_of_the_same_joined(String set, double least, double leastPairs)
      throws IOException {
    Score score = new Score();
    try (var in = getClass().getResourceAsStream("/people/" + set + ".txt")) {
      new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .forEach(line -> score(line, score));
    }
    assertThat(Score.f1(score.right, score.found, score.named))
        .as("%s", score.wrong)
        .isGreaterThanOrEqualTo(least);
    assertThat(Score.f1(score.rightPairs, score.foundPairs, score.pairs))
        .as("%s", score.wrong)
        .isGreaterThanOrEqualTo(leastPairs);
  }
}
