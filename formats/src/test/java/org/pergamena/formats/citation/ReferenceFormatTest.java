package org.pergamena.formats.citation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.Work;
import org.pergamena.core.reference.WorkType;

class ReferenceFormatTest {
  private static final Work ARTICLE =
      new Work(
          "pell2029",
          new Reference(
              WorkType.ARTICLE,
              Map.of(
                  Role.AUTHOR,
                  List.of(new Person("Pell", "Jory", ""), Person.body("Mud & Marsh Group"))),
              Map.of(
                  Field.TITLE,
                  "The breach: 100% of it",
                  Field.CONTAINER,
                  "Journal of Mud",
                  Field.ISSUED,
                  "2029-05-04",
                  Field.VOLUME,
                  "3",
                  Field.ISSUE,
                  "2",
                  Field.PAGES,
                  "11-19",
                  Field.DOI,
                  "10.9999/mud_1")));
  private static final Work BOOK =
      new Work(
          "kest2031",
          new Reference(
              WorkType.BOOK,
              Map.of(Role.AUTHOR, Person.read("van der Kest, Wenna")),
              Map.of(
                  Field.TITLE,
                  "Mud and mémoire",
                  Field.ISSUED,
                  "2031",
                  Field.PUBLISHER,
                  "Ferrow Press",
                  Field.PLACE,
                  "Ferrow",
                  Field.ISBN,
                  "978-0-306-40615-7",
                  Field.URL,
                  "https://ferrow.example/a_b%20c")));

  private static ReferenceList read(String text) {
    return ReferenceFormat.read(text.getBytes(StandardCharsets.UTF_8));
  }

  @ParameterizedTest
  @EnumSource(ReferenceFormat.class)
  void what_is_written_is_read_again(ReferenceFormat format) {
    ReferenceList again = read(format.write(List.of(ARTICLE, BOOK)));
    assertThat(again.faults()).isEmpty();
    assertThat(again.works()).extracting(Work::key).containsExactly("pell2029", "kest2031");
    Reference article = again.works().get(0).reference();
    assertThat(article.type()).isEqualTo(WorkType.ARTICLE);
    assertThat(article.get(Field.PAGES).replace('\u2013', '-')).isEqualTo("11-19");
    assertThat(article.with(Field.PAGES, "").fields())
        .containsAllEntriesOf(ARTICLE.reference().with(Field.PAGES, "").fields());
    assertThat(article.get(Role.AUTHOR))
        .containsExactlyElementsOf(ARTICLE.reference().get(Role.AUTHOR));
    Reference book = again.works().get(1).reference();
    assertThat(book.fields()).containsAllEntriesOf(BOOK.reference().fields());
    assertThat(book.get(Role.AUTHOR).get(0).said()).isEqualTo("Wenna van der Kest");
    assertThat(ReferenceFormat.of(format.ending())).contains(format);
  }

  @Test
  void entries_of_bibtex_that_are_broken_are_told_by_line_and_the_rest_is_taken() {
    ReferenceList list =
        read(
            """
            @string{fp = "Ferrow Press"}
            Words between entries are comments.
            @book{Kest:2031, author = {Wenna Kest and Jory Pell}, title = {Mud {\\"u}ber Marsh},
              publisher = fp, year = 2031}
            @article{broken, title = {No end,
              year = 2030
            @misc(third, title = "A third", howpublished = "leaflet", year = 1999)
            """);
    assertThat(list.works()).extracting(Work::key).containsExactly("kest-2031", "third");
    Reference first = list.works().get(0).reference();
    assertThat(first.get(Field.TITLE)).isEqualTo("Mud über Marsh");
    assertThat(first.get(Field.PUBLISHER)).isEqualTo("Ferrow Press");
    assertThat(first.get(Role.AUTHOR)).extracting(Person::said).contains("Jory Pell");
    assertThat(list.faults()).hasSize(1);
    assertThat(list.faults().get(0).line()).isEqualTo(5);
    assertThat(list.faults().get(0).problem()).contains("@article").contains("left out");
  }

  @Test
  void entries_of_ris_without_an_end_are_told_by_line() {
    ReferenceList list =
        read(
            "TY  - JOUR\nTI  - Lost\nTY  - BOOK\nAU  - Kest, Wenna\nTI  - Mud\nPY  - 2031\n"
                + "SN  - 978-0-306-40615-7\nER  - \n");
    assertThat(list.works()).hasSize(1);
    Reference book = list.works().get(0).reference();
    assertThat(list.works().get(0).key()).isEqualTo("kest2031");
    assertThat(book.get(Field.ISBN)).isEqualTo("978-0-306-40615-7");
    assertThat(book.get(Field.ISSUED)).isEqualTo("2031");
    assertThat(list.faults()).extracting(ReferenceList.EntryFault::line).containsExactly(1);
  }

  @Test
  void items_of_csl_json_that_are_none_are_told_by_number() {
    ReferenceList list =
        read(
            "[{\"id\": \"http://x/1\", \"type\": \"post-weblog\", \"title\": \"<i>Mud</i>\","
                + " \"author\": [{\"family\": \"Kest\", \"non-dropping-particle\": \"van\"}],"
                + " \"issued\": {\"raw\": \"2031\"}, \"event\": \"A day\"}, 7, {}]");
    Reference post = list.works().get(0).reference();
    assertThat(post.type()).isEqualTo(WorkType.WEB);
    assertThat(post.get(Field.TITLE)).isEqualTo("Mud");
    assertThat(post.get(Field.EVENT)).isEqualTo("A day");
    assertThat(list.works().get(0).key()).isEqualTo("vankest2031");
    assertThat(list.faults()).hasSize(2);
    assertThat(read("[\n\n{]").faults())
        .extracting(ReferenceList.EntryFault::line)
        .containsExactly(3);
  }

  @Test
  void what_is_no_list_of_references_says_so() {
    assertThatThrownBy(() -> read("Just words.")).hasMessageContaining("BibTeX (.bib)");
    assertThatThrownBy(() -> ReferenceFormat.read(new byte[5_000_001]))
        .hasMessageContaining("5 MB");
  }

  @Test
  void an_item_that_is_stored_is_read_again() {
    Reference kept = CslJson.read(CslJson.write("k", BOOK.reference()));
    assertThat(kept).isEqualTo(BOOK.reference());
    Reference free = BOOK.reference().with(Field.ISSUED, "spring 2031");
    assertThat(CslJson.read(CslJson.write("k", free)).get(Field.ISSUED)).isEqualTo("spring 2031");
    assertThatThrownBy(() -> CslJson.read("[")).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void nasty_lists_take_no_longer_than_their_length_allows() {
    Assertions.assertTimeoutPreemptively(
        Duration.ofMinutes(5),
        () -> {
          assertThatThrownBy(() -> read("@".repeat(200_000)))
              .isInstanceOf(IllegalArgumentException.class);
          read("@book{a, title = {" + "{".repeat(20_000) + "}}");
          read("TY  - BOOK\n".repeat(20_000));
        });
  }
}
