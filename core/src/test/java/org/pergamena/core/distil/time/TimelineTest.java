package org.pergamena.core.distil.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.distil.group.Group;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.Sentence;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class TimelineTest {
  private static OptionalDouble time(String language, String... sentences) {
    Dates dates = new Dates(Tongue.of(language));
    OptionalDouble time = OptionalDouble.empty();
    for (String words : sentences) {
      SourceText text = SourceText.plain(words);
      Analysed one = TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", text).in(language));
      time = dates.next(one.sentences().get(0), words);
    }
    return time;
  }

  private static double day(String iso) {
    return LocalDate.parse(iso).toEpochDay();
  }

  @ParameterizedTest
  @CsvSource({
    "eng,The wall broke on 12 March 1953 at night.,1953-03-12",
    "eng,The wall broke on March 12th in 1953.,1953-03-12",
    "eng,The survey began in May 2016.,2016-05-01",
    "eng,The parish was drained in 1774.,1774-07-01",
    "eng,Filed 2019-11-02 by the board.,2019-11-02",
    "eng,It was signed 3.4.1998 at the quay.,1998-04-03",
    "eng,In the 19th century the marsh was grazed.,1850-01-01",
    "deu,Der Deich brach am 12. März 1953.,1953-03-12",
    "fra,La digue céda le 12 mars 1953.,1953-03-12",
    "spa,El dique cedió el 12 de marzo de 1953.,1953-03-12",
    "ita,L'argine cedette il 12 marzo 1953.,1953-03-12",
    "por,O dique cedeu em 12 de março de 1953.,1953-03-12",
    "nld,De dijk brak op 12 maart 1953.,1953-03-12"
  })
  void dates_are_read_in_seven_languages(String language, String sentence, String iso) {
    assertThat(time(language, sentence)).hasValue(day(iso));
  }

  @ParameterizedTest
  @CsvSource({
    "The wall is 2000 metres long.",
    "We counted 1450 redshank.",
    "They may march along the wall.",
    "It cost 1200 and no more than that sum.",
  })
  void numbers_and_words_that_are_no_dates_are_left_alone(String sentence) {
    assertThat(time("eng", sentence)).isEmpty();
  }

  @Test
  void a_month_lies_in_the_year_told_last_and_later_counts_from_the_last_date() {
    assertThat(time("eng", "It began in 1953.", "Work stopped on 3 June for the birds."))
        .hasValue(day("1953-06-03"));
    assertThat(time("eng", "It began on 3 June 1953.", "Two days later the wall was open."))
        .hasValue(day("1953-06-05"));
    assertThat(time("eng", "It began on 3 June 1953.", "The next day the tide came in."))
        .hasValue(day("1953-06-04"));
    assertThat(time("eng", "Two days later the wall was open.")).isEmpty();
  }

  @Test
  void groups_come_in_the_order_of_what_they_tell() {
    String words =
        "In 2016 the wall was opened. It held for a day. In 1953 the sea broke in. The village"
            + " fled. In 1774 the marsh was drained.";
    Analysed text =
        TextAnalyser.analyse(new Source(UUID.randomUUID(), "n", SourceText.plain(words)));
    List<Group> children =
        List.of(
            group(text, 0, 1),
            group(text, 1, 2),
            group(text, 2, 3),
            group(text, 3, 4),
            group(text, 4, 5));
    Group sorted = new Timeline(List.of(text)).sorted(new Group(null, List.of(), children));
    assertThat(sorted.children().stream().map(g -> first(g.sentences().get(0), words)).toList())
        .containsExactly("In 1774", "In 1953", "The vil", "In 2016", "It held");
  }

  @Test
  void topics_come_in_the_order_of_what_their_passages_tell() {
    String words =
        "In 2016 the wall was opened. It held for a day. In 1953 the sea broke in. The village"
            + " fled. In 1774 the marsh was drained.";
    Source source = new Source(UUID.randomUUID(), "n", SourceText.plain(words));
    Timeline timeline = new Timeline(List.of(TextAnalyser.analyse(source)));
    TopicMap map = Maps.root("root");
    for (String name : List.of("opened", "held", "broke", "drained")) {
      map = Maps.with(map, "root", name);
    }
    map = Maps.with(map, "drained", "below");
    map = told(map, source, "opened", "In 2016 the wall was opened.");
    map = told(map, source, "broke", "the sea broke in");
    map = told(map, source, "below", "the marsh was drained");
    assertThat(timeline.order(map, map.root()))
        .containsExactly(Maps.id("drained"), Maps.id("broke"), Maps.id("opened"), Maps.id("held"));
  }

  private static TopicMap told(TopicMap map, Source source, String topic, String words) {
    return Maps.filled(map, topic, List.of(Maps.evidence(topic + " e", source, words)), List.of());
  }

  private static Group group(Analysed text, int from, int to) {
    return new Group(null, List.of(Part.plain(text, from, to)), List.of());
  }

  private static String first(Sentence sentence, String words) {
    return words.substring(sentence.span().start(), sentence.span().start() + 7);
  }
}
