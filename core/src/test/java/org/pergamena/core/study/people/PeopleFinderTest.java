package org.pergamena.core.study.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

class PeopleFinderTest {
  private static final String COUNT =
      "Dr Mara Ellis, the warden, counted the birds. Ellis thanked the Estuary Board. The warden"
          + " asked Piet Holm for a boat.";
  private static final String MINUTES =
      "The treasurer warned the Estuary Board. The board thanked the treasurer.";

  private static Analysed text(String words) {
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in("eng"));
  }

  private static People of(List<NameMark> marks, String... texts) {
    return PeopleFinder.in(Arrays.stream(texts).map(PeopleFinderTest::text).toList(), marks);
  }

  private static List<String> names(People people) {
    return people.all().stream().map(Somebody::name).sorted().toList();
  }

  private static Somebody somebody(People people, String name) {
    return people.all().stream().filter(each -> each.name().equals(name)).findFirst().orElseThrow();
  }

  @Test
  void people_and_bodies_are_told_with_roles_forms_and_places() {
    People people = of(List.of(), COUNT, MINUTES);
    assertThat(names(people))
        .containsExactly("Dr Mara Ellis", "Estuary Board", "Piet Holm", "Treasurer");
    Somebody ellis = somebody(people, "Dr Mara Ellis");
    assertThat(ellis.person()).isTrue();
    assertThat(ellis.roles()).containsExactly("warden");
    assertThat(ellis.places()).hasSize(3);
    assertThat(ellis.forms().stream().map(Somebody.Form::words))
        .containsExactlyInAnyOrder("Dr Mara Ellis", "Ellis", "warden");
    Somebody board = somebody(people, "Estuary Board");
    assertThat(board.person()).isFalse();
    assertThat(board.places()).hasSize(3);
  }

  @Test
  void those_of_a_sentence_are_tied_with_the_words_between_them() {
    People people = of(List.of(), COUNT, MINUTES);
    Tie tie = people.ties().get(0);
    assertThat(List.of(tie.from(), tie.to()))
        .containsExactlyInAnyOrder("treasurer", "estuary board");
    assertThat(tie.sentences()).isEqualTo(2);
    assertThat(tie.phrases()).contains("warned");
    assertThat(tie.passages().get(0).exact()).contains("warned");
    assertThat(people.ties()).allSatisfy(each -> assertThat(each.passages()).isNotEmpty());
  }

  @Test
  void names_are_joined_split_renamed_and_taken_off_by_hand() {
    NameMark joined = new NameMark("treasurer", "", "piet holm", false, false, null);
    People people = of(List.of(joined), COUNT, MINUTES);
    assertThat(names(people)).containsExactly("Dr Mara Ellis", "Estuary Board", "Piet Holm");
    assertThat(somebody(people, "Piet Holm").byHand()).isTrue();
    NameMark split = new NameMark("warden", "", "", true, false, null);
    assertThat(names(of(List.of(split), COUNT))).contains("Warden", "Dr Mara Ellis");
    NameMark named = new NameMark("mara ellis", "Mara Ellis of Ferrow", "", false, false, null);
    assertThat(names(of(List.of(named), COUNT))).contains("Mara Ellis of Ferrow");
    NameMark off = new NameMark("piet holm", "", "", false, true, null);
    People without = of(List.of(off), COUNT);
    assertThat(somebody(without, "Piet Holm").off()).isTrue();
    assertThat(without.ties()).noneMatch(tie -> tie.to().equals("piet holm"));
    NameMark body = new NameMark("piet holm", "", "", false, false, false);
    assertThat(somebody(of(List.of(body), COUNT), "Piet Holm").person()).isFalse();
    NameMark gone = new NameMark("nobody", "", "", false, true, null);
    assertThat(of(List.of(gone), COUNT).lost()).containsExactly(gone);
  }

  @Test
  void names_joined_in_a_circle_end() {
    NameMark one = new NameMark("piet holm", "", "mara ellis", false, false, null);
    NameMark other = new NameMark("mara ellis", "", "piet holm", false, false, null);
    assertThat(of(List.of(one, other), COUNT).all()).isNotEmpty();
  }

  @Test
  void other_languages_have_people_by_titles_and_given_names() {
    String german =
        "Am Montag kam Frau Petersen aus Bremen. Klaus Lindemann sprach mit Petersen \u00fcber den"
            + " Deich, und danach gingen alle nach Hause und warteten auf die Flut.";
    Analysed text =
        TextAnalyser.analyse(
            new Source(UUID.randomUUID(), "n", SourceText.plain(german)).in("deu"));
    assertThat(names(PeopleFinder.in(List.of(text), List.of())))
        .contains("Frau Petersen", "Klaus Lindemann");
  }
}
