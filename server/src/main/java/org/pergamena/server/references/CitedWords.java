package org.pergamena.server.references;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.pergamena.core.publish.Block;

/**
 * Words of a citation in one manner.
 *
 * @param address where they lead, or null
 */
public record CitedWords(
    String words,
    boolean bold,
    boolean italic,
    @Schema(types = {"string", "null"}) String address) {
  /** The same as runs of a report. */
  public static List<CitedWords> of(List<Block.Run> runs) {
    return runs.stream()
        .map(run -> new CitedWords(run.words(), run.bold(), run.italic(), run.address()))
        .toList();
  }
}
