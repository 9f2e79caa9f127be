package org.pergamena.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;
import org.pergamena.formats.catalogue.CatalogueQuery;
import org.pergamena.formats.catalogue.SruAnswer;

class SimulatedSearchTest {
  private static final Reference BOOK =
      new Reference(
          WorkType.BOOK,
          Map.of(Role.AUTHOR, Person.read("Kest, Wenna; {Mud & Marsh Group}")),
          Map.of(
              Field.TITLE, "Mud and memory: an account",
              Field.ISSUED, "2031",
              Field.PUBLISHER, "Ferrow Press",
              Field.PLACE, "Ferrow",
              Field.ISBN, "9780306406157",
              Field.LANGUAGE, "deu",
              Field.SUBJECT, "mud; memory"));
  private static final Reference ARTICLE =
      new Reference(
          WorkType.ARTICLE,
          Map.of(Role.AUTHOR, Person.read("Pell, Jory")),
          Map.of(
              Field.TITLE, "The breach",
              Field.ISSUED, "2029",
              Field.CONTAINER, "Journal of Mud",
              Field.ISSN, "2041-1103",
              Field.VOLUME, "3",
              Field.ISSUE, "2",
              Field.PAGES, "11-19",
              Field.DOI, "10.9999/x"));

  private static boolean holds(CatalogueQuery query, Reference work) {
    List<SimulatedSearch.Clause> clauses = SimulatedSearch.read(query.cql());
    assertThat(clauses).isNotEmpty();
    return clauses.stream().allMatch(clause -> clause.holds(work));
  }

  private static CatalogueQuery query(String title, String author, String language) {
    return new CatalogueQuery(title, author, "", "", language, null);
  }

  @Test
  void all_words_that_are_sought_have_to_stand_there() {
    assertThat(holds(query("MEMORY mud", "", ""), BOOK)).isTrue();
    assertThat(holds(query("memory silt", "", ""), BOOK)).isFalse();
    assertThat(holds(query("mud", "kest", "german"), BOOK)).isTrue();
    assertThat(holds(query("mud", "pell", ""), BOOK)).isFalse();
    assertThat(holds(query("journal", "", ""), ARTICLE)).as("what it is in").isTrue();
    assertThat(holds(new CatalogueQuery("", "", "978-0306406157", "", "", WorkType.BOOK), BOOK))
        .isTrue();
    assertThat(holds(query("mud x-fail x-delay-3", "", ""), BOOK)).as("provoked words").isTrue();
  }

  @Test
  void what_is_no_query_is_refused() {
    assertThat(SimulatedSearch.read("")).isEmpty();
    assertThat(SimulatedSearch.read("mud")).isEmpty();
    assertThat(SimulatedSearch.read("dc.title all \"a\" or dc.title all \"b\"")).isEmpty();
    assertThat(SimulatedSearch.read("dc.title all \"a\" and")).isEmpty();
    assertThat(SimulatedSearch.read("dc.title any \"a b\"").get(0).holds(ARTICLE)).isTrue();
  }

  @Test
  void records_are_read_again_as_they_are() throws Exception {
    for (Reference work : List.of(BOOK, ARTICLE)) {
      String marc = SimulatedRecords.answer(List.of(BOOK, ARTICLE, work), 3, 10, true);
      SruAnswer answer = SruAnswer.read(marc.getBytes(StandardCharsets.UTF_8));
      assertThat(answer.total()).isEqualTo(3);
      assertThat(answer.works()).containsExactly(work);
    }
    String dc = SimulatedRecords.answer(List.of(BOOK), 1, 1, false);
    Reference read = SruAnswer.read(dc.getBytes(StandardCharsets.UTF_8)).works().get(0);
    assertThat(read.type()).isEqualTo(WorkType.BOOK);
    assertThat(read.get(Role.AUTHOR)).hasSize(2);
    assertThat(read.get(Field.ISBN)).isEqualTo("9780306406157");
  }
}
