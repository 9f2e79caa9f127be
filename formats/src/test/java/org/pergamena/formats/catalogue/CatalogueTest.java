package org.pergamena.formats.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;

class CatalogueTest {
  private static SruAnswer answer(String records) throws SruAnswer.UnclearException {
    return SruAnswer.read(
        ("<z:searchRetrieveResponse xmlns:z='http://www.loc.gov/zing/srw/'>"
                + records
                + "</z:searchRetrieveResponse>")
            .getBytes(StandardCharsets.UTF_8));
  }

  private static String marc(String leader, String fields) {
    return "<z:recordData><record xmlns='http://www.loc.gov/MARC21/slim'><leader>"
        + leader
        + "</leader>"
        + fields
        + "</record></z:recordData>";
  }

  private static String field(String tag, String... parts) {
    StringBuilder out = new StringBuilder("<datafield tag='" + tag + "'>");
    for (int i = 0; i < parts.length; i += 2) {
      out.append("<subfield code='" + parts[i] + "'>" + parts[i + 1] + "</subfield>");
    }
    return out.append("</datafield>").toString();
  }

  private static CatalogueQuery query(String title, String author, String isbn, WorkType type) {
    return new CatalogueQuery(title, author, isbn, "", "", type);
  }

  @Test
  void a_question_is_written_in_cql() {
    assertThat(query("salt \"marsh", "Kest", "978-0-306", WorkType.BOOK).cql())
        .isEqualTo(
            "dc.title all \"salt  marsh\" and dc.creator all \"Kest\" and bath.isbn = \"9780306\""
                + " and dc.type = \"book\"");
    assertThat(query("", " ", "x-", null).isEmpty()).isFalse();
    assertThat(query("", " ", "--", null).isEmpty()).isTrue();
    assertThat(query("a&b", "", "", null).address("http://c/sru?k=1", "dc", 21, 20))
        .isEqualTo(
            "http://c/sru?k=1&version=1.2&operation=searchRetrieve"
                + "&query=dc.title+all+%22a%26b%22&recordSchema=dc&startRecord=21"
                + "&maximumRecords=20");
    assertThat(query("a", "", "", null).address("http://c/sru", "dc", 1, 5))
        .startsWith("http://c/sru?version=1.2&");
  }

  @Test
  void a_book_of_marc_loses_the_marks_between_its_parts() throws Exception {
    SruAnswer answer =
        answer(
            "<z:numberOfRecords>41</z:numberOfRecords>"
                + marc(
                    "     nam a22",
                    field("020", "a", "9780306406157 (hardback)")
                        + field("100", "a", "Kest, Wenna,")
                        + field("700", "a", "Pell, Jory", "4", "edt")
                        + field("710", "a", "Mud Group.")
                        + field("245", "a", "Mud and memory :", "b", "an account /")
                        + field("264", "a", "Ferrow :", "b", "Ferrow Press,", "c", "[2031].")
                        + field("650", "a", "Mud.")
                        + field("650", "a", "Marshes.")));
    assertThat(answer.total()).isEqualTo(41);
    Reference book = answer.works().get(0);
    assertThat(book.type()).isEqualTo(WorkType.BOOK);
    assertThat(book.fields())
        .isEqualTo(
            Map.of(
                Field.TITLE, "Mud and memory: an account",
                Field.ISBN, "9780306406157",
                Field.PLACE, "Ferrow",
                Field.PUBLISHER, "Ferrow Press",
                Field.ISSUED, "2031",
                Field.SUBJECT, "Mud; Marshes"));
    assertThat(book.get(Role.AUTHOR))
        .isEqualTo(List.of(new Person("Kest", "Wenna", ""), Person.body("Mud Group")));
    assertThat(book.get(Role.EDITOR)).isEqualTo(List.of(new Person("Pell", "Jory", "")));
  }

  @Test
  void parts_of_other_works_say_where_they_stand() throws Exception {
    String article =
        field("245", "a", "The breach")
            + field("773", "t", "Journal of Mud", "g", "vol. 3, no. 2, p. 11-19", "x", "2041-1103");
    Reference found = answer(marc("     naa a22", article)).works().get(0);
    assertThat(found.type()).isEqualTo(WorkType.ARTICLE);
    assertThat(found.get(Field.VOLUME)).isEqualTo("3");
    assertThat(found.get(Field.ISSUE)).isEqualTo("2");
    assertThat(found.get(Field.PAGES)).isEqualTo("11-19");
    String chapter = field("245", "a", "Silt") + field("773", "t", "Mud");
    assertThat(answer(marc("     naa a22", chapter)).works().get(0).type())
        .isEqualTo(WorkType.CHAPTER);
    assertThat(answer(marc("     nam a22", field("502", "b", "PhD"))).works().get(0).type())
        .isEqualTo(WorkType.THESIS);
  }

  @Test
  void dublin_core_is_read_too_also_packed_as_a_string() throws Exception {
    String dc =
        "<dc xmlns='http://purl.org/dc/elements/1.1/'><title>Silt</title>"
            + "<creator>Pell, Jory, 1980-</creator><type>Book</type><date>2029</date>"
            + "<identifier>ISBN 9780306406157</identifier><identifier>10.9999/x</identifier>"
            + "<identifier>https://x.example</identifier><subject>Mud</subject></dc>";
    for (String data : List.of(dc, dc.replace("<", "&lt;"))) {
      Reference work = answer("<z:recordData>" + data + "</z:recordData>").works().get(0);
      assertThat(work.type()).isEqualTo(WorkType.BOOK);
      assertThat(work.get(Role.AUTHOR)).isEqualTo(List.of(new Person("Pell", "Jory", "")));
      assertThat(work.get(Field.ISBN)).isEqualTo("9780306406157");
      assertThat(work.get(Field.DOI)).isEqualTo("10.9999/x");
      assertThat(work.get(Field.URL)).isEqualTo("https://x.example");
    }
  }

  @Test
  void what_a_catalogue_says_against_a_question_is_said() {
    assertThatThrownBy(
            () ->
                answer(
                    "<diagnostics><diagnostic><details>x</details><message>Too many</message>"
                        + "</diagnostic></diagnostics>"))
        .hasMessage("The catalogue says: Too many.");
    assertThatThrownBy(() -> SruAnswer.read("<<".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("cannot be read as XML");
    assertThatThrownBy(() -> SruAnswer.read("<html/>".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("none of SRU");
    assertThatThrownBy(() -> SruAnswer.read("<!DOCTYPE a []><a/>".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("cannot be read");
  }
}
