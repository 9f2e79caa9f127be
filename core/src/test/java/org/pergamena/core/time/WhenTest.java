package org.pergamena.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.language.Tongue;
import org.pergamena.core.time.Told.After;
import org.pergamena.core.time.Told.Basis;

class WhenTest {
  private static When when(String iso) {
    return Edtf.read(iso).orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "1953,1953-02-01,true", "1953-02,1953-03,false", "1953~,1954-06,true", "1953/..,1990,true",
    "../1911,1953,false", "195X,1953-05,true", "1953/1957,1957-12-31,true", "18XX,1900,false"
  })
  void times_meet_if_there_is_a_moment_that_both_may_mean(String one, String other, boolean meet) {
    assertThat(when(one).meets(when(other))).isEqualTo(meet);
    assertThat(when(other).meets(when(one))).isEqualTo(meet);
  }

  @ParameterizedTest
  @CsvSource({
    "1953-06-03,2,DAY,1953-06-05",
    "1953-06-03,1,YEAR,1954",
    "1953-06-03,-1,MONTH,1953-05",
    "1953,2,YEAR,1955",
    "1953,2,DAY,-",
    "1953-06,3,MONTH,1953-09",
    "1953/1957,1,YEAR,-",
    "1953-06-03,1,WEEK,1953-06-10~"
  })
  void units_are_counted_only_from_what_is_told_as_finely(
      String from, int count, Grain unit, String then) {
    assertThat(when(from).plus(count, unit).map(When::iso).orElse("-")).isEqualTo(then);
  }

  @Test
  void what_is_counted_from_an_event_has_a_time_once_the_event_has_one() {
    When breach = when("2019-10-12");
    After third = new After("breach", 2, 3, Grain.YEAR, 0, -1);
    assertThat(third.from(breach).from().getYear()).isEqualTo(2021);
    After winter = new After("breach", 0, 1, Grain.SEASON, 0, 3);
    assertThat(winter.from(breach).iso()).isEqualTo("2019-24");
    After august = new After("breach", 4, 5, Grain.MONTH, 8, -1);
    assertThat(august.from(breach).iso()).isEqualTo("2024-08");
    After before = new After("breach", -8, -7, Grain.YEAR, 0, -1);
    assertThat(before.from(breach).from().getYear()).isEqualTo(2011);
    assertThat(before.middle()).isEqualTo(-7.5);
  }

  @Test
  void a_heading_tells_of_which_day_the_rest_is() {
    TimeReader reader = new TimeReader(Tongue.of("eng"));
    reader.heading("Diary, 14 May 2021");
    List<Told> told = reader.read("Yesterday the surveyor came.");
    assertThat(told.get(0).basis()).isEqualTo(Basis.SAID);
    assertThat(told.get(0).from()).isEqualTo("14 May 2021");
    assertThat(told.get(0).when().map(When::iso)).hasValue("2021-05-13");
  }

  @Test
  void it_is_told_what_a_time_was_worked_out_from() {
    TimeReader reader = new TimeReader(Tongue.of("eng"));
    reader.read("It began on 3 June 1953.");
    Told later = reader.read("Two days later the wall was open.").get(0);
    assertThat(later.basis()).isEqualTo(Basis.COUNTED);
    assertThat(later.from()).isEqualTo("3 June 1953");
    assertThat(later.words()).isEqualTo("Two days later");
    Told carried = reader.read("On 9 July it was shut.").get(0);
    assertThat(carried.basis()).isEqualTo(Basis.CARRIED);
    Told event = reader.read("Redshank bred in the third year after the breach.").get(0);
    assertThat(event.basis()).isEqualTo(Basis.EVENT);
    assertThat(event.after().event()).isEqualTo("breach");
    assertThat(event.after().first()).isEqualTo(2);
  }
}
