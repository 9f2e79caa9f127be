package org.pergamena.core.study.scope;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.core.distil.text.TextAnalyser;
import org.pergamena.core.source.Source;
import org.pergamena.core.source.SourceText;

/** Sentences of which it is known whether they give another word for a term. */
class SynonymSetTest {
  @Test
  void other_words_are_found_where_they_are_given_and_hardly_elsewhere() throws Exception {
    List<String> missed = new ArrayList<>();
    List<String> wrong = new ArrayList<>();
    try (InputStream in = getClass().getResourceAsStream("/scope/synonyms.tsv")) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        String[] parts = line.split("\t", -1);
        Source source = new Source(UUID.randomUUID(), "n", SourceText.plain(parts[0]));
        List<String> found =
            new Synonyms(List.of(TextAnalyser.analyse(source)), List.of())
                .of(parts[1]).stream().map(Synonyms.Synonym::words).toList();
        boolean there = found.stream().anyMatch(parts[2]::equalsIgnoreCase);
        if (!parts[2].isEmpty() && !there) {
          missed.add(line + found);
        } else if (found.size() > (parts[2].isEmpty() ? 0 : 1)) {
          wrong.add(line + found);
        }
      }
    }
    assertThat(missed).isEmpty();
    assertThat(wrong).isEmpty();
  }
}
