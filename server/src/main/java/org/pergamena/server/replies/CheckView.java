package org.pergamena.server.replies;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.pergamena.core.analysis.Support;
import org.pergamena.core.reply.Checked;
import org.pergamena.core.source.Passage;

/** What the sources say to a reply, as it is shown. */
record CheckView(List<JudgedView> points, List<UnsaidView> unsaid) {
  /** What bears a point out. */
  record JudgedView(
      Support.Grade grade, List<FoundView> found, List<CiteView> cites, List<String> claims) {}

  /** A passage, and how strongly it bears a point out, 0 to 1. */
  record FoundView(UUID source, int start, int end, String exact, double strength) {}

  /**
   * A passage that the reply names by its key.
   *
   * @param known whether there is such a passage
   * @param strength the share of the point's words that stand in it, 0 to 1
   */
  record CiteView(
      String key,
      boolean known,
      @Schema(
              types = {"string", "null"},
              format = "uuid")
          UUID evidence,
      double strength) {}

  /** Something that the sources say much about and the reply does not name. */
  record UnsaidView(String term, int sentences, FoundView first) {}

  static CheckView of(Checked checked) {
    return new CheckView(
        checked.points().stream()
            .map(
                each ->
                    new JudgedView(
                        each.grade(),
                        each.matches().stream()
                            .map(match -> found(match.passage(), match.strength()))
                            .toList(),
                        each.cites().stream()
                            .map(
                                cite ->
                                    new CiteView(
                                        cite.key(),
                                        cite.evidence() != null,
                                        cite.evidence(),
                                        cite.strength()))
                            .toList(),
                        each.claims()))
            .toList(),
        checked.unsaid().stream()
            .map(each -> new UnsaidView(each.term(), each.sentences(), found(each.first(), 1)))
            .toList());
  }

  private static FoundView found(Passage passage, double strength) {
    return new FoundView(
        passage.source(), passage.start(), passage.end(), passage.exact(), strength);
  }
}
