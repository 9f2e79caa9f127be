package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SourceTextTest {
  private static final SourceText TEXT = text();

  private static SourceText text() {
    SourceTextBuilder builder = new SourceTextBuilder();
    builder.block(Block.Kind.HEADING, 1, "The breach");
    builder.block(Block.Kind.PARAGRAPH, 0, "The wall was opened.");
    builder.page(0, 1, "iv");
    builder.separate();
    int start = builder.length();
    builder.cue(builder.append("It came in quietly."), 767_000, 770_000, "Warden");
    builder.close(Block.Kind.SPEECH, 0, start);
    builder.page(start, 2, "v");
    return builder.build();
  }

  @Test
  void an_offset_lies_on_a_page_at_a_time_under_a_heading() {
    int at = TEXT.text().indexOf("quietly");
    Locator where = TEXT.locate(at);
    assertThat(where.page()).isEqualTo(2);
    assertThat(where.speaker()).isEqualTo("Warden");
    assertThat(where.section()).isEqualTo("The breach");
    assertThat(where.citation()).isEqualTo("p. v");
    assertThat(TEXT.locate(0).citation()).isEqualTo("p. iv");
  }

  @Test
  void a_time_is_cited_with_hours_only_where_there_are_any() {
    assertThat(new Locator(null, null, 767_000L, null, null, null).citation()).isEqualTo("12:47");
    assertThat(new Locator(null, null, 3_723_000L, null, null, null).citation())
        .isEqualTo("1:02:03");
    assertThat(new Locator(null, null, null, null, null, null).citation()).isEmpty();
  }

  @Test
  void words_are_runs_of_anything_but_blanks() {
    assertThat(SourceText.plain("  one two\nthree  ").words()).isEqualTo(3);
    assertThat(TEXT.durationMs()).isEqualTo(770_000);
  }

  @Test
  void a_passage_has_its_exact_words_and_those_around_it() {
    Source source = new Source(new UUID(0, 1), "Survey", TEXT);
    int start = TEXT.text().indexOf("wall");
    Passage passage = Passage.of(source, new Span(start, start + 4));
    assertThat(passage.exact()).isEqualTo("wall");
    assertThat(passage.prefix()).endsWith("The ");
    assertThat(passage.suffix()).startsWith(" was opened.");
    assertThat(TEXT.text().substring(passage.start(), passage.end())).isEqualTo(passage.exact());
  }

  @Test
  void a_passage_lies_in_the_text_and_cuts_no_character() {
    Source source = new Source(new UUID(0, 1), "Song", SourceText.plain("a \uD834\uDD1E clef"));
    assertThatThrownBy(() -> Passage.of(source, new Span(0, 99)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Passage.of(source, new Span(0, 3))).hasMessageContaining("Song");
    assertThat(Passage.of(source, new Span(0, 4)).exact()).isEqualTo("a \uD834\uDD1E");
  }

  @Test
  void spans_that_touch_join() {
    List<Span> spans = List.of(new Span(5, 8), new Span(0, 3), new Span(2, 4));
    assertThat(Spans.union(spans)).containsExactly(new Span(0, 4), new Span(5, 8));
    assertThatThrownBy(() -> new Span(3, 3)).isInstanceOf(IllegalArgumentException.class);
  }
}
