package org.pergamena.core.distil.quote;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.segment.Part;
import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceTextBuilder;

class QuotingTest {
  private static final String GRAZING =
      "The tenants of the lower fields lost their grazing to the tide in the second winter.";
  private static final String PAID =
      "They were paid for the grazing that they lost by the river board in spring.";
  private static final String LAMB = "One of them sells lamb from the upper marsh to three inns.";

  private static Analysed text(String... paragraphs) {
    SourceTextBuilder builder = new SourceTextBuilder();
    Arrays.stream(paragraphs).forEach(p -> builder.block(Block.Kind.PARAGRAPH, 0, p));
    return TextAnalyser.analyse(new Source(UUID.randomUUID(), "notes", builder.build()));
  }

  private static List<String> quotes(String label, int most, Analysed... texts) {
    List<Part> parts =
        Stream.of(texts).map(text -> Part.plain(text, 0, text.sentences().size())).toList();
    return new Quoting(List.of(texts))
        .choose(parts, label, most).stream()
            .map(q -> q.text().source().text().text().substring(q.span().start(), q.span().end()))
            .toList();
  }

  /** Sentences of some ten words, no two alike. */
  private static String[] paragraphs(int many) {
    String[] paragraphs = new String[many];
    for (int i = 0; i < many; i++) {
      String one = "Gauge" + "abcdefghijklmnopqrstuvwxyz".charAt(i % 26) + i / 26;
      paragraphs[i] =
          one + " is a post that stands in creek " + one + "x and tells the water of it.";
    }
    return paragraphs;
  }

  @Test
  void neighbouring_sentences_come_as_one_quote_and_those_of_another_paragraph_do_not() {
    String rest = " Nothing else was said of it that evening. And so it went on and on. ".repeat(3);
    assertThat(quotes("Grazing of tenants", 3, text(GRAZING + " " + PAID + rest, LAMB)))
        .anyMatch(quote -> quote.startsWith(GRAZING + " " + PAID))
        .noneMatch(quote -> quote.contains(PAID) && quote.contains(LAMB));
  }

  @Test
  void a_sentence_that_leans_on_the_one_before_is_quoted_with_it() {
    assertThat(quotes("Grazing lost and paid", 1, text(GRAZING + " " + PAID)))
        .allMatch(quote -> quote.startsWith("The tenants"));
  }

  @Test
  void one_of_the_quotes_has_the_words_of_the_label_where_any_sentence_has() {
    String[] paragraphs = paragraphs(30);
    paragraphs[29] = "1953 and 1978: samphire, 12 hectares.";
    assertThat(quotes("Samphire", 3, text(paragraphs))).contains(paragraphs[29]);
  }

  @Test
  void nothing_is_quoted_that_asks_or_announces_where_something_is_said() {
    String asks = "How did the tenants of the lower fields lose their grazing?";
    String announces = "The tenants of the lower fields said of their grazing:";
    String little = "And we agree with them.";
    assertThat(quotes("Grazing of tenants", 6, text(asks, announces, little, GRAZING)))
        .containsExactly(GRAZING);
    assertThat(quotes("Grazing of tenants", 6, text(asks))).containsExactly(asks);
  }

  @Test
  void what_says_the_same_again_is_not_quoted_again() {
    List<String> quotes =
        quotes("Grazing", 6, text(Collections.nCopies(6, GRAZING).toArray(String[]::new)));
    assertThat(quotes).containsExactly(GRAZING);
  }

  @Test
  void long_text_has_as_many_quotes_as_are_wanted_and_short_text_is_not_quoted_whole() {
    assertThat(quotes("Gauge", 6, text(paragraphs(60)))).hasSize(6);
    assertThat(quotes("Gauge", 2, text(paragraphs(60)))).hasSize(2);
    assertThat(quotes("Gauge", 6, text(paragraphs(3)))).hasSize(2);
    assertThat(quotes("Gauge", 0, text(paragraphs(3)))).isEmpty();
  }

  @Test
  void another_source_is_heard_before_more_of_the_same() {
    String[] second = paragraphs(12);
    Analysed other =
        text("Gaugeother is a post that stands in creek Lorn and tells the water of it.");
    assertThat(quotes("Gauge", 2, text(second), other)).anyMatch(q -> q.contains("Gaugeother"));
  }

  @Test
  void the_strongest_come_first() {
    Analysed text = text(GRAZING, LAMB, PAID);
    List<Part> parts = List.of(Part.plain(text, 0, 3));
    List<Quote> quotes = new Quoting(List.of(text)).choose(parts, "Grazing", 3);
    assertThat(quotes).isSortedAccordingTo((a, b) -> Double.compare(b.strength(), a.strength()));
    assertThat(quotes.get(0).strength()).isGreaterThan(0.3);
  }
}
