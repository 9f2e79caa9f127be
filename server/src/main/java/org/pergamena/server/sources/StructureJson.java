package org.pergamena.server.sources;

import java.util.List;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.PageLayout;
import org.pergamena.core.source.PageSpan;
import org.pergamena.core.source.PlaceSpan;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.Span;
import org.pergamena.formats.read.Omission;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What is stored as JSON beside the words of a source text. */
final class StructureJson {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private record Structure(
      List<Block> blocks, List<PageSpan> pages, List<CueSpan> cues, List<PlaceSpan> places) {}

  private StructureJson() {}

  static String write(SourceText text) {
    return json(new Structure(text.blocks(), text.pages(), text.cues(), text.places()));
  }

  static SourceText read(String words, String json) {
    Structure structure = MAPPER.readValue(json, Structure.class);
    return new SourceText(
        words,
        structure.blocks(),
        structure.pages(),
        structure.cues(),
        structure.places() == null ? List.of() : structure.places());
  }

  static String json(Object value) {
    return MAPPER.writeValueAsString(value);
  }

  static List<Omission> omissions(String json) {
    return MAPPER.readValue(json, new TypeReference<List<Omission>>() {});
  }

  static List<Span> spans(String json) {
    return MAPPER.readValue(json, new TypeReference<List<Span>>() {});
  }

  static List<Integer> numbers(String json) {
    return MAPPER.readValue(json, new TypeReference<List<Integer>>() {});
  }

  static PageLayout layout(String json) {
    return MAPPER.readValue(json, PageLayout.class);
  }
}
