package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class SearchTest {
  private static final SourceText TEXT =
      new SourceTextBuilder()
          .block(Block.Kind.HEADING, 1, "The warden\u2019s walk")
          .block(Block.Kind.PARAGRAPH, 0, "The w\u00e4rden counted waders. The Warden left.")
          .block(Block.Kind.PARAGRAPH, 0, "Waders fed on the mud; nobody counted them.")
          .build();

  private static List<String> found(String query) {
    return new Search(TEXT)
        .find(query, 10).stream()
            .map(span -> TEXT.text().substring(span.start(), span.end()))
            .toList();
  }

  @Test
  void case_accents_and_apostrophes_do_not_matter() {
    assertThat(found("warden")).containsExactly("warden", "w\u00e4rden", "Warden");
    assertThat(found("WARDEN'S WALK")).containsExactly("warden\u2019s walk");
  }

  @Test
  void words_that_stand_apart_are_found_in_paragraphs_that_have_them_all() {
    assertThat(found("mud counted")).containsExactly("mud");
    assertThat(found("mud barley")).isEmpty();
    assertThat(found("   ")).isEmpty();
  }

  @Test
  void there_is_an_end_to_what_is_found() {
    assertThat(new Search(TEXT).find("e", 3)).hasSize(3);
  }

  @Property(tries = 100)
  void every_piece_of_a_text_is_found_in_it(
      @ForAll @StringLength(min = 1, max = 40) @CharRange(from = 'a', to = 'e') String words,
      @ForAll @StringLength(max = 20) @CharRange(from = 'a', to = 'e') String before) {
    SourceText text = SourceText.plain(before + words + "!");
    List<Span> found = new Search(text).find(words, 1000);
    assertThat(found).isNotEmpty();
    assertThat(found)
        .allSatisfy(
            span -> assertThat(text.text().substring(span.start(), span.end())).isEqualTo(words));
  }
}
