package org.pergamena.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ReferenceTest {
  private static Reference book(String title, String year, String maker) {
    return new Reference(
        WorkType.BOOK,
        Map.of(Role.AUTHOR, Person.read(maker)),
        Map.of(Field.TITLE, title, Field.ISSUED, year));
  }

  @Test
  void names_are_divided_as_people_write_them() {
    assertThat(Person.read("Kest, Wenna; Jory Pell\n{Mud Group}"))
        .containsExactly(
            new Person("Kest", "Wenna", ""),
            new Person("Pell", "Jory", ""),
            Person.body("Mud Group"));
    assertThat(Person.read("Ada van der Loo and Tam Oss"))
        .containsExactly(new Person("van der Loo", "Ada", ""), new Person("Oss", "Tam", ""));
    assertThat(Person.read("{Marsh and Memory Trust}; Cher"))
        .containsExactly(Person.body("Marsh and Memory Trust"), Person.body("Cher"));
    assertThat(Person.read("Ferrow Harbour Committee"))
        .containsExactly(Person.body("Ferrow Harbour Committee"));
    assertThat(Person.read(" ; \n ")).isEmpty();
  }

  @Test
  void names_are_read_again_as_they_are_written() {
    List<Person> people = Person.read("Kest, Wenna; {Harbour and Marsh Board}; Jory Pell");
    assertThat(Person.read(Person.written(people))).isEqualTo(people);
    assertThat(people.get(0).said()).isEqualTo("Wenna Kest");
    assertThat(people.get(1).filed()).isEqualTo("Harbour and Marsh Board");
  }

  @Test
  void dates_are_read_in_seven_languages() {
    assertThat(When.of("2031-05-04")).contains(new When(2031, 5, 4));
    assertThat(When.of("2031-05")).contains(new When(2031, 5, 0));
    assertThat(When.of("2031")).contains(new When(2031, 0, 0));
    assertThat(
            List.of("4 May 2031", "May 4, 2031", "4. Mai 2031", "4 mai 2031", "4 de mayo de 2031"))
        .allSatisfy(words -> assertThat(When.of(words)).contains(new When(2031, 5, 4)));
    assertThat(List.of("4 maggio 2031", "4 de maio de 2031", "4 mei 2031"))
        .allSatisfy(words -> assertThat(When.of(words)).contains(new When(2031, 5, 4)));
    assertThat(When.of("1 juillet 2031")).contains(new When(2031, 7, 1));
    assertThat(When.of("1 juin 2031")).contains(new When(2031, 6, 1));
    assertThat(When.of("2031-02-29")).isEmpty();
    assertThat(When.of("spring 2031")).isEmpty();
    assertThat(When.of("2031-13")).isEmpty();
    assertThat(new When(931, 5, 0).iso()).isEqualTo("0931-05");
  }

  @Test
  void what_says_nothing_is_not_kept() {
    Reference work = book(" Mud \n and memory ", " ", "");
    assertThat(work.get(Field.TITLE)).isEqualTo("Mud and memory");
    assertThat(work.fields()).doesNotContainKey(Field.ISSUED);
    assertThat(work.people()).isEmpty();
  }

  @Test
  void the_same_work_is_known_by_its_number_or_by_title_year_and_maker() {
    Reference one = book("Mud and Memory", "2031", "Wenna Kest");
    assertThat(one.sameWork(book("Mud and memory.", "2031-05", "Kest, W."))).isTrue();
    assertThat(one.sameWork(book("Mud and memory", "2032", "Wenna Kest"))).isFalse();
    assertThat(one.sameWork(book("Mud and memory", "2031", "Jory Pell"))).isFalse();
    assertThat(one.sameWork(book("Silt", "2031", "Wenna Kest"))).isFalse();
    Reference doi = one.with(Field.DOI, "10.9999/mud");
    assertThat(doi.sameWork(book("Other", "", "").with(Field.DOI, "https://doi.org/10.9999/MUD")))
        .isTrue();
    assertThat(doi.sameWork(one.with(Field.DOI, "10.9999/silt"))).isFalse();
    assertThat(Reference.NONE.sameWork(Reference.NONE)).isFalse();
  }

  @Test
  void the_first_of_the_same_work_is_found_among_many() {
    Reference silt = book("Silt", "2031", "Jory Pell");
    Reference numbered = book("Mud", "2030", "Wenna Kest").with(Field.DOI, "10.9999/mud");
    Reference isbn = book("Sand", "2028", "Wenna Kest").with(Field.ISBN, "9780306406157");
    List<Reference> all = List.of(silt, numbered, isbn, silt.with(Field.PLACE, "Ferrow"));
    SameWorks<Reference> works = new SameWorks<>(all, work -> work);
    assertThat(works.find(book("SILT.", "2031-05", "Pell, J."))).contains(silt);
    assertThat(works.find(book("Other", "", "").with(Field.DOI, "doi 10.9999/mud"))).isEmpty();
    assertThat(works.find(book("Other", "", "").with(Field.DOI, "10.9999/MUD"))).contains(numbered);
    assertThat(works.find(isbn.with(Field.TITLE, "Another"))).contains(isbn);
    assertThat(works.find(book("Silt", "2029", "Jory Pell"))).isEmpty();
    assertThat(works.find(Reference.NONE)).isEmpty();
  }

  @Test
  void a_key_that_came_is_kept_if_it_is_sound_and_free() {
    Reference silt = book("Silt", "2031", "Jory Pell");
    assertThat(CitationKey.kept("mine", silt, Set.of())).isEqualTo("mine");
    assertThat(CitationKey.kept("mine", silt, Set.of("mine"))).isEqualTo("pell2031");
    assertThat(CitationKey.kept("No key", silt, Set.of("pell2031"))).isEqualTo("pell2031-2");
  }

  @Test
  void what_another_knows_completes_it() {
    Reference own = new Reference(WorkType.DOCUMENT, Map.of(), Map.of(Field.TITLE, "Mine"));
    Reference whole = own.completed(book("Theirs", "2031", "Wenna Kest"));
    assertThat(whole.get(Field.TITLE)).isEqualTo("Mine");
    assertThat(whole.get(Field.ISSUED)).isEqualTo("2031");
    assertThat(whole.type()).isEqualTo(WorkType.BOOK);
    assertThat(whole.makers()).containsExactly(new Person("Kest", "Wenna", ""));
  }

  @Test
  void a_key_says_who_and_when_and_is_nobody_elses() {
    Reference work = book("Mud", "2031", "Wenna Kést");
    assertThat(CitationKey.of(work, "", List.of())).isEqualTo("kest2031");
    assertThat(CitationKey.of(work, "", List.of("kest2031", "kest2031-2"))).isEqualTo("kest2031-3");
    Reference bare = new Reference(WorkType.BOOK, Map.of(), Map.of());
    assertThat(CitationKey.of(bare, "The harbour minutes, 2030", List.of()))
        .isEqualTo("the-harbour-minutes");
    assertThat(CitationKey.of(bare, "§§", List.of())).isEqualTo("work");
    assertThat(CitationKey.of(book("x", "", "y".repeat(90)), "", List.of())).hasSize(36);
    assertThat(CitationKey.sound("kest2031-2")).isTrue();
    assertThat(CitationKey.sound("Kest")).isFalse();
    assertThat(CitationKey.sound("2031")).isFalse();
  }

  @Test
  void types_that_are_rarely_met_are_taken_for_the_nearest() {
    assertThat(WorkType.of("article-journal")).isEqualTo(WorkType.ARTICLE);
    assertThat(WorkType.of("post-weblog")).isEqualTo(WorkType.WEB);
    assertThat(WorkType.of("unheard-of")).isEqualTo(WorkType.DOCUMENT);
    assertThat(WorkType.of(null)).isEqualTo(WorkType.DOCUMENT);
  }

  @Test
  void a_file_lets_one_guess_its_numbers_and_kind() {
    Guess.Said said =
        new Guess.Said(
            "Survey report of the marsh",
            "Wenna Kest and Jory Pell",
            "2031-05",
            WorkType.DOCUMENT,
            "https://ferrow.example/s",
            new When(2031, 6, 7),
            "ISBN 978-0-306-40615-7\nhttps://doi.org/10.9999/mud.1). More.");
    Reference guess = Guess.of(said);
    assertThat(guess.type()).isEqualTo(WorkType.REPORT);
    assertThat(guess.get(Field.DOI)).isEqualTo("10.9999/mud.1");
    assertThat(guess.get(Field.ISBN)).isEqualTo("978-0-306-40615-7");
    assertThat(guess.get(Field.ACCESSED)).isEqualTo("2031-06-07");
    assertThat(guess.get(Role.AUTHOR)).hasSize(2);
  }

  @Test
  void the_check_digit_of_an_isbn_is_looked_at() {
    assertThat(Guess.soundIsbn("0-8044-2957-X")).isTrue();
    assertThat(Guess.soundIsbn("0-8044-2957-1")).isFalse();
    assertThat(Guess.soundIsbn("9780306406157")).isTrue();
    assertThat(Guess.soundIsbn("9780306406158")).isFalse();
    assertThat(Guess.soundIsbn("123")).isFalse();
  }
}
