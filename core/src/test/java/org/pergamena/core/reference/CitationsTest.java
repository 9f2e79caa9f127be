package org.pergamena.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatNoException;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.pergamena.core.reference.Citation.Cite;
import org.pergamena.core.reference.Citation.Where;
import org.pergamena.core.reference.Citation.Where.Kind;

class CitationsTest {
  private static List<Cite> read(String note) {
    return Citations.in(note).get(0).citation().cites();
  }

  @Test
  void pages_times_and_words_around_are_understood() {
    assertThat(read("so [see @kest2031, p. 12; -@pell2029, 12:47 and after] it is"))
        .containsExactly(
            new Cite("kest2031", new Where(Kind.PAGE, "12"), "see", "", false),
            new Cite("pell2029", new Where(Kind.TIME, "12:47"), "", "and after", true));
    assertThat(read("[@kest2031, pp. 12-14, on silt]"))
        .containsExactly(
            new Cite("kest2031", new Where(Kind.PAGE, "12\u201314"), "", "on silt", false));
    assertThat(read("[@kest2031, 7]").get(0).where()).isEqualTo(new Where(Kind.PAGE, "7"));
    assertThat(read("[@kest2031, chap. 3]").get(0).where()).isEqualTo(new Where(Kind.CHAPTER, "3"));
    assertThat(read("[@kest2031, ll. 3-9]").get(0).where())
        .isEqualTo(new Where(Kind.LINE, "3\u20139"));
    assertThat(read("[@kest2031, passim]").get(0).after()).isEqualTo("passim");
    assertThat(read("[@kest2031, p. xiv]").get(0).where()).isEqualTo(new Where(Kind.PAGE, "xiv"));
  }

  @Test
  void several_stand_in_one_note_and_each_knows_its_place() {
    String note = "One [@a2031] and two [@b2032, 3].";
    assertThat(Citations.in(note))
        .extracting(found -> note.substring(found.start(), found.end()))
        .containsExactly("[@a2031]", "[@b2032, 3]");
  }

  @Test
  void other_brackets_are_words() {
    assertThat(Citations.in("[a link](http://x) [ ] [mail me@home] [@] [@Big] [;@a]")).isEmpty();
  }

  @Test
  void what_is_written_is_read_again() {
    for (String note :
        List.of(
            "[see @kest2031, p. 12, on silt; -@pell2029, 1:02:47]",
            "[@a]",
            "[@a; @b, chap. 2]",
            "[-@a, fig. 3]")) {
      assertThat(Citations.write(Citations.in(note).get(0).citation())).isEqualTo(note);
    }
  }

  @Property(tries = 300)
  void no_note_is_too_odd(
      @ForAll @StringLength(max = 300) @CharRange(from = '-', to = 'q') String s) {
    assertThatNoException().isThrownBy(() -> Citations.in("[" + s + "@a;" + s + "]" + s));
  }

  @Test
  void long_rows_of_brackets_take_no_time() {
    String note = "[".repeat(200_000) + "@".repeat(200_000) + "]".repeat(200_000);
    assertThat(Citations.in(note)).isEmpty();
    assertThat(Citations.in("[see ".repeat(50_000))).isEmpty();
  }
}
