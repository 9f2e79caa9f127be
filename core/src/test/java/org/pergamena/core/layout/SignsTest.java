package org.pergamena.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.pergamena.core.layout.Signs.Sign;

class SignsTest {
  @Test
  void signs_are_found_by_the_beginnings_of_words_and_lie_in_their_square() {
    assertThat(Signs.search("scal", 10)).extracting(Sign::name).contains("scale");
    assertThat(Signs.search("justice", 10)).extracting(Sign::name).contains("scale");
    assertThat(Signs.search("no such thing at all", 10)).isEmpty();
    assertThat(Signs.search("a", 7)).hasSize(7);
    for (Sign sign : Signs.search("", 3000)) {
      Box box = sign.path().box();
      assertThat(box.x()).as(sign.name()).isGreaterThan(-3);
      assertThat(box.right()).as(sign.name()).isLessThan(Signs.SIZE + 3);
      assertThat(box.y()).as(sign.name()).isGreaterThan(-3);
      assertThat(box.bottom()).as(sign.name()).isLessThan(Signs.SIZE + 3);
    }
  }

  @Test
  void a_sign_is_known_by_its_name_and_drawn_at_any_size() {
    Path leaf = Signs.of("leaf").orElseThrow();
    assertThat(leaf.scaled(0.5).box().width()).isEqualTo(leaf.box().width() / 2);
    assertThat(Signs.of("nothing")).isEmpty();
  }
}
