package org.pergamena.formats.citation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pergamena.core.publish.Block.Run;
import org.pergamena.core.publish.Citing;
import org.pergamena.core.reference.Citation;
import org.pergamena.core.reference.Citations;
import org.pergamena.core.reference.Field;
import org.pergamena.core.reference.Person;
import org.pergamena.core.reference.Reference;
import org.pergamena.core.reference.Role;
import org.pergamena.core.reference.WorkType;

class CiterTest {
  private static final Map<String, Reference> WORKS =
      Map.of(
          "kest2031",
          work(
              WorkType.BOOK,
              "Kest, Wenna",
              Map.of(
                  Field.TITLE,
                  "Mud and memory",
                  Field.ISSUED,
                  "2031",
                  Field.PUBLISHER,
                  "Ferrow Press",
                  Field.PLACE,
                  "Ferrow")),
          "pell2029",
          work(
              WorkType.ARTICLE,
              "Pell, Jory; Kest, Wenna",
              Map.of(
                  Field.TITLE,
                  "The breach",
                  Field.ISSUED,
                  "2029-05-04",
                  Field.CONTAINER,
                  "Journal of Mud",
                  Field.VOLUME,
                  "3",
                  Field.ISSUE,
                  "2",
                  Field.PAGES,
                  "11-19")),
          "kest2031-2",
          work(
              WorkType.REPORT,
              "Kest, Wenna",
              Map.of(Field.TITLE, "A survey of silt", Field.ISSUED, "2031")));

  private static Reference work(WorkType type, String authors, Map<Field, String> fields) {
    return new Reference(type, Map.of(Role.AUTHOR, Person.read(authors)), fields);
  }

  private static Citing.Worded worded(String style, String language, String... notes) {
    List<Citation> citations =
        Arrays.stream(notes).map(note -> Citations.in(note).get(0).citation()).toList();
    return new Citer(Style.of(style).orElseThrow(), language, WORKS).word(citations);
  }

  private static List<String> said(Citing.Worded worded) {
    return worded.citations().stream().map(Run::words).toList();
  }

  private static List<String> listed(Citing.Worded worded) {
    return worded.references().stream()
        .map(entry -> (entry.label() + " " + Run.words(entry.runs())).strip())
        .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "apa | (Pell & Kest, 2029, p. 12) | (Kest, 2031, 12:47)",
        "mla | (Pell and Kest 12) | (Kest, 12:47)",
        "chicago-date | (Pell and Kest 2029, 12) | (Kest 2031, 12:47)",
        "harvard | (Pell and Kest, 2029, p. 12) | (Kest, 2031, 12:47)",
        "vancouver | (1) | (2, 12:47)",
        "ieee | [1, p. 12] | [2], 12:47",
        "iso690 | (Pell, Kest 2029, p.\u00a012) | (Kest 2031, 12:47)"
      })
  void each_style_cites_pages_and_times_in_its_way(String style, String page, String time) {
    Citing.Worded worded = worded(style, "en", "[@pell2029, p. 12]", "[@kest2031, 12:47]");
    assertThat(said(worded)).containsExactly(page, time);
    assertThat(worded.inNotes()).isFalse();
    assertThat(worded.references()).hasSize(2);
  }

  @Test
  void notes_are_full_at_first_and_short_after() {
    Citing.Worded worded =
        worded(
            "chicago-notes",
            "en",
            "[@kest2031, p. 3]",
            "[@kest2031, p. 4]",
            "[@pell2029, p. 12]",
            "[@kest2031, p. 5]");
    assertThat(worded.inNotes()).isTrue();
    assertThat(said(worded))
        .containsExactly(
            "Wenna Kest, Mud and Memory (Ferrow: Ferrow Press, 2031), 3.",
            "Kest, 4.",
            "Jory Pell and Wenna Kest, \u201cThe Breach,\u201d Journal of Mud 3, no. 2 (May 2029):"
                + " 12.",
            "Kest, Mud and Memory, 5.");
  }

  @Test
  void the_lists_follow_their_rules() {
    String[] both = {"[@pell2029]", "[@kest2031]"};
    assertThat(listed(worded("apa", "en", both)))
        .containsExactly(
            "Kest, W. (2031). Mud and memory. Ferrow Press.",
            "Pell, J., & Kest, W. (2029). The breach. Journal of Mud, 3(2), 11\u201319.");
    assertThat(listed(worded("mla", "en", both)))
        .containsExactly(
            "Kest, Wenna. Mud and Memory. Ferrow Press, 2031.",
            "Pell, Jory, and Wenna Kest. \u201cThe Breach.\u201d Journal of Mud, vol. 3, no. 2,"
                + " May 2029, pp. 11\u201319.");
    assertThat(listed(worded("chicago-notes", "en", both)))
        .containsExactly(
            "Kest, Wenna. Mud and Memory. Ferrow: Ferrow Press, 2031.",
            "Pell, Jory, and Wenna Kest. \u201cThe Breach.\u201d Journal of Mud 3, no. 2"
                + " (May 2029): 11\u201319.");
    assertThat(listed(worded("ieee", "en", both)).get(1))
        .isEqualTo("[2] W. Kest, Mud and memory. Ferrow: Ferrow Press, 2031.");
  }

  @Test
  void titles_keep_their_slant() {
    Citing.Entry first = worded("apa", "en", "[@kest2031]").references().get(0);
    assertThat(first.runs())
        .contains(new Run("Mud and memory", false, true, null), Run.plain(". Ferrow Press."));
  }

  @Test
  void works_of_one_maker_and_year_are_told_apart() {
    Citing.Worded apa = worded("apa", "en", "[@kest2031, p. 3]", "[@kest2031-2]");
    assertThat(said(apa)).containsExactly("(Kest, 2031b, p. 3)", "(Kest, 2031a)");
    assertThat(listed(apa)).first().asString().contains("(2031a)");
    assertThat(said(worded("mla", "en", "[@kest2031, p. 3]", "[@kest2031-2]")))
        .containsExactly("(Kest, Mud and Memory 3)", "(Kest, A Survey of Silt)");
  }

  @Test
  void several_stand_in_one_pair_of_brackets_with_words_around_and_without_their_maker() {
    assertThat(
            said(
                worded(
                    "apa",
                    "en",
                    "[see @kest2031, p. 3, on silt; @pell2029]",
                    "[-@kest2031, p. 3]",
                    "[@pell2029; -@kest2031]")))
        .containsExactly(
            "(see Kest, 2031, p. 3, on silt; Pell & Kest, 2029)",
            "(2031, p. 3)",
            "(Pell & Kest, 2029; 2031)");
  }

  @Test
  void what_is_not_known_is_left_to_whoever_asked() {
    Citing.Worded worded = worded("apa", "en", "[@nobody1900]", "[@kest2031]");
    assertThat(said(worded)).containsExactly("", "(Kest, 2031)");
    assertThat(worded("apa", "en").references()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "de | (Pell & Kest, 2029, S. 12)",
        "fr | (Pell & Kest, 2029, p. 12)",
        "es | (Pell & Kest, 2029, p. 12)",
        "it | (Pell & Kest, 2029, p. 12)",
        "pt | (Pell & Kest, 2029, p. 12)",
        "nl | (Pell & Kest, 2029, p. 12)"
      })
  void seven_languages_have_their_own_words(String language, String said) {
    assertThat(said(worded("apa", language, "[@pell2029, p. 12]"))).containsExactly(said);
    assertThat(listed(worded("mla", language, "[@pell2029]")).get(0)).doesNotContain("May");
  }

  @Test
  void stops_follow_the_quotation_where_the_language_wants_it() {
    assertThat(listed(worded("mla", "de", "[@pell2029]")).get(0))
        .contains("\u201eThe breach\u201c.");
    assertThatThrownBy(() -> worded("apa", "xx")).hasMessageContaining("xx");
  }

  @Test
  void all_styles_at_hand_word_all_types() {
    for (Style.Named named : Style.all()) {
      Style style = Style.of(named.key()).orElseThrow();
      Map<String, Reference> works = new LinkedHashMap<>();
      for (WorkType type : WorkType.values()) {
        String title = "Mud " + type;
        works.put(
            type.name().toLowerCase(Locale.ROOT),
            work(
                type, "Kest" + type + ", Wenna", Map.of(Field.TITLE, title, Field.ISSUED, "2031")));
      }
      Citing.Worded worded =
          new Citer(style, "en", works)
              .word(
                  works.keySet().stream()
                      .map(key -> Citation.of(key, Citation.Where.WHOLE))
                      .toList());
      assertThat(said(worded)).as(named.title()).hasSize(17).noneMatch(String::isBlank);
    }
  }

  @Test
  void a_style_of_ones_own_is_looked_at_first() {
    String apa = Style.of("apa").orElseThrow().xml();
    assertThat(Style.own(apa).title()).contains("APA");
    assertThatThrownBy(() -> Style.own("no")).hasMessageContaining("no XML");
    assertThatThrownBy(() -> Style.own("<a/>")).hasMessageContaining("no citation style");
    assertThatThrownBy(
            () ->
                Style.own(
                    "<style xmlns='http://purl.org/net/xbiblio/csl'><info><link"
                        + " rel='independent-parent' href='http://x.example/styles/apa'/></info>"
                        + "</style>"))
        .hasMessageContaining("points to another (apa)");
    assertThatThrownBy(
            () -> Style.own("<!DOCTYPE a [<!ENTITY e SYSTEM 'file:///etc/passwd'>]><a>&e;</a>"))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(Style.of("nothing")).isEmpty();
  }
}
