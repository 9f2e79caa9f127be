package org.pergamena.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.study.ask.Answering;
import org.pergamena.core.study.ask.Answers.Answer;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.UnreadableException;

/** Questions to the demonstration's sources, each with words of the passages that answer it. */
class AnswersTest {
  private static final Path DEMO = Path.of("../demo");
  private static final List<String> SOURCES =
      List.of(
          "survey-report.pdf",
          "marsh-and-memory.md",
          "harbour-committee-minutes.txt",
          "wardens-interview.vtt",
          "lecture-on-realignment.srt",
          "ringing-group-report.docx");
  private static final int NEAR = 3;

  private static List<Analysed> sources() throws IOException, UnreadableException {
    List<Analysed> all = new ArrayList<>();
    for (String name : SOURCES) {
      byte[] bytes = Files.readAllBytes(DEMO.resolve(name));
      ReadSource read = new SourceReader().read(name, bytes, share -> {});
      all.add(
          TextAnalyser.analyse(
              new Source(UUID.randomUUID(), name, read.text()).in(read.language())));
    }
    return all;
  }

  private static boolean answers(Answer answer, String[] right) {
    String words = answer.passage().line();
    return Stream.of(right).anyMatch(words::contains);
  }

  @Test
  void four_in_five_questions_are_answered_among_the_first_three_and_none_that_is_not()
      throws IOException, UnreadableException {
    Answering answering = new Answering(sources());
    int asked = 0;
    int answered = 0;
    double ranks = 0;
    List<String> missed = new ArrayList<>();
    List<String> claimed = new ArrayList<>();
    String all =
        new String(
            AnswersTest.class.getResourceAsStream("/study/questions.tsv").readAllBytes(),
            StandardCharsets.UTF_8);
    for (String line : all.lines().toList()) {
      String[] parts = line.split("\t", -1);
      List<Answer> found = answering.to(parts[0], null).found();
      if (parts[1].isBlank()) {
        claimed.addAll(found.isEmpty() ? List.of() : List.of(parts[0]));
        continue;
      }
      asked++;
      String[] right = parts[1].split("\\|");
      int rank = 0;
      while (rank < found.size() && !answers(found.get(rank), right)) {
        rank++;
      }
      boolean there = rank < found.size();
      ranks += there ? 1.0 / (rank + 1) : 0;
      answered += there && rank < NEAR ? 1 : 0;
      missed.addAll(there && rank < NEAR ? List.of() : List.of(parts[0]));
    }
    String told = answered + " of " + asked + ", mean reciprocal rank " + ranks / asked;
    assertThat(answered).as("%s, missed %s", told, missed).isGreaterThanOrEqualTo(asked * 4 / 5);
    assertThat(ranks / asked).as(told).isGreaterThan(0.6);
    assertThat(claimed).hasSizeLessThanOrEqualTo(1);
  }
}
