package org.pergamena.formats.citation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;

class VariantTest {
  private static String answered(Variant variant, String choose) {
    Style style = new Style("x", "x", "<style><layout>" + choose + "</layout></style>", false);
    return variant.of(style).replaceFirst("^<\\?xml[^>]*>\\s*", "").replaceAll("\\s+", " ");
  }

  private static Variant at(String... positions) {
    return new Variant(Set.of(positions), "", false, false);
  }

  @Test
  void a_branch_that_holds_takes_the_place_of_the_choice() {
    String choose =
        "<choose><if position='subsequent'><text value='short'/></if>"
            + "<else><text value='full'/></else></choose>";
    assertThat(answered(at("subsequent"), choose))
        .isEqualTo("<style><layout><text value=\"short\"/></layout></style>");
    assertThat(answered(at("first"), choose))
        .isEqualTo("<style><layout><text value=\"full\"/></layout></style>");
  }

  @Test
  void what_hangs_on_the_work_is_left_to_ask() {
    String choose =
        "<choose><if type='book' position='first'><text value='a'/></if>"
            + "<else-if locator='page'><text value='b'/></else-if>"
            + "<else><text value='c'/></else></choose>";
    assertThat(answered(at("first"), choose))
        .isEqualTo(
            "<style><layout><choose><if type=\"book\"><text value=\"a\"/></if>"
                + "<else><text value=\"c\"/></else></choose></layout></style>");
    assertThat(answered(new Variant(Set.of("first"), "page", false, false), choose))
        .isEqualTo(
            "<style><layout><choose><if type=\"book\"><text value=\"a\"/></if>"
                + "<else><text value=\"b\"/></else></choose></layout></style>");
    assertThat(answered(at("ibid"), choose))
        .isEqualTo("<style><layout><text value=\"c\"/></layout></style>");
  }

  @Test
  void any_all_and_none_are_told_apart() {
    String any = "<choose><if locator='line page' match='any'><text value='a'/></if></choose>";
    Variant page = new Variant(Set.of(), "page", false, false);
    assertThat(answered(page, any)).contains("value=\"a\"").doesNotContain("choose");
    assertThat(answered(at(), any)).isEqualTo("<style><layout/></style>");
    String all = any.replace("any", "all");
    assertThat(answered(page, all)).isEqualTo("<style><layout/></style>");
    String none = any.replace("any", "none");
    assertThat(answered(page, none)).isEqualTo("<style><layout/></style>");
    assertThat(answered(at(), none)).contains("value=\"a\"").doesNotContain("choose");
    String open =
        "<choose><if type='book' locator='page' match='any'><text value='a'/></if></choose>";
    assertThat(answered(at(), open)).contains("<if match=\"any\" type=\"book\">");
    assertThat(answered(page, open)).doesNotContain("choose");
  }

  @Test
  void choices_within_choices_are_answered_too() {
    String choose =
        "<choose><if type='book'><choose><if disambiguate='true'><text value='more'/></if>"
            + "</choose><text value='a'/></if></choose>";
    assertThat(answered(new Variant(Set.of(), "", true, false), choose)).contains("more");
    assertThat(answered(at(), choose))
        .contains("<if type=\"book\"><text value=\"a\"/></if>")
        .doesNotContain("more");
  }

  @Test
  void whoever_made_it_is_left_out() {
    String names =
        "<names variable='author'><substitute><text variable='title'/></substitute></names>";
    assertThat(answered(new Variant(Set.of(), "", false, true), names + "<text value='a'/>"))
        .isEqualTo("<style><layout><text value=\"a\"/></layout></style>");
  }

  @Test
  void all_styles_at_hand_can_be_answered_in_every_way() {
    for (Style.Named named : Style.all()) {
      Style style = Style.of(named.key()).orElseThrow();
      for (String position : new String[] {"first", "subsequent", "ibid"}) {
        for (boolean apart : new boolean[] {true, false}) {
          String xml = new Variant(Set.of(position), "page", apart, apart).of(style);
          assertThat(xml)
              .as(named.title())
              .doesNotContain(" position=\"", " locator=\"", " disambiguate=\"");
        }
      }
    }
  }
}
