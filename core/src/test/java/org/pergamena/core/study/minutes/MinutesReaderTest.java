package org.pergamena.core.study.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.core.study.minutes.Minutes.Kind;
import org.pergamena.core.study.minutes.Minutes.Person;
import org.pergamena.core.study.minutes.Minutes.Point;
import org.pergamena.core.study.minutes.Minutes.Presence;

class MinutesReaderTest {
  private static Minutes of(List<MinutesMark> marks, String... blocks) {
    SourceTextBuilder builder = new SourceTextBuilder();
    for (String words : blocks) {
      boolean heading = words.startsWith("# ");
      builder.block(
          heading ? Block.Kind.HEADING : Block.Kind.PARAGRAPH,
          heading ? 1 : 0,
          heading ? words.substring(2) : words);
    }
    SourceText text = builder.build();
    return MinutesReader.read(
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", text).in("eng")), marks);
  }

  private static Minutes meeting(MinutesMark... marks) {
    return of(
        List.of(marks),
        "# Minutes of the path committee",
        "Present: the chair, Dr. Mara Ellis, Piet Holm. Apologies: the clerk.",
        "# The path",
        "The path is wet. It was agreed to close it in winter. Piet Holm will mend the gate by 3 May.",
        "# The boat",
        "The motion was carried by five votes to two. The chair undertook to write to the board"
            + " before the next meeting.");
  }

  @Test
  void minutes_tell_who_was_there_what_was_decided_and_who_does_what_until_when() {
    Minutes minutes = meeting();
    assertThat(minutes.told()).isTrue();
    assertThat(minutes.people().stream().map(Person::name))
        .containsExactly("the chair", "Dr. Mara Ellis", "Piet Holm", "the clerk");
    assertThat(minutes.people().get(3).presence()).isEqualTo(Presence.ABSENT);
    assertThat(minutes.people().get(2).passage().exact()).isEqualTo("Piet Holm");
    assertThat(minutes.items().stream().map(Minutes.Item::title))
        .containsExactly("The path", "The boat");
    List<Point> path = minutes.items().get(0).points();
    assertThat(path.stream().map(Point::kind)).containsExactly(Kind.DECISION, Kind.ACTION);
    assertThat(path.get(1).who()).isEqualTo("Piet Holm");
    assertThat(path.get(1).until()).isEqualTo("3 May");
    List<Point> boat = minutes.items().get(1).points();
    assertThat(boat.stream().map(Point::kind)).containsExactly(Kind.VOTE, Kind.ACTION);
    assertThat(boat.get(1).who()).isEqualTo("The chair");
    assertThat(boat.get(1).until()).isEqualTo("the next meeting");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "The engineer undertook to bring a plan.|ACTION|The engineer",
        "The committee asked the warden to count the birds.|ACTION|the warden",
        "It was resolved that the clerk write to the parish.|ACTION|the clerk",
        "The committee agreed that the wall is old.|DECISION|",
        "The accounts were adopted unanimously.|VOTE|",
        "Mr Holm to repair the slip.|ACTION|Mr Holm",
        "The treasurer spoke to the cost of the wall.|-|",
        "The path has to be moved.|-|",
        "It will rain by Monday.|-|",
        "Salt came up to the church.|-|"
      })
  void sentences_are_told_apart(String words, String kind, String who) {
    List<Point> points =
        of(List.of(), words).items().stream().flatMap(item -> item.points().stream()).toList();
    assertThat(points.isEmpty() ? "-" : points.get(0).kind().name()).isEqualTo(kind);
    if (who != null) {
      assertThat(points.get(0).who()).isEqualTo(who);
    }
  }

  @Test
  void other_texts_are_no_minutes() {
    Minutes report = of(List.of(), "# The wall", "The wall is old. It was built in 1774.");
    assertThat(report.told()).isFalse();
    assertThat(report.items()).isEmpty();
  }

  @Test
  void what_a_sentence_is_can_be_said_by_hand() {
    Point decision = meeting().items().get(0).points().get(0);
    MinutesMark mark = new MinutesMark(decision.key(), "", Kind.ACTION, "the clerk", "winter");
    Point changed = meeting(mark).items().get(0).points().get(0);
    assertThat(changed.kind()).isEqualTo(Kind.ACTION);
    assertThat(changed.who()).isEqualTo("the clerk");
    assertThat(changed.byHand()).isTrue();
    MinutesMark gone = new MinutesMark("gone", "Words", Kind.NONE, "", "");
    assertThat(meeting(gone).lost()).containsExactly(gone);
  }
}
