package org.pergamena.core.study.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.time.When;

class ChroniclerTest {
  private static final String WALL =
      "The outer wall was breached in October 2019. The grass died a year later. Nobody knows"
          + " why. At noon the bell rang.";

  private static Analysed text(String words) {
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain(words)));
  }

  private static Chronicle of(List<EventMark> marks, String... texts) {
    return Chronicler.of(Arrays.stream(texts).map(ChroniclerTest::text).toList(), marks, Map.of());
  }

  private static List<String> told(List<Happening> events) {
    return events.stream()
        .map(e -> (e.when() == null ? "?" : e.when().iso()) + " " + e.label())
        .toList();
  }

  private static EventMark mark(Happening event, String when, boolean off, String with) {
    return new EventMark(event.key(), "", when, "", off, with, false, false);
  }

  private static String verdict(String one, String other) {
    List<Happening> events = of(List.of(), one, other).events();
    if (events.size() == 1) {
      return "same";
    }
    return events.stream().anyMatch(e -> !e.differs().isEmpty()) ? "differ" : "none";
  }

  @Test
  void statements_of_the_same_are_one_event_and_other_dates_of_it_are_pointed_out()
      throws IOException {
    List<String> wrong = new ArrayList<>();
    int found = 0;
    int claimed = 0;
    int right = 0;
    try (var in = getClass().getResourceAsStream("/events/pairs.tsv")) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList()) {
        String[] parts = line.split("\t");
        String verdict = verdict(parts[1], parts[2]);
        right += parts[0].equals("none") ? 0 : 1;
        claimed += verdict.equals("none") ? 0 : 1;
        found += !verdict.equals("none") && verdict.equals(parts[0]) ? 1 : 0;
        if (!verdict.equals(parts[0])) {
          wrong.add(verdict + " for " + line);
        }
      }
    }
    assertThat(found / (double) claimed).as("precision: %s", wrong).isGreaterThanOrEqualTo(0.9);
    assertThat(found / (double) right).as("recall: %s", wrong).isGreaterThanOrEqualTo(0.8);
  }

  @Test
  void events_come_in_order_with_their_words_and_what_cannot_be_dated_is_said_to_be_open() {
    Chronicle chronicle =
        of(List.of(), WALL, "In 1774 the parish was drained, and in 1953 the sea broke in again.");
    assertThat(told(chronicle.events()))
        .containsExactly(
            "1774 The parish was drained",
            "1953 The sea broke in again",
            "2019-10 The outer wall was breached",
            "2020 The grass died");
    assertThat(told(chronicle.open())).containsExactly("? The bell rang");
    Happening first = chronicle.events().get(0);
    assertThat(first.accounts().get(0).passage().exact()).startsWith("In 1774 the parish");
    assertThat(first.accounts().get(0).words()).isEqualTo("In 1774 the parish was drained");
  }

  @Test
  void what_was_done_by_hand_stays() {
    Chronicle before = of(List.of(), WALL);
    Happening wall = before.events().get(0);
    Happening grass = before.events().get(1);
    EventMark named =
        new EventMark(wall.key(), "", "2019-10-12", "The breach", false, "", false, false);
    Chronicle moved = of(List.of(named, mark(grass, "", true, "")), WALL);
    assertThat(told(moved.events()))
        .containsExactly("2019-10-12 The breach", "2020 The grass died");
    assertThat(moved.events().get(0).byHand()).isTrue();
    assertThat(moved.events().get(1).off()).isTrue();
    Chronicle joined = of(List.of(mark(grass, "", false, wall.key())), WALL);
    assertThat(joined.events()).hasSize(1);
    assertThat(joined.events().get(0).accounts()).hasSize(2);
    EventMark own = new EventMark("own", "", "2021", "A gate was hung", false, "", false, true);
    EventMark gone = mark(wall, "2018", false, "");
    Chronicle other = of(List.of(own, gone), "The bank was mown in 1990.");
    assertThat(told(other.events()))
        .containsExactly("1990 The bank was mown", "2021 A gate was hung");
    assertThat(other.lost()).containsExactly(gone);
  }

  @Test
  void statements_that_resemble_each_other_can_be_kept_apart() {
    String one = "The society was founded in 1890 by three teachers.";
    String other = "Three teachers founded the society in 1890 at the quay.";
    Happening joined = of(List.of(), one, other).events().get(0);
    assertThat(joined.accounts()).hasSize(2);
    String key = joined.accounts().get(1).key();
    EventMark apart = new EventMark(key, "", "", "", false, "", true, false);
    assertThat(of(List.of(apart), one, other).events()).hasSize(2);
  }

  @Test
  void times_are_counted_from_an_event_as_soon_as_its_own_time_is_known() {
    String survey =
        "The survey began two years before the breach. Redshank bred in the third year after the"
            + " breach. In the second winter the patching ceased. In the first August glasswort"
            + " came.";
    Chronicle open = of(List.of(), survey);
    assertThat(open.counted().event()).isEqualTo("breach");
    assertThat(open.counted().times()).isEqualTo(4);
    assertThat(open.events().stream().map(Happening::label))
        .containsExactly(
            "The survey began", "Glasswort came", "The patching ceased", "Redshank bred");
    Chronicle dated =
        Chronicler.of(
            List.of(text(survey)),
            List.of(),
            Map.of("breach", When.day(2019, 10, 12).orElseThrow()));
    assertThat(told(dated.events()))
        .containsExactly(
            dated.events().get(0).when().iso() + " The survey began",
            "2020-08 Glasswort came",
            "2020-24 The patching ceased",
            dated.events().get(3).when().iso() + " Redshank bred");
    assertThat(dated.events().get(3).when().from().getYear()).isEqualTo(2021);
  }

  @Test
  void what_thousands_of_sentences_tell_is_put_in_order() {
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < 2500; i++) {
      words.append("In ").append(1200 + i % 800).append(" the crew ").append(i * 7919 % 1000);
      words
          .append(" of village number")
          .append(i % 977)
          .append(" raised the bank by the creek again. ");
    }
    Analysed text = text(words.toString());
    assertThat(Chronicler.of(List.of(text), List.of(), Map.of()).events()).hasSizeGreaterThan(500);
  }
}
