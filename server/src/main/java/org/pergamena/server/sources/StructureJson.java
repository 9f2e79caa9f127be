package org.pergamena.server.sources;

import java.util.List;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.CueSpan;
import org.pergamena.core.source.PageSpan;
import org.pergamena.core.source.PlaceSpan;
import org.pergamena.core.source.SourceText;
import tools.jackson.databind.json.JsonMapper;

/** A source text's blocks, pages, cues and places as they are stored beside its words. */
final class StructureJson {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private record Structure(
      List<Block> blocks, List<PageSpan> pages, List<CueSpan> cues, List<PlaceSpan> places) {}

  private StructureJson() {}

  static String write(SourceText text) {
    return MAPPER.writeValueAsString(
        new Structure(text.blocks(), text.pages(), text.cues(), text.places()));
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
}
