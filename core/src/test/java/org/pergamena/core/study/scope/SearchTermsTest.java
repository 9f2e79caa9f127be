package org.pergamena.core.study.scope;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.map.CrossLink;
import org.pergamena.core.map.LinkChange;
import org.pergamena.core.map.Manner;
import org.pergamena.core.map.Maps;
import org.pergamena.core.map.Stance;
import org.pergamena.core.map.TopicMap;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.study.compare.CompareMark;
import org.pergamena.core.study.compare.CompareMark.Kind;
import org.pergamena.core.study.scope.Hypothesis.Bearing;
import org.pergamena.core.study.scope.Synonyms.Synonym;

class SearchTermsTest {
  private static final List<Analysed> TEXTS =
      List.of(
          text(
              "The saltmarsh grew again. A salt marsh buries carbon, and salt marshes are rare."
                  + " Managed realignment, also called managed retreat, moves the line of defence."
                  + " The Estuary Board (EB) paid for it. We realigned the path as well."
                  + " The loss of marsh, which we call coastal squeeze, went on for years."));

  private static Analysed text(String words) {
    return TextAnalyser.analyse(
        new Source(UUID.randomUUID(), "n", SourceText.plain(words)).in("eng"));
  }

  private static List<String> synonyms(String term, CompareMark... marks) {
    return new Synonyms(TEXTS, List.of(marks)).of(term).stream().map(Synonym::words).toList();
  }

  @Test
  void other_words_for_a_term_are_those_that_the_sources_give() {
    assertThat(synonyms("Saltmarsh")).containsExactly("salt marsh");
    assertThat(synonyms("salt marsh")).containsExactly("saltmarsh");
    assertThat(synonyms("managed realignment")).containsExactly("managed retreat");
    assertThat(synonyms("managed retreat")).containsExactly("Managed realignment");
    assertThat(synonyms("Estuary Board")).containsExactly("EB");
    assertThat(synonyms("EB")).containsExactly("Estuary Board");
    assertThat(synonyms("coastal squeeze")).containsExactly("loss of marsh");
    assertThat(synonyms("ferry")).isEmpty();
    assertThat(synonyms("")).isEmpty();
    assertThat(new Synonyms(TEXTS, List.of()).of("saltmarsh").get(0).passage().exact())
        .startsWith("A salt marsh buries");
  }

  @Test
  void what_a_person_said_to_be_the_same_is_another_word_for_it() {
    CompareMark same = new CompareMark(Kind.TERM, "sea wall", "outer wall", true);
    CompareMark other = new CompareMark(Kind.TERM, "sea wall", "ferry", false);
    assertThat(synonyms("Outer wall", same, other)).containsExactly("sea wall");
  }

  @Test
  void a_search_string_joins_what_a_catalogue_understands() {
    SearchString search = new SearchString(TEXTS);
    assertThat(
            search.of(
                List.of(
                    List.of("Saltmarsh", "salt marsh"),
                    List.of("realignment"),
                    List.of(" "),
                    List.of("goat \"cheese\"", "path", "moving of the path"))))
        .isEqualTo(
            "(saltmarsh OR \"salt marsh\") AND realign* AND (\"goat cheese\" OR path OR (moving"
                + " AND path))");
    assertThat(search.of(List.of())).isEmpty();
  }

  private static TopicMap supposed(String phrase) {
    TopicMap map = Maps.root("root");
    map = Maps.with(map, "root", "Mud");
    map = Maps.with(map, "root", "Oyster beds");
    CrossLink link =
        CrossLink.of(UUID.randomUUID(), Maps.id("Mud"), Maps.id("Oyster beds"), phrase)
            .withManner(new Manner(Manner.USUAL.direction(), true));
    return map.apply(new LinkChange.Connect(link)).map();
  }

  @Test
  void what_is_supposed_has_passages_for_and_against_it() {
    List<Analysed> texts =
        List.of(
            text(
                "The growers say that mud smothered the oyster beds in the first years."
                    + " The survey did not find that mud harmed the oyster beds of the channel."
                    + " Mud lies beside the oyster beds at the quay of the town."
                    + " The ferry runs twice a day."));
    List<Hypothesis> found = Supposing.of(supposed("smothers"), texts);
    assertThat(found).hasSize(1);
    assertThat(found.get(0).statement()).isEqualTo("Mud smothers Oyster beds");
    assertThat(found.get(0).bearings())
        .extracting(Bearing::stance)
        .containsExactlyInAnyOrder(Stance.SUPPORTS, Stance.DISPUTES, Stance.MENTIONS);
    assertThat(found.get(0).bearings())
        .filteredOn(b -> b.stance() == Stance.DISPUTES)
        .allMatch(b -> b.passage().exact().startsWith("The survey did not"));
    assertThat(Supposing.of(Maps.root("r"), texts)).isEmpty();
  }

  @Test
  void the_opposite_of_what_is_supposed_disputes_it() {
    List<Analysed> texts =
        List.of(text("In the survey the mud increased the oyster beds by a third in five years."));
    Bearing bearing = Supposing.of(supposed("decreases"), texts).get(0).bearings().get(0);
    assertThat(bearing.stance()).isEqualTo(Stance.DISPUTES);
    assertThat(bearing.reason()).contains("opposite");
  }
}
