package org.pergamena.core.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class AnchoringTest {
  private static final List<String> PARAGRAPHS =
      List.of(
          "The wall was breached in the autumn, when the tides were high.",
          "Two years later glasswort grew where barley had been sown.",
          "The warden counted nineteen waders at every high water.",
          "The treasurer asked what the new bank would cost to inspect.");

  private static SourceText text(List<String> paragraphs) {
    SourceTextBuilder builder = new SourceTextBuilder();
    paragraphs.forEach(p -> builder.block(Block.Kind.PARAGRAPH, 0, p));
    return builder.build();
  }

  private static Passage passage(SourceText text, String words) {
    int at = text.text().indexOf(words);
    Source source = new Source(UUID.randomUUID(), "notes", text);
    return Passage.of(source, new Span(at, at + words.length()));
  }

  private static String words(SourceText text, Span span) {
    return text.text().substring(span.start(), span.end());
  }

  @Test
  void a_passage_is_found_where_it_has_moved_to() {
    SourceText before = text(PARAGRAPHS);
    SourceText after = text(List.of("A new beginning.", PARAGRAPHS.get(2), PARAGRAPHS.get(1)));
    Passage passage = passage(before, "nineteen waders");
    Span now = new Anchoring(before, after).find(passage).orElseThrow();
    assertThat(words(after, now)).isEqualTo("nineteen waders");
  }

  @Test
  void of_equal_words_those_in_the_same_context_are_taken() {
    SourceText before = text(List.of("First the wall broke.", "Then the wall was mended."));
    SourceText after =
        text(List.of("Once the wall stood.", "First the wall broke.", "Then the wall was mended."));
    Passage passage = passage(before, "the wall");
    Span now = new Anchoring(before, after).find(passage).orElseThrow();
    assertThat(now.start()).isEqualTo(after.text().indexOf("First") + "First ".length());
  }

  @Test
  void changed_words_are_found_by_those_that_are_left_and_lost_ones_are_not() {
    SourceText before = text(PARAGRAPHS);
    SourceText after =
        text(List.of("The warden counted twenty waders at nearly every high water.", "Else."));
    Anchoring anchoring = new Anchoring(before, after);
    Span now = anchoring.find(passage(before, PARAGRAPHS.get(2))).orElseThrow();
    assertThat(words(after, now)).startsWith("The warden counted").endsWith("high water");
    assertThat(anchoring.find(passage(before, PARAGRAPHS.get(3)))).isEmpty();
  }

  @Test
  void stretches_follow_their_paragraphs() {
    SourceText before = text(PARAGRAPHS);
    SourceText after =
        text(List.of("New.", PARAGRAPHS.get(0), PARAGRAPHS.get(1) + " Changed.", "More."));
    Anchoring anchoring = new Anchoring(before, after);
    Block first = before.blocks().get(0);
    Block second = before.blocks().get(1);
    List<Span> carried = anchoring.carried(new Span(first.start() + 4, second.end()));
    assertThat(carried).isNotEmpty();
    assertThat(words(after, carried.get(0))).startsWith("wall was breached").contains("Changed.");
  }

  @Property(tries = 60)
  void every_passage_of_an_unchanged_text_is_found_in_its_place(
      @ForAll @IntRange(min = 0, max = 3) int paragraph,
      @ForAll @IntRange(min = 0, max = 20) int from,
      @ForAll @IntRange(min = 1, max = 30) int length) {
    SourceText text = text(PARAGRAPHS);
    int start = text.blocks().get(paragraph).start() + from;
    Span span = new Span(start, start + length);
    Passage passage = Passage.of(new Source(UUID.randomUUID(), "n", text), span);
    assertThat(new Anchoring(text, text).find(passage)).contains(span);
    assertThat(new Anchoring(text, text).carried(span)).containsExactly(span);
  }
}
