package org.pergamena.formats.transcript;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class TurnsTest {
  private static final String[] SENTENCES = {
    "we walked out to the old wall in the morning",
    "the water had come over it in two places",
    "nobody from the board was there to see it",
    "i told the clerk that we needed more stone",
    "she said that there was no money for that",
    "then the rain began and we went back to the quay",
    "it has been like this for as long as i can remember",
    "my father mended the same bank when i was a child"
  };

  /** Cues of nine words each, whatever sentence they are of. */
  private static List<Cue> cues(int words, String mark) {
    List<String> all = new ArrayList<>();
    for (int i = 0; all.size() < words; i++) {
      all.addAll(List.of((SENTENCES[i % SENTENCES.length] + mark).split(" ")));
    }
    List<Cue> cues = new ArrayList<>();
    for (int i = 0; i < all.size(); i += 9) {
      String own = String.join(" ", all.subList(i, Math.min(all.size(), i + 9)));
      cues.add(new Cue(i * 400L, i * 400L + 3600, null, own, ""));
    }
    return cues;
  }

  private static String words(List<Cue> cues) {
    return cues.stream().map(Cue::words).collect(Collectors.joining(" "));
  }

  @Test
  void without_marks_most_paragraphs_begin_with_a_sentence_and_no_word_is_lost() {
    List<Cue> cues = cues(1200, "");
    List<List<Cue>> paragraphs = Turns.of(cues);
    assertThat(paragraphs).hasSizeBetween(5, 9);
    assertThat(paragraphs.stream().map(TurnsTest::words).collect(Collectors.joining(" ")))
        .isEqualTo(words(cues));
    long begun =
        paragraphs.stream()
            .filter(
                paragraph -> {
                  String words = words(paragraph);
                  return List.of(SENTENCES).stream().anyMatch(words::startsWith);
                })
            .count();
    assertThat(begun).isGreaterThanOrEqualTo(paragraphs.size() - 2);
  }

  @Test
  void a_divided_cue_is_timed_by_its_letters() {
    List<Cue> cues = Turns.of(cues(1200, "")).stream().flatMap(List::stream).toList();
    assertThat(cues).hasSizeGreaterThan(cues(1200, "").size());
    for (int i = 1; i < cues.size(); i++) {
      assertThat(cues.get(i).startMs()).isGreaterThanOrEqualTo(cues.get(i - 1).endMs());
      assertThat(cues.get(i).endMs()).isGreaterThan(cues.get(i).startMs());
    }
  }

  @Test
  void with_marks_cues_stay_whole_and_long_paragraphs_end_with_a_sentence_where_a_cue_does() {
    List<Cue> cues = cues(1200, ".");
    List<List<Cue>> paragraphs = Turns.of(cues);
    assertThat(paragraphs.stream().flatMap(List::stream)).containsExactlyElementsOf(cues);
    assertThat(paragraphs).hasSizeGreaterThan(3);
  }

  @Test
  void another_speaker_and_a_long_pause_begin_a_paragraph() {
    List<Cue> cues =
        List.of(
            new Cue(0, 1000, "Ada", "is the wall safe", ""),
            new Cue(1000, 2000, "Ben", "no it is not", ""),
            new Cue(2000, 3000, "Ben", "and never was", ""),
            new Cue(9000, 9500, "Ben", "where were we", ""));
    assertThat(Turns.of(cues)).extracting(List::size).containsExactly(1, 2, 1);
    assertThat(Turns.of(List.of())).isEmpty();
  }
}
